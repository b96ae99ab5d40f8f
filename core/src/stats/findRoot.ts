/**
 * Root of a continuous function that changes sign between `low` and `high`, to about 12 significant digits;
 * the end nearer to zero where it does not change sign. Illinois method (Dowell & Jarratt 1971, BIT 11:168–174).
 * @param f continuous between the ends
 * @param low one end
 * @param high the other end
 * @returns x at which f is 0
 * @example findRoot((x) => x * x - 2, 0, 2) // 1.41421356
 */
export function findRoot(f: (x: number) => number, low: number, high: number): number {
  let [a, b] = [low, high];
  let [fa, fb] = [f(a), f(b)];
  if (fa * fb > 0) return Math.abs(fa) < Math.abs(fb) ? a : b;
  for (let step = 0; step < 100 && Math.abs(b - a) > 1e-12 * Math.abs(b); step++) {
    const x = fb === fa ? (a + b) / 2 : b - (fb * (b - a)) / (fb - fa);
    const fx = f(x);
    if (fx === 0) return x;
    if (fx * fb < 0) [a, fa] = [b, fb];
    else fa /= 2;
    const moved = Math.abs(x - b);
    [b, fb] = [x, fx];
    if (moved <= 1e-13 * Math.abs(b)) break;
  }
  return b;
}
