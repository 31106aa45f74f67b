import type { Claim } from '#core/claims/claim.ts'
import { troubleOutcome, type TroubleOutcome } from '#core/figures/trouble.ts'
import { latestAvailability, type SeenAvailability } from '#core/money/availability.ts'
import { usableInterval, type Driver } from '#core/money/driver.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import type { AbsoluteWord, DriverDemand } from '#core/verdict/absolute-word.ts'
import { listWords, type StoredWord } from './absolute-words.server.ts'
import type { Application } from './applications.server.ts'
import type { AssessedSpecimen } from './assessments.server.ts'
import { listAvailability } from './availability.server.ts'
import type { ColumnHead } from './lineup.server.ts'
import { conditionOf } from './word-condition.ts'

/** What a buyer is told of a column beside its score. */
export interface ColumnAdvice {
  /** How it could be had last; undefined where nobody has looked. */
  availability: SeenAvailability | undefined
  /** The reviewer's word on it, and under what it holds; undefined where none was given. */
  word: { word: AbsoluteWord; condition: string; reason: string; isPublished: boolean } | undefined
  /** What the claims leave to each driver, by the driver's id. */
  /** What it says to the engine's known trouble; undefined where there is none. */
  trouble: TroubleOutcome | undefined
  demands: Record<string, Pick<DriverDemand, 'shortened' | 'claimFails'>>
}

/** What buyers are told of the columns of an application, by what the claims that stand for each say. */
export async function loadAdvice(
  { id, form, trouble, serviceIntervals }: Application,
  drivers: readonly Driver[],
): Promise<(column: ColumnHead, claims: readonly Claim[], own: readonly AssessedSpecimen[]) => ColumnAdvice> {
  const [seen, words] = await Promise.all([listAvailability(id), listWords(id)])
  return (column, claims, own) => ({
    trouble:
      trouble === ''
        ? undefined
        : troubleOutcome(
            trouble,
            form,
            own.map(({ assessment }) => assessment.values),
          ),
    availability: latestAvailability(
      seen.filter(({ productId }) => productId === column.productId),
      column.revisionId,
    ),
    word: wordOf(words, column),
    demands: Object.fromEntries(drivers.map((driver) => [driver.id, demandOf(driver, claims, serviceIntervals)])),
  })
}

/** The latest word on a revision; units that stand aside have none. */
function wordOf(words: readonly StoredWord[], { id, revisionId }: ColumnHead): ColumnAdvice['word'] {
  const own = id === revisionId ? words.find((one) => one.revisionId === revisionId) : undefined
  return (
    own && { word: own.word, condition: conditionOf(own), reason: own.reason, isPublished: own.publishedAt !== null }
  )
}

/** Where what is claimed ends before a driver is used to change, and why it does not hold for that driver. */
function demandOf(
  driver: Driver,
  claims: readonly Claim[],
  manual: Application['serviceIntervals'],
): Pick<DriverDemand, 'shortened' | 'claimFails'> {
  const usable = usableInterval(driver, claims, manual)
  const isShort = usable?.limit === 'claim'
  return {
    shortened: isShort ? formatQuantity(usable.distance, 'km', 0) : undefined,
    claimFails: usable?.claimFails,
  }
}
