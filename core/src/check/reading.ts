import { kindOf } from '../kinds';
import type { Experiment, Measure, Observation, Unit } from '../model';
import { hasCategories } from '../study/categories';

/** A field that cannot be as it is, and why. */
interface RefusedField {
  readonly field: keyof Observation;
  readonly detail: string;
}

interface ReadingOf {
  readonly measure: Measure;
  readonly unit: Pick<Unit, 'code' | 'sown'>;
}

/**
 * Why a value cannot be one of a measure: off its scale, not whole where one counts, below none, more than can be.
 * @param value in the measure's own unit
 * @returns in words; null where it can be
 */
export function refusedValue(value: number, { measure, unit }: ReadingOf): string | null {
  const kind = kindOf(measure);
  const steps = kind.choices(measure).map((choice) => choice.value);
  if (steps.length > 0 && !steps.includes(value)) return `${value} is no step of “${measure.name}”. Its steps are ${steps.join(', ')}.`;
  const refused = kind.refuse(value);
  if (refused !== null) return refused;
  return kind.doubts(value, { measure, unit, before: null, neighbours: [] }).find(({ level }) => level === 'stop')?.message ?? null;
}

/**
 * What of a reading cannot be, whoever sends it. What is only unlikely is asked elsewhere (`doubts` of a kind).
 * @param of its measure and unit
 * @param latest calendar date after which nothing can have been read yet
 * @returns empty where all can be
 */
export function refusedReading(
  { observedOn, value, absent, category }: Pick<Observation, 'observedOn' | 'value' | 'absent' | 'category'>,
  of: ReadingOf,
  { startedOn }: Pick<Experiment, 'startedOn'>,
  latest: string,
): RefusedField[] {
  const day = observedOn.slice(0, 10);
  const refused: RefusedField[] = [];
  if (startedOn !== null && day < startedOn) refused.push({ field: 'observedOn', detail: `${day} is before the start on ${startedOn}.` });
  if (day > latest) refused.push({ field: 'observedOn', detail: `${day} is still to come. Choose a day up to today.` });
  if ((value === null) === (absent === null))
    refused.push({ field: 'value', detail: 'A reading has a value, or says why there is none: not read, or nothing there.' });
  const wrong = value === null ? null : refusedValue(value, of);
  if (wrong !== null) refused.push({ field: 'value', detail: wrong });
  const { categories, name } = of.measure;
  if (hasCategories(of.measure) && (category === null || !categories.includes(category)))
    refused.push({ field: 'category', detail: `The categories of ${name} are ${categories.join(', ')}.` });
  return refused;
}
