import ICAL from 'ical.js';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { analyse, toldResult, writePackage, zipPackage, type Result, itemAt, tupleOf } from '@fern/core';
import { demoExperiments, demoStudy } from '@fern/demo';
import { fern } from './fern';

const study = itemAt(
  demoExperiments.filter(({ demo }) => demo.title === 'Salt water and radish sprouting').map(({ demo }) => demoStudy(demo, '2026-04-14')),
  0,
);
const files = writePackage(study);
let folder: string;

async function run(...args: string[]) {
  let [out, err] = ['', ''];
  const code = await fern(
    args,
    (text) => (out += text),
    (text) => (err += text),
  );
  return { code, out, err };
}

/** A package folder like the good one, but for the changes; null leaves a file out. */
function packageWith(changes: Record<string, string | null>): string {
  const path = mkdtempSync(join(folder, 'p-'));
  for (const [name, text] of Object.entries({ ...files, ...changes })) if (text !== null) writeFileSync(join(path, name), text);
  return path;
}

beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'fern-cli-'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('fern analyse', () => {
  it('gives the app’s own numbers to the last digit, from a folder, its descriptor or a zip', async () => {
    const path = packageWith({});
    const zip = join(folder, 'package.zip');
    writeFileSync(zip, zipPackage(files));
    const expected = JSON.parse(JSON.stringify(toldResult(analyse(study)))) as Result;
    for (const from of [path, join(path, 'datapackage.json'), zip]) {
      const { code, out, err } = await run('analyse', from, '--json');
      expect({ code, err }).toEqual({ code: 0, err: '' });
      expect(JSON.parse(out)).toEqual(expected);
    }
  });

  it('has a page to read: the verdict, the numbers, what could have fooled us', async () => {
    const { out } = await run('analyse', packageWith({}));
    expect(out).toContain('Salt water and radish sprouting');
    expect(out).toContain('Verdict: supported.');
    expect(out).toContain('What could have fooled us');
    expect(Math.max(...out.split('\n').map((line) => line.length))).toBeLessThan(140);
  });

  it.each<[string, Record<string, string | null>, RegExp]>([
    ['an empty package', Object.fromEntries(Object.keys(files).map((name) => [name, null])), /datapackage\.json:-:-: the file is missing/],
    [
      'a missing column',
      { 'units.csv': (files['units.csv'] ?? '').replace('unit,arm', 'unit,limb') },
      /units\.csv:1:arm: the column is missing/,
    ],
    [
      'a unit that no arm knows',
      { 'units.csv': (files['units.csv'] ?? '').replace(/D01,[^,]+/, 'D01,Z') },
      /units\.csv:2:arm: D01 belongs to group “Z”, which does not exist/,
    ],
    ['a missing file', { 'measures.csv': null }, /measures\.csv:-:-: the file is missing/],
    [
      'text in a number',
      { 'observations.csv': (files['observations.csv'] ?? '').replace(/,(\d+),,/, ',many,,') },
      /observations\.csv:2:value: "many" is not a number/,
    ],
    ['two controls', { 'arms.csv': (files['arms.csv'] ?? '').replace('treatment', 'control') }, /arms\.csv:3:role: There are two controls/],
    ['what is no CSV', { 'arms.csv': '\0\0\0' }, /arms\.csv:-:-: is not text/],
  ])('refuses %s: exit 2, the place on standard error, no partial result', async (_, changes, line) => {
    const path = packageWith(changes);
    const analysed = await run('analyse', path, '--json');
    expect(analysed.code).toBe(2);
    expect(analysed.out).toBe('');
    expect(analysed.err).toMatch(line);
    const checked = await run('check', path);
    expect(checked.code).toBe(1);
    expect(checked.out).toMatch(line);
  });
});

