import { itemAt, tupleOf } from '../../invariant';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { analyse } from '../../analyse';
import { anyStudy } from '../../anyStudy.fixture';
import { aMeasure, anArm, studyOf, valueOf } from '../../testing';
import { byCode, type Study } from '../../model';
import { crossFactors } from '../../plan/crossFactors';
import { random } from '../../stats/random';
import { density } from '../../stats/density';
import { placeSeen } from '../place';
import { heapPicture, randomisationDemo } from '../randomisationDemo';
import { curvesPicture } from './curves';
import type { Shown } from './parts';
import type { Picture } from './Picture';
import { picturesOf } from './picturesOf';
import { spreadOut } from './spreadOut';

const shownOf = (study: Study): Shown => ({
  study,
  measure: itemAt(study.experiment.measures, 0),
  result: itemAt(analyse(study).measures, 0),
});
const pictures = (study: Study) => picturesOf(shownOf(study));
const marksOf = <Kind extends Picture['marks'][number]['kind']>(picture: Picture, kind: Kind) =>
  picture.marks.filter((mark): mark is Extract<Picture['marks'][number], { kind: Kind }> => mark.kind === kind);
const laterToo = (study: Study, on: string, by: (value: number) => number): Study => ({
  ...study,
  observations: [
    ...study.observations,
    ...study.observations.map((seen) => ({ ...seen, id: `${seen.id}b`, observedOn: on, value: by(valueOf(seen)) })),
  ],
});
const plain = studyOf(
  { C: [10, 11, 9, 10.5, 9.5], T: [15, 16, 14, 15.5, 14.5] },
  { arms: [anArm('C', { name: 'plain water' }), anArm('T', { name: 'tea' })] },
);

