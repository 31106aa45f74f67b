import { href, Link } from 'react-router'
import type { Specimen } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/specimen.ts'
import { Soft } from '#app/ui/layout.tsx'

/** Where a page about one specimen stands: line-up, product, specimen. */
export function SpecimenTrail({ specimen }: { specimen: Specimen }) {
  return (
    <Soft>
      <Link to={href('/lineups/:application', { application: specimen.applicationId })}>
        {specimen.applicationName}
      </Link>{' '}
      ·{' '}
      <Link to={href('/products/:product', { product: specimen.productId })}>
        {specimen.brand} {specimen.partNumber}
      </Link>{' '}
      {texts.specimenOfLabel(specimen.label)}
    </Soft>
  )
}
