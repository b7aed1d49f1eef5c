/** The part of jstat that is used; the package brings no types. */
declare module 'jstat' {
  export const jStat: {
    studentt: { inv(p: number, degreesOfFreedom: number): number };
    normal: { cdf(x: number, mean: number, sd: number): number };
  };
}
