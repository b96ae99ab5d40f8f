import equal from 'fast-deep-equal';
import { experimentFields, type Experiment } from './experiment';
import type { Field, Fields } from './fields';
import type { FieldChange } from './plan';

/**
 * Whether two values say the same, whatever the order of their keys.
 * @param a anything that JSON can hold
 * @param b anything that JSON can hold
 * @returns whether a save of one over the other would change nothing
 * @example same({ arm: 'A', dose: 2 }, { dose: 2, arm: 'A' }) // true
 */
export function same(a: unknown, b: unknown): boolean {
  return equal(a, b);
}

/**
 * Everything that is fixed at the start and differs between two versions of an experiment, field by field.
 * @param before as it was
 * @param after as it is to be
 * @returns a line a field with its old and new value in words; empty where only free fields differ
 */
export function fixedChanges(before: Experiment, after: Experiment): FieldChange[] {
  return recordChanges(experimentFields, before, after, '');
}

type Values = Readonly<Record<string, unknown>>;

function recordChanges(fields: Fields, before: Values, after: Values, of: string): FieldChange[] {
  return Object.entries(fields).flatMap(([name, field]): FieldChange[] => {
    const [old, next] = [before[name], after[name]];
    if (field.free || same(old, next)) return [];
    if (field.shape.type === 'record') return recordChanges(field.shape.fields, old as Values, next as Values, of);
    const { shape } = field;
    if (shape.type === 'list' && shape.of.type === 'record' && typeof shape.each === 'string')
      return listChanges(field, shape.of.fields, shape.each, old as readonly Values[], next as readonly Values[]);
    return [{ what: `${of}${field.words}`, before: inWords(old), after: inWords(next) }];
  });
}

/** Records that have a code of their own are compared one by one. */
function listChanges(field: Field, fields: Fields, key: string, before: readonly Values[], after: readonly Values[]): FieldChange[] {
  const old = new Map(before.map((item) => [item[key], item]));
  const next = new Map(after.map((item) => [item[key], item]));
  const name = (item: Values) => `${field.words} ${String(item[key])}`;
  const gone = before.filter((item) => !next.has(item[key]));
  const order = (items: readonly Values[], others: Map<unknown, Values>) =>
    items.map((item) => item[key]).filter((code) => others.has(code));
  const moved = !same(order(before, next), order(after, old));
  return [
    ...gone.map((item) => ({ what: name(item), before: inWords(item.name ?? 'there'), after: 'taken away' })),
    ...after.flatMap((item): FieldChange[] => {
      const was = old.get(item[key]);
      if (!was) return [{ what: name(item), before: 'not there', after: inWords(item.name ?? item.arm ?? 'added') }];
      return recordChanges(fields, was, item, `${name(item)}, `);
    }),
    ...(moved
      ? [{ what: `the order of the ${field.words}s`, before: inWords(order(before, next)), after: inWords(order(after, old)) }]
      : []),
  ];
}

/** A value as people would write it. */
function inWords(value: unknown): string {
  if (value === null || value === undefined || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (Array.isArray(value)) return value.length === 0 ? 'nothing' : value.map(inWords).join('; ');
  if (typeof value === 'object') return Object.values(value).map(inWords).join(', ') || 'nothing';
  return String(value);
}
