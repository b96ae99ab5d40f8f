import gammaln from '@stdlib/math-base-special-gammaln';
import { normalUpper } from './normalTails';
import { integrate } from './quadrature';
import { findRoot } from './findRoot';
import { tQuantile, tTwoSided } from './tTails';

/**
 * Chance that any of several comparisons with one control gives |t| at least this large when nothing differs (two-sided).
 * Correlation of comparisons i and j is `loadings[i] * loadings[j]`; with arm sizes n_i and control n_0, loading_i = √(n_i / (n_i +
 * n_0)).
 * Integrated over the shared control and the pooled spread, as a tail, so that small chances keep their digits.
 * Source: Dunnett CW (1955) JASA 50:1096–1121; (1964) Biometrics 20:482–491.
 * @param t largest of the comparisons' t
 * @param loadings one a treatment, each in (0, 1)
 * @param df degrees of freedom of the pooled spread
 * @returns a chance
 */
export function dunnettP(t: number, loadings: readonly number[], df: number): number {
  const size = Math.abs(t);
  if (size === 0) return 1;
  if (loadings.length === 1) return tTwoSided(size, df);
  // Arms of equal size have equal loadings and are worked out once.
  const counted = [...new Set(loadings)].map((loading) => [loading, loadings.filter((other) => other === loading).length] as const);
  const overControl = (scaled: number) =>
    integrate((z) => (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * anyBeyond(scaled, z, counted), -8.5, 8.5);
  const logConstant = (df / 2) * Math.log(df / 2) - gammaln(df / 2) + Math.LN2;
  // Density of s, the pooled spread over its true value: df s² is chi-square.
  const density = (s: number) => Math.exp(logConstant + (df - 1) * Math.log(s) - (df * s * s) / 2);
  const width = 9 / Math.sqrt(2 * df);
  const low = Math.max(0, 1 - width);
  const p = integrate((s) => (s > 0 ? density(s) * overControl(size * s) : 0), low, 1 + width * (df < 5 ? 1.6 : 1.1), df < 5 ? 2 : 1);
  return Math.min(1, Math.max(p, tTwoSided(size, df)));
}

// Power runs ask for the same critical value hundreds of times.
const known = new Map<string, number>();
const MOST_KNOWN = 200;

/**
 * The |t| that all comparisons together exceed with chance `alpha`.
 * @param loadings one a treatment, each in (0, 1)
 * @param df degrees of freedom of the pooled spread
 * @param alpha chance that any of them exceeds it
 * @returns half width of the simultaneous intervals, in standard errors
 * @example dunnettCritical([Math.SQRT1_2, Math.SQRT1_2], 6) // 2.86
 */
export function dunnettCritical(loadings: readonly number[], df: number, alpha = 0.05): number {
  const key = `${alpha} ${df} ${loadings.map((loading) => loading.toPrecision(12)).join(' ')}`;
  const found = known.get(key) ?? findCritical(loadings, df, alpha);
  if (known.size < MOST_KNOWN) known.set(key, found);
  return found;
}

function findCritical(loadings: readonly number[], df: number, alpha: number): number {
  const start = tQuantile(1 - alpha / 2, df);
  const widest = tQuantile(1 - alpha / 2 / loadings.length, df) * 1.001;
  return findRoot((t) => dunnettP(t, loadings, df) - alpha, start * 0.999, widest);
}

/** P(any |T_i| > scaled) for a given value z of the part that all comparisons share. */
function anyBeyond(scaled: number, z: number, loadings: readonly (readonly [loading: number, times: number])[]): number {
  let logInside = 0;
  for (const [loading, times] of loadings) {
    const own = Math.sqrt(1 - loading * loading);
    const outside = normalUpper((scaled - loading * z) / own) + normalUpper((scaled + loading * z) / own);
    logInside += times * Math.log1p(-Math.min(1, outside));
  }
  return -Math.expm1(logInside);
}
