import { primaryOf, type Experiment } from '../../model';
import { namedInstead } from '../../ownWords/namedInstead';
import type { Finding } from '../../words/findings';

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
    const named = namedInstead(textIn(experiment), primary, experiment.measures);
    return named ? [{ rule: 'named', severity: 'caution', facts: { text, named: named.name, main: primary.name } }] : [];
  });
}
