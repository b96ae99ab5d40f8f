import { primaryOf, type Experiment, type Measure } from '../../model';
import { dimensionOf, type Dimension } from '../../quantities/units';
import { sharesWord } from '../../quantities/sharesWord';
import type { Finding } from '../../words/findings';

/** Under which other words a sentence speaks of what is read. */
const SAID: Readonly<Partial<Record<Dimension, RegExp>>> = {
  mass: /\b(heavier|lighter|mass|weigh\w*|yield\w*)\b/i,
  length: /\b(taller|shorter|longer|wider|thicker|thinner|deeper|height|length|leggy|lean\w*)\b/i,
  time: /\b(sooner|earlier|later|faster|slower)\b/i,
};

/** What people word, and the verdict answers. */
const WORDED = [
  ['hypothesis', ({ hypothesis }: Worded) => hypothesis],
  ['countsAsYes', ({ plan }: Worded) => plan.countsAsYes],
] as const;

type Worded = Pick<Experiment, 'hypothesis' | 'measures'> & { readonly plan: Pick<Experiment['plan'], 'countsAsYes'> };

/** Somebody's own words speak of one measure, and another decides: then the verdict answers what was not said. */
export function namedRule(experiment: Worded): Finding<'named'>[] {
  const primary = primaryOf(experiment.measures);
  if (!primary) return [];
  return WORDED.flatMap(([text, textIn]): Finding<'named'>[] => {
    const named = otherNamed(textIn(experiment), primary, experiment.measures);
    return named ? [{ rule: 'named', severity: 'caution', facts: { text, named: named.name, main: primary.name } }] : [];
  });
}

/** The measure of which a text speaks in place of the one that decides. */
function otherNamed(text: string, primary: Measure, measures: readonly Measure[]): Measure | undefined {
  if (sharesWord(text, primary.name)) return undefined;
  const dimension = dimensionOf(primary.unit);
  if (dimension !== null && SAID[dimension]?.test(text)) return undefined;
  return measures.find(({ name }) => sharesWord(text, name) && !sharesWord(name, primary.name));
}
