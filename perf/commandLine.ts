import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { writePackage } from '@fern/core';
import { demoExperiments, demoStudy } from '@fern/demo';
import { medianTimes } from './clock';
import type { Size } from './Size';
import { reportRatio } from './table';

/** A variance table and Tukey's intervals of the same readings, as a course does them. */
const R = `u <- read.csv('units.csv'); o <- read.csv('observations.csv'); o <- o[o$measure == 'sprouts', ]
d <- merge(o[o$observed_on == max(o$observed_on), ], u, by = 'unit'); d$arm <- factor(d$arm)
f <- aov(I(value / sown) ~ arm, d); print(summary(f)); print(TukeyHSD(f))`;

/** The command line on a package of 24 dishes, whole process against whole process: R, and npm's own part of it. */
export function commandLine({ rounds }: Size): void {
  const folder = mkdtempSync(join(tmpdir(), 'fern-command-'));
  const demo = demoExperiments.map((own) => own.demo).find(({ title }) => title === 'Salt water and radish sprouting');
  if (!demo) throw new Error('the demo has no salt water');
  for (const [name, text] of Object.entries(writePackage(demoStudy(demo, '2026-04-14')))) writeFileSync(join(folder, name), text);
  const run = (command: string, ...args: string[]) => {
    const { status, error } = spawnSync(command, args, { cwd: folder, stdio: 'ignore' });
    if (error || status !== 0) throw new Error(`${command} ${args.join(' ')}: ${error?.message ?? status}`);
  };
  const root = join(import.meta.dirname, '..');
  const fern = join(root, 'server', 'dist', 'fern.js');
  const [node, npm, npmAlone, kit] = medianTimes(
    [
      () => run(process.execPath, fern, 'analyse', folder, '--json'),
      () => run('npm', 'run', '-s', '--prefix', root, 'fern', '--', 'analyse', folder, '--json'),
      () => run('npm', '--version'),
      () => run(process.execPath, fern, 'kit', folder),
    ],
    rounds,
  );
  reportRatio('npm run -s fern, over node server/dist/fern.js', npm / node);
  reportRatio('npm --version, the same', npmAlone / node);
  reportRatio('the kit of the same package, the same', kit / node);
  if (spawnSync('Rscript', ['--version']).error) console.log('no R here: it was not measured against it');
  else {
    const [r] = medianTimes([() => run('Rscript', '-e', R)], rounds);
    // Of two measurements it also shuffles F (a third of its time), and plays 400 experiments for the chance of a clear answer (a quarter).
    reportRatio('node server/dist/fern.js analyse of 24 dishes, over aov and Tukey by R', node / r, { most: 3 });
  }
  rmSync(folder, { recursive: true, force: true });
}
