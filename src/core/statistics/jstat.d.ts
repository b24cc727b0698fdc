/** The few of its functions that are used: the package has no types of its own. */
declare module "jstat" {
  const jStat: {
    readonly beta: { readonly cdf: (x: number, alpha: number, beta: number) => number };
  };
  export default jStat;
}
