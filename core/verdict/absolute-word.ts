import { byKey } from '#core/by-key.ts'
import { formatCount } from '#core/quantity/format.ts'
import type { FaultCount } from '#core/score/fatal-faults.ts'
import type { EvaluatedRevision, RevisionContext } from './ranking.ts'
import type { JudgedRevision } from './judgement.ts'

/**
 * What a filter is worth by itself, with nothing beside it; the worst first. Each is reached above so many points.
 * Common practice, no published source; the points are a convention of this method.
 */
export const absoluteWords = [
  { key: 'never', label: 'Never', description: 'Not on this engine, not once.', above: 0 },
  { key: 'pinch', label: 'In a pinch', description: 'When there is no other, and changed again soon.', above: 20 },
  {
    key: 'sound',
    label: "Sound at the manual's interval",
    description: 'Does what it is for, changed when the manual says.',
    above: 50,
  },
  { key: 'own', label: 'What I would run', description: 'On my own engine.', above: 70 },
] as const

export type AbsoluteWord = (typeof absoluteWords)[number]['key']

/** What a driver asks beyond the score. */
export interface DriverDemand {
  name: string
  /** Hottest oil, K. */
  oilTemperature: number | null
  /** Changes sooner than the driver is used to, since the claim goes no further, m. */
  shortened: string | undefined
  /** Why the claim does not hold for this driver. */
  claimFails: string | undefined
}

/** A word as the rules propose it. */
export interface ProposedWord {
  word: AbsoluteWord
  /** Chance that it deserves this word or a better one; of "never", that it deserves no better. */
  certainty: number
  /** Why, a sentence each. */
  grounds: string[]
  /** Under which it holds. */
  condition: string
}

/** What is known of a product beside its score. */
interface WordEvidence {
  /** Chances of its score; undefined when nothing is known. */
  above: readonly number[] | undefined
  misfits: readonly string[]
  faults: readonly string[]
  faultCount: FaultCount
  /** What the school must have and the filter has not. */
  unmet: string | undefined
  /** What its rubber is said to stand, K. */
  hottest: number | undefined
}

/**
 * Chance that the next unit has a fault that was found in some of those that were looked at.
 *
 * Source: Jeffreys' prior for a proportion, Beta(1/2, 1/2); its posterior mean is (k + 1/2) / (n + 1).
 *
 * @example faultInNext({ found: 1, lookedAt: 1 }) // => 0.75
 */
export const faultInNext = ({ found, lookedAt }: FaultCount): number => (found + 0.5) / (lookedAt + 1)

/**
 * The word that a filter deserves, by stated rules. Never: it does not fit, or a fault that ends the discussion is in
 * the next unit more likely than not. Else the best word whose points are passed in more than half of what may be.
 * For a driver, no word better than "in a pinch" where the oil gets hotter than its rubber is said to stand, and none
 * better than "sound" where the claimed interval ends before the driver's own.
 *
 * Source: common practice, no published source; the rules are this method's.
 *
 * @param evidence what is known
 * @param demand of the driver in force
 * @returns undefined when nothing is known
 * @example
 * proposeWord({ above: [1, 1, 1, 0.98, 0.9, 0.7, 0.5, 0.3, 0, 0], misfits: [], faults: [], unmet: undefined,
 *   faultCount: { found: 0, lookedAt: 0 }, hottest: undefined })?.word // => 'sound'
 */
export function proposeWord(evidence: WordEvidence, demand?: DriverDemand): ProposedWord | undefined {
  const { above, misfits, unmet, faults, faultCount } = evidence
  const [misfit] = misfits
  if (misfit !== undefined) return never(`It does not fit: ${misfits.join(' and ')}.`)
  if (unmet !== undefined) return never(`It is unfit: ${unmet}.`)
  if (above === undefined) return undefined
  const [fault] = faults
  if (fault !== undefined) return withFault(faults, faultCount)
  const reached = [...absoluteWords].reverse().find((one) => shareAbove(above, one.above) > 0.5) ?? absoluteWords[0]
  return forDriver(
    {
      word: reached.key,
      certainty: reached.key === 'never' ? 1 - shareAbove(above, 20) : shareAbove(above, reached.above),
      grounds: [groundOf(reached, above)],
      condition: reached.key === 'sound' ? "at the manual's interval" : '',
    },
    evidence,
    demand,
  )
}

