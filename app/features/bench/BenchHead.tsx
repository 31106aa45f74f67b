import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { unitOfKind } from '#core/quantity/unit-habit.ts'
import { formatSpecimenState } from '#core/teardown/specimen-condition.ts'
import type { Specimen } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/bench.ts'
import { Button } from '#app/ui/Button.tsx'
import { Soft } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 12px;
  h1 {
    max-width: 420px;
    overflow: hidden;
    font-size: 22px;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
`

/** What is on the bench, and the ways to what is known of it. */
export function BenchHead({ specimen, onQuick }: { specimen: Specimen; onQuick: () => void }) {
  const { id, brand, partNumber, revisionLabel, label, productId, applicationId, applicationName } = specimen
  const { units } = usePreferences()
  return (
    <Head>
      <h1>
        <Link
          to={href('/products/:product', { product: productId })}
          title={`${brand} ${partNumber}`}
          style={{ textDecoration: 'none' }}
        >
          {brand} {partNumber}
        </Link>
      </h1>
      <Soft>
        {texts.specimen(revisionLabel && `${revisionLabel} · `, label)}{' '}
        <Link to={href('/lineups/:application', { application: applicationId })}>{applicationName}</Link>
        {specimen.condition !== 'new' && ` · ${formatSpecimenState(specimen, unitOfKind(units, 'distance'))}`}
        {specimen.acquisition === 'given' &&
          ` · ${specimen.onLoan ? texts.onLoanFrom : texts.givenBy} ${specimen.givenBy}`}{' '}
        · <a href={href('/specimens/:specimen/drawing.svg', { specimen: id })}>{texts.drawing}</a> ·{' '}
        <Link to={href('/specimens/:specimen/log', { specimen: id })}>{texts.log}</Link> ·{' '}
        <Link to={href('/specimens/:specimen/how-it-works', { specimen: id })}>{texts.howItWorks}</Link>
      </Soft>
      <Button style={{ marginLeft: 'auto' }} onPress={onQuick}>
        {texts.severalAtOnce}
      </Button>
    </Head>
  )
}
