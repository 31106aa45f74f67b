import { href } from 'react-router'
import type { FirstStep } from '#core/compare/first-step.ts'

/** A first step in words, and where it is done. */
export function leadIn(step: FirstStep | undefined, application: string): { title: string; label: string; to: string } {
  switch (step?.kind) {
    case 'product':
      return {
        title: step.isFirst ? 'No filter yet' : 'One filter so far',
        label: step.isFirst ? 'Add the first filter' : 'Add a second filter',
        to: href('/lineups/:application/products/new', { application }),
      }
    case 'specimen':
      return {
        title: 'No specimen yet',
        label: `Open ${step.name}`,
        to: href('/products/:product/specimens/new', { product: step.product }),
      }
    case 'reading':
      return {
        title: 'Nothing recorded yet',
        label: `Put ${step.name} on the bench`,
        to: href('/bench/:specimen', { specimen: step.specimen }),
      }
    default:
      return { title: 'Too little yet', label: 'To the line-up', to: href('/lineups/:application', { application }) }
  }
}
