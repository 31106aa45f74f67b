import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { unitOfKind } from '#core/quantity/unit-habit.ts'
import { formatMoney } from '#core/money/currency.ts'
import { formatSpecimenState } from '#core/teardown/specimen-condition.ts'
import type { Specimen } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/products.ts'
import { Small, Soft } from '#app/ui/layout.tsx'
import { Meter } from '#app/ui/Meter.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'

const Specimens = styled(Table)`
  th,
  td:nth-child(n + 4) {
    white-space: nowrap;
  }
`

interface ScoredSpecimen extends Specimen {
  completeness: number
  score: number | undefined
  fatalFault: string | undefined
}

/** The specimens of a product: how they were got, how far they are, and what they score. */
export function SpecimenTable({ specimens }: { specimens: ScoredSpecimen[] }) {
  const { units } = usePreferences()
  if (specimens.length === 0) return <Soft>{texts.noneYetBuyOneWriteA}</Soft>
  return (
    <Specimens>
      <thead>
        <tr>
          <th>{texts.specimen}</th>
          <th>{texts.revision}</th>
          <th>{texts.howGot}</th>
          <th>{texts.recorded}</th>
          <th>{texts.score}</th>
          <th>{texts.change}</th>
        </tr>
      </thead>
      <tbody>
        {specimens.map((specimen) => (
          <tr key={specimen.id}>
            <td>
              <Link to={href('/bench/:specimen', { specimen: specimen.id })}>{specimen.label}</Link>
            </td>
            <td>{specimen.revisionLabel || texts.first}</td>
            <td>
              {acquisitionText(specimen)}
              {specimen.condition !== 'new' && (
                <>
                  <br />
                  <Small>{formatSpecimenState(specimen, unitOfKind(units, 'distance'))}</Small>
                </>
              )}
            </td>
            <td>
              <Meter share={specimen.completeness} />
            </td>
            <td>
              {specimen.score === undefined ? (
                '–'
              ) : (
                <Link to={href('/specimens/:specimen/score', { specimen: specimen.id })}>
                  {texts.of100(Math.round(specimen.score))}
                </Link>
              )}
              {specimen.fatalFault && (
                <>
                  <br />
                  <Small style={{ whiteSpace: 'normal' }}>{specimen.fatalFault}</Small>
                </>
              )}
            </td>
            <td>
              <Link to={href('/specimens/:specimen/edit', { specimen: specimen.id })}>{texts.edit}</Link> ·{' '}
              <Link to={href('/specimens/:specimen/how-it-works', { specimen: specimen.id })}>{texts.howItWorks}</Link>
            </td>
          </tr>
        ))}
      </tbody>
    </Specimens>
  )
}

function acquisitionText({ acquisition, onLoan, givenBy, shop, paidMinor, currency }: Specimen): string {
  const how =
    acquisition === 'given'
      ? `${onLoan ? texts.onLoanFrom : texts.givenBy} ${givenBy}`
      : [texts.bought, shop && texts.at(shop)].filter(Boolean).join(' ')
  return paidMinor === null || currency === null ? how : `${how}, ${formatMoney(paidMinor, currency)}`
}
