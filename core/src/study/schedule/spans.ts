import { itemAt } from '../../invariant';

/** From a minute to a later one, both included. */
export type Span = readonly [from: number, to: number];

/** Spans in order that do not touch. */
export type Spans = readonly Span[];

/** All of time. */
export const always: Spans = [[-Infinity, Infinity]];

/**
 * The same times as spans in order that do not overlap.
 * @param spans in any order
 */
export function joined(spans: readonly Span[]): Spans {
  const sorted = spans.filter(([from, to]) => from <= to).sort((a, b) => a[0] - b[0]);
  const out: [number, number][] = [];
  for (const [from, to] of sorted) {
    const last = out[out.length - 1];
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else out.push([from, to]);
  }
  return out;
}

/** The times that are in both. */
export function both(a: Spans, b: Spans): Spans {
  const out: Span[] = [];
  for (let i = 0, j = 0; i < a.length && j < b.length;) {
    const from = Math.max(itemAt(a, i)[0], itemAt(b, j)[0]);
    const to = Math.min(itemAt(a, i)[1], itemAt(b, j)[1]);
    if (from <= to) out.push([from, to]);
    if (itemAt(a, i)[1] < itemAt(b, j)[1]) i++;
    else j++;
  }
  return out;
}

/** The latest time in the spans that is not after a minute; null where there is none. */
export function latest(spans: Spans, minute: number): number | null {
  const found = spans.findLast(([from]) => from <= minute);
  return found ? Math.min(found[1], minute) : null;
}

/** The earliest time in the spans that is not before a minute; null where there is none. */
export function earliest(spans: Spans, minute: number): number | null {
  const found = spans.find(([, to]) => to >= minute);
  return found ? Math.max(found[0], minute) : null;
}

export const within = (spans: Spans, minute: number): boolean => spans.some(([from, to]) => from <= minute && minute <= to);
