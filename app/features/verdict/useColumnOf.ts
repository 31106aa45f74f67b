import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import type { EvaluatedColumn } from '#app/data/lineup-evaluation.server.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'

/** Looks up the column of the line-up that was judged. */
export function useColumnOf(): (revision: Pick<EvaluatedRevision, 'at' | 'id'>) => EvaluatedColumn {
  const { columns } = useLineup().evaluation
  return ({ at, id }) => {
    const column = columns[at]
    if (!column) throw new Error(`The line-up has no column "${id}"`)
    return column
  }
}
