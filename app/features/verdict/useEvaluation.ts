import { useMemo } from 'react'
import type { FilterForm } from '#core/catalogue/index.ts'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { schools as shippedSchools, type School } from '#core/score/schools.ts'
import { callOf, type Call } from '#core/verdict/call.ts'
import { commonGround } from '#core/verdict/common-ground.ts'
import { firstAnswerSettings, judge, judgementOf, type Judgement } from '#core/verdict/judgement.ts'
import { contenders, evaluateRevisions, type EvaluatedRevision } from '#core/verdict/ranking.ts'
import { columnNames } from '#app/data/column-name.ts'
import type { LineupEvaluation } from '#app/data/lineup-evaluation.server.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { useAddress } from '#app/ui/useAddress.ts'
import type { Ground } from '#app/workers/judgement.worker.ts'
import { keptWith } from './kept-with.ts'
import { useJudgements, type Judgements } from './useJudgements.ts'

const evaluatedOnce = keptWith<LineupEvaluation, readonly EvaluatedRevision[]>()
const judgedOnce = keptWith<readonly EvaluatedRevision[], Judgement>()

/** How a school calls a line-up; undefined until it has been worked out. */
export interface SchoolCall {
  school: { id: string; name: string }
  call: Call | undefined
  /** Chance of first by column. */
  chances: ReadonlyMap<string, number>
}

/** How each school calls the line-up, of those that have been drawn. */
const callBySchool = (schools: readonly School[], drawn: Judgements['drawn']): SchoolCall[] =>
  schools.map((school) => {
    const own = drawn.get(school.id)
    const chances = own ? own.ids.map((id, at) => ({ id, chance: own.drawn.first[at] ?? 0 })) : []
    return { school, call: callOf(chances), chances: new Map(chances.map(({ id, chance }) => [id, chance])) }
  })

/** The line-up as a school has it for a driver. */
const evaluatedBy = (
  form: FilterForm,
  evaluation: LineupEvaluation,
  school: School,
  driver: LineupEvaluation['drivers'][number] | undefined,
  ground: Ground,
): readonly EvaluatedRevision[] =>
  evaluatedOnce(evaluation, [form, school.id, driver?.id, ground].join(' '), () => {
    const criteria = effectiveCriteria(evaluation.method, school, driver?.rules)
    const known = evaluateRevisions(form, evaluation.columns, evaluation.rows, criteria)
    return ground === 'common' ? (commonGround(known)?.evaluated ?? known) : known
  })

/**
 * The line-up judged by the school and for the driver that the address names.
 *
 * @param more whether the other schools and what would change it are asked for as well
 */
export function useEvaluation({ more = false } = {}) {
  const { application, evaluation, evaluationText, first: loaded } = useLineup()
  const { form } = application
  const { columns, schools, drivers } = evaluation
  const { get, set } = useAddress()
  const [schoolId, driverId] = [get('school'), get('driver')]
  const school = schools.find(({ id }) => id === schoolId) ?? schools[0] ?? shippedSchools[0]
  const driver = drivers.find(({ id }) => id === driverId)
  const ground: Ground = get('ground') === 'common' ? 'common' : 'overall'
  const { drawn, failed, ...asked } = useJudgements({
    form,
    evaluation: evaluationText,
    school: school.id,
    driver: driver?.id ?? null,
    ground,
    more,
  })
  const all = useMemo(
    () => evaluatedBy(form, evaluation, school, driver, ground),
    [form, evaluation, school, driver, ground],
  )
  const isLoaded = loaded?.school === school.id && !driver && ground === 'overall'
  const refined = drawn.get(school.id)
  /** By the worker, or by the server before it. */
  const known = refined ?? (isLoaded ? loaded : undefined)
  const judgement = useMemo(
    () =>
      known
        ? judgementOf(contenders(all), known.drawn)
        : judgedOnce(all, 'first', () => judge(all, firstAnswerSettings)),
    [all, known],
  )
  const bySchool = useMemo(() => callBySchool(schools, drawn), [schools, drawn])
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
    available: asked.available ?? (isLoaded ? loaded.available : undefined),
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
