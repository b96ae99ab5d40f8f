import type { Ask, Calculator, Refused, Worked } from './Calculator';

/** A field whose id, kind and freedom to stay empty are known to the compiler. */
export interface AskOf<Id extends string, Kind extends Ask['kind'], Optional = false> extends Ask {
  readonly id: Id;
  readonly kind: Kind;
  readonly optional: Optional extends true ? true : false;
}

/** Whether what is added to a field lets it stay empty. */
export type OptionalIn<More> = More extends { readonly optional: true } ? true : false;

type Values<Asks extends readonly Ask[], Kind extends Ask['kind'], Value> = {
  readonly [A in Extract<Asks[number], { kind: Kind; optional: false }> as A['id']]: Value;
} & { readonly [A in Extract<Asks[number], { kind: Kind; optional: true }> as A['id']]?: Value };

/** What was filled in, by the id of its field. A ratio comes with the way it was written. */
interface GivenFor<Asks extends readonly Ask[]> {
  readonly numbers: Values<Asks, 'number' | 'ratio' | 'clock', number>;
  readonly lists: Values<Asks, 'list', readonly number[]>;
  readonly choices: Values<Asks, 'choice' | 'ratio', string>;
}

interface Definition<Asks extends readonly Ask[]> extends Omit<Calculator, 'asks' | 'work'> {
  readonly asks: Asks;
  readonly work: (given: GivenFor<Asks>) => Worked | Refused;
}

/**
 * A calculator whose formula knows its own fields: a field that is not asked for does not compile.
 * `workOut` calls the formula only when every field that must be filled in is.
 */
export function defineCalculator<const Asks extends readonly Ask[]>(definition: Definition<Asks>): Calculator {
  return { ...definition, work: (given) => definition.work(given as GivenFor<Asks>) };
}
