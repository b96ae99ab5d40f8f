import { itemAt } from '../invariant';

/**
 * Nodes and weights of Gauss–Legendre quadrature on [−1, 1] by Newton's method (Press et al. 2007, Numerical Recipes, §4.6).
 * @param points their number
 * @returns as many nodes as weights
 */
export function gaussLegendre(points: number): { readonly nodes: readonly number[]; readonly weights: readonly number[] } {
  const nodes = new Array<number>(points);
  const weights = new Array<number>(points);
  for (let i = 0; i < points; i++) {
    let x = Math.cos((Math.PI * (i + 0.75)) / (points + 0.5));
    let slope = 0;
    for (let step = 0; step < 100; step++) {
      let before = 1;
      let value = x;
      for (let k = 2; k <= points; k++) [before, value] = [value, ((2 * k - 1) * x * value - (k - 1) * before) / k];
      slope = (points * (x * value - before)) / (x * x - 1);
      const move = value / slope;
      x -= move;
      if (Math.abs(move) < 1e-16) break;
    }
    nodes[i] = x;
    weights[i] = 2 / ((1 - x * x) * slope * slope);
  }
  return { nodes, weights };
}

const RULE = gaussLegendre(40);

/**
 * Integral of a smooth function from `low` to `high`, split into equal panels of 40 points.
 * @param f smooth between the ends
 * @param low one end
 * @param high the other end
 * @param panels equal parts
 * @returns the integral
 * @example integrate((x) => x * x, 0, 3) // 9
 */
export function integrate(f: (x: number) => number, low: number, high: number, panels = 1): number {
  const width = (high - low) / panels;
  let sum = 0;
  for (let panel = 0; panel < panels; panel++) {
    const middle = low + width * (panel + 0.5);
    for (let i = 0; i < RULE.nodes.length; i++) sum += itemAt(RULE.weights, i) * f(middle + (itemAt(RULE.nodes, i) * width) / 2);
  }
  return (sum * width) / 2;
}
