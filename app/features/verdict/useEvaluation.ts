import { useMemo } from 'react'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import type { DrawSettings } from '#core/score/acceptability.ts'
import { schools as shippedSchools } from '#core/score/schools.ts'
import { callOf, type Call } from '#core/verdict/call.ts'
import { commonGround } from '#core/verdict/common-ground.ts'
import { judge, judgementOf } from '#core/verdict/judgement.ts'
import { contenders, evaluateRevisions } from '#core/verdict/ranking.ts'
import { columnNames } from '#app/data/column-name.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { useAddress } from '#app/ui/useAddress.ts'
import type { Ground } from '#app/workers/judgement.worker.ts'
import { useJudgements } from './useJudgements.ts'

/** A first answer, which the worker refines: known to a point in a hundred or so. */
export const firstAnswer: DrawSettings = { least: 4096, most: 4096, standardError: 0, ranks: false }

/** How a school calls a line-up; undefined until it has been worked out. */
export interface SchoolCall {
  school: { id: string; name: string }
  call: Call | undefined
  /** Chance of first by column. */
  chances: ReadonlyMap<string, number>
}

/**
 * The line-up judged by the school and for the driver that the address names.
 *
 * @param more whether the other schools and what would change it are asked for as well
 */
export function useEvaluation({ more = false } = {}) {
  const { application, evaluation, evaluationText } = useLineup()
  const { columns, rows, method, schools, drivers } = evaluation
  const { get, set } = useAddress()
  const [schoolId, driverId] = [get('school'), get('driver')]
  const school = schools.find(({ id }) => id === schoolId) ?? schools[0] ?? shippedSchools[0]
  const driver = drivers.find(({ id }) => id === driverId)
  const ground: Ground = get('ground') === 'common' ? 'common' : 'overall'
  const { drawn, failed, ...asked } = useJudgements({
    form: application.form,
    evaluation: evaluationText,
    school: school.id,
    driver: driver?.id ?? null,
    ground,
    more,
  })
  const all = useMemo(() => {
    const known = evaluateRevisions(application.form, columns, rows, effectiveCriteria(method, school, driver?.rules))
    return ground === 'common' ? (commonGround(known)?.evaluated ?? known) : known
  }, [application.form, columns, rows, method, school, driver, ground])
  const first = useMemo(() => judge(all, firstAnswer), [all])
  const refined = drawn.get(school.id)
  const judgement = useMemo(
    () => (refined ? judgementOf(contenders(all), refined.drawn) : first),
    [all, refined, first],
  )
  const bySchool = useMemo(
    () =>
      schools.map((one): SchoolCall => {
        const own = drawn.get(one.id)
        const chances = own ? own.ids.map((id, at) => ({ id, chance: own.drawn.first[at] ?? 0 })) : []
        return { school: one, call: callOf(chances), chances: new Map(chances.map(({ id, chance }) => [id, chance])) }
      }),
    [schools, drawn],
  )
  const judgedOf = useMemo(() => {
    const byId = new Map(judgement.ranked.map((one) => [one.id, one]))
    return (id: string) => byId.get(id)
  }, [judgement])
  const nameOf = useMemo(() => columnNames(columns), [columns])
  /** The part of an address that names school and driver. */
  const inForce = { school: school.id, ...(driver && { driver: driver.id }), ...(ground === 'common' && { ground }) }
  const query = `?${new URLSearchParams(inForce)}`
  return {
    all,
    ...judgement,
    judgement,
    /** Whether the answer is that of the worker, and will not change any more. */
    isSettled: refined !== undefined || failed,
    ...asked,
    ground,
    bySchool,
    judgedOf,
    school,
    driver,
    set,
    nameOf,
    query,
  }
}

export type EvaluationView = ReturnType<typeof useEvaluation>
