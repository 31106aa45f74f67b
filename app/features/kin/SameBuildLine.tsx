import { href, Link } from 'react-router'
import { cheaperNames } from '#core/kin/same-build-price.ts'
import type { KinFinding } from '#core/kin/kin-finding.ts'
import { formatMoney, toMinor } from '#core/money/currency.ts'
import { columnNames } from '#app/data/column-name.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/kin.ts'
import { Small } from '#app/ui/layout.tsx'
import { useJson } from '#app/ui/useJson.ts'

interface SamePair {
  a: string
  b: string
  finding: KinFinding
}

/** What is to be had for less under another name, where two filters are one build. */
export function SameBuildLine() {
  const { application, evaluation } = useLineup()
  const { columns, currency } = evaluation
  const { data } = useJson<{ pairs: SamePair[] }>(
    href('/lineups/:application/same-builds', { application: application.id }),
  )
  const nameOf = columnNames(columns)
  const priceOf = (id: string) => columns.find((column) => column.id === id)?.attributes['value.landed']?.low
  const cheaper = cheaperNames(data?.pairs ?? [], priceOf)
  const pairOf = (dear: string, cheap: string) => href('/kin/:a/:b', { a: dear, b: cheap })
  return cheaper.map(({ dear, cheap, less }) => (
    <Small key={dear} as="p">
      {texts.is(nameOf(cheap))} <Link to={pairOf(dear, cheap)}>{texts.theSameBuildAs(nameOf(dear))}</Link>{' '}
      {texts.forLess(formatMoney(Math.round(toMinor(less, currency)), currency))}
    </Small>
  ))
}
