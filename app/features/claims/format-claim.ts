import { intervalOf, type Claim } from '#core/claims/claim.ts'
import { formatPromise } from '#core/claims/promise.ts'
import { formatPoints } from '#core/claims/parse-points.ts'
import { formatInterval } from '#core/quantity/interval.ts'
import { formatNumber, formatQuantity } from '#core/quantity/format.ts'
import { claimAmounts } from '#app/features/forms/claim-fields.ts'

/** The structured part of a claim, as it is said. */
export function formatClaimParts({ kind, parts }: Pick<Claim, 'kind' | 'parts'>): string {
  const amount = claimAmounts[kind]
  switch (kind) {
    case 'efficiency':
      return [
        `${formatPoints(parts.points ?? [])} µm`,
        parts.standard ?? 'no test named',
        parts.pass === undefined ? '' : `${parts.pass}-pass`,
      ]
        .filter(Boolean)
        .join(' · ')
    case 'interval':
      return [
        formatInterval(intervalOf(parts), 'km') || 'left to the manual',
        parts.oil && `only with ${parts.oil}`,
        parts.notSevere && 'not under severe duty',
        parts.severeShare !== undefined && `${formatNumber(100 * parts.severeShare)} % of it under severe duty`,
      ]
        .filter(Boolean)
        .join(' · ')
    case 'construction':
      return parts.promise ? formatPromise(parts.promise) : ''
    case 'rival':
      return parts.rival ? `about ${parts.rival}` : 'about somebody else'
    case 'temperature':
      return [parts.low, parts.high]
        .map((kelvin) => (kelvin === undefined ? '?' : formatQuantity(kelvin, '°C')))
        .join(' to ')
    default:
      return amount && parts.amount !== undefined ? formatQuantity(parts.amount, amount.units[0]) : ''
  }
}
