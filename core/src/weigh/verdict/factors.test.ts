import { itemAt } from '../../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../../analyse';
import { aMeasure, anArm, studyOf } from '../../testing';

const only = (study: Parameters<typeof analyse>[0]) => itemAt(analyse(study).measures, 0);

/** Tippett LHC (1950) Technological Applications of Statistics, R datasets::warpbreaks: breaks a loom, by wool and tension. */
const breaks = {
  AL: [26, 30, 54, 25, 70, 52, 51, 26, 67],
  AM: [18, 21, 29, 17, 12, 18, 35, 30, 36],
  AH: [36, 21, 24, 18, 10, 43, 28, 15, 26],
  BL: [27, 14, 29, 19, 29, 31, 41, 20, 44],
  BM: [42, 26, 19, 16, 39, 28, 21, 39, 29],
  BH: [20, 21, 24, 17, 13, 15, 15, 16, 28],
};

describe('crossed factors', () => {
  const crossed = (values: Readonly<Record<string, readonly number[]>>, level: (arm: string) => Record<string, string>, measure = {}) =>
    studyOf(values, {
      arms: Object.keys(values).map((arm, i) =>
        anArm(arm, { role: i === 0 ? 'control' : 'treatment', name: Object.values(level(arm)).join(', '), factors: level(arm) }),
      ),
      measures: [aMeasure(measure)],
    });
  const looms = (leftOut: readonly number[]) => {
    const all = Object.entries(breaks).flatMap(([arm, own]) => own.map((value) => ({ arm, value })));
    const kept = all.filter((_, i) => !leftOut.includes(i + 1));
    const values = Object.fromEntries(
      Object.keys(breaks).map((arm) => [arm, kept.filter((row) => row.arm === arm).map(({ value }) => value)]),
    );
    return crossed(values, (arm) => ({ wool: itemAt(arm, 0), tension: itemAt(arm, 1) }), { smallestDifference: null, expected: 'less' });
  };

  // Marginal means from the cell-means model in R 4.2.2, rows 1, 2, 20 and 41 left out to unbalance it.
  const result = only(looms([1, 2, 20, 41]));
  it.each([
    ['wool', 'B', 'A', -7.928571428571],
    ['tension', 'M', 'L', -13.003968253968],
    ['tension', 'H', 'L', -16.865079365079],
  ])('%s: %s against %s is compared over the levels of the other, each with equal weight', (factor, level, versus, difference) => {
    const effect = result.effects?.find((row) => row.factor === factor && row.level === level);
    expect(effect?.versus).toBe(versus);
    expect(effect?.difference.value).toBeCloseTo(difference, 9);
  });

  it('whether one depends on the other is told from the interaction', () => {
    expect(result.interactions).toHaveLength(1);
    expect(result.interactions?.[0]).toMatchObject({ term: 'wool:tension', told: true });
    expect(result.interactions?.[0]?.p).toBeCloseTo(0.006905894381267, 9);
    expect(result.verdict.sentence).toContain('The effect of wool depends on tension, so look at each group.');
  });

  const pots = (more: number, extra: number, measure = {}) => {
    const around = (middle: number) => [-1, -0.5, 0, 0.5, 1].map((by) => middle + by);
    return only(
      crossed(
        { C: around(10), M: around(10 + more), P: around(10), B: around(10 + more + extra) },
        (arm) => ({ mulch: arm === 'M' || arm === 'B' ? 'straw' : 'none', pot: arm === 'P' || arm === 'B' ? 'clay' : 'felt' }),
        measure,
      ),
    );
  };

  it('with one spread for all has R’s pooled interval', () => {
    // lm(y ~ mulch * pot): se = sqrt(s² (1/5 + 1/5 + 1/5 + 1/5)) / 2 with s² = 0.625 on 16 df; t(0.975, 16) = 2.119905.
    const mulch = itemAt(pots(5, 0).effects ?? [], 0);
    const half = 2.119905 * Math.sqrt(0.625 / 5);
    expect(mulch).toMatchObject({ factor: 'mulch', level: 'straw', versus: 'none', verdict: 'supported' });
    expect(mulch.difference.value).toBeCloseTo(5, 12);
    expect(mulch.difference.ci95?.[0]).toBeCloseTo(5 - half, 5);
  });

  it('the verdict is the factors’, and the sentence says all three', () => {
    const row = pots(5, 0);
    expect(row.verdict.code).toBe('supported');
    expect(row.verdict.sentence).toMatch(
      /5\.0\d? cm higher with straw than with none \(mulch\)\. That is big enough to matter\. The 95% confidence interval is [^.]*\.\d+ to [^.]*\.\d+ higher\./,
    );
    expect(row.verdict.sentence).toContain('Also: no difference that matters for clay against felt (pot).');
    expect(row.verdict.sentence).toContain('We can’t tell whether the effect of mulch depends on pot.');
    expect(row.comparisons).toHaveLength(3);
    expect(pots(5, 8).interactions?.[0]).toMatchObject({ term: 'mulch:pot', told: true });
  });

  it('with spreads that differ each arm has its own', () => {
    const values = { C: [9, 10, 11, 10, 10], M: [1, 20, 30, 12, 2], P: [9, 10, 11, 9, 10], B: [9, 10, 11, 11, 10] };
    const row = only(
      crossed(values, (arm) => ({
        mulch: arm === 'M' || arm === 'B' ? 'straw' : 'none',
        pot: arm === 'P' || arm === 'B' ? 'clay' : 'felt',
      })),
    );
    const [lo, hi] = row.effects?.[0]?.difference.ci95 ?? [0, 0];
    // Welch–Satterthwaite by hand: df = 152.9² / ((0.5² + 151² + 2 × 0.7²) / 4) = 4.10, t(0.975) = 2.747.
    expect((hi - lo) / 2 / Math.sqrt((0.5 + 151 + 0.7 + 0.7) / 5 / 4)).toBeCloseTo(2.747, 2);
  });

  it('are answered arm by arm where a combination is missing', () => {
    const values = { C: [9, 10, 11], M: [19, 20, 21], P: [9, 10, 11] };
    const row = only(crossed(values, (arm) => ({ mulch: arm === 'M' ? 'straw' : 'none', pot: arm === 'P' ? 'clay' : 'felt' })));
    expect(row.effects).toBeUndefined();
    expect(row.interactions).toBeUndefined();
  });
});

