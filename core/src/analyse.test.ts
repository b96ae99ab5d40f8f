import { findArm } from './model';
import { entryOf, itemAt, tupleOf } from './invariant';
import { describe, expect, it } from 'vitest';
import { plantGrowth } from './stats/plantGrowth.fixture';
import { aMeasure, anArm, anExperiment, anObservation, aUnit, studyOf, valueOf } from './testing';
import { analyse } from './analyse';
import { barley } from './barley.fixture';

const only = (study: Parameters<typeof analyse>[0]) => itemAt(analyse(study).measures, 0);

describe('two arms of an amount (R datasets::PlantGrowth, t.test and all arrangements)', () => {
  const result = only(studyOf({ C: plantGrowth.ctrl, T: plantGrowth.trt2 }));
  const row = itemAt(result.comparisons, 0);

  it('has Welch’s interval, and the p of the shuffle decides', () => {
    expect(row.difference.value).toBeCloseTo(0.494, 9);
    expect(row.difference.ci95?.[0]).toBeCloseTo(0.005127869964641, 9);
    expect(row.difference.ci95?.[1]).toBeCloseTo(0.9828721300354, 9);
    expect(row.p).toBeCloseTo(0.04833401892225, 11);
    expect(result.tests.find((test) => test.method === 'welch-t')?.p).toBeCloseTo(0.04789925560197, 10);
    expect(row.ratio.value).toBeCloseTo(5.526 / 5.032, 9);
  });

  it('calls a gap that is real but below what matters small', () => {
    expect(row.verdict).toBe('small');
    expect(result.verdict.sentence).toContain('too small to matter');
  });
});

describe('three arms of an amount', () => {
  const values = { C: plantGrowth.ctrl, trt1: plantGrowth.trt1, trt2: plantGrowth.trt2 };

  it('against the control: analysis of variance, then Dunnett (R multcomp::glht)', () => {
    const result = only(studyOf(values));
    expect(result.tests.find((test) => test.method === 'anova')?.p).toBeCloseTo(0.01590995832562, 11);
    expect(result.tests.find((test) => test.method === 'welch-anova')?.p).toBeCloseTo(0.01739282149017, 10);
    const expected = [
      [-1.021547602034, 0.2795476020345, 0.3226956857688],
      [-0.1565476020345, 1.144547602034, 0.1534858615151],
    ];
    result.comparisons.forEach((row, i) => {
      expect(row.adjusted).toBe('dunnett');
      expect(row.difference.ci95?.[0]).toBeCloseTo(itemAt(itemAt(expected, i), 0), 3);
      expect(row.difference.ci95?.[1]).toBeCloseTo(itemAt(itemAt(expected, i), 1), 3);
      expect(row.p).toBeCloseTo(itemAt(itemAt(expected, i), 2), 3);
    });
  });

  it('all pairs: Tukey–Kramer (R TukeyHSD)', () => {
    const result = only(studyOf(values, { comparison: 'all-pairs' }));
    const expected: Record<string, readonly number[]> = {
      'trt1-C': [-0.371, -1.06221605141, 0.3202160514105, 0.3908711442021],
      'trt2-C': [0.494, -0.1972160514105, 1.18521605141, 0.1979959912997],
      'trt2-trt1': [0.865, 0.1737839485895, 1.55621605141, 0.01200642397945],
    };
    expect(result.comparisons).toHaveLength(3);
    for (const row of result.comparisons) {
      const [difference, low, high, p] = tupleOf(entryOf(expected, `${row.arm}-${row.versus}`), 4);
      expect(row.difference.value).toBeCloseTo(difference, 9);
      expect(row.difference.ci95?.[0]).toBeCloseTo(low, 6);
      expect(row.difference.ci95?.[1]).toBeCloseTo(high, 6);
      expect(row.p).toBeCloseTo(p, 6);
    }
  });
});

