export interface Diversity {
  /** Shannon's H′, natural logarithms. */
  readonly shannon: number;
  /** Pielou's evenness J, 0 to 1; null with one kind. */
  readonly evenness: number | null;
  readonly kinds: number;
}

/** Diversity of counts a kind; null where nothing was found. Sources: Shannon CE (1948); Pielou EC (1966) J Theor Biol 13:131–144. */
export function diversity(counts: readonly number[]): Diversity | null {
  const found = counts.filter((n) => n > 0);
  const total = found.reduce((a, b) => a + b, 0);
  if (total === 0) return null;
  const shannon = -found.reduce((sum, n) => sum + (n / total) * Math.log(n / total), 0) + 0;
  return { shannon, evenness: found.length > 1 ? shannon / Math.log(found.length) : null, kinds: found.length };
}

/** Animals a square metre from a count on a square of so many cm a side. */
export function perSquareMetre(count: number, sideCm: number): number | null {
  return sideCm > 0 ? (count * 10_000) / (sideCm * sideCm) : null;
}