it('fern analyse --jsonl works out many in one process, a result a line; a bad one is told of on its own line', async () => {
  const [good, bad] = [packageWith({}), packageWith({ 'units.csv': null })];
  const { code, out, err } = await run('analyse', good, bad, good, '--jsonl');
  const [first, second, third] = tupleOf(
    out
      .trimEnd()
      .split('\n')
      .map((line) => JSON.parse(line) as { package: string; problems?: string[] }),
    3,
  );
  expect([code, err, out.trimEnd().split('\n').length]).toEqual([2, '', 3]);
  expect(first).toEqual({ package: good, ...(JSON.parse(JSON.stringify(toldResult(analyse(study)))) as object) });
  expect(second).toMatchObject({ package: bad });
  expect(second.problems?.[0]).toBe('units.csv:-:-: the file is missing; expected it in the package');
  expect(third).toEqual(first);
  expect((await run('analyse', good, '--jsonl')).code).toBe(0);
  for (const wrong of [
    ['analyse', good, good],
    ['check', good, good],
    ['analyse', '--jsonl'],
    ['check', good, '--json'],
  ])
    expect((await run(...wrong)).code).toBe(2);
});

it('fern check finds nothing in a good package, names each picture that is missing, and both tell how they are used', async () => {
  const path = packageWith({});
  expect((await run('check', path)).out.split('\n')[0]).toBe(
    'photos.csv:2:file: there is no picture photos/photo-D01-2.jpg; expected it in the package',
  );
  mkdirSync(join(path, 'photos'));
  for (const { file } of study.photos) writeFileSync(join(path, 'photos', file), '');
  expect(await run('check', path)).toEqual({ code: 0, out: 'No problems found.\n', err: '' });
  expect((await run()).code).toBe(2);
  expect((await run('analyse', 'no-such-folder')).err).toContain('there is no such file or folder');
});

describe('fern kit and fern calendar', () => {
  it('tell what to get, worked out from the plan, to read or as JSON', async () => {
    const path = packageWith({});
    const { code, out } = await run('kit', path);
    expect(code).toBe(0);
    expect(out).toMatch(/\[ \] .*seeds.*  \d+  \(C \d+/);
    expect(out).toContain('School safety rules');
    const { kit } = JSON.parse((await run('kit', path, '--json')).out) as { kit: { id: string; amount: number }[] };
    expect(kit.find(({ id }) => id === 'labels')?.amount).toBe(study.experiment.units.length + study.experiment.arms.length);
  });

  it('write a calendar that another library reads, and nothing where it cannot be', async () => {
    const path = packageWith({});
    const file = join(folder, 'steps.ics');
    expect(await run('calendar', path, '-o', file)).toEqual({ code: 0, out: `${file}\n`, err: '' });
    const events = new ICAL.Component(ICAL.parse(readFileSync(file, 'utf8')) as [string, unknown[], unknown[]]).getAllSubcomponents(
      'vevent',
    );
    expect(events.length).toBeGreaterThan(3);
    expect((await run('calendar', path, '-o', join(folder, 'steps.txt'))).err).toContain('expected a name that ends in .ics');
    expect((await run('calendar', path, '-o', join(folder, 'no', 'such', 'steps.ics'))).err).toContain('cannot be written');
    for (const wrong of [['calendar', path], ['calendar', path, '-o'], ['kit', path, '-o', file], ['kit', path, '--jsonl'], ['kit']])
      expect((await run(...wrong)).code).toBe(2);
    expect((await run('kit', 'no-such-folder')).code).toBe(2);
  });
});

it.each([
  ['readings', 'observations.csv'],
  ['readings', 'notes.csv'],
  ['report', 'README.md'],
])('fern %s onto %s of the package itself is refused, and the package stays as it is', async (command, name) => {
  const path = packageWith({ 'notes-codebook.csv': 'mine\n', 'README.md': 'mine\n' });
  const held = () => readdirSync(path).map((own) => [own, readFileSync(join(path, own), 'utf8')]);
  const before = held();
  const { code, err } = await run(command, path, '-o', join(path, name));
  expect([code, err]).toEqual([
    2,
    expect.stringMatching(/is part of the package that is read\. Nothing was written: name a file elsewhere\.\n$/),
  ]);
  expect(held()).toEqual(before);
});