describe('the picture of a measure', () => {
  it('has every unit as a dot, each mean with its interval, a title that states the finding, and all of it as a table', () => {
    const [picture] = pictures(plain);
    expect(picture).toMatchObject({ id: 'height.dots', title: 'Height: 5.0 cm higher with tea', x: { label: 'Height, cm' } });
    expect(marksOf(picture, 'dots').map(({ points }) => points.map(({ x }) => x))).toEqual([
      [10, 11, 9, 10.5, 9.5],
      [15, 16, 14, 15.5, 14.5],
    ]);
    // The interval of the mean of 9, 9.5, 10, 10.5, 11: 10 ± 2.776 × 0.7906 / √5 (Student 1908).
    const mean = itemAt(itemAt(marksOf(picture, 'means'), 0).points, 0);
    expect([mean.value, mean.lo, mean.hi].map((value) => Number(value?.toFixed(3)))).toEqual([10, 9.018, 10.982]);
    expect(picture.table.rows[1]).toEqual(['tea', '15', '14.02 to 15.98', 'T1 15, T2 16, T3 14, T4 15.5, T5 14.5']);
    expect(picture.sentence).toContain('tea, 5 pots: mean 15');
    expect(picture.note).toContain('n = 5 pots per group');
  });

  it('shares never lie beyond none and all, and many units are shown by how densely they lie', () => {
    const many = Array.from({ length: 60 }, (_, i) => i % 21);
    const [picture] = pictures(studyOf({ C: many, T: many }, { measures: [aMeasure({ kind: 'count', unit: '' })] }, () => ({ sown: 20 })));
    expect(picture.x).toEqual({ label: 'Height, % of the sown', min: 0, max: 100 });
    const shape = itemAt(marksOf(picture, 'shape'), 0);
    expect(Math.min(...shape.points.map(({ x }) => x))).toBeGreaterThanOrEqual(0);
    expect(Math.max(...shape.points.map(({ x }) => x))).toBeLessThanOrEqual(100);
    const nearly = studyOf({ C: [20, 20, 20, 19], T: [0, 0, 0, 1] }, { measures: [aMeasure({ kind: 'count', unit: '' })] }, () => ({
      sown: 20,
    }));
    const ends = marksOf(pictures(nearly)[0], 'means').flatMap(({ points }) => points.flatMap(({ lo, hi }) => [lo, hi]));
    expect(ends.every((end) => end !== null && end >= 0 && end <= 100)).toBe(true);
  });

  it('over time is a line an arm with its band; pickings add up, also over days without one', () => {
    const grown = laterToo(plain, '2026-04-11', (value) => value + 4);
    const curves = curvesPicture(shownOf(grown));
    expect(marksOf(curves ?? pictures(grown)[0], 'line').map(({ points }) => points)).toEqual([
      [
        { x: 7, y: 10 },
        { x: 10, y: 14 },
      ],
      [
        { x: 7, y: 15 },
        { x: 10, y: 19 },
      ],
    ]);
    expect(curves?.title).toBe('Height: tea at 19 on day 10, plain water at 14 on day 10');
    expect(curvesPicture(shownOf(plain))).toBeNull();
    const picked = laterToo(
      { ...plain, experiment: { ...plain.experiment, measures: [aMeasure({ kind: 'harvest', when: 'total' })] } },
      '2026-04-11',
      () => 2,
    );
    const [, late] = tupleOf(picked.observations.slice(-2), 2);
    const missed = { ...picked, observations: picked.observations.filter(({ id }) => id !== late.id) };
    const totals = curvesPicture(shownOf(missed));
    expect(totals?.y.label).toBe('Height, cm, in all so far');
    expect(totals?.table.rows).toEqual([
      ['plain water', '10', '12'],
      ['tea', '15', '16.6'],
    ]);
  });

  it('days are steps with a band, and beneath them how many are still waited for', () => {
    const days = { C: [1, 1, 1, 0], T: [1, 1, 0, 0] };
    const seen = studyOf(days, { measures: [aMeasure({ kind: 'event', unit: 'd', readingDays: [7, 9] })] });
    const followed = laterToo(seen, '2026-04-10', () => 1);
    const [picture] = pictures(followed);
    expect(marksOf(picture, 'line').map(({ points, stepped }) => [stepped, points])).toEqual([
      [
        true,
        [
          { x: 0, y: 0 },
          { x: 7, y: 75 },
          { x: 9, y: 100 },
        ],
      ],
      [
        true,
        [
          { x: 0, y: 0 },
          { x: 7, y: 50 },
          { x: 9, y: 100 },
        ],
      ],
    ]);
    const at = (day: number) => picture.beneath?.rows.map(({ at: all }) => all.find(({ x }) => x === day)?.words);
    expect([at(0), at(8)]).toEqual([
      ['4', '4'],
      ['1', '2'],
    ]);
  });

  it('a rating is counts of its steps, stacked', () => {
    const rubric = [
      { value: 1, words: 'pale' },
      { value: 2, words: 'green' },
      { value: 3, words: 'deep green' },
    ];
    const rated = studyOf({ C: [1, 1, 2, 2], T: [3, 3, 3, 2] }, { measures: [aMeasure({ kind: 'rating', unit: '', rubric })] });
    const [picture] = pictures(rated);
    expect(picture.table.rows).toEqual([
      ['C', '2', '2', '0'],
      ['T', '0', '1', '3'],
    ]);
    expect(itemAt(marksOf(picture, 'boxes'), 0).boxes.map(({ x, words }) => [x, words])).toEqual([
      [[0, 50], '1: 2'],
      [[50, 100], '2: 2'],
      [[0, 25], '2: 1'],
      [[25, 100], '3: 3'],
    ]);
  });

  it('crossed factors are lines over the levels of the one that has more', () => {
    const arms = crossFactors({ name: 'pot', levels: ['clay', 'plastic'] }, { name: 'mulch', levels: ['none', 'thin', 'deep'] });
    const values = Object.fromEntries(arms.map(({ code: arm }, i) => [arm, [10 + i, 11 + i, 12 + i]]));
    const [picture] = pictures(studyOf(values, { arms }));
    expect(picture).toMatchObject({ id: 'height.factors', x: { label: 'mulch', names: ['none', 'thin', 'deep'] } });
    expect(marksOf(picture, 'line').map(({ words, points }) => [words, points.map(({ y }) => y)])).toEqual([
      ['clay', [11, 12, 13]],
      ['plastic', [14, 15, 16]],
    ]);
  });

  it('doses stand on a true axis, with the best point where the curve turns', () => {
    const doses = [0, 1, 2, 6];
    const at = (dose: number) => [0.1, -0.1, 0].map((off) => 10 + 6 * dose - dose * dose + off);
    const arms = doses.map((dose) => anArm(dose === 0 ? 'C' : `d${dose}`, { dose, doseUnit: 'g' }));
    const [picture] = pictures(studyOf(Object.fromEntries(arms.map((arm, i) => [arm.code, at(itemAt(doses, i))])), { arms }));
    expect(picture.title).toMatch(/^Height: highest near (3|3\.00\d|2\.99\d) g \(/);
    expect(marksOf(picture, 'means').flatMap(({ points }) => points.map((point) => point.at))).toEqual(doses);
    const rule = itemAt(marksOf(picture, 'rule'), 0);
    expect(rule.at).toBeCloseTo(3, 1);
    const curve = itemAt(marksOf(picture, 'line'), 0).points;
    expect(curve.reduce((best, point) => (point.y > best.y ? point : best)).x).toBeCloseTo(3, 0);
  });

  it('pairs are slopes, blocks are told apart by name', () => {
    const pairs = studyOf({ C: [1, 2, 3], T: [4, 1, 5] }, { layout: 'pairs' }, (_, i) => ({ block: `pair ${i + 1}` }));
    const [picture] = pictures(pairs);
    expect(picture.title).toContain('higher in 2 of 3 pairs');
    expect(marksOf(picture, 'line').map(({ words, points }) => [words, points.map(({ y }) => y)])).toEqual([
      ['pair 1', [1, 4]],
      ['pair 2', [2, 1]],
      ['pair 3', [3, 5]],
    ]);
    const blocks = studyOf({ C: [1, 3, 11, 13], T: [4, 6, 15, 17] }, { layout: 'blocks' }, (_, i) => ({ block: i < 2 ? 'sill' : 'shelf' }));
    expect(pictures(blocks).map(({ id }) => id)).toEqual(['height.dots', 'height.blocks']);
    expect(itemAt(pictures(blocks), 1).table).toMatchObject({
      head: ['Block', 'C', 'T'],
      rows: [
        ['sill', '2', '5'],
        ['shelf', '12', '16'],
      ],
    });
  });

  it('blocks are counted for what the title speaks of, the way that it goes', () => {
    const values = { C: [20, 22, 21, 23, 20, 22], T1: [24, 27, 24, 28, 25, 26], T2: [10, 11, 10, 12, 9, 11] };
    const blocks = (own: object) =>
      studyOf(values, { layout: 'blocks', ...own }, (_, i) => ({ block: ['sill', 'shelf', 'floor'][i % 3] ?? null }));
    const asked = [{ factor: null, group: 'T2', against: 'C' }];
    const title = (own: object) => pictures(blocks(own)).find(({ id }) => id.endsWith('.blocks'))?.title;
    expect(title({ asked })).toMatch(/lower with T2; lower in 3 of 3 blocks$/);
    expect(title({})).toMatch(/higher with T1; higher in 3 of 3 blocks$/);
  });

  it('levels of a factor are counted over the levels of the others', () => {
    const arms = ['C', 'M', 'P', 'MP'].map((code) =>
      anArm(code, { factors: { mulch: code.startsWith('M') ? 'deep' : 'none', pot: code.endsWith('P') ? 'felt' : 'clay' } }),
    );
    const values = { C: [20, 22, 21, 23], P: [30, 32, 29, 33], M: [10, 11, 12, 11], MP: [22, 20, 23, 21] };
    const asked = [{ factor: 'pot', group: 'felt', against: 'clay' }];
    const crossed = studyOf(values, { layout: 'blocks', arms, asked }, (_, i) => ({ block: i < 2 ? 'sill' : 'shelf' }));
    const title = pictures(crossed).find(({ id }) => id.endsWith('.blocks'))?.title;
    expect(title).toMatch(/higher with felt \(pot\); higher in 2 of 2 blocks$/);
  });

  it('a claimed size is a line, with the measured ratio against it', () => {
    const claimed = studyOf({ C: [10, 11, 9, 10, 10], T: [15, 16, 14, 15, 15] }, { claimedRatio: 5 });
    const picture = pictures(claimed).find(({ id }) => id.endsWith('.claimed'));
    expect(picture?.title).toMatch(/^5 times was claimed; 1\.5 times was measured \(95% confidence interval 1\.\d+ to 1\.\d+\)$/);
    expect(picture?.sentence).toContain('ruled out');
    expect(picture && marksOf(picture, 'rule').map(({ at }) => at)).toEqual([1, 5]);
  });

  const bad = /NaN|Infinity|undefined|10\^/;
  it('whatever comes in: words and numbers that can be drawn, and a table as wide as its head', () => {
    fc.assert(
      fc.property(anyStudy(), (study) => {
        const result = analyse(study);
        for (const row of result.measures) {
          const measure = byCode(study.experiment.measures, row.measure);
          for (const picture of measure ? picturesOf({ study, measure, result: row }) : []) {
            expect(
              JSON.stringify(picture, (_, value: unknown) =>
                typeof value === 'number' && !Number.isFinite(value) && value !== Infinity ? 'NaN' : value,
              ),
            ).not.toMatch(bad);
            expect(picture.table.rows.every((own) => own.length === picture.table.head.length)).toBe(true);
            expect(picture.title).not.toBe('');
          }
        }
      }),
      { numRuns: 100, seed: 7, endOnFailure: true },
    );
  });
});

describe('dots of like value', () => {
  it('stand beside one another, the middle first, and never leave their room', () => {
    expect(spreadOut([5, 5, 5], 0.2).map((off) => Number(off.toFixed(3)))).toEqual([-0.1, 0, 0.1]);
    expect(spreadOut([1, 2, 3], 0.2)).toEqual([0, 0, 0]);
    expect(
      Math.max(
        ...spreadOut(
          Array.from({ length: 400 }, () => 1),
          0.25,
        ).map(Math.abs),
      ),
    ).toBeLessThanOrEqual(0.25);
  });

  it('lie as densely as R says: x <- c(1, 2, 4); mean(dnorm(2, x, 1.06 * sd(x) * 3^-0.2)) is 0.2097', () => {
    const found = density([1, 2, 4], null) ?? [];
    const near = found.reduce((best, point) => (Math.abs(point.x - 2) < Math.abs(best.x - 2) ? point : best));
    expect(near.y).toBeCloseTo(0.2097, 2);
    expect(density([3, 3], null)).toBeNull();
  });
});

describe('what the place did', () => {
  const onRow = (gain: number) =>
    studyOf(
      { C: [0, 2, 4, 6].map((x) => 10 + gain * x + (x % 4) * 0.01), T: [1, 3, 5, 7].map((x) => 15 + gain * x - (x % 3) * 0.01) },
      {},
      (arm, i) => ({ row: 1, column: 2 * i + (arm === 'C' ? 1 : 2) }),
    );

  it('is a slope from end to end in words, with the arms taken out', () => {
    const seen = placeSeen(shownOf(onRow(0.3)));
    expect(seen?.slopes[0]).toMatchObject({ along: 'columns' });
    expect(seen?.slopes[0]?.gain).toBeCloseTo(2.1, 1);
    expect(seen?.sentences[0]).toMatch(/^The right end came out about 2\.\d+ cm higher than the left end, whatever the group/);
    expect(seen?.heat.get('C1')).toBeCloseTo(-1, 1);
  });

  it('is nothing where there is none, and is not said of a few', () => {
    const even = studyOf({ C: [10, 11, 9, 10], T: [15, 14, 16, 15] }, {}, (arm, i) => ({ row: 1, column: 2 * i + (arm === 'C' ? 1 : 2) }));
    expect(placeSeen(shownOf(even))?.sentences).toEqual([
      'Neither end of the bench did better than the other by more than chance would give.',
    ]);
    expect(placeSeen(shownOf(plain))).toBeNull();
  });
});

describe('the shuffle before one’s eyes', () => {
  it('deals the same numbers anew, and in the long run comes as often to as big a gap as the exact test says', () => {
    const shown = shownOf(studyOf({ C: [10, 11, 9, 10.5], T: [11, 12, 10, 12.5] }));
    const shuffle = randomisationDemo(shown);
    expect(shuffle?.gap).toBeCloseTo(1.25, 9);
    const source = random(3);
    const gaps = Array.from({ length: 4000 }, () => shuffle?.deal(source) ?? 0);
    const share = gaps.filter((gap) => Math.abs(gap) >= 1.25 - 1e-9).length / gaps.length;
    const p = itemAt(shown.result.comparisons, 0).p ?? 0;
    expect(Math.abs(share - p)).toBeLessThan(4 * Math.sqrt((p * (1 - p)) / 4000));
  });

  it('keeps to its pairs, and its heap counts every deal', () => {
    const pairs = studyOf({ C: [1, 20, 300], T: [2, 22, 303] }, { layout: 'pairs' }, (_, i) => ({ block: `pair ${i}` }));
    const shuffle = randomisationDemo(shownOf(pairs));
    const source = random(1);
    const gaps = Array.from({ length: 50 }, () => shuffle?.deal(source) ?? 0);
    expect(new Set(gaps.map((gap) => Math.abs(gap).toFixed(3)))).toEqual(new Set(['2.000', '1.333', '0.667', '0.000']));
    if (!shuffle) throw new Error('nothing to shuffle');
    const heap = heapPicture(shuffle, gaps);
    expect(heap.table.rows.reduce((sum, [, , count]) => sum + Number(count), 0)).toBe(50);
    expect(heap.title).toMatch(/^\d+ of 50 shuffles gave a difference at least as big as the real one/);
    expect(randomisationDemo(shownOf(studyOf({ C: [1, 2], T: [] })))).toBeNull();
  });
});
