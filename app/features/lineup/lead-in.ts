import { href } from 'react-router'
import type { FirstStep } from '#core/compare/first-step.ts'
import * as texts from '#app/texts/line-up.ts'

/** A first step in words, and where it is done. */
export function leadIn(step: FirstStep | undefined, application: string): { title: string; label: string; to: string } {
  switch (step?.kind) {
    case 'product':
      return {
        title: step.isFirst ? texts.noFilterYet : texts.oneFilterSoFar,
        label: step.isFirst ? texts.addTheFirstFilter : texts.addASecondFilter,
        to: href('/lineups/:application/products/new', { application }),
      }
    case 'specimen':
      return {
        title: texts.noSpecimenYet,
        label: texts.open(step.name),
        to: href('/products/:product/specimens/new', { product: step.product }),
      }
    case 'reading':
      return {
        title: texts.nothingRecordedYet,
        label: texts.putOnTheBench(step.name),
        to: href('/bench/:specimen', { specimen: step.specimen }),
      }
    default:
      return { title: texts.tooLittleYet, label: texts.toTheLineUp, to: href('/lineups/:application', { application }) }
  }
}
