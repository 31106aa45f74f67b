import type { JudgedRevision } from '#core/verdict/judgement.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import { columnName } from '#app/data/column-name.ts'
import type { EvaluatedColumn } from '#app/data/lineup-evaluation.server.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import type { EvaluationView } from '#app/features/verdict/useEvaluation.ts'
import { useAddress } from '#app/ui/useAddress.ts'

/** One of the two filters that face each other. */
export interface Facing {
  column: EvaluatedColumn
  evaluated: EvaluatedRevision
  /** Undefined when it is not judged. */
  judged: JudgedRevision | undefined
  name: string
  /** Landed price of one, where it is known, in the currency of the line-up. */
  landed: number | undefined
}

/** The two filters that the address names, else the two that stand first; none when there are not two. */
export function useFacing({ ranked, all, judgedOf }: EvaluationView): { a: Facing; b: Facing } | undefined {
  const { columns } = useLineup().evaluation
  const { get } = useAddress()
  const best = ranked.map(({ at }) => at)
  const asked = (name: string) => columns.findIndex(({ id }) => id === get(name))
  const first = asked('a') >= 0 ? asked('a') : (best[0] ?? 0)
  const second = asked('b') >= 0 ? asked('b') : (best.find((at) => at !== first) ?? (first === 0 ? 1 : 0))
  const facing = (at: number): Facing | undefined => {
    const [column, evaluated] = [columns[at], all[at]]
    if (!column || !evaluated) return undefined
    return {
      column,
      evaluated,
      judged: judgedOf(column.id),
      name: columnName(column),
      landed: column.attributes['value.landed']?.low,
    }
  }
  const [a, b] = [facing(first), facing(second)]
  return a && b && first !== second ? { a, b } : undefined
}
