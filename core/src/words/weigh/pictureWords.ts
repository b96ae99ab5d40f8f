import { inList } from '../../quantities/inList';
import { counted, plural } from '../../quantities/plural';
import { fourFigures, span } from './figures';

type Ends = readonly [number, number] | null;

/** A picture in words, for those who do not see it: its title, then each thing in it. */
export const seenAs = (title: string, parts: readonly string[]): string => `${title}. ${parts.join('. ')}.`;

/** "Each dot is one dish. Large markers and bars show the group mean and its 95% confidence interval. n = 6 dishes per group." */
export const dotsAre = (unit: string, sizes: string): string =>
  `Each dot is one ${unit}. Large markers and bars show the group mean and its 95% confidence interval. ${sizes}.`;

export const meanWords = (name: string, value: number | null): string => `${name}: mean ${fourFigures(value)}`;

/** Why a title has no difference in it. */
export const unclearWords = {
  nothingRead: 'no readings yet',
  oneUnit: (unit: string) => `one ${unit} in a group, so nothing can be said`,
  groups: 'no clear difference between the groups',
  between: (names: readonly string[]) => `no clear difference between ${inList(names)}`,
  with: (phrase: string) => `no clear difference ${phrase}`,
};

/** A claimed size beside the one that was measured. */
export const claimedWords = {
  title: (claimed: number, value: number, ends: Ends) =>
    `${fourFigures(claimed)} times was claimed; ${fourFigures(value)} times was measured${ends ? ` (95% confidence interval ${span(ends)})` : ''}`,
  ruledOut: (isRuledOut: boolean | null) =>
    isRuledOut === null ? '' : isRuledOut ? ' The claimed size is ruled out.' : ' The claimed size is not ruled out.',
  note: (base: string) => `Marks with bars: how many times as much as ${base}, and its 95% confidence interval. 1 is no difference.`,
};

interface End {
  readonly name: string;
  readonly day: number;
  readonly value: number;
}

/** Curves over time. */
export const curvesWords = {
  inAll: (name: string) => `${name}, in all so far`,
  title: (name: string, ends: readonly End[]) => {
    const told = ends.map((end) => `${end.name} at ${fourFigures(end.value)} on day ${fourFigures(end.day)}`);
    return `${name}: ${told.length > 3 ? `${told[0] ?? ''} down to ${told.at(-1) ?? ''}` : told.join(', ')}`;
  },
  over: (label: string, days: number) => `${label}, over ${counted(days, 'day')}`,
  curve: (name: string, points: readonly Omit<End, 'name'>[]) =>
    `${name}: ${points.map(({ day, value }) => `day ${fourFigures(day)} ${fourFigures(value)}`).join(', ')}`,
  note: (unit: string, sizes: string) =>
    `Lines: mean of the ${plural(unit)} recorded that day; bands: its 95% confidence interval. ${sizes} on the first day.`,
  point: (name: string, day: number, value: number, units: string) => `${name}, day ${fourFigures(day)}: ${fourFigures(value)} (${units})`,
};

/** When something came. */
export const daysWords = {
  arm: (name: string, had: number, units: string, median: number | null) =>
    `${name}: ${had} of ${units} ${had === 1 ? 'has' : 'have'} had it${median === null ? '' : `, half of them by day ${fourFigures(median)}`}`,
  note: (unit: string, sizes: string) =>
    `Steps: share of the ${plural(unit)} that have had it by each day (Kaplan–Meier); bands: its 95% confidence interval. Below: how many are still to come. ${sizes}.`,
  axis: (name: string, unit: string) => `${name}: % of the ${plural(unit)} that have had it`,
};

/** Doses and the line through them. */
export const dosesWords = {
  best: (isTop: boolean, at: string) => `${isTop ? 'highest' : 'lowest'} near ${at}`,
  title: (name: string, best: string, ends: Ends) => `${name}: ${best}${ends ? ` (${span(ends)})` : ''}`,
  note: (dots: string, turns: boolean, isShaded: boolean) =>
    `${dots} Line: ${turns ? 'the parabola' : 'the straight line'} through all of them${isShaded ? '; shaded: where its turning point may lie (95% confidence interval)' : ''}.`,
};

/** Crossed factors. */
export const factorsWords = {
  note: (dots: string, told: boolean, along: string, others: readonly string[]) =>
    `${dots} ${
      told
        ? `Lines that run apart or cross: what ${along} does depends on ${inList(others)}.`
        : 'Lines that run side by side would say that each factor does as much whatever the other is.'
    }`,
};

/** Steps of a rating. */
export const stepsWords = {
  arm: (name: string, steps: readonly { readonly step: string; readonly count: number }[]) =>
    `${name}: ${steps.map(({ step, count }) => `${count} at step ${step}`).join(', ')}`,
  note: (unit: string, steps: readonly string[], sizes: string) =>
    `Each box is a step of the rating, with the number of ${plural(unit)} at it; darker is higher. Steps: ${steps.join('; ')}. ${sizes}.`,
};

/** Blocks or pairs, a line each. */
export const togetherWords = {
  pairs: (count: number) =>
    `Each thin line is one pair; its slope is what the treatment did within it. Large marks: mean of a group. n = ${counted(count, 'pair')}.`,
  blocks: (unit: string, sizes: string) =>
    `Each thin line is one block, its points the means of its ${plural(unit)}. Large marks: mean of a group. ${sizes}.`,
  ways: (way: string, count: number, all: number, what: string) => `; ${way} in ${count} of ${counted(all, what)}`,
};

/** Sizes that were predicted, beside the one that came. */
export const predictedWords = {
  title: (hits: number | null, all: number) =>
    hits === null ? 'Predictions and result' : `${hits} of ${all} predicted a size that agrees with the data`,
  came: (value: number) => `It came to ${fourFigures(value)}`,
  said: (all: readonly { readonly person: string; readonly by: number }[]) =>
    all.map(({ person, by }) => `${person} said ${fourFigures(by)}`).join(', '),
  note: 'The bar is what the data leave open (95% confidence interval); each dot is what one person predicted.',
};
