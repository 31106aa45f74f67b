import { scoreSpecimen } from '#core/score/score-specimen.ts'
import { assessTruth } from './review.ts'
import type { TrueProduct } from './truth.ts'

/** The score that a product truly has. */
export const trueScore = (product: TrueProduct): number =>
  scoreSpecimen(product.field.form, assessTruth(product), product.field.criteria).value ?? 0
