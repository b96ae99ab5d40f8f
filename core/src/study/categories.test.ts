import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../analyse';
import { recordReading } from '../log/recordReading';
import { gridCell, gridColumns } from '../log/readingsGrid';
import { addReadings } from './readings';
import { duplicateReadings } from './duplicateReadings';
import { roundItemsOf } from './roundItems';
import { categoryReadings, categoryWords, hasCategories, leftToTell } from './categories';
import { roundsOfStudy } from './recordingRounds';
import { markdown } from '../write/markdown';
import { report } from '../words/write/report';
import { readPackage, writePackage } from '../package';
import { aMeasure, anArm, anExperiment, aUnit, LATEST } from '../testing';
import type { Study } from '../model';

const sprouts = aMeasure({
  code: 'sprouts',
  name: 'Sprouts',
  kind: 'count',
  unit: '',
  category: 'normal',
  categories: ['normal', 'just-starting', 'mouldy', 'not-yet'],
  readingDays: [4],
  smallestDifference: 20,
});
const units = ['C', 'C', 'T', 'T'].map((arm, i) => aUnit(`D0${i + 1}`, arm, { sown: 25, row: 1, column: i + 1 }));
const base = anExperiment({ arms: [anArm('C'), anArm('T')], units, measures: [sprouts] });
const study: Study = {
  experiment: { ...base, plan: { ...base.plan, lockedOn: '2026-04-01', unitNoun: 'dish' } },
  observations: [],
  incidents: [],
  care: [],
  photos: [],
};

/** Counted in one go: what each category of a dish came to on day 4. */
function counted(counts: Readonly<Record<string, readonly number[]>>): Study {
  const readings = Object.entries(counts).flatMap(([unit, own]) =>
    sprouts.categories.map((category, i) =>
      recordReading(
        { unit: { code: unit }, measure: sprouts, plannedDay: 4, reading: null, category },
        { value: itemAt(own, i), absent: null, note: null },
        '2026-04-05',
        {
          id: `${unit}-${category}`,
          observer: null,
          blinded: false,
        },
      ),
    ),
  );
  return addReadings(study, readings);
}
const whole = counted({ D01: [20, 2, 1, 2], D02: [22, 1, 0, 2], D03: [10, 5, 4, 6], D04: [12, 3, 4, 6] });

describe('a count by category', () => {
  it('closes on what was sown', () => {
    expect(
      leftToTell(
        new Map([
          ['normal', 20],
          ['mouldy', 1],
        ]),
        25,
      ),
    ).toBe(4);
    expect(leftToTell(new Map([['normal', 26]]), 25)).toBe(-1);
    expect(leftToTell(new Map(), null)).toBeNull();
    expect([hasCategories(sprouts), hasCategories({ ...sprouts, categories: [] })]).toEqual([true, false]);
    expect(categoryWords('just-starting')).toBe('just starting');
  });

  it('is one stop and fills one walk, and what is compared is the category that succeeds alone', () => {
    expect(roundItemsOf(whole, 4).map(({ unit, reading }) => [unit.code, reading?.value])).toEqual([
      ['D01', 20],
      ['D02', 22],
      ['D03', 10],
      ['D04', 12],
    ]);
    expect(roundsOfStudy(whole, '2026-04-30').map(({ left }) => left)).toEqual([0]);
    const [arm] = itemAt(analyse(whole).measures, 0).arms;
    expect(arm).toMatchObject({ successes: 42, trials: 50 });
    expect([...categoryReadings(whole, sprouts, itemAt(units, 0), 4).values()].map(({ value }) => value)).toEqual([20, 2, 1, 2]);
  });

  it('is no double of itself, and stands in the notebook as the category that succeeds', () => {
    expect(duplicateReadings(whole)).toEqual([]);
    const four = itemAt(gridColumns(whole, sprouts), 0);
    expect(gridCell(whole, sprouts, itemAt(units, 2), four)).toMatchObject({ reading: { value: 10 }, live: [{ category: 'normal' }] });
  });

  it('stands in the report and in the package, every category of it', () => {
    expect(markdown(report(whole, analyse(whole)))).toContain('| C | 42 of 50 | 3 of 50 | 1 of 50 | 4 of 50 |');
    expect(readPackage(writePackage(whole), LATEST)).toEqual({ study: { ...whole, observations: whole.observations }, asked: [] });
    expect(writePackage(whole)['measures.csv']).toContain('normal just-starting mouldy not-yet');
  });
});