describe('all pairs', () => {
  const arms = [
    anArm('C', { name: 'bare soil' }),
    anArm('S', { name: 'straw' }),
    anArm('P', { name: 'peat' }),
    anArm('B', { name: 'bark' }),
  ];
  const around = (middle: number) => [-1, -0.5, 0, 0.5, 1].map((by) => middle + by);
  const mulches = (values: Readonly<Record<string, readonly number[]>>, measure = {}) =>
    only(studyOf(values, { arms, comparison: 'all-pairs', measures: [aMeasure(measure)] }));

  it('between treatments nothing was expected: they are told apart or not, and never set the code', () => {
    const row = mulches({ C: around(15), S: around(20), P: around(14.9), B: around(15.1) });
    expect(row.verdict.code).toBe('supported');
    const verdictOf = (arm: string, versus: string) => row.comparisons.find((own) => own.arm === arm && own.versus === versus)?.verdict;
    expect([verdictOf('P', 'S'), verdictOf('B', 'S'), verdictOf('S', 'C')]).toEqual(['told-apart', 'told-apart', 'supported']);
    expect(verdictOf('B', 'P')).not.toMatch(/supported|opposite|small/);
    expect(row.ranking).toEqual([['S'], ['B', 'C', 'P']]);
    expect(row.verdict.sentence).toContain(
      'In order, the best first: straw; then bark, bare soil and peat, with no clear difference between them.',
    );
  });

  it('no treatment that beats the control is "supported" by what treatments do among themselves', () => {
    const row = mulches({ C: [10, 20, 30, 15, 25], S: around(25), P: around(15), B: around(20) });
    expect(row.verdict.code).toBe('cannot-tell');
    expect(row.ranking).toEqual([['S', 'C', 'B', 'P']]);
    expect(row.verdict.sentence).toMatch(/ Clearly different: .*peat and straw/);
  });

  it('less is the best first where more is worse, and none is best where neither is', () => {
    const values = { C: around(30), S: around(10), P: around(20), B: around(40) };
    expect(mulches(values, { higherIs: 'worse' }).ranking).toEqual([['S'], ['P'], ['C'], ['B']]);
    const neither = mulches(values, { higherIs: 'neither' });
    expect(neither.ranking).toEqual([['B'], ['C'], ['P'], ['S']]);
    expect(neither.verdict.sentence).toContain('In order, the most first: bark; then bare soil; then peat; then straw.');
  });

  it('nothing told says so', () => {
    const wide = [10, 20, 30, 15, 25];
    expect(mulches({ C: wide, S: wide, P: wide, B: wide }).verdict.sentence).toContain('No clear difference between the treatments.');
  });
});

