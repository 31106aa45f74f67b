import { scoreSpecimen } from '#core/score/score-specimen.ts'
import { assessTruth } from './review.ts'
import { criteria, type TrueProduct } from './truth.ts'

/** The score that a product truly has. */
export const trueScore = (product: TrueProduct): number =>
  scoreSpecimen('spin-on', assessTruth(product), criteria).value ?? 0
