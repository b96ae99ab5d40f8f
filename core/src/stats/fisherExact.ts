import gammaln from '@stdlib/math-base-special-gammaln';

/**
 * Natural logarithm of n over k.
 * @param n 0 or more
 * @param k from 0 to n
 * @returns ln of the number of ways
 * @example logChoose(4, 2) // 1.791759
 */
export function logChoose(n: number, k: number): number {
  return gammaln(n + 1) - gammaln(k + 1) - gammaln(n - k + 1);
}

export interface FisherExact {
  /** Sum of the probabilities of all tables no likelier than the one seen. */
  readonly twoSided: number;
  /** Chance of as many or more successes in the first row. */
  readonly greater: number;
}

/**
 * Fisher's exact test of a two-by-two table given as successes and trials of each arm; null where an arm has no trials.
 * Source: Fisher RA (1935) The Design of Experiments, ch. 2. Two-sided by summing tables no likelier than the observed.
 * @param first successes and trials
 * @param second successes and trials
 * @returns p and the sample's odds ratio; null where an arm has no trials
 * @example fisherExact([3, 4], [1, 4])?.twoSided // 0.485714
 */
export function fisherExact(first: readonly [number, number], second: readonly [number, number]): FisherExact | null {
  const [x1, n1] = first;
  const [x2, n2] = second;
  if (n1 <= 0 || n2 <= 0) return null;
  const successes = x1 + x2;
  const low = Math.max(0, successes - n2);
  const high = Math.min(n1, successes);
  const logTotal = logChoose(n1 + n2, successes);
  const chance = (k: number) => Math.exp(logChoose(n1, k) + logChoose(n2, successes - k) - logTotal);
  const seen = chance(x1);
  let twoSided = 0;
  let greater = 0;
  for (let k = low; k <= high; k++) {
    const p = chance(k);
    // Tables that tie with the observed one may differ in the last bits.
    if (p <= seen * (1 + 1e-7)) twoSided += p;
    if (k >= x1) greater += p;
  }
  return { twoSided: Math.min(1, twoSided), greater: Math.min(1, greater) };
}
