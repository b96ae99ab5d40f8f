declare module 'jstat' {
  interface JStat {
    tukey: { cdf(q: number, means: number, df: number): number };
    noncentralt: { cdf(x: number, df: number, ncp: number): number };
  }
  const module: { jStat: JStat };
  export default module;
}
