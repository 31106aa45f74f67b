import { openContradictions } from '#app/data/open-contradictions.ts'
import type { Verdict } from '#app/data/verdicts.server.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/reviewer.ts'
import { Card, Stack } from '#app/ui/layout.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { ReviewerForm } from './ReviewerForm.tsx'
import type { EvaluationView } from './useEvaluation.ts'

/** The reviewer's own words as they stand, and the form to change and publish them. */
export function ReviewerCard({ judged, draft }: { judged: EvaluationView; draft: Verdict | undefined }) {
  const { school, driver, all, ranked, nameOf } = judged
  const { application, evaluation } = useLineup()
  const pick = useAddress().get('pick') ?? ''
  return (
    <Card id="reviewer">
      <Stack $gap={12}>
        <h2>{texts.theReviewer}</h2>
        {draft?.words && <p style={{ whiteSpace: 'pre-wrap', overflowWrap: 'anywhere' }}>{draft.words}</p>}
        <ReviewerForm
          key={`${application.id} ${pick}`}
          draft={draft}
          pick={all.some(({ id }) => id === pick) ? pick : ''}
          school={school.id}
          driver={driver?.id ?? ''}
          contradictions={openContradictions(
            evaluation.columns.filter(({ id }) => ranked.some((one) => one.id === id)),
          )}
          products={all.map(({ id }) => ({ id, name: nameOf(id) }))}
        />
      </Stack>
    </Card>
  )
}
