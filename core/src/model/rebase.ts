import { entryOf, tupleOf } from '../invariant';
import { same } from './differences';
import { experimentFields, type Experiment } from './experiment';
import type { Field, Fields } from './fields';

/** What became of edits that were carried over. */
export interface Rebased {
  readonly experiment: Experiment;
  /** JSON pointers of what was changed on both sides in different ways: there the other side stands. */
  readonly overlaps: readonly string[];
}

/**
 * Carries edits over to another version: a three-way merge, field by field, and by code where things have one.
 * @param base the version on which the edits were made
 * @param mine the same with the edits
 * @param theirs the version that they are carried over to
 * @returns theirs with the edits
 */
export function rebase(base: Experiment, mine: Experiment, theirs: Experiment): Rebased {
  const overlaps: string[] = [];
  const experiment = mergeRecord(experimentFields, { base, mine, theirs }, '', overlaps) as Experiment;
  return { experiment: same(experiment, theirs) ? theirs : experiment, overlaps };
}

type Values = Readonly<Record<string, unknown>>;

interface Sides<T> {
  readonly base: T;
  readonly mine: T;
  readonly theirs: T;
}

function mergeRecord(fields: Fields, sides: Sides<Values>, at: string, overlaps: string[]): Values {
  const { base, mine, theirs } = sides;
  const merged = Object.entries(fields).map(([name, field]) => [
    name,
    mergeField(field, { base: base[name], mine: mine[name], theirs: theirs[name] }, `${at}/${name}`, overlaps),
  ]);
  return { ...theirs, ...Object.fromEntries(merged) };
}

function mergeField({ shape, nullable }: Field, sides: Sides<unknown>, at: string, overlaps: string[]): unknown {
  const { base, mine, theirs } = sides;
  if (same(mine, base)) return theirs;
  if (same(theirs, base) || same(mine, theirs)) return mine;
  if (shape.type === 'record' && !nullable) return mergeRecord(shape.fields, sides as Sides<Values>, at, overlaps);
  if (shape.type === 'list' && shape.of.type === 'record' && typeof shape.each === 'string')
    return mergeList(shape.of.fields, shape.each, sides as Sides<readonly Values[]>, at, overlaps);
  if (shape.type === 'list' && [mine, theirs].every((list) => isLonger(list as readonly unknown[], base as readonly unknown[])))
    return [...(theirs as readonly unknown[]), ...(mine as readonly unknown[]).slice((base as readonly unknown[]).length)];
  overlaps.push(at);
  return theirs;
}

/** Something was added at its end, and the rest stands as it was: amendments, predictions. */
const isLonger = (list: readonly unknown[], base: readonly unknown[]) => same(list.slice(0, base.length), base);

function mergeList(fields: Fields, key: string, { base, mine, theirs }: Sides<readonly Values[]>, at: string, overlaps: string[]) {
  const codes = (items: readonly Values[]) => items.map((item) => item[key]);
  const byCode = (items: readonly Values[]) => new Map(items.map((item) => [item[key], item]));
  const [was, own, other] = tupleOf([base, mine, theirs].map(byCode), 3);
  const order = same(codes(mine), codes(base))
    ? codes(theirs)
    : same(codes(theirs), codes(base))
      ? codes(mine)
      : [
          ...codes(theirs).filter((code) => own.has(code) || !was.has(code)),
          ...codes(mine).filter((code) => !was.has(code) && !other.has(code)),
        ];
  for (const [code, item] of own) if (was.has(code) && !other.has(code) && !same(item, was.get(code))) overlaps.push(at);
  return order.map((code): Values | undefined => {
    const [b, m, t] = [was.get(code), own.get(code), other.get(code)];
    if (m === undefined || t === undefined) return m ?? t;
    if (b !== undefined) return mergeRecord(fields, { base: b, mine: m, theirs: t }, `${at}/${codes(theirs).indexOf(code)}`, overlaps);
    if (!same(m, t)) overlaps.push(at);
    return t;
  });
}

/**
 * Takes back the smallest thing at a place that differs from what is stored: the field, else what holds it, and so on outwards.
 * @param stored as it was before the edits
 * @param now with the edits
 * @param pointer JSON pointer into `now` (RFC 6901), as the server names what it refuses
 * @returns the experiment without that edit; null where nothing at this place or around it differs
 */
export function revertAt(stored: Experiment, now: Experiment, pointer: string): Experiment | null {
  const reverted = revertRecord(experimentFields, stored, now, pointer.split('/').slice(1));
  return reverted === null ? null : (reverted as Experiment);
}

function revertRecord(fields: Fields, stored: Values, now: Values, [name, ...rest]: readonly string[]): Values | null {
  if (name === undefined || !Object.hasOwn(fields, name) || same(stored[name], now[name])) return null;
  return { ...now, [name]: revertField(entryOf(fields, name), stored[name], now[name], rest) };
}

/** Of a field that differs. */
function revertField({ shape, nullable }: Field, stored: unknown, now: unknown, path: readonly string[]): unknown {
  if (shape.type === 'record' && !nullable) return revertRecord(shape.fields, stored as Values, now as Values, path) ?? stored;
  if (shape.type === 'list' && shape.of.type === 'record' && typeof shape.each === 'string')
    return revertItem(shape.of.fields, shape.each, stored as readonly Values[], now as readonly Values[], path) ?? stored;
  return stored;
}

function revertItem(fields: Fields, key: string, stored: readonly Values[], now: readonly Values[], path: readonly string[]) {
  const [index, ...rest] = path;
  const item = now.at(Number(index));
  if (index === undefined || item === undefined) return null;
  const was = stored.find((own) => own[key] === item[key]);
  if (was === undefined) return now.filter((own) => own !== item);
  if (same(was, item)) return null;
  return now.map((own) => (own === item ? (revertRecord(fields, was, item, rest) ?? was) : own));
}
