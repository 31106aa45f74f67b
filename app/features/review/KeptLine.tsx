import { useRevalidator } from 'react-router'
import * as texts from '#app/texts/review.ts'
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
        <ErrorText role="alert">{texts.itWasWrittenMeanwhileInAnother}</ErrorText>
        <Row $gap={8}>
          <Button onPress={keepMine}>{texts.keepMineOverIt}</Button>
          <Button $kind="quiet" onPress={() => void revalidate().then(() => window.location.reload())}>
            {texts.takeTheOther}
          </Button>
        </Row>
      </Stack>
    )
  if (refusal !== '') return <ErrorText role="alert">{refusal}</ErrorText>
  return <Small role="status">{isKept ? texts.kept : texts.keeping}</Small>
}
