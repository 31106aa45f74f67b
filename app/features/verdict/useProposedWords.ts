import { useMemo } from 'react'
import type { ProposedWord } from '#core/verdict/absolute-word.ts'
import { proposedWordOf } from '#app/data/proposed-word.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import type { EvaluationView } from './useEvaluation.ts'

/** The word that the rules propose for each column, by the school and for the driver in force. */
export function useProposedWords({ all, judgedOf, driver }: EvaluationView): (id: string) => ProposedWord | undefined {
  const { columns, rows } = useLineup().evaluation
  const words = useMemo(
    () =>
      new Map(
        all.map((one) => {
          const column = columns[one.at]
          return [one.id, column && proposedWordOf(one, judgedOf(one.id)?.chances, column, rows, driver)]
        }),
      ),
    [all, judgedOf, driver, columns, rows],
  )
  return (id) => words.get(id)
}
