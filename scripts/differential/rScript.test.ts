import { execFileSync, spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { analyse, experimentFrom, kindOf, questions, simulateStudy, simulationDefaults, writePackage, type Study } from '@fern/core';
import { demoExperiments, demoStudy } from '@fern/demo';
import { disagreements } from './disagreements';
import { figuresOf, type Figures } from './figures';

const SCRIPT = join(import.meta.dirname, '..', '..', 'paper', 'src', 'r', 'figures.R');
const STORED = join(import.meta.dirname, 'storedScript.json');
const begin = { created: '2026-04-01T08:00:00Z', startOn: '2026-04-01', seed: 4817 };
const asked = [
  'salt-dose',
  'hours-of-light',
  'heat-and-acid',
  'what-holds-water',
  'suspect-compost',
  'water-or-mix',
  'where-to-grow-fruit',
  'leaf-cuttings',
];

const simulated = questions
  .filter(({ id }) => asked.includes(id))
  .map((question): [string, Study] => {
    const experiment = experimentFrom(question, begin);
    const started = { ...experiment, plan: { ...experiment.plan, lockedOn: '2026-04-01' } };
    return [question.id, simulateStudy(started, simulationDefaults(question), { seed: 5 }).study];
  });
/** The same where no difference was expected: of doses that do differ, of crossed factors and of two that are shown not to. */
const expectedAlike = simulated
  .filter(([name]) => ['salt-dose', 'heat-and-acid', 'water-or-mix'].includes(name))
  .map(([name, { experiment, ...log }]): [string, Study] => {
    const measures = experiment.measures.map((own) =>
      own.primary ? { ...own, expected: 'alike' as const, smallestDifference: name === 'salt-dose' ? 10 : 60 } : own,
    );
    return [`${name}, alike`, { ...log, experiment: { ...experiment, measures } }];
  });
const studies: readonly (readonly [string, Study])[] = [
  ...demoExperiments.map(({ demo }) => [demo.title, demoStudy(demo, '2026-04-14')] as const),
  ...simulated,
  ...expectedAlike,
];

/** Where R is, the script is run; elsewhere what it gave is read from a file. UPDATE_R=1 writes that file anew. */
const hasR = spawnSync('Rscript', ['-e', 'library(mvtnorm); library(survival)']).status === 0;
const stored = hasR ? {} : (JSON.parse(readFileSync(STORED, 'utf8')) as Record<string, Record<string, Figures>>);
const folder = mkdtempSync(join(tmpdir(), 'fern-r-'));
const found: Record<string, Record<string, Figures>> = {};
afterAll(() => {
  rmSync(folder, { recursive: true, force: true });
  if (process.env.UPDATE_R) writeFileSync(STORED, `${JSON.stringify(found)}\n`);
});

function byR(name: string, study: Study): Record<string, Figures> {
  if (!hasR) return stored[name];
  const path = join(folder, name.replaceAll(/\W+/g, '-'));
  mkdirSync(path, { recursive: true });
  for (const [file, text] of Object.entries(writePackage(study))) if (text) writeFileSync(join(path, file), text);
  const out = execFileSync('Rscript', [SCRIPT, path], { encoding: 'utf8' });
  const all: Record<string, Record<string, number | string>> = {};
  for (const line of out.trim().split('\n')) {
    const [measure, figure, value] = line.split('\t');
    (all[measure] ??= {})[figure] = Number.isNaN(Number(value)) ? value : Number(value);
  }
  found[name] = all;
  return all;
}

console.log(hasR ? 'The R script is run by R.' : 'There is no R here: the R script is not run, what it gave before is read.');

describe('the R script that goes with a package', () => {
  it.each(studies)('gives the same figures of %s', (name, study) => {
    const result = analyse(study);
    const theirs = byR(name, study);
    let compared = 0;
    for (const row of result.measures) {
      const measure = study.experiment.measures.find((own) => own.code === row.measure);
      if (!measure || kindOf(measure).hasFormula || row.values.length === 0) continue;
      const unfair = row.verdict.code === 'not-a-fair-test';
      const own = Object.fromEntries(Object.entries(figuresOf(result, row)).filter(([figure]) => !(unfair && figure.endsWith('verdict'))));
      const other = Object.fromEntries(
        Object.entries(theirs[row.measure] ?? {}).filter(([figure]) => !(unfair && figure.endsWith('verdict'))),
      );
      compared += Object.keys(other).length;
      expect(disagreements(own, other)).toEqual([]);
    }
    expect(compared).toBeGreaterThan(study.observations.length > 0 ? 5 : -1);
  });
});