describe('before the planned end', () => {
  const study = studyOf({ C: [10, 11, 9, 10.5, 9.5], T: [15, 16, 14, 15.5, 14.5] }, { measures: [aMeasure({ readingDays: [7, 14] })] });
  const at = (endedOn: string | null, today?: string) =>
    itemAt(analyse({ ...study, experiment: { ...study.experiment, endedOn } }, { today }).measures, 0);

  it('every verdict is so far, and says so', () => {
    expect(at(null).verdict).toMatchObject({ code: 'supported', soFar: true });
    expect(at(null).verdict.sentence).toMatch(/^So far, in this experiment with radish, /);
    expect(at(null, '2026-04-12').verdict.soFar).toBe(true);
  });

  it('once it was ended, or its last day is over, it is final', () => {
    expect(at('2026-04-09').verdict.soFar).toBe(false);
    expect(at(null, '2026-04-16').verdict.soFar).toBe(false);
    expect(at(null, '2026-04-16').verdict.sentence).not.toMatch(/So far/i);
  });

  it('an event that has happened to all is final on any day', () => {
    const event = aMeasure({ kind: 'event', unit: 'd', readingDays: [7, 14, 21] });
    const seen = (last: number) => ({
      ...studyOf({ C: [1, 1, 1, 1], T: [1, 1, 1, last] }, { measures: [event] }),
    });
    expect(only(seen(1)).verdict.soFar).toBe(false);
    expect(only(seen(0)).verdict.soFar).toBe(true);
  });
});

describe('doses', () => {
  const soak = (values: Readonly<Record<string, readonly number[]>>, measure = {}) =>
    only(
      studyOf(values, {
        arms: Object.keys(values).map((arm, i) =>
          anArm(arm, { role: i === 0 ? 'control' : 'treatment', name: `${[0, 8, 16, 24][i]} h`, dose: [0, 8, 16, 24][i], doseUnit: 'h' }),
        ),
        measures: [aMeasure({ smallestDifference: null, ...measure })],
      }),
    ).verdict.sentence;
  const around = (middle: number) => [-1, -0.5, 0, 0.5, 1].map((by) => middle + by);

  it('have a sentence for the turning point: best or worst by what is good', () => {
    const values = { C: around(10), A: around(18), B: around(20), D: around(15) };
    expect(soak(values)).toMatch(/ Over the doses it is best near 14\.09 h \(95% confidence interval 13\.63 to 14\.56\)\.$/);
    expect(soak(values, { higherIs: 'worse' })).toContain('it is worst near 14');
    expect(soak(values, { higherIs: 'neither' })).toContain('it is highest near 14');
  });

  it('have one for the line where nothing turns, and none where nothing is told', () => {
    expect(soak({ C: around(10), A: around(12), B: around(14), D: around(16) })).toMatch(
      /Over the doses it is 0\.25\d* cm higher for each h more\.$/,
    );
    expect(soak({ C: around(10), A: around(10), B: around(10), D: around(10) })).not.toContain('doses');
  });
});
