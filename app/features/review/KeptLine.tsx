import { useRevalidator } from 'react-router'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Row, Small, Stack } from '#app/ui/layout.tsx'
import type { ReviewDraftView } from './useReviewDraft.ts'

/** Whether what is written is kept, why not, and what can be done about it. */
export function KeptLine({ view: { isKept, refusal, meanwhile, keepMine } }: { view: ReviewDraftView }) {
  const { revalidate } = useRevalidator()
  if (meanwhile !== undefined)
    return (
      <Stack $gap={6}>
        <ErrorText role="alert">
          It was written meanwhile in another tab or by somebody else. Nothing is lost yet.
        </ErrorText>
        <Row $gap={8}>
          <Button onPress={keepMine}>Keep mine over it</Button>
          <Button $kind="quiet" onPress={() => void revalidate().then(() => window.location.reload())}>
            Take the other
          </Button>
        </Row>
      </Stack>
    )
  if (refusal !== '') return <ErrorText role="alert">{refusal}</ErrorText>
  return <Small role="status">{isKept ? 'Kept.' : 'Keeping…'}</Small>
}
