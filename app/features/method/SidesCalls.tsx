import { useMemo } from 'react'
import { callOf, formatCall } from '#core/verdict/call.ts'
import type { School } from '#core/score/schools.ts'
import { columnNames } from '#app/data/column-name.ts'
import type { LineupEvaluation } from '#app/data/lineup-evaluation.server.ts'
import type { PreviewLineup } from '#app/data/preview-lineup.server.ts'
import * as texts from '#app/texts/method.ts'
import { Soft } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { useJudgements } from '#app/features/verdict/useJudgements.ts'

interface Props {
  preview: PreviewLineup
  schools: readonly [School, ...School[]]
}

/** Whom each school names in a line-up. */
export function SidesCalls({ preview: { form, evaluation }, schools }: Props) {
  const nameOf = useMemo(() => columnNames((JSON.parse(evaluation) as LineupEvaluation).columns), [evaluation])
  const { drawn, failed } = useJudgements({
    form,
    evaluation,
    school: schools[0].id,
    driver: null,
    ground: 'overall',
    more: true,
  })
  const said = (id: string) => {
    const one = drawn.get(id)
    if (!one) return failed ? <Soft>{texts.couldNotBeJudgedOnThis}</Soft> : <Soft>{texts.judging}</Soft>
    const call = callOf(one.ids.map((product, at) => ({ id: product, chance: one.drawn.first[at] ?? 0 })))
    return call ? formatCall(call, nameOf) : texts.nobodyIsJudgedYet
  }
  return (
    <Table aria-label={texts.whomTheyName}>
      <tbody>
        {schools.map(({ id, name }) => (
          <tr key={id}>
            <th scope="row" style={{ width: '22%' }}>
              {name}
            </th>
            <td>{said(id)}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  )
}
