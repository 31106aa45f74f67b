import { useState } from 'react'
import { useAction } from '#app/features/forms/useAction.ts'
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
          <Small>“{title}” cannot be brought back.</Small>
          <Button $kind="danger" onPress={() => send({ intent: 'remove' })}>
            Remove it for good
          </Button>
          <Button $kind="quiet" onPress={() => ask(false)}>
            Leave it
          </Button>
        </>
      ) : (
        <Button $kind="quiet" onPress={() => ask(true)}>
          Remove this review
        </Button>
      )}
      <ErrorText role="alert">{refusal}</ErrorText>
    </Row>
  )
}
