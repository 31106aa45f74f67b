import { acceptability, type Acceptability, type DrawSettings, type ScoreChances } from '#core/score/acceptability.ts'
import { chancesProblem } from '#core/score/chances-problem.ts'
import type { DrawProblem } from '#core/score/draw-problem.ts'
import { callOf, type Call } from './call.ts'
import { commonGround } from './common-ground.ts'
import { contenders, type EvaluatedRevision } from './ranking.ts'

/** A revision that is judged: its chance of being first, and its score with all that is uncertain in it. */
export interface JudgedRevision extends EvaluatedRevision {
  chance: number
  chances: ScoreChances
}

/** A line-up judged: who is first, how sure that is, and in what order the others follow. */
export interface Judgement {
  call: Call | undefined
  /** By chance of being first, then by mean score. */
  ranked: JudgedRevision[]
  draws: number
  /** Standard error of the largest chance of first. */
  standardError: number
}

/** One seed for all pages, so that the same line-up has the same answer everywhere. */
export const judgementSeed = 20_260_401

/** A first answer, to be refined: known to a point in a hundred or so. */
export const firstAnswerSettings: DrawSettings = { least: 4096, most: 4096, standardError: 0, ranks: false }

/** Of two: known to half a point in a hundred. */
const pairSettings: DrawSettings = { least: 4096, most: 32_768, standardError: 0.005, ranks: false }

/** Known to a third of a point in a hundred, 95 times of 100. */
export const judgementSettings: DrawSettings = { least: 8192, most: 131_072, standardError: 0.0015, ranks: false }

/**
 * Judges a line-up: chances of being first from everything that is uncertain, and what may be said of them.
 *
 * @param evaluated all columns
 * @param settings how exactly
 * @example judge([leader, next]).call?.named[0]?.id // => 'norrith'
 */
export const judge = (evaluated: readonly EvaluatedRevision[], settings: DrawSettings = judgementSettings): Judgement =>
  judgementOf(contenders(evaluated), drawChances(evaluated, settings))

/**
 * The draws that a line-up is judged by.
 *
 * @param evaluated all columns
 * @param settings how exactly
 * @example drawChances([leader, next]).first.length // => 2
 */
export const drawChances = (
  evaluated: readonly EvaluatedRevision[],
  settings: DrawSettings = judgementSettings,
): Acceptability => acceptability(judgementProblem(contenders(evaluated)), settings)

/**
 * Judges two of a line-up against each other, on what is known of both: what is missing of one of them is no point for
 * or against either.
 *
 * @param evaluated all columns
 * @param a the one
 * @param b the other
 * @param settings how exactly
 * @returns undefined when nothing is known of both, or one does not fit
 * @example judgePair([leader, next], leader, next)?.named[0]?.id // => 'norrith'
 */
export function judgePair(
  evaluated: readonly EvaluatedRevision[],
  a: EvaluatedRevision,
  b: EvaluatedRevision,
  settings: DrawSettings = pairSettings,
): Call | undefined {
  if (contenders([a, b]).length < 2) return undefined
  const ground = commonGround(evaluated, [a, b])
  if (!ground) return undefined
  const pair = ground.evaluated.filter(({ id }) => id === a.id || id === b.id)
  return judgementOf(pair, acceptability(judgementProblem(pair, contenders(ground.evaluated)), settings)).call
}

/** The problem that a judgement draws from. */
export const judgementProblem = (
  judged: readonly EvaluatedRevision[],
  peers: readonly EvaluatedRevision[] = judged,
): DrawProblem => chancesProblem(judged, { draw: 'fixed', spread: 0, seed: judgementSeed }, peers)

/** Chances below this are alike: the order of those that are hardly ever first is that of their scores. */
const hardlyEver = 0.005
const chanceOfNote = ({ chance }: JudgedRevision): number => (chance < hardlyEver ? 0 : chance)

/**
 * A judgement from draws that were made elsewhere.
 *
 * @param judged those that were drawn, in their order
 * @example judgementOf([], { draws: 0, first: [], standardError: 0, scores: [], ranks: [], central: [] }).ranked
 * // => []
 */
export function judgementOf(judged: readonly EvaluatedRevision[], drawn: Acceptability): Judgement {
  const ranked = judged
    .flatMap((revision, index): JudgedRevision[] => {
      const [chance, chances] = [drawn.first[index], drawn.scores[index]]
      return chance === undefined || chances === undefined ? [] : [{ ...revision, chance, chances }]
    })
    .sort((a, b) => chanceOfNote(b) - chanceOfNote(a) || b.chances.mean - a.chances.mean || a.at - b.at)
  return {
    call: callOf(ranked.map(({ id, chance }) => ({ id, chance }))),
    ranked,
    draws: drawn.draws,
    standardError: drawn.standardError,
  }
}
