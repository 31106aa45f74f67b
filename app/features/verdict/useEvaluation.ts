import { useMemo } from 'react'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { schools as shippedSchools, type School } from '#core/score/schools.ts'
import { evaluateRevisions, leaders, rankRevisions } from '#core/verdict/ranking.ts'
import { columnNames } from '#app/data/column-name.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { useAddress } from '#app/ui/useAddress.ts'

/** The line-up judged by the school and for the driver that the address names. */
export function useEvaluation() {
  const { application, evaluation } = useLineup()
  const { columns, rows, method, schools, drivers } = evaluation
  const { get, set } = useAddress()
  const [schoolId, driverId] = [get('school'), get('driver')]
  const school = schools.find(({ id }) => id === schoolId) ?? schools[0] ?? shippedSchools[0]
  const driver = drivers.find(({ id }) => id === driverId)
  const judged = useMemo(() => {
    const by = (one: School) =>
      evaluateRevisions(application.form, columns, rows, effectiveCriteria(method, one, driver?.rules))
    const all = by(school)
    const ranked = rankRevisions(all)
    const bySchool = schools.map((one) => {
      const own = one === school ? ranked : rankRevisions(by(one))
      return { school: one, ranked: own, leaders: leaders(own) }
    })
    return { all, ranked, leaders: leaders(ranked), bySchool }
  }, [application.form, columns, rows, method, schools, school, driver])
  const nameOf = useMemo(() => columnNames(columns), [columns])
  /** The part of an address that names school and driver. */
  const query = `?${new URLSearchParams({ school: school.id, ...(driver && { driver: driver.id }) })}`
  return { ...judged, school, driver, set, nameOf, query }
}

export type EvaluationView = ReturnType<typeof useEvaluation>
