import type { Acceptability } from '#core/score/acceptability.ts'
import type { Call } from './call.ts'
import { firstAnswerSettings, judge } from './judgement.ts'
import { contenders, type EvaluatedRevision } from './ranking.ts'

/** What is said of those that can be had alone; nobody where none of them is judged. */
export interface AvailableCall {
  call: Call | undefined
}

/**
 * Who is first of those that can be had, where the one that is first of all cannot.
 *
 * @param evaluated all columns
 * @param drawn what they were judged by
 * @param canBeHad by id
 * @returns undefined where the one that is first can be had, or nobody is
 * @example availableCall([leader, next], drawChances([leader, next]), () => true) // => undefined
 */
export function availableCall(
  evaluated: readonly EvaluatedRevision[],
  { first }: Pick<Acceptability, 'first'>,
  canBeHad: (id: string) => boolean,
): AvailableCall | undefined {
  const leader = contenders(evaluated)[first.indexOf(Math.max(...first))]
  if (!leader || canBeHad(leader.id)) return undefined
  return {
    call: judge(
      evaluated.filter(({ id }) => canBeHad(id)),
      firstAnswerSettings,
    ).call,
  }
}
