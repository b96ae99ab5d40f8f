import { itemAt } from '../invariant';
import type { VarianceRow } from '../stats/analysisOfVariance';
import { centre } from '../stats/moments';
import { largestGapShuffle } from '../stats/resampling/randomisationF';
import { fitArms } from './armFit';
import { armPairs, emptyContrast, randomisationRow, valuesOf, type Compared, type Comparisons } from './Compared';
import type { Contrast } from './Contrast';
import { armBlocks, armTerms, overallTests } from './courseTests';
import type { DirectDifference } from './directDifference';
import { doseTrend, trendRow } from './doseTrend';
import { factorEffects } from './factorEffects';
import { contrastOf, intervalOf, type MeanDifference, type Held } from './Gap';
import { joinedArms } from './joinedArms';
import { quickMeans } from './quickMeans';
import { alikeBy, shuffleTwo } from './shuffleTwo';
import { alone } from './simultaneous';
import { strataOf } from './strata';
import type { TestRow } from './TestRow';
import { directly, differenceOfTwo, comparisonMethods, type Pair, type ComparisonMethod } from './ways';

/**
 * Arms compared by their means, one number a unit. Two arms: inside blocks or pairs where there are any, each arm with its own spread, and
 * the shuffle decides. More: each treatment with the control or all pairs, held together; with one spread for all where the two look like
 * the rest in it (Dunnett, Tukey–Kramer), else each with its own (Dunnett's T3, Games–Howell).
 */
export function means(compared: Compared): Comparisons {
  const { values } = compared;
  const present = compared.arms.map(({ code: arm }) => arm).filter((arm) => values.some((unit) => unit.arm === arm));
  const pairs = armPairs(compared);
  const two = compared.arms.length === 2;
  const adjusted = two ? 'none' : compared.comparison === 'control' ? 'dunnett' : 'tukey';
  if (present.length < 2) {
    const contrasts = pairs.map(({ arm, versus }) => emptyContrast(arm, versus, adjusted));
    const reason = two ? 'A group has no readings to compare.' : 'Fewer than two groups have readings to compare.';
    return { tests: [], terms: [], contrasts, trend: null, reasons: [reason] };
  }
  if (compared.quick && present.length === compared.arms.length) return quickMeans(compared);
  return two ? twoArms(compared, itemAt(pairs, 0)) : manyArms(compared, pairs, present, adjusted);
}

function twoArms(compared: Compared, pair: Pair): Comparisons {
  const { values, layout } = compared;
  const stratum = strataOf(values, layout);
  const own = directly(compared, pair);
  const terms = layout === 'blocks' ? armTerms(compared, stratum) : [];
  if (own === null) return notJoined(compared, pair, terms);
  const gap = differenceOfTwo(compared, pair, own);
  const shuffle = shuffleTwo(compared, pair, stratum);
  const p = shuffle?.p ?? null;
  const contrast = contrastOf(pair, gap, alone, { p, adjusted: 'none' });
  const tests: TestRow[] =
    layout === 'blocks' ? overallTests(compared, [pair.versus, pair.arm], terms, stratum) : besideTwo(layout, pair, gap);
  const method = layout === 'pairs' ? 'sign-flip' : 'randomisation';
  if (shuffle) tests.push(randomisationRow(method, shuffle, { name: 'difference', value: gap.value }, pair));
  return {
    tests,
    terms,
    contrasts: [{ ...contrast, ...alikeBy(compared, pair, contrast.difference.ci95, stratum) }],
    trend: null,
    reasons: [...leftOut(compared, own), ...whyNoInterval(compared, pair, own)],
  };
}

function besideTwo(layout: Compared['layout'], pair: Pair, gap: MeanDifference): TestRow[] {
  const ci95 = intervalOf(gap, alone);
  if (!gap.error || ci95 === null) return [];
  const t = gap.value / gap.error;
  const method = layout === 'pairs' ? 'paired-t' : 'welch-t';
  return [{ method, ...pair, statistic: { name: 't', value: t }, df: [gap.df], p: alone.p(t, gap.df), difference: gap.value, ci95 }];
}

/** Two arms that no block or pair joins. */
function notJoined(compared: Compared, { arm, versus }: Pair, terms: VarianceRow[]): Comparisons {
  const pairs = compared.layout === 'pairs';
  return {
    tests: [],
    terms,
    contrasts: [pairs ? emptyContrast(arm, versus) : asSeen(compared, { arm, versus }, 'none')],
    trend: null,
    reasons: [...leftOut(compared, { strata: 0 }), pairs ? 'There is no whole pair to compare.' : blocksApart('one of the two groups')],
  };
}

/** Why a comparison says nothing though numbers differ. */
const blocksApart = (held: string) =>
  `Each block holds ${held} alone, so the effect of the block can’t be separated from the effect of the group.`;