it('blocks: 10 barley varieties at 6 sites in 2 years (Immer, Hayes & Powers 1934, J Am Soc Agron 26:403–419; R aov)', () => {
  const rows = barley.map(([block, variety, value], i) => ({ unit: `p${i}`, block, variety, value }));
  const arms = [...new Set(rows.map((row) => row.variety))].map((code, i) => anArm(code, { role: i === 0 ? 'control' : 'treatment' }));
  const experiment = anExperiment({
    layout: 'blocks',
    arms,
    units: rows.map(({ unit, block, variety }) => aUnit(unit, variety, { block })),
  });
  const result = only({
    experiment,
    observations: rows.map(({ unit, value }) => anObservation(unit, value)),
    incidents: [],
    care: [],
    photos: [],
  });
  const arm = result.terms.find((row) => row.term === 'arm');
  expect(arm?.df).toBe(9);
  expect(arm?.sumOfSquares).toBeCloseTo(1052.57181437485, 7);
  expect(arm?.f).toBeCloseTo(5.582605044278, 9);
  expect((arm?.p ?? 0) / 3.272546348508e-6).toBeCloseTo(1, 8);
  // Without the blocks the varieties drown in the differences between sites.
  const oneWay = only({
    experiment: { ...experiment, layout: 'completely-random' },
    observations: rows.map(({ unit, value }) => anObservation(unit, value)),
    incidents: [],
    care: [],
    photos: [],
  });
  expect(oneWay.tests.find((test) => test.method === 'anova')?.p).toBeCloseTo(0.366334986746, 10);
  const block = result.terms.find((row) => row.term === 'block');
  expect((block?.p ?? 0) / 3.332469721424e-32).toBeCloseTo(1, 7);
});

describe('a factorial: N and K on peas (Venables & Ripley 2002, p. 165; R aov)', () => {
  const n = [...'010111000110110010101100'];
  const k = [...'100101100101011000111010'];
  const yields = [
    49.5, 62.8, 46.8, 57, 59.8, 58.5, 55.5, 56, 62.8, 55.8, 69.5, 55, 62, 48.8, 45.5, 44.2, 52, 51.5, 49.8, 48.8, 57.2, 59, 53.2, 56,
  ];
  const arms = ['n0k0', 'n1k0', 'n0k1', 'n1k1'].map((arm, i) =>
    anArm(arm, { role: i === 0 ? 'control' : 'treatment', factors: { N: itemAt(arm, 1), K: itemAt(arm, 3) } }),
  );
  const termsOf = (layout: 'completely-random' | 'blocks') => {
    const block = (i: number) => (layout === 'blocks' ? `block ${Math.floor(i / 4) + 1}` : null);
    const units = yields.map((_, i) => aUnit(`u${i}`, `n${n[i]}k${k[i]}`, { block: block(i) }));
    const observations = yields.map((value, i) => anObservation(`u${i}`, value));
    return new Map(
      only({ experiment: anExperiment({ layout, arms, units }), observations, incidents: [], care: [], photos: [] }).terms.map((row) => [
        row.term,
        row,
      ]),
    );
  };

  it('in blocks: each block is a term, and the error is what is left inside them', () => {
    const terms = termsOf('blocks');
    expect(terms.get('block')).toMatchObject({ df: 5 });
    expect(terms.get('block')?.sumOfSquares).toBeCloseTo(343.295, 9);
    expect(terms.get('block')?.p).toBeCloseTo(0.00821541194859, 10);
    expect(terms.get('N')?.p).toBeCloseTo(0.00246824304017, 10);
    expect(terms.get('K')?.p).toBeCloseTo(0.0211444758959, 10);
    expect(terms.get('N:K')?.p).toBeCloseTo(0.1495948808356, 10);
    expect(terms.get('residual')).toMatchObject({ df: 15 });
  });

  it('without its blocks the same plots tell less', () => {
    const terms = termsOf('completely-random');
    expect(terms.get('N')?.p).toBeCloseTo(0.0170188835034, 10);
    expect(terms.get('K')?.p).toBeCloseTo(0.07974879310071, 10);
    expect(terms.get('N:K')?.p).toBeCloseTo(0.2890775416148, 10);
  });
});

it('counts with one unit an arm: Fisher’s exact test and Newcombe’s interval (Newcombe 1998, example a)', () => {
  const study = studyOf({ C: [48], T: [56] }, { measures: [aMeasure({ kind: 'count', unit: '', smallestDifference: 10 })] }, (arm) => ({
    sown: arm === 'C' ? 80 : 70,
  }));
  const result = only(study);
  expect(itemAt(result.comparisons, 0).difference.value).toBeCloseTo(0.2, 12);
  expect(itemAt(result.comparisons, 0).difference.ci95?.[0]).toBeCloseTo(0.0524, 4);
  expect(itemAt(result.comparisons, 0).difference.ci95?.[1]).toBeCloseTo(0.3339, 4);
  expect(result.arms[0]).toMatchObject({ successes: 48, trials: 80, proportion: 0.6 });
  expect(analyse(study).review.some((finding) => finding.rule === 'replication' && finding.severity === 'serious')).toBe(true);
});

