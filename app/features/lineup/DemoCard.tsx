import type { DemoState } from '#app/data/demo.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Card, Row, Soft, Stack } from '#app/ui/layout.tsx'

const words: Record<DemoState, { says: string; button: string }> = {
  shown: {
    says:
      'Two engines with their filters, all invented. It counts for nothing of yours: spreads, usual ranges and ' +
      'rates are kept apart.',
    button: 'Put the demo away',
  },
  hidden: { says: 'It is put away, as you left it.', button: 'Bring the demo back' },
  absent: {
    says:
      'Two invented engines with their filters, to look around in. It counts for nothing of yours, and can be ' +
      'put away again.',
    button: 'Bring the demo',
  },
}

/** The demo beside own work: put away and brought back with one press. */
export function DemoCard({ state }: { state: DemoState }) {
  const { send, refusal, isIdle } = useAction()
  const { says, button } = words[state]
  return (
    <Card>
      <Stack $gap={6}>
        <Row $between>
          <Stack $gap={4}>
            <h2>The demo</h2>
            <Soft>{says}</Soft>
          </Stack>
          <Button isDisabled={!isIdle} onPress={() => send({ intent: state === 'shown' ? 'hide-demo' : 'show-demo' })}>
            {isIdle ? button : 'One moment …'}
          </Button>
        </Row>
        <ErrorText role="alert">{refusal}</ErrorText>
      </Stack>
    </Card>
  )
}
