/** The few of its functions that are used: the package has no types of its own. */
declare module "jstat" {
  const jStat: {
    readonly beta: { readonly cdf: (x: number, alpha: number, beta: number) => number };
    readonly normal: { readonly inv: (p: number, mean: number, sd: number) => number };
  };
  export default jStat;
}
