import { logChoose } from '../fisherExact';

/** Units of one block among which labels are shuffled; the first `treated` of `values` (one a unit) belong to the treated arm. */
export interface Stratum {
  readonly values: readonly number[];
  readonly treated: number;
}

export interface Watch {
  /** Told the share of the work done, from 0 to 1. */
  readonly onProgress?: (share: number) => void;
  /** Long work stops with `Stopped` soon after this turns true. */
  readonly signal?: { readonly aborted: boolean };
}

export class Stopped extends Error {
  constructor() {
    super('stopped before the end');
    this.name = 'Stopped';
  }
}

/** Reports progress and stops where asked to. */
export function checkIn(watch: Watch, share: number): void {
  if (watch.signal?.aborted) throw new Stopped();
  watch.onProgress?.(share);
}

/** How many ways the labels can be dealt. */
export function countArrangements(strata: readonly Stratum[]): number {
  const log = strata.reduce((sum, s) => sum + logChoose(s.values.length, s.treated), 0);
  return log < 36 ? Math.round(Math.exp(log)) : Math.exp(log);
}

/** Sum of the treated values, and its mean over all arrangements. */
export function treatedSum(strata: readonly Stratum[]): { readonly observed: number; readonly expected: number } {
  let observed = 0;
  let expected = 0;
  for (const { values, treated } of strata) {
    const total = values.reduce((a, b) => a + b, 0);
    observed += values.slice(0, treated).reduce((a, b) => a + b, 0);
    expected += (treated * total) / values.length;
  }
  return { observed, expected };
}

/** Smallest deviation that counts as large as the observed one: a hair under it, so that equal sums added in another order still tie. */
export function threshold(strata: readonly Stratum[]): number {
  const { observed, expected } = treatedSum(strata);
  const size = strata.reduce((sum, s) => sum + s.values.reduce((a, b) => a + Math.abs(b), 0), 0);
  return Math.abs(observed - expected) - 1e-10 * size;
}