it('counts with several units an arm: the units are the replicates, and the pooled Fisher test is marked', () => {
  const study = studyOf(
    { C: [18, 17, 19, 16], T: [9, 10, 8, 11] },
    { measures: [aMeasure({ kind: 'count', unit: '', higherIs: 'worse', smallestDifference: 20 })] },
    () => ({ sown: 20 }),
  );
  const result = only(study);
  expect(itemAt(result.comparisons, 0).p).toBeCloseTo(2 / 70, 12);
  expect(itemAt(result.comparisons, 0).verdict).toBe('supported');
  expect(result.tests.find((test) => test.method === 'fisher-exact')?.ignoresUnits).toBe(true);
  expect(result.verdict.sentence).toContain('40 percentage points lower');
});

it('an event: Kaplan–Meier medians and log-rank (Gehan 1965; R survfit, survdiff)', () => {
  const times = [
    1, 10, 22, 7, 3, 32, 12, 23, 8, 22, 17, 6, 2, 16, 11, 34, 8, 32, 12, 25, 2, 11, 5, 20, 4, 19, 15, 6, 8, 17, 23, 35, 5, 6, 11, 13, 4, 9,
    1, 6, 8, 10,
  ];
  const seen = [
    1, 1, 1, 1, 1, 0, 1, 1, 1, 1, 1, 1, 1, 1, 1, 0, 1, 0, 1, 0, 1, 0, 1, 0, 1, 0, 1, 1, 1, 0, 1, 0, 1, 1, 1, 1, 1, 0, 1, 0, 1, 0,
  ];
  const arm = (i: number) => (i % 2 === 0 ? 'C' : 'T');
  const day = (time: number) => `2026-${time > 30 ? '05' : '04'}-${String(time > 30 ? time - 30 : time).padStart(2, '0')}`;
  const experiment = anExperiment({
    startedOn: '2026-03-31',
    measures: [aMeasure({ kind: 'event', unit: 'd' })],
    units: times.map((_, i) => aUnit(`u${i}`, arm(i))),
  });
  const result = only({
    experiment,
    observations: times.map((time, i) => anObservation(`u${i}`, itemAt(seen, i), { observedOn: day(time) })),
    incidents: [],
    care: [],
    photos: [],
  });
  expect(result.arms.map((summary) => summary.median)).toEqual([8, 23]);
  expect((result.tests.find(({ method }) => method === 'log-rank')?.p ?? 0) / 4.168809109335e-5).toBeCloseTo(1, 8);
  expect(itemAt(result.comparisons, 0).p).toBe(result.tests.find(({ method }) => method === 'randomisation')?.p);
  expect(result.arms[1]).toMatchObject({ events: 9, censored: 12 });
});

it('pairs: Darwin’s maize (Fisher 1935, ch. 3; R t.test, all sign flips): the shuffle inside pairs decides', () => {
  const differences = [49, -67, 8, 16, 6, 23, 28, 41, 14, 29, 56, 24, 75, 60, -48];
  const study = studyOf({ C: differences.map(() => 100), T: differences.map((d) => 100 + d) }, { layout: 'pairs' }, (_, i) => ({
    block: `pair ${i + 1}`,
  }));
  const row = itemAt(only(study).comparisons, 0);
  expect(row.difference.ci95?.[0]).toBeCloseTo(0.03119331839297, 9);
  expect(row.difference.ci95?.[1]).toBeCloseTo(41.835473348274, 8);
  expect(row.p).toBeCloseTo(1726 / 32768, 12);
});

it('ratings: shift, chance of superiority and exact p (Hollander & Wolfe 1973, p. 69)', () => {
  const study = studyOf(
    { C: [1.15, 0.88, 0.9, 0.74, 1.21], T: [0.8, 0.83, 1.89, 1.04, 1.45, 1.38, 1.91, 1.64, 0.73, 1.46] },
    { measures: [aMeasure({ kind: 'rating', unit: '' })] },
  );
  const row = itemAt(only(study).comparisons, 0);
  expect(row.difference.value).toBeCloseTo(0.305, 10);
  expect(row.superiority).toBeCloseTo(35 / 50, 12);
  expect(row.p).toBeCloseTo(0.2544122544123, 11);
});

