import * as texts from '#app/texts/line-up.ts'
/** Who gave a sample, and whether it goes back: it is disclosed wherever the product appears. */
export const giverOf = ({ givenBy, onLoan }: { givenBy: string; onLoan: number }): string[] =>
  givenBy === '' ? [] : [onLoan ? texts.onLoan(givenBy) : givenBy]
