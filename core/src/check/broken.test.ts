import { describe, expect, it } from 'vitest';
import { importReadings } from '../log/importReadings';
import type { Study } from '../model';
import { readPackage } from '../package/readPackage';
import { writePackage } from '../package/writePackage';
import { brokenThings, withBroken } from './broken.fixture';
import { checkStudy } from './study';

type Broken = (typeof brokenThings)[number];
const TODAY = '2026-11-30';

/** Where the thing stands in the whole study. */
function placeOf({ study, thing }: Broken): string {
  if ('experiment' in thing) return '/experiment';
  if ('reading' in thing) return `/observations/${study.observations.length}`;
  return 'incident' in thing ? '/incidents/0' : 'care' in thing ? '/care/0' : '/photos/0';
}

/** What a table says of a reading; null for what a table cannot say. */
function imported(study: Study, thing: Broken['thing']) {
  if (!('reading' in thing)) return null;
  const { unit, observedOn, measure, value, replaces, absent, category } = thing.reading;
  if (replaces !== null || absent !== null || value === null || category === 'lost') return null;
  const rows = [
    ['unit', 'date', 'measure', 'value'],
    [unit, observedOn, measure, String(value)],
  ];
  const uses = [{ as: 'unit' }, { as: 'day' }, { as: 'measure' }, { as: 'value' }] as const;
  const found = importReadings(rows, { study, uses, measure, today: TODAY, overwrite: false, observer: null, id: () => 'new' });
  return 'problems' in found
    ? found.problems.map(({ message }) => `refused: ${message}`)
    : found.asked.map(({ message }) => `asked: ${message}`);
}

it('there are forty and more of them, and nothing is wrong with what stands before', () => {
  expect(brokenThings.length).toBeGreaterThanOrEqual(40);
  for (const { study } of brokenThings) expect(checkStudy(study, TODAY)).toEqual([]);
});

describe.each(brokenThings)('$name', (own) => {
  const { answer, words, pointer } = own;

  it(`is ${answer} where it stands`, () => {
    expect(checkStudy(withBroken(own), TODAY)).toEqual([
      expect.objectContaining({ answer, detail: words, pointer: `${placeOf(own)}${pointer}` }),
    ]);
  });

  it('is so in a package', () => {
    const read = readPackage(writePackage(withBroken(own)), TODAY);
    const said = 'problems' in read ? { refused: read.problems } : { asked: read.asked };
    expect(said).toEqual({ [answer]: [expect.objectContaining({ message: words })] });
  });
});

describe.each(brokenThings.filter(({ study, thing }) => imported(study, thing) !== null))('$name, in a table that is imported', (own) => {
  it(`is ${own.answer}`, () => {
    expect(imported(own.study, own.thing)).toEqual([`${own.answer}: ${own.words}`]);
  });
});
