import { itemAt, tupleOf } from '../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../analyse';
import { anIncident, aMeasure, anArm, studyOf } from '../testing';
import { emptyPlan, emptyWriting, sentenceText, type Study } from '../model';
import { shownMeasures } from '../weigh/shownMeasures';
import { factsOf, factTexts } from './facts';
import { incidentsSection, correctionsSection, observersSentence } from '../words/write/happened';
import { ownLines, factReference } from './ownWords';
import { report } from '../words/write/report';
import { reportText } from './reportText';
import { testsTable } from '../words/write/workings';

const base = studyOf(
  { C: [10, 11, 9, 10.5, 9.5], T: [15, 16, 14, 15.5, 14.5] },
  {
    arms: [anArm('C', { name: 'plain water' }), anArm('T', { name: 'tea' })],
    measures: [aMeasure(), aMeasure({ code: 'leaves', name: 'Leaves', unit: '', primary: false })],
    plan: { ...emptyPlan, plant: 'radish', unitNoun: 'pot' },
    endedOn: '2026-04-08',
  },
);
const words = (study: Study, length?: 'page' | 'school' | 'full') => reportText(report(study, analyse(study), length));
const texts = (blocks: Parameters<typeof reportText>[0]) => reportText(blocks).slice(1);

describe('facts for the writer', () => {
  const facts = factTexts(factsOf(base, analyse(base)));

  it.each([
    ['study.plant', 'radish'],
    ['study.units', '10 pots'],
    ['study.days', '7 days'],
    ['height.C.mean', '10.00 cm'],
    ['height.T.units', '5 pots'],
    ['height.T-C.difference', '5.0 cm higher'],
    ['height.T-C.p', 'p = 0.008'],
    ['height.verdict', 'supported'],
  ])('%s is %s', (fact, text) => {
    expect(facts.get(fact)).toBe(text);
  });

  it('stand in typed words as they are now; one that is gone says so, and blank lines say nothing', () => {
    const lines = ownLines(`Tea: ${factReference('height.T.mean')}.\n\n  \nGone: ${factReference('height.X.mean')}`, facts);
    expect(lines.map(sentenceText)).toEqual(['Tea: 15.00 cm.', 'Gone: (no longer in the data)']);
  });
});

describe('what happened', () => {
  it('tells a loss once where the mishap says why, and by itself where it has a reason of its own', () => {
    const units = base.experiment.units.map((unit) =>
      unit.code === 'T1' || unit.code === 'C1'
        ? { ...unit, status: 'lost' as const, statusReason: unit.code === 'T1' ? 'dried out' : 'a cat', lostOn: '2026-04-05' }
        : unit,
    );
    const loss = anIncident('loss', { units: ['T1'], note: 'Found dried out.', on: '2026-04-05' });
    const lost = { ...base, experiment: { ...base.experiment, units }, incidents: [loss] };
    expect(texts(incidentsSection(lost))).toEqual(['Sunday 5 April: Found dried out (T1).', 'Sunday 5 April: C1 was lost: a cat.']);
    expect(incidentsSection(base)).toEqual([]);
  });

  it('tells what a mishap first said, before it was mended', () => {
    const first = anIncident('other', { id: 'a', note: 'the fan stood' });
    const mended = { ...base, incidents: [first, anIncident('other', { id: 'b', note: 'the lamp fell', replaces: 'a', arms: ['T'] })] };
    expect(texts(incidentsSection(mended))).toEqual(['Saturday 4 April: the lamp fell (tea). Originally recorded as “the fan stood”.']);
  });

  it('tells readings put right, and notes only in the full record', () => {
    const seen = itemAt(base.observations, 0);
    const slip = { ...seen, id: 'again', value: 12, replaces: seen.id, note: 'a digit too many' };
    const noted = {
      ...base,
      observations: [...base.observations.slice(0, -1), { ...itemAt(base.observations, 9), note: 'leans to the left' }, slip],
    };
    expect(reportText(correctionsSection(noted, false)).at(-1)).toBe(
      'Wednesday 8 April: Height of C1 was corrected from 10 to 12 (a digit too many).',
    );
    expect(reportText(correctionsSection(noted, true)).at(-1)).toBe('Wednesday 8 April: T5, height: leans to the left');
  });

  it('says who read, and how much of it blind', () => {
    const observations = base.observations.map((seen, i) => ({ ...seen, observer: i < 6 ? 'Moss' : 'Fern', blinded: i < 6 }));
    expect(observersSentence({ ...base, observations })).toBe(
      '10 readings were taken by Moss (6) and Fern (4), 6 of them with the groups hidden.',
    );
    expect(observersSentence({ ...base, observations: [] })).toBe('');
  });
});