const never = (ground: string): ProposedWord => ({ word: 'never', certainty: 1, grounds: [ground], condition: '' })

const shareAbove = (above: readonly number[], points: number): number => above[points / 10] ?? 0

function groundOf(reached: (typeof absoluteWords)[number], above: readonly number[]): string {
  if (reached.key === 'never')
    return `Its score stays at 20 or below in ${percent(1 - shareAbove(above, 20))} of what may be.`
  return `Its score is above ${reached.above} in ${percent(shareAbove(above, reached.above))} of what may be.`
}

const percent = (share: number): string => `${Math.round(100 * Math.min(0.99, Math.max(0.01, share)))} %`

function withFault(faults: readonly string[], count: FaultCount): ProposedWord {
  const next = faultInNext(count)
  const ground = `Found in ${count.found} of ${formatCount(count.lookedAt, 'unit')} looked at: ${faults.join(' and ')}.`
  if (next > 0.5) return { word: 'never', certainty: next, grounds: [ground], condition: '' }
  const condition = 'only after a look at what can be seen of that fault'
  return { word: 'pinch', certainty: 1 - next, grounds: [ground], condition }
}

const rankOf = (word: AbsoluteWord): number => absoluteWords.findIndex(({ key }) => key === word)

function forDriver(proposed: ProposedWord, { hottest }: WordEvidence, demand: DriverDemand | undefined): ProposedWord {
  if (!demand || proposed.word === 'never') return proposed
  const { name, oilTemperature, shortened, claimFails } = demand
  const limited = (most: AbsoluteWord, ground: string, condition: string): ProposedWord => {
    const isLower = rankOf(most) < rankOf(proposed.word)
    return {
      ...proposed,
      ...(isLower && { word: most }),
      grounds: [...proposed.grounds, ground],
      condition: condition || proposed.condition,
    }
  }
  if (oilTemperature !== null && hottest !== undefined && oilTemperature > hottest)
    return limited('pinch', `The oil of ${name} gets hotter than its rubber is said to stand.`, '')
  if (shortened !== undefined)
    return limited('sound', `What it claims ends before ${name} is used to change.`, `changed every ${shortened}`)
  if (claimFails !== undefined)
    return {
      ...proposed,
      grounds: [...proposed.grounds, `For ${name} its claimed interval counts for nothing: ${claimFails}.`],
    }
  return proposed
}

/**
 * What a column of the line-up gives to {@link proposeWord}.
 *
 * @param one as it is evaluated
 * @param chances of its score, when it is judged
 * @param more what the columns know beside that
 * @example wordEvidence(leader, undefined, { faultCount: { found: 0, lookedAt: 0 }, hottest: undefined }).misfits
 * // => []
 */
export const wordEvidence = (
  { excluded, context, score }: EvaluatedRevision,
  chances: JudgedRevision['chances'] | undefined,
  { faultCount, hottest }: { faultCount: FaultCount; hottest: number | undefined },
): WordEvidence => ({
  above: chances?.above,
  misfits: context.misfits,
  unmet: isUnmet(excluded, context) ? excluded : undefined,
  faults: score.fatalFaults.map(({ description }) => description),
  faultCount,
  hottest,
})

const isUnmet = (excluded: string | undefined, { misfits, aside }: RevisionContext): boolean =>
  excluded !== undefined && excluded !== aside && !misfits.includes(excluded)

/**
 * What an absolute word is called.
 *
 * @example wordLabel('pinch') // => 'In a pinch'
 */
export const wordLabel = (word: AbsoluteWord): string => byKey(absoluteWords, word).label

/**
 * A proposed word in one line, with how sure it is.
 *
 * @example
 * formatProposedWord({ word: 'sound', certainty: 0.9, grounds: [], condition: '' })
 * // => "Sound at the manual's interval (90 % sure)"
 */
export const formatProposedWord = ({ word, certainty }: ProposedWord): string =>
  `${wordLabel(word)} (${percent(certainty)} sure)`
