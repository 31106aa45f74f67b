import { intervalOf, type Claim } from '#core/claims/claim.ts'
import { formatPromise } from '#core/claims/promise.ts'
import { formatPoints } from '#core/claims/parse-points.ts'
import { formatInterval } from '#core/quantity/interval.ts'
import { formatNumber, formatQuantity } from '#core/quantity/format.ts'
import { claimAmounts } from '#app/features/forms/claim-fields.ts'
import * as texts from '#app/texts/claims.ts'

/** The structured part of a claim, as it is said. */
export function formatClaimParts({ kind, parts }: Pick<Claim, 'kind' | 'parts'>): string {
  const amount = claimAmounts[kind]
  switch (kind) {
    case 'efficiency':
      return [
        texts.m(formatPoints(parts.points ?? [])),
        parts.standard ?? texts.noTestNamed,
        parts.pass === undefined ? '' : `${parts.pass}-pass`,
      ]
        .filter(Boolean)
        .join(' · ')
    case 'interval':
      return [
        formatInterval(intervalOf(parts), 'km') || texts.leftToTheManual,
        parts.oil && texts.onlyWith(parts.oil),
        parts.notSevere && texts.notUnderSevereDuty,
        parts.severeShare !== undefined && texts.ofItUnderSevereDuty(formatNumber(100 * parts.severeShare)),
      ]
        .filter(Boolean)
        .join(' · ')
    case 'construction':
      return parts.promise ? formatPromise(parts.promise) : ''
    case 'rival':
      return parts.rival ? texts.about(parts.rival) : texts.aboutSomebodyElse
    case 'temperature':
      return [parts.low, parts.high]
        .map((kelvin) => (kelvin === undefined ? '?' : formatQuantity(kelvin, '°C')))
        .join(' to ')
    default:
      return amount && parts.amount !== undefined ? formatQuantity(parts.amount, amount.units[0]) : ''
  }
}
