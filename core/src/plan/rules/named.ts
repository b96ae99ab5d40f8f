import { primaryOf, type Experiment, type Finding } from '../../model';
import { dimensionOf, type Dimension } from '../../quantities/units';
import { sharesWord } from '../../quantities/sharesWord';

/** Under which other words a sentence speaks of what is read. */
const SAID: Readonly<Partial<Record<Dimension, RegExp>>> = {
  mass: /\b(heavier|lighter|mass|weigh\w*|yield\w*)\b/i,
  length: /\b(taller|shorter|longer|wider|thicker|thinner|deeper|height|length|leggy|lean\w*)\b/i,
  time: /\b(sooner|earlier|later|faster|slower)\b/i,
};

/** The hypothesis speaks of one measure, and another decides: then the verdict answers what was not said. */
export function namedRule({ hypothesis, measures }: Pick<Experiment, 'hypothesis' | 'measures'>): Finding[] {
  const primary = primaryOf(measures);
  if (!primary || sharesWord(hypothesis, primary.name)) return [];
  const dimension = dimensionOf(primary.unit);
  if (dimension !== null && SAID[dimension]?.test(hypothesis)) return [];
  const named = measures.find(({ name }) => sharesWord(hypothesis, name) && !sharesWord(name, primary.name));
  if (!named) return [];
  return [
    {
      rule: 'named',
      severity: 'caution',
      message: `The hypothesis speaks of “${named.name}”, and “${primary.name}” decides.`,
      remedy: 'Word the hypothesis for what decides, or let the other decide.',
    },
  ];
}
