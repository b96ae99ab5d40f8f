declare module 'jstat' {
  interface JStat {
    noncentralt: { cdf(x: number, df: number, ncp: number): number };
  }
  const module: { jStat: JStat };
  export default module;
}
