import { mean } from 'simple-statistics'
import { capacityPerArea } from '#core/claims/capacity.ts'
import { distancePerArea } from '#core/claims/distance-per-area.ts'
import type { PerArea } from '#core/claims/per-area.ts'
import type { Claim } from '#core/claims/claim.ts'
import { ofRevision, standingClaims, type StandingClaims } from '#core/claims/standing.ts'
import { promiseOutcome, type PromiseOutcome } from '#core/claims/promise.ts'
import { assessApplication, type AssessedSpecimen } from './assessments.server.ts'
import { listClaims, listDecisions, type StoredClaim } from './claims.server.ts'
import { listInquiries, type StoredInquiry } from './inquiries.server.ts'
import { lineupQuery } from './lineup-query.server.ts'
import { revisionName } from './column-name.ts'
import { giverOf } from './giver.ts'
import { listProducts } from './products.server.ts'

/** A product with its claims and those of them that count, of its latest revision where they differ. */
export interface ProductClaims extends StandingClaims {
  id: string
  name: string
  all: StoredClaim[]
  /** Names of the revisions that claims are of, by id. */
  revisions: Record<string, string>
  /** What became of each promise about a part, by the id of its claim. */
  outcomes: Record<string, PromiseOutcome>
  /** What was looked up or asked in vain. */
  inquiries: StoredInquiry[]
  /** A specimen on which what was not checked can be looked at. */
  specimen: string | undefined
  /** What counts of each revision, by its id. */
  standing: Record<string, Claim[]>
  /** Given samples are disclosed wherever the product appears. */
  given: string[]
}

interface ClaimOverview {
  products: ProductClaims[]
  capacities: PerArea[]
  distances: PerArea[]
}

/** What became of what is promised about parts, in the specimens of the revision that it is said of. */
const outcomesOf = (claims: readonly StoredClaim[], own: readonly AssessedSpecimen[]): Record<string, PromiseOutcome> =>
  Object.fromEntries(
    claims.flatMap(({ id, revisionId, parts: { promise } }) => {
      const those = own.filter(({ specimen }) => !revisionId || specimen.revisionId === revisionId)
      return promise
        ? [
            [
              id,
              promiseOutcome(
                promise,
                those.map(({ assessment }) => assessment.values),
              ),
            ],
          ]
        : []
    }),
  )

/** Claims of a line-up: product by product, and capacity over measured area. */
export const claimOverview = lineupQuery('claims', async (application: string): Promise<ClaimOverview> => {
  const [products, claims, decisions, inquiries, assessed] = await Promise.all([
    listProducts(application),
    listClaims(application),
    listDecisions(application),
    listInquiries(application),
    assessApplication(application),
  ])
  const claiming = products.map(({ id, brand, partNumber, revisions }) => {
    const all = claims.filter(({ productId }) => productId === id)
    const decided = decisions.filter(({ productId }) => productId === id)
    const given = [
      ...new Set(
        assessed.filter(({ specimen }) => specimen.productId === id).flatMap(({ specimen }) => giverOf(specimen)),
      ),
    ]
    const own = assessed.filter(({ specimen }) => specimen.productId === id)
    return {
      id,
      outcomes: outcomesOf(all, own),
      inquiries: inquiries.filter(({ productId }) => productId === id),
      specimen: own.at(-1)?.specimen.id,
      name: `${brand} ${partNumber}`,
      all,
      given,
      revisions: Object.fromEntries(revisions.map((one) => [one.id, revisionName(one.label)])),
      standing: Object.fromEntries(
        revisions.map((one) => [one.id, standingClaims(ofRevision(all, one.id), decided).claims]),
      ),
      contradictions: standingClaims(all, decided).contradictions,
      claims: standingClaims(ofRevision(all, revisions.at(-1)?.id ?? ''), decided).claims,
    }
  })
  const areaOf = (id: string): number[] =>
    assessed.flatMap(({ specimen, assessment }) => {
      const area = specimen.productId === id ? assessment.figures.get('media.area') : undefined
      return area?.state === 'known' ? [area.number.value] : []
    })
  const claimed = (kind: 'capacity' | 'interval', part: 'amount' | 'distance') =>
    claiming.flatMap(({ id, claims: standingClaims }) => {
      const amount = standingClaims.find((one) => one.kind === kind && one.parts[part] !== undefined)?.parts[part]
      const areas = areaOf(id)
      return amount === undefined || areas.length === 0 ? [] : [{ product: id, amount, area: mean(areas) }]
    })
  return {
    products: claiming,
    capacities: capacityPerArea(
      claimed('capacity', 'amount').map(({ amount: capacity, ...rest }) => ({ ...rest, capacity })),
    ),
    distances: distancePerArea(
      claimed('interval', 'distance').map(({ amount: distance, ...rest }) => ({ ...rest, distance })),
    ),
  }
})
