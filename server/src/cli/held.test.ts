import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { analyse, toldResult } from '@fern/core';
import { demoExperiments, demoStudy } from '@fern/demo';
import { openPackage } from './openPackage';

const root = join(import.meta.dirname, '../../../demo/held');
const held = (name: string): unknown => JSON.parse(readFileSync(join(root, name, 'result.json'), 'utf8'));
const packages = readdirSync(root).filter((name) => existsSync(join(root, name, 'datapackage.json')));

/** Results are held to the last digit: a change of one of these files is a change of what people were told. */
describe('a result stays as it was, to the last digit', () => {
  it.each(packages)('of the package %s', (name) => {
    const read = openPackage(join(root, name));
    if ('problems' in read) throw new Error(JSON.stringify(read.problems));
    expect(JSON.parse(JSON.stringify(toldResult(analyse(read.study))))).toEqual(held(name));
  });

  it.each(demoExperiments.map(({ demo }) => demo))('of the demo’s $title', (demo) => {
    const study = demoStudy(demo, '2026-04-14');
    expect(JSON.parse(JSON.stringify(toldResult(analyse(study))))).toEqual(held(`demo-${study.experiment.name}`));
  });

  it('and the packages hold every kind of measure, every layout, lost and excluded units, and corrections', () => {
    const studies = packages.flatMap((name) => {
      const read = openPackage(join(root, name));
      return 'study' in read ? [read.study] : [];
    });
    const seen = new Set(
      studies.flatMap(({ experiment }) => [
        experiment.layout,
        ...experiment.measures.map(({ kind }) => kind),
        ...experiment.units.map(({ status }) => status),
      ]),
    );
    for (const word of ['count', 'amount', 'rating', 'event', 'harvest', 'completely-random', 'blocks', 'pairs', 'lost', 'excluded'])
      expect(seen).toContain(word);
    expect(studies.some(({ observations }) => observations.some(({ replaces }) => replaces !== null))).toBe(true);
  });
});
