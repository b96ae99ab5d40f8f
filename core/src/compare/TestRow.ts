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
  | 'tukey';

/** One test as course reports list it. */
export interface TestRow {
  readonly method: Method;
  readonly versus?: string;
  readonly arm?: string;
  readonly statistic: { readonly name: string; readonly value: number };
  readonly df: readonly number[];
  readonly p: number;
  readonly exact?: boolean;
  readonly arrangements?: number;
  readonly seed?: number;
  /** True where plants are counted as if each were a unit: shown because course reports ask for it, never used. */
  readonly ignoresUnits?: boolean;
  /** True where the blocks are left out of the reckoning. */
  readonly ignoresBlocks?: boolean;
}
