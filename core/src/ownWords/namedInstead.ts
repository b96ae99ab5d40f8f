import type { Measure } from '../model';
import { dimensionOf, type Dimension } from '../quantities/units';
import { sharesWord } from '../quantities/sharesWord';

/** Under which other words a sentence speaks of what is read. */
const SAID: Readonly<Partial<Record<Dimension, RegExp>>> = {
  mass: /\b(heavier|lighter|mass|weigh\w*|yield\w*)\b/i,
  length: /\b(taller|shorter|longer|wider|thicker|thinner|deeper|height|length|leggy|lean\w*)\b/i,
  time: /\b(sooner|earlier|later|faster|slower)\b/i,
};

/**
 * The measure of which a text speaks in place of the one that decides.
 * @param text somebody's own words
 * @param primary the measure that decides
 * @param measures of the experiment
 * @returns undefined where it speaks of the one that decides, or of none
 */
export function namedInstead(text: string, primary: Measure, measures: readonly Measure[]): Measure | undefined {
  if (sharesWord(text, primary.name)) return undefined;
  const dimension = dimensionOf(primary.unit);
  if (dimension !== null && SAID[dimension]?.test(text)) return undefined;
  return measures.find(({ name }) => sharesWord(text, name) && !sharesWord(name, primary.name));
}