describe('the lengths of a report', () => {
  const written: Study = {
    ...base,
    experiment: {
      ...base.experiment,
      writing: {
        ...emptyWriting,
        names: 'Moss',
        group: 'Room 12',
        date: '2026-04-09',
        figures: [{ part: 'conclusion', figure: 'height.dots' }],
      },
    },
  };

  it('are three of one tree: names and day in all, tests in the full one alone, a page without method', () => {
    const [page, school, full] = tupleOf(
      (['page', 'school', 'full'] as const).map((length) => words(written, length)),
      3,
    );
    for (const text of [page, school, full]) expect(text).toContain('Moss · Room 12 · Thursday 9 April');
    expect([page, school, full].map((text) => text.includes('Method'))).toEqual([false, true, true]);
    expect([page, school, full].map((text) => text.some((line) => line.startsWith('Welch’s t test')))).toEqual([false, false, true]);
    expect(page.length).toBeLessThan(school.length);
  });

  it('a picture that the writer put into a part stands there as well, numbered in turn', () => {
    const figures = words(written, 'page').filter((line) => line.startsWith('Figure'));
    expect(figures.map((line) => line.slice(0, 9))).toEqual(['Figure 1.', 'Figure 2.']);
  });
});

it('the measure that decides comes first, and one that left the plan not at all', () => {
  const result = analyse(base);
  const turned = { ...base, experiment: { ...base.experiment, measures: [...base.experiment.measures].reverse() } };
  expect(shownMeasures(turned, result).map(({ measure }) => measure.code)).toEqual(['height', 'leaves']);
  expect(shownMeasures({ ...base, experiment: { ...base.experiment, measures: [] } }, result)).toEqual([]);
});

it('every test has its formula, Welch’s with the numbers in it, and its source', () => {
  const result = itemAt(analyse(base).measures, 0);
  const rows = testsTable(base, itemAt(base.experiment.measures, 0), result)?.rows ?? [];
  // SD of 9, 9.5, 10, 10.5, 11 is 0.7906; t = 5 / √(2 × 0.625 / 5) = 10.
  expect(rows.find(([name]) => name?.startsWith('Welch'))).toEqual([
    'Welch’s t test, tea against plain water',
    't (8) = 10.0',
    '3.8 to 6.2',
    '< 0.001',
    't = (15.0 − 10.0) / √(0.791²/5 + 0.791²/5) = 10.0',
    'Welch 1947',
  ]);
  expect(rows.every(([, , , , how, source]) => how !== '' && source !== '')).toBe(true);
});

describe('a gap of none', () => {
  const even = studyOf(
    { C: [10, 11, 9, 10], T: [10, 11, 9, 10] },
    { arms: [anArm('C', { name: 'plain water' }), anArm('T', { name: 'tea' })], measures: [aMeasure({ primary: false })] },
  );

  it('is “alike”, neither higher nor “with tea than with plain water”', () => {
    const said = words(even).join('\n');
    expect(said).toMatch(/About the same with tea and plain water \(95% confidence interval/);
    expect(said).not.toMatch(/\d[^.]*with tea than/);
  });

  it('of numbers that never differ has an interval that leans neither way', () => {
    const flat = { ...even, observations: even.observations.map((seen) => ({ ...seen, value: 3 })) };
    expect(words(flat).join('\n')).not.toMatch(/0 to 0 (cm )?higher/);
  });
});
