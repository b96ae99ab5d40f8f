import type { Interval } from '../stats/meanInterval';

type Method =
  | 'welch-t'
  | 'paired-t'
  | 'anova'
  | 'welch-anova'
  | 'randomisation'
  | 'sign-flip'
  | 'mann-whitney'
  | 'kruskal-wallis'
  | 'fisher-exact'
  | 'chi-square'
  | 'log-rank'
  | 'trend'
  | 'dunnett'
  | 'tukey'
  | 'dunnett-t3'
  | 'games-howell';

/** One test as course reports list it. */
export interface TestRow {
  readonly method: Method;
  readonly versus?: string;
  readonly arm?: string;
  readonly statistic: { readonly name: string; readonly value: number };
  readonly df: readonly number[];
  readonly p: number;
  /** The difference that was tested. */
  readonly difference?: number;
  /** Interval of the difference that goes with it; where there are several, they hold together. */
  readonly ci95?: Interval;
  readonly exact?: boolean;
  readonly arrangements?: number;
  readonly seed?: number;
  /** True where plants are counted as if each were a unit: shown because course reports ask for it, never used. */
  readonly ignoresUnits?: boolean;
  /** True where the blocks are left out of the calculation. */
  readonly ignoresBlocks?: boolean;
}
