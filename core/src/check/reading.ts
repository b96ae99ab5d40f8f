import { inList } from '../quantities/inList';
import { isValued, type Measure, type Observation, type Study, type Unit } from '../model';
import { categoryWords, hasCategories } from '../study/categories';
import { startOf } from '../study/curves';
import { memoize } from '../study/memoize';
import { cell, readingsOf, type Cell } from '../study/readings';
import { readingBefore } from '../study/roundItems';
import { checkDay } from './day';
import { asked, refused, refusedOf, type Objection } from './Objection';
import { checkValue } from './value';

/** A reading that is about to be kept, or was. */
export type ReadingSaid = Pick<Observation, 'value' | 'absent' | 'observedOn' | 'plannedDay' | 'plant' | 'category'> & {
  /** What it puts right; null for a first reading. */
  readonly replaces?: string | null;
  readonly id?: string;
};

interface ReadingOf {
  readonly measure: Measure;
  readonly unit: Unit;
}

/**
 * A reading beside all that is known of its unit and of the others on the same round. Every way in asks this.
 * @param study with or without the reading itself
 * @param of its measure and unit
 * @param latest calendar date after which nothing can have been read yet
 * @returns empty where nothing is odd; pointers begin at the reading
 */
export function checkReading(study: Study, { measure, unit }: ReadingOf, seen: ReadingSaid, latest: string): Objection[] {
  const { experiment } = study;
  const { value, absent, category } = seen;
  const objections = checkDay(seen.observedOn, { start: startOf(unit, experiment), end: experiment.endedOn, latest }, '/observedOn');
  if ((value === null) === (absent === null))
    objections.push(refused('value-or-reason', '/value', 'A reading has a value, or says why there is none: not read, or nothing there.'));
  if (hasCategories(measure) && (category === null || !measure.categories.includes(category)))
    objections.push(refused('no-such-category', '/category', `The categories of ${measure.name} are ${measure.categories.join(', ')}.`));
  if (value === null) return objections;
  const together = categoriesOfRound(study, { measure, unit }, { ...seen, value });
  if (refusedOf(together).length > 0) return [...objections, ...together];
  const before = readingBefore(study, unit.code, measure.code, seen.observedOn.slice(0, 10), seen);
  const others = othersOnRound(study, { measure, unit }, seen);
  return [...objections, ...together, ...checkValue(value, { measure, unit, before, others })];
}

interface RoundValue {
  readonly unit: string;
  readonly value: number;
}

/** A round, or a day of extra readings. */
export const roundKey = ({ plannedDay, observedOn }: Pick<Observation, 'plannedDay' | 'observedOn'>) =>
  plannedDay === null ? observedOn.slice(0, 10) : String(plannedDay);

/** What was read of a measure on each round, in order of size. */
const valuesOfRounds = memoize((cells: ReadonlyMap<string, Cell>): ReadonlyMap<string, readonly RoundValue[]> => {
  const rounds = new Map<string, RoundValue[]>();
  for (const [unit, { live }] of cells)
    for (const own of live) {
      if (!isValued(own)) continue;
      const round = rounds.get(roundKey(own));
      if (round) round.push({ unit, value: own.value });
      else rounds.set(roundKey(own), [{ unit, value: own.value }]);
    }
  for (const round of rounds.values()) round.sort((a, b) => a.value - b.value);
  return rounds;
});

function othersOnRound(study: Study, { measure, unit }: ReadingOf, seen: ReadingSaid): readonly number[] {
  const round = valuesOfRounds(readingsOf(study, measure.code)).get(roundKey(seen)) ?? [];
  return round.filter((own) => own.unit !== unit.code).map(({ value }) => value);
}

/** What the categories of a round come to beside what was sown: never more, and less once all are told of only where some are gone. */
function categoriesOfRound(study: Study, { measure, unit }: ReadingOf, seen: ReadingSaid & { readonly value: number }): Objection[] {
  if (!hasCategories(measure) || unit.sown === null) return [];
  const others = cell(study, measure.code, unit.code).live.filter(
    (own) =>
      own.category !== seen.category && own.category !== null && roundKey(own) === roundKey(seen) && own.id !== (seen.replaces ?? seen.id),
  );
  if (others.length === 0) return [];
  const counts = new Map([...others, seen].map(({ category, value }) => [category ?? '', value ?? 0]));
  const sum = [...counts.values()].reduce((all, count) => all + count, 0);
  const some = measure.categories.filter((category) => (counts.get(category) ?? 0) > 0);
  const told = inList(some.map((category) => `${counts.get(category)} ${categoryWords(category)}`));
  const make = `${told || '0'} make ${sum}, and ${unit.sown} were sown in ${unit.code}`;
  if (sum > unit.sown) return [refused('categories-above-sown', '/value', `${make}: ${sum - unit.sown} too many. Count again.`)];
  const isWhole = measure.categories.every((category) => counts.has(category));
  if (!isWhole || sum === unit.sown) return [];
  return [asked('categories-below-sown', '/value', `${make}: ${unit.sown - sum} not told of.`)];
}
