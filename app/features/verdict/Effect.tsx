import { useMemo } from 'react'
import type { Form } from '#core/catalogue/index.ts'
import type { Criterion } from '#core/score/criterion.ts'
import { judgeColumns, ranking } from '#core/verdict/judged.ts'
import type { JudgedLineup } from '#app/data/judged.server.ts'
import { Small, Soft } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { columnName } from './useJudged.ts'

/** What a change of weights and rules does to a line-up, before it is kept. */
export function Effect({
  form,
  lineup,
  before,
  after,
}: {
  form: Form
  lineup: JudgedLineup
  before: readonly Criterion[]
  after: readonly Criterion[]
}) {
  const { columns, rows } = lineup
  const [was, is] = useMemo(
    () =>
      [before, after].map((scheme) => ranking(judgeColumns(form, columns, rows, scheme))) as [
        ReturnType<typeof ranking>,
        ReturnType<typeof ranking>,
      ],
    [form, columns, rows, before, after],
  )
  if (is.length === 0) return <Soft>No product is ranked here yet.</Soft>
  return (
    <Table aria-label="Effect">
      <thead>
        <tr>
          <th scope="col">Rank</th>
          <th scope="col">Product</th>
          <th scope="col">Score</th>
          <th scope="col">Before</th>
        </tr>
      </thead>
      <tbody>
        {is.map(({ id, score }, rank) => {
          const old = was.findIndex((one) => one.id === id)
          return (
            <tr key={id}>
              <td>{rank + 1}</td>
              <td>{columnName(columns.find((column) => column.id === id))}</td>
              <td>{score.value!.toFixed(1)}</td>
              <td>
                <Small>
                  {old < 0
                    ? 'not ranked'
                    : `${was[old]!.score.value!.toFixed(1)}${old === rank ? '' : `, ${old > rank ? 'up' : 'down'} from ${old + 1}`}`}
                </Small>
              </td>
            </tr>
          )
        })}
      </tbody>
    </Table>
  )
}
