import { useMemo } from 'react'
import { href, Link } from 'react-router'
import { isExternalAttribute } from '#core/score/external-attributes.ts'
import { sensitivity } from '#core/verdict/sensitivity.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { Card, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { ReasonList } from './list.ts'
import type { EvaluationView } from './useEvaluation.ts'

/** The smallest changes that would put the second first. */
export function SensitivityCard({ judged: { ranked, nameOf } }: { judged: EvaluationView }) {
  const { columns } = useLineup().evaluation
  const { units: system } = usePreferences()
  const statements = useMemo(() => sensitivity(ranked, nameOf, system), [ranked, nameOf, system])
  return (
    <Card>
      <Stack $gap={10}>
        <h2>What would change it</h2>
        <ReasonList>
          {statements.map(({ text, column, attribute }) => {
            const specimen = columns.find(({ id }) => id === column)?.specimenId
            return (
              <li key={text}>
                {specimen && !isExternalAttribute(attribute) ? (
                  <Link to={href('/specimens/:specimen/values/:key', { specimen, key: attribute })}>{text}</Link>
                ) : (
                  text
                )}
              </li>
            )
          })}
        </ReasonList>
      </Stack>
    </Card>
  )
}
