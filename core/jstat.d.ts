/** What the tests ask of jstat, against which distributions are checked. */
declare module 'jstat' {
  const jstat: {
    normal: { pdf(at: number, mean: number, deviation: number): number }
    studentt: { inv(share: number, degrees: number): number; pdf(t: number, degrees: number): number }
    tukey: { inv(share: number, count: number, degrees: number): number }
  }
  export default jstat
}
