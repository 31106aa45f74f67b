import { useState } from 'react'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/review.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Row, Small } from '#app/ui/layout.tsx'

/** Takes a review away that was never published, once it was asked. */
export function RemoveReview({ title }: { title: string }) {
  const { send, refusal } = useAction()
  const [isAsked, ask] = useState(false)
  return (
    <Row $gap={8}>
      {isAsked ? (
        <>
          <Small>{texts.cannotBeBroughtBack(title)}</Small>
          <Button $kind="danger" onPress={() => send({ intent: 'remove' })}>
            {texts.removeItForGood}
          </Button>
          <Button $kind="quiet" onPress={() => ask(false)}>
            {texts.leaveIt}
          </Button>
        </>
      ) : (
        <Button $kind="quiet" onPress={() => ask(true)}>
          {texts.removeThisReview}
        </Button>
      )}
      <ErrorText role="alert">{refusal}</ErrorText>
    </Row>
  )
}