describe('doses', () => {
  const dosed = (points: readonly (readonly [dose: number, value: number])[]) => {
    const doses = [...new Set(points.map(([dose]) => dose))];
    const code = (dose: number) => (dose === doses[0] ? 'C' : `d${dose}`);
    const experiment = anExperiment({
      arms: doses.map((dose) => anArm(code(dose), { dose })),
      units: points.map(([dose], i) => aUnit(`u${i}`, code(dose))),
    });
    return only({
      experiment,
      observations: points.map(([, value], i) => anObservation(`u${i}`, value)),
      incidents: [],
      care: [],
      photos: [],
    }).trend;
  };

  it('a straight line agrees with R lm on stopping distances (Ezekiel 1930; R datasets::cars): slope 3.932409, p 1.49e-12 (figures from memory)', () => {
    const speed = [
      4, 4, 7, 7, 8, 9, 10, 10, 10, 11, 11, 12, 12, 12, 12, 13, 13, 13, 13, 14, 14, 14, 14, 15, 15, 15, 16, 16, 17, 17, 17, 18, 18, 18, 18,
      19, 19, 19, 20, 20, 20, 20, 20, 22, 23, 24, 24, 24, 24, 25,
    ];
    const distance = [
      2, 10, 4, 22, 16, 10, 18, 26, 34, 17, 28, 14, 20, 24, 28, 26, 34, 34, 46, 26, 36, 60, 80, 20, 26, 54, 32, 40, 32, 40, 50, 42, 56, 76,
      84, 36, 46, 68, 32, 48, 52, 56, 64, 66, 54, 70, 92, 93, 120, 85,
    ];
    const trend = dosed(speed.map((dose, i) => [dose, itemAt(distance, i)]));
    expect(trend?.slope).toBeCloseTo(3.932409, 6);
    expect((trend?.p ?? 0) / 1.49e-12).toBeCloseTo(1, 2);
  });

  it('a parabola gives its turning point with an interval where it lies inside the doses, by hand: 10 + 4x − x² turns at 2', () => {
    const points = [0, 1, 2, 3, 4].flatMap((dose) => [0.1, -0.1].map((off) => [dose, 10 + 4 * dose - dose * dose + off] as const));
    const trend = dosed(points);
    expect(trend?.turningPoint).toBeCloseTo(2, 10);
    expect(trend?.turningPointCi95?.[0]).toBeLessThan(2);
    expect(trend?.turningPointCi95?.[1]).toBeGreaterThan(2);
    expect(trend?.quadratic?.coefficient).toBeCloseTo(-1, 10);
    expect(
      dosed([0, 1, 2, 3, 4].flatMap((dose) => [0.1, -0.1].map((off) => [dose, dose * dose + off] as const)))?.turningPoint,
    ).toBeCloseTo(0, 1);
  });

  it('three doses get a line only, two none', () => {
    expect(
      dosed([
        [0, 1],
        [0, 2],
        [1, 2],
        [1, 3],
        [2, 4],
        [2, 5],
      ])?.turningPoint,
    ).toBeNull();
    expect(
      dosed([
        [0, 1],
        [0, 2],
        [1, 2],
        [1, 3],
      ]),
    ).toBeNull();
  });
});

it('a harvest is compared by its total, an area by the area under each unit’s curve, a day by that day', () => {
  const value = (when: 'total' | 'area' | 'day 4', kind: 'harvest' | 'amount') => {
    const base = studyOf({ C: [3, 4], T: [5, 6] }, { measures: [aMeasure({ when, kind })] });
    const earlier = base.observations.map((seen) => ({ ...seen, id: `${seen.id}e`, observedOn: '2026-04-05', value: 1 }));
    return only({ ...base, observations: [...base.observations, ...earlier] }).values.map((unit) => unit.value);
  };
  expect(value('total', 'harvest')).toEqual([4, 5, 6, 7]);
  // From day 4 (value 1) to day 7: three days at the mean of both ends.
  expect(value('area', 'amount')).toEqual([6, 7.5, 9, 10.5]);
  expect(value('day 4', 'amount')).toEqual([1, 1, 1, 1]);
});

it('plants within a unit are averaged, so that they are no replicates', () => {
  const base = studyOf({ C: [2, 4], T: [6, 8] });
  const observations = base.observations.flatMap((seen) =>
    [1, -1].map((off) => ({ ...seen, id: `${seen.id}${off}`, plant: String(off), value: valueOf(seen) + off })),
  );
  expect(only({ ...base, observations }).comparisons).toEqual(only(base).comparisons);
});

it('a reference arm stands beside the others and takes no part', () => {
  const study = studyOf(
    { C: [1, 2, 3], T: [4, 5, 6], R: [50, 60, 70] },
    { arms: [anArm('C'), anArm('T'), anArm('R', { role: 'reference' })] },
  );
  const result = only(study);
  expect(result.comparisons.map((row) => row.arm)).toEqual(['T']);
  expect(findArm(result.arms, 'R')).toMatchObject({ role: 'reference', mean: 60 });
});

it('an arm where nothing came has no ratio', () => {
  const study = studyOf({ C: [12, 14, 13], T: [6, 7, 5], U: [0, 0, 0] }, { measures: [aMeasure({ kind: 'count', unit: '' })] }, () => ({
    sown: 20,
  }));
  expect(only(study).comparisons.find(({ arm }) => arm === 'U')?.ratio).toEqual({ value: null, ci95: null });
});
