import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chanceOf } from '../../core/src/power/chanceOf';
import { designs } from './designs';

/** The chance of a clear answer of eleven designs, by the app's engine and by R, as the table in docs/method.md. npm run differential:power [-- RUNS] */
const runs = Number(process.argv[2] ?? 4000);
const folder = mkdtempSync(join(tmpdir(), 'fern-power-'));
const [asked, answered] = [join(folder, 'designs.json'), join(folder, 'chances.json')];
const plain = designs.map(({ units, design }) => ({
  ...design,
  units,
  runs,
  kind: design.measure.kind,
  arms: design.arms.map(({ code: arm }) => arm),
  factors: Object.fromEntries(Object.keys(design.arms[0].factors).map((name) => [name, design.arms.map(({ factors }) => factors[name])])),
}));
writeFileSync(asked, JSON.stringify(plain));
execFileSync('Rscript', [join(import.meta.dirname, 'power.R'), asked, answered], { stdio: 'inherit' });
const theirs = JSON.parse(readFileSync(answered, 'utf8')) as number[];

const percent = (share: number) => (share * 100).toFixed(1);
console.log('| design | Fern Test, % | R, % | apart, in standard errors |');
console.log('|---|---:|---:|---:|');
designs.forEach(({ name, units, design }, i) => {
  const { chance } = chanceOf(design, units, { runs });
  const error = Math.sqrt((chance * (1 - chance) + theirs[i] * (1 - theirs[i])) / runs);
  console.log(`| ${name} | ${percent(chance)} | ${percent(theirs[i])} | ${(Math.abs(chance - theirs[i]) / error).toFixed(1)} |`);
});
