import { mean, sumSimple } from 'simple-statistics'
import { groupBy } from '#core/group-by.ts'
import { ok, problem, type Result } from '#core/result.ts'

/** One reading of a study: who took it, of which part. */
export interface StudyReading {
  person: string
  part: string
  value: number
}

/** What of a scatter comes from where; standard deviations in the unit of the readings. */
export interface GaugeStudy {
  people: number
  parts: number
  /** Times that each person read each part. */
  repeats: number
  /** One hand on one part, from one reading to the next. */
  repeatability: number
  /** Degrees of freedom of the repeatability. */
  degrees: number
  /** Between people, with what depends on the part; undefined for one alone. */
  reproducibility: number | undefined
  /** Repeatability and reproducibility together. */
  measuring: number
  /** Between the parts; undefined for one alone. */
  betweenParts: number | undefined
}

/**
 * Gauge study: how much of a scatter is the hand, the person and the part. By analysis of variance, random effects,
 * each person reading each part equally often. Where person and part together scatter no more than repeats do, the
 * two are pooled; no part of a variance is held to be below nought.
 *
 * Source: AIAG, Measurement Systems Analysis, crossed study by analysis of variance, and the terms of ISO 5725; both
 * from memory.
 *
 * @param readings in any order
 * @returns a problem when some part was read less often, or nothing twice
 * @example
 * gaugeStudy([0.49, 0.5, 0.51].map((value) => ({ person: 'Mara', part: '1', value })))
 * // => { ok: true, value: { repeats: 3, repeatability: 0.01, degrees: 2, … } }
 */
export function gaugeStudy(readings: readonly StudyReading[]): Result<GaugeStudy> {
  const people = [...groupBy(readings, ({ person }) => person).values()]
  const parts = [...groupBy(readings, ({ part }) => part).values()]
  const cells = [...groupBy(readings, ({ person, part }) => JSON.stringify([person, part])).values()]
  const repeats = cells[0]?.length ?? 0
  if (repeats < 2) return problem('once', 'Nothing was read twice: repeats are what a study needs.')
  if (cells.length < people.length * parts.length || cells.some((cell) => cell.length !== repeats))
    return problem('uneven', 'Each person has to read each part equally often.')

  const grand = mean(readings.map(({ value }) => value))
  const squaresOf = (groups: readonly StudyReading[][]) =>
    sumSimple(groups.map((group) => group.length * (mean(group.map(({ value }) => value)) - grand) ** 2))
  const [ofPeople, ofParts, ofCells] = [squaresOf(people), squaresOf(parts), squaresOf(cells)]
  const within = sumSimple(readings.map(({ value }) => (value - grand) ** 2)) - ofCells

  const [a, p] = [people.length, parts.length]
  const withinDegrees = a * p * (repeats - 1)
  const togetherDegrees = (a - 1) * (p - 1)
  const together = Math.max(0, ofCells - ofPeople - ofParts)
  const isPooled = together / Math.max(1, togetherDegrees) <= within / withinDegrees
  const degrees = withinDegrees + (isPooled ? togetherDegrees : 0)
  const ofRepeats = Math.max(0, (within + (isPooled ? together : 0)) / degrees)
  const against = isPooled ? ofRepeats : together / togetherDegrees
  const component = (squares: number, own: number, times: number) =>
    own === 0 ? 0 : Math.max(0, (squares / own - against) / times)
  const personAndPart = isPooled ? 0 : Math.max(0, (against - ofRepeats) / repeats)
  const byPerson = component(ofPeople, a - 1, p * repeats) + personAndPart
  return ok({
    people: a,
    parts: p,
    repeats,
    repeatability: Math.sqrt(ofRepeats),
    degrees,
    reproducibility: a > 1 ? Math.sqrt(byPerson) : undefined,
    measuring: Math.sqrt(ofRepeats + byPerson),
    betweenParts: p > 1 ? Math.sqrt(component(ofParts, p - 1, a * repeats)) : undefined,
  })
}

/**
 * Share of all that differs that is the measuring, as standard deviations.
 *
 * Source: AIAG, Measurement Systems Analysis, from memory: under 10 % is good, over 30 % is not fit to tell parts
 * apart.
 *
 * @param study with several parts
 * @returns 0 to 1; undefined for a study of one part
 * @example measuringShare({ measuring: 0.3, betweenParts: 0.4 }) // => 0.6
 */
export function measuringShare({
  measuring,
  betweenParts,
}: Pick<GaugeStudy, 'measuring' | 'betweenParts'>): number | undefined {
  if (betweenParts === undefined) return undefined
  const all = Math.hypot(measuring, betweenParts)
  return all === 0 ? undefined : measuring / all
}

/**
 * Share of a tolerance that the measuring takes: six standard deviations over its width.
 *
 * Source: AIAG, Measurement Systems Analysis, from memory.
 *
 * @param study that was made
 * @param tolerance its whole width, in the unit of the readings
 * @example toleranceShare({ measuring: 0.01 }, 0.3) // => 0.2
 */
export const toleranceShare = ({ measuring }: Pick<GaugeStudy, 'measuring'>, tolerance: number): number =>
  (6 * measuring) / tolerance

/**
 * Scatter of one person between two answers to the same question, from answers given twice, the second time blind.
 *
 * Source: standard deviation from duplicates, Dahlberg's formula, from memory: the root of the sum of squared
 * differences over twice their number.
 *
 * @param pairs the first answer and the second
 * @throws RangeError without a pair
 * @example duplicateDeviation([[3, 3], [2, 3], [4, 4], [1, 0]]) // => 0.5
 */
export function duplicateDeviation(pairs: readonly (readonly [number, number])[]): number {
  if (pairs.length === 0) throw new RangeError('A scatter needs at least one pair of answers')
  return Math.sqrt(sumSimple(pairs.map(([first, second]) => (first - second) ** 2)) / (2 * pairs.length))
}
