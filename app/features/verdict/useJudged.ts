import { useMemo } from 'react'
import { useSearchParams } from 'react-router'
import type { Form } from '#core/catalogue/index.ts'
import { schemeOf } from '#core/score/scheme.ts'
import type { School } from '#core/score/schools.ts'
import { judgeColumns, leaders, ranking } from '#core/verdict/judged.ts'
import type { JudgedLineup } from '#app/data/judged.server.ts'

/** The line-up judged by the school and for the driver that the address names. */
export function useJudged(form: Form, { columns, rows, method, schools, drivers }: JudgedLineup) {
  const [search, setSearch] = useSearchParams()
  const school = schools.find(({ id }) => id === search.get('school')) ?? schools[0]!
  const driver = drivers.find(({ id }) => id === search.get('driver'))
  const set = (changes: Record<string, string>) =>
    setSearch(
      (now) => {
        const next = new URLSearchParams(now)
        for (const [key, value] of Object.entries(changes)) value === '' ? next.delete(key) : next.set(key, value)
        return next
      },
      { replace: true, preventScrollReset: true },
    )
  const judged = useMemo(() => {
    const by = (one: School) => judgeColumns(form, columns, rows, schemeOf(method, one, driver?.rules))
    const all = by(school)
    const ranked = ranking(all)
    const bySchool = schools.map((one) => {
      const own = one === school ? ranked : ranking(by(one))
      return { school: one, ranked: own, leaders: leaders(own) }
    })
    return { all, ranked, leaders: leaders(ranked), bySchool }
  }, [form, columns, rows, method, schools, school, driver])
  const nameOf = useMemo(() => columnNames(columns), [columns])
  return { ...judged, school, driver, set, nameOf }
}

export type JudgedView = ReturnType<typeof useJudged>

/** A column by brand, part number and revision. */
export const columnName = (column: { name: string; revision: string } | undefined): string =>
  [column?.name ?? 'a product that is gone', column?.revision].filter(Boolean).join(' ')

/** Names of columns by id. */
export function columnNames(
  columns: readonly { id: string; name: string; revision: string }[],
): (id: string) => string {
  const names = new Map(columns.map((column) => [column.id, columnName(column)]))
  return (id) => names.get(id) ?? columnName(undefined)
}
