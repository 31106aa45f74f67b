import { ok, problem, type Result } from '#core/result.ts'

/** Who takes part in a gauge study, of how many parts, how often each. */
export interface GaugeStudyPlan {
  people: readonly string[]
  parts: number
  repeats: number
}

/** One reading that a study asks for. */
export interface StudyTurn {
  person: string
  part: string
}

/** At most so many people, parts, repeats and readings in a study: more are work without gain. */
export const studyLimits = { people: 6, parts: 10, repeats: 30, readings: 120 }

/** A scatter from fewer degrees of freedom says next to nothing of a hand. */
const fewestDegrees = 4

/**
 * The people of a study out of what was typed, and whether the study is worth its work.
 *
 * @param names parted by commas; nothing for the user alone
 * @param parts that are read, from one up
 * @param repeats of each part by each person
 * @example
 * gaugeStudyPlan('Mara, Tom', 3, 2) // => { ok: true, value: { people: ['Mara', 'Tom'], parts: 3, repeats: 2 } }
 */
export function gaugeStudyPlan(names: string, parts: number, repeats: number): Result<GaugeStudyPlan> {
  const typed = names
    .split(',')
    .map((name) => name.trim())
    .filter(Boolean)
  const people = typed.length > 0 ? typed : ['Me']
  if (new Set(people.map((name) => name.toLowerCase())).size < people.length)
    return problem('same-name', 'Two people have the same name: tell them apart.')
  if (people.some((name) => name.length > 40)) return problem('long-name', 'A name has at most 40 characters.')
  if (people.length > studyLimits.people) return problem('people', `At most ${studyLimits.people} people at once.`)
  if (people.length * parts * repeats > studyLimits.readings)
    return problem(
      'readings',
      `That is more than ${studyLimits.readings} readings: fewer parts or repeats tell as much.`,
    )
  if (people.length * parts * (repeats - 1) < fewestDegrees)
    return problem('few', 'Too few repeats to know a hand by: five readings of one part, or two of each of four.')
  return ok({ people, parts, repeats })
}

/**
 * The readings that a study asks for, in the order in which they are taken: round by round, the parts of each person
 * shuffled, so that no one remembers what was read before.
 *
 * @param plan of the study
 * @param random from 0 up to but not 1
 * @example studyTurns({ people: ['Me'], parts: 1, repeats: 2 }, Math.random)
 * // => [{ person: 'Me', part: '1' }, { person: 'Me', part: '1' }]
 */
export function studyTurns({ people, parts, repeats }: GaugeStudyPlan, random: () => number): StudyTurn[] {
  const names = Array.from({ length: parts }, (_, at) => String(at + 1))
  return Array.from({ length: repeats }, () =>
    people.flatMap((person) => shuffled(names, random).map((part) => ({ person, part }))),
  ).flat()
}

/**
 * Things in an order of chance: each order is as likely.
 *
 * @param things stay as they are
 * @param random from 0 up to but not 1
 * @example shuffled(['a'], () => 0) // => ['a']
 */
export const shuffled = <Thing>(things: readonly Thing[], random: () => number): Thing[] =>
  things
    .map((thing) => ({ thing, order: random() }))
    .sort((a, b) => a.order - b.order)
    .map(({ thing }) => thing)