function leftOut({ values, layout }: Compared, { strata }: Pick<DirectDifference, 'strata'>): string[] {
  if (layout !== 'pairs') return [];
  const all = new Set(values.map(strataOf(values, layout))).size;
  return strata < all ? [`${all - strata} of ${all} pairs have one half only and are left out.`] : [];
}

function whyNoInterval({ values, layout }: Compared, { arm, versus }: Pair, gap: DirectDifference): string[] {
  if (gap.error === null || gap.error === 0) {
    if (layout === 'pairs')
      return [
        gap.strata < 2
          ? 'There is only one pair: no interval can be given.'
          : 'All pairs differ by the same amount: no interval can be given.',
      ];
    if ([arm, versus].some((code) => valuesOf(values, code).length < 2))
      return ['A group has only one unit, so nothing says how much units vary naturally: no interval can be given.'];
    return [gap.error === 0 ? 'The units of each group are all the same, so no interval can be given.' : nothingLeft];
  }
  return [];
}

const nothingLeft = 'Nothing says how much units of one group vary naturally: no interval can be given.';

function manyArms(compared: Compared, pairs: readonly Pair[], present: readonly string[], adjusted: Contrast['adjusted']): Comparisons {
  const { values, layout } = compared;
  const stratum = strataOf(values, layout);
  const model = fitArms(values, present, stratum);
  const joined = joinedArms(values.map((unit) => ({ ...unit, block: stratum(unit) })));
  const known = pairs.filter(({ arm, versus }) => present.includes(arm) && present.includes(versus));
  const usable = known.filter(({ arm, versus }) => joined(arm, versus));
  const { pooled, own, taken } = comparisonMethods(compared, model, usable);
  const terms = armTerms(compared, stratum);
  const trend = doseTrend(compared, stratum);
  const effects = factorEffects(model, compared.arms);
  const rows = pairs.map((pair): Contrast => {
    if (!known.includes(pair)) return emptyContrast(pair.arm, pair.versus, adjusted);
    const { gap: of, held } = taken(pair);
    const gap = usable.includes(pair) ? of(pair) : null;
    if (gap === null) return asSeen(compared, pair, adjusted);
    return contrastOf(pair, gap, held, { p: pOf(compared, present, gap, held), adjusted });
  });
  return {
    tests: [
      ...overallTests(compared, present, terms, stratum),
      ...(compared.beside
        ? [
            ...testRows(adjusted === 'tukey' ? 'tukey' : 'dunnett', usable, pooled),
            ...testRows(adjusted === 'tukey' ? 'games-howell' : 'dunnett-t3', usable, own),
          ]
        : []),
      ...(trend ? trendRow(trend) : []),
    ],
    terms,
    contrasts: rows,
    ...(effects.length > 0 ? { effects } : {}),
    trend: trend?.trend ?? null,
    reasons: [
      ...(present.length < compared.arms.length ? ['A group has no readings and is left out of the comparison.'] : []),
      ...(model.meanSquare === null ? [nothingLeft] : []),
      ...(usable.length < known.length ? [blocksApart('some groups')] : []),
    ],
  };
}

/** The p that decides; where no unit of two arms differs from its like there is no t, and the largest gap of all is shuffled. */
function pOf(compared: Compared, arms: readonly string[], { value, error, df }: MeanDifference, held: Held): number | null {
  if (error === null) return null;
  if (error > 0) return held.p(value / error, df);
  if (value === 0) return 1;
  const blocks = armBlocks(compared.values, arms, strataOf(compared.values, compared.layout));
  return largestGapShuffle(blocks, arms.length, Math.abs(value), compared.options)?.p ?? null;
}

function testRows(
  method: 'dunnett' | 'tukey' | 'dunnett-t3' | 'games-howell',
  pairs: readonly Pair[],
  { gap: of, held }: ComparisonMethod,
): TestRow[] {
  const range = method === 'tukey' || method === 'games-howell';
  return pairs.flatMap((pair): TestRow[] => {
    const gap = of(pair);
    const ci95 = gap && intervalOf(gap, held);
    if (!gap?.error || !ci95) return [];
    const t = gap.value / gap.error;
    const statistic = range ? { name: 'q', value: Math.abs(t) * Math.SQRT2 } : { name: 't', value: t };
    return [{ method, ...pair, statistic, df: [gap.df], p: held.p(t, gap.df), difference: gap.value, ci95 }];
  });
}

/** What is seen of two arms of which nothing can be told. */
function asSeen({ values }: Compared, { arm, versus }: Pair, adjusted: Contrast['adjusted']): Contrast {
  const [treated, control] = [valuesOf(values, arm), valuesOf(values, versus)];
  const value = centre(treated) - centre(control);
  return { ...emptyContrast(arm, versus, adjusted), difference: { value, ci95: null } };
}
