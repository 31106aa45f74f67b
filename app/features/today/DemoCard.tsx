import type { DemoState } from '#app/data/demo.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/today.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Card, Row, Soft, Stack } from '#app/ui/layout.tsx'

const words: Record<DemoState, { says: string; button: string }> = {
  shown: {
    says: texts.twoEnginesWithTheirFiltersAll,
    button: texts.putTheDemoAway,
  },
  hidden: { says: texts.itIsPutAwayAsYou, button: texts.bringTheDemoBack },
  absent: {
    says: texts.twoInventedEnginesWithTheirFilters,
    button: texts.bringTheDemo,
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
            <h2>{texts.theDemo}</h2>
            <Soft>{says}</Soft>
          </Stack>
          <Button isDisabled={!isIdle} onPress={() => send({ intent: state === 'shown' ? 'hide-demo' : 'show-demo' })}>
            {isIdle ? button : texts.oneMoment}
          </Button>
        </Row>
        <ErrorText role="alert">{refusal}</ErrorText>
      </Stack>
    </Card>
  )
}
