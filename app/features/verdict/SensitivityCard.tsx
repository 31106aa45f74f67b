import { href, Link } from 'react-router'
import { isExternalAttribute } from '#core/score/external-attributes.ts'
import { formatFlip, type Flip } from '#core/verdict/flips.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/how-sure.ts'
import { Card, Soft, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { ReasonList } from './list.ts'
import type { EvaluationView } from './useEvaluation.ts'

/** The smallest changes after which the verdict would be another one; each was judged anew. */
export function SensitivityCard({ judged: { flips, ranked, nameOf } }: { judged: EvaluationView }) {
  const { columns } = useLineup().evaluation
  const { units: system } = usePreferences()
  const specimenOf = ({ change, attribute }: Flip): string | undefined =>
    change.kind === 'value' && !isExternalAttribute(attribute)
      ? columns.find(({ id }) => id === change.column)?.specimenId
      : undefined
  return (
    <Card>
      <Stack $gap={10}>
        <h2>{texts.whatWouldChangeIt}</h2>
        {ranked.length < 2 ? (
          <Soft>{texts.itTakesTwoThatAreJudged}</Soft>
        ) : !flips ? (
          <Soft>{texts.tryingChangesOneByOne}</Soft>
        ) : flips.length === 0 ? (
          <p>{texts.noSingleWeightReadingOrPrice}</p>
        ) : (
          <ReasonList>
            {flips.map((flip) => {
              const text = formatFlip(flip, nameOf, system)
              const specimen = specimenOf(flip)
              return (
                <li key={text}>
                  {specimen ? (
                    <Link to={href('/specimens/:specimen/values/:key', { specimen, key: flip.attribute })}>{text}</Link>
                  ) : (
                    text
                  )}
                </li>
              )
            })}
          </ReasonList>
        )}
      </Stack>
    </Card>
  )
}
