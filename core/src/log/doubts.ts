import type { Measure, Unit } from '../model';
import { median } from '../stats/moments';

/** Something about a reading that a second look should settle. `stop` cannot be true; `ask` is unlikely. */
export interface Doubt {
  readonly level: 'stop' | 'ask';
  readonly message: string;
}

export interface ReadingContext {
  readonly measure: Measure;
  readonly unit: Pick<Unit, 'unit' | 'sown'>;
  /** The unit's own reading before this one; null if there is none. */
  readonly before: { readonly value: number; readonly when: string } | null;
  /** What the other units read on the same day. */
  readonly neighbours: readonly number[];
}

/**
 * Checks a reading as it is entered: more than were sown cannot be; a total that fell and a value ten times off its neighbours are asked about.
 * @param value the number read, 0 or more
 */
export function doubts(value: number, { measure, unit, before, neighbours }: ReadingContext): Doubt[] {
  const found: Doubt[] = [];
  if (measure.kind === 'count' && unit.sown !== null && value > unit.sown) {
    found.push({ level: 'stop', message: `${value} is more than the ${unit.sown} sown in ${unit.unit}. Count again.` });
  }
  if (measure.kind === 'count' && before !== null && value < before.value) {
    found.push({
      level: 'ask',
      message: `${unit.unit} went from ${before.value} (${before.when}) to ${value}. A total does not usually go back.`,
    });
  }
  const middle = measure.kind === 'amount' || measure.kind === 'harvest' ? typical(before, neighbours) : null;
  if (middle !== null && value > 0 && (value >= 9 * middle || value <= middle / 9)) {
    found.push({
      level: 'ask',
      message: `${value} ${measure.unit} is about ten times ${value > middle ? 'more' : 'less'} than the others (${middle} ${measure.unit}). Is the decimal point right?`,
    });
  }
  return found;
}

/** What one would expect: the unit's own last value, else the middle of at least three neighbours; null if that is 0 or not known. */
function typical(before: ReadingContext['before'], neighbours: readonly number[]): number | null {
  const middle = neighbours.length >= 3 ? median(neighbours) : (before?.value ?? null);
  return middle === null || middle <= 0 ? null : middle;
}
