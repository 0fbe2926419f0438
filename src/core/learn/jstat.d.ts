/* The part of jstat that is used: it comes without types. */
declare module "jstat" {
  interface StudentT {
    cdf(x: number, dof: number): number;
    inv(p: number, dof: number): number;
  }
  const jstat: { jStat: { studentt: StudentT } };
  export default jstat;
}
