import { useMemo } from 'react'
import type { DrawSettings } from '#core/score/acceptability.ts'
import type { Criterion } from '#core/score/criterion.ts'
import { formatChance } from '#core/verdict/call.ts'
import { judge, type JudgedRevision } from '#core/verdict/judgement.ts'
import { evaluateRevisions } from '#core/verdict/ranking.ts'
import { columnName } from '#app/data/column-name.ts'
import type { LineupEvaluation } from '#app/data/lineup-evaluation.server.ts'
import type { PreviewLineup } from '#app/data/preview-lineup.server.ts'
import * as texts from '#app/texts/score.ts'
import { Small, Soft } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { useInBrowser } from '#app/ui/useInBrowser.ts'

interface Props {
  preview: PreviewLineup
  before: readonly Criterion[]
  after: readonly Criterion[]
}

/** Quick enough to follow each key that is pressed. */
const previewed: DrawSettings = { least: 4096, most: 4096, standardError: 0, ranks: false }

/** What a change of weights and value functions does to a line-up, before it is kept; worked out in the browser. */
export function ScoreChangePreview(props: Props) {
  const isAlive = useInBrowser(() => true, false)
  return isAlive ? <Effect {...props} /> : <Small>{texts.workingItOut}</Small>
}

function Effect({ preview: { form, evaluation }, before, after }: Props) {
  const { columns, rows } = useMemo(() => JSON.parse(evaluation) as LineupEvaluation, [evaluation])
  const ranking = (criteria: readonly Criterion[]) =>
    judge(evaluateRevisions(form, columns, rows, criteria), previewed).ranked
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the other inputs come with the line-up
  const was = useMemo(() => ranking(before), [columns, rows, before])
  const is = ranking(after)
  if (is.length === 0) return <Soft>{texts.noProductIsJudgedHereYet}</Soft>
  return (
    <Table aria-label={texts.effect}>
      <thead>
        <tr>
          <th scope="col">{texts.rank}</th>
          <th scope="col">{texts.product}</th>
          <th scope="col">{texts.firstIn}</th>
          <th scope="col">{texts.score}</th>
          <th scope="col">{texts.before}</th>
        </tr>
      </thead>
      <tbody>
        {is.map(({ id, chance, chances }, rank) => (
          <tr key={id}>
            <td>{rank + 1}</td>
            <td>{columnName(columns.find((column) => column.id === id))}</td>
            <td>{formatChance(chance)}</td>
            <td>{chances.mean.toFixed(1)}</td>
            <td>
              <Small>{formatFormer(was, id, rank)}</Small>
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  )
}

/** The score and the rank that a product had before. */
function formatFormer(was: JudgedRevision[], id: string, rank: number): string {
  const formerRank = was.findIndex((one) => one.id === id)
  const former = was[formerRank]
  if (!former) return texts.notJudged
  const moved = formerRank === rank ? '' : texts.from(formerRank > rank, formerRank + 1)
  return `${former.chances.mean.toFixed(1)}${moved}`
}
