import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { formatAmount, formatMoney } from '#core/money/currency.ts'
import { fromSI } from '#core/quantity/convert.ts'
import { formatFixed, formatQuantity } from '#core/quantity/format.ts'
import { systemOf, type UnitHabit } from '#core/quantity/unit-habit.ts'
import type { MoneyRow } from '#app/data/money.server.ts'
import type { Offer } from '#app/data/offers.server.ts'
import type { EvaluationView } from '#app/features/verdict/useEvaluation.ts'
import * as texts from '#app/texts/money.ts'
import { Small } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { usePerDistance } from './usePerDistance.ts'

const Figures = styled(Table)`
  td:nth-child(-n + 3) {
    min-width: 130px;
  }
  td:nth-child(n + 4) {
    white-space: nowrap;
  }
  th:nth-child(n + 4),
  td:nth-child(n + 4) {
    text-align: right;
  }
`

const limitWords = { claim: texts.theClaim, manual: texts.theManual, habit: texts.yourHabit }

interface Props {
  rows: MoneyRow[]
  names: ReadonlyMap<string, string>
  currency: string
  wanted: number
  judged: EvaluationView
}

const costOf = ({ cost, offer }: MoneyRow): number => cost?.perDistance ?? offer?.unit ?? Infinity

/** What each filter costs when it has arrived, for how long it may be used, and what that comes to; cheapest first. */
export function CostTable({ rows, names, currency, wanted, judged }: Props) {
  const { units: system } = usePreferences()
  const { label, unit } = usePerDistance()
  const areaUnit = areaUnitOf(system)
  return (
    <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={texts.prices}>
      <Figures>
        <thead>
          <tr>
            <th scope="col">{texts.product}</th>
            <th scope="col">{texts.landedEach(currency)}</th>
            <th scope="col">{texts.usableInterval}</th>
            <th scope="col">{texts.forLabel(label, currency)}</th>
            <th scope="col">{texts.aYear(currency)}</th>
            <th scope="col">{texts.paidForNotUsed(unit)}</th>
            <th scope="col">{texts.areaForOne(currency, areaUnit)}</th>
            <th scope="col">{texts.score}</th>
          </tr>
        </thead>
        <tbody>
          {[...rows]
            .sort((a, b) => costOf(a) - costOf(b))
            .map((row) => (
              <CostRow
                key={row.column.id}
                row={row}
                name={names.get(row.column.id) ?? row.column.name}
                currency={currency}
                wanted={wanted}
                score={judged.judgedOf(row.column.id)?.chances.mean}
              />
            ))}
        </tbody>
      </Figures>
    </div>
  )
}

interface RowProps {
  row: MoneyRow
  name: string
  currency: string
  wanted: number
  /** As the verdict has it; undefined when it is not judged. */
  score: number | undefined
}

function CostRow({ row, name, currency, wanted, score }: RowProps) {
  const { units: system } = usePreferences()
  const { unit, scale } = usePerDistance()
  const { column, offer, unconverted, interval, isShortOfHours, cost } = row
  const money = (minor: number | undefined) => (minor === undefined ? '–' : formatAmount(Math.round(minor), currency))
  return (
    <tr>
      <td>
        <Link to={href('/products/:product/prices', { product: column.productId })}>{name}</Link>
        {column.score.fatalFault && <Remark>{column.score.fatalFault}</Remark>}
        {column.given.length > 0 && <Remark>{texts.sampleGivenBy(column.given.join(', '))}</Remark>}
      </td>
      <td>
        {offer ? (
          <>
            <strong>{money(offer.unit)}</strong>
            <Remark>{offerText(offer, currency, wanted)}</Remark>
            {offer.stale && <Remark>{texts.staleDaysOld(offer.age)}</Remark>}
          </>
        ) : (
          <Small>{unconverted.length > 0 ? texts.inNeedsARate(unconverted.join(' and ')) : texts.noPrice}</Small>
        )}
      </td>
      <td>
        {interval ? (
          <>
            {formatQuantity(interval.distance, unit)}
            <Remark>
              {texts.setBy(limitWords[interval.limit])}
              {interval.claimFails && texts.theClaimDoesNotCount(interval.claimFails)}
            </Remark>
          </>
        ) : (
          <Small>{texts.notKnown}</Small>
        )}
        {isShortOfHours && <Remark>{texts.engineHoursNotCountedHowMany}</Remark>}
      </td>
      <td>{money(cost && cost.perDistance * scale)}</td>
      <td>{money(cost?.aYear)}</td>
      <td>{interval && interval.unused > 0 ? formatFixed(fromSI(interval.unused, unit), 0) : '–'}</td>
      <td>{row.areaPerMoney === undefined ? '–' : formatFixed(fromSI(row.areaPerMoney, areaUnitOf(system)), 0)}</td>
      <td>{score === undefined ? '–' : Math.round(score)}</td>
    </tr>
  )
}

/** A remark on a line of its own. */
function Remark({ children }: { children: React.ReactNode }) {
  return (
    <>
      <br />
      <Small>{children}</Small>
    </>
  )
}

/** What an offer is made of: the price as the shop asks it, freight, what is left over, what comes along. */
function offerText({ price, landed, rate, rateQuotedOn }: Offer, currency: string, wanted: number): string {
  const pack = price.packSize > 1 ? texts.forLabelOfPackSize(price.packSize) : ''
  const said = [
    `${formatMoney(price.amountMinor, price.currency)}${pack}, ${price.shop}`,
    landed.freight > 0 && texts.freight(formatMoney(Math.round(landed.freight), price.currency)),
    landed.filters > wanted && texts.leftOver(landed.filters - wanted),
    price.extrasMinor > 0 && texts.worthOff(price.extras, formatMoney(price.extrasMinor, price.currency)),
    price.currency !== currency && texts.atOf(rate.toPrecision(4), rateQuotedOn),
  ]
  return said.filter(Boolean).join('; ')
}

const areaUnitOf = (system: UnitHabit) => (systemOf(system) === 'metric' ? 'cm²' : 'in²')
