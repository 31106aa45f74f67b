import type { Thrown } from '#app/data/trash.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/library.ts'
import { Day } from '#app/ui/Day.tsx'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'

/** What was deleted or merged in the last thirty days, each to be brought back. */
export function TrashCard({ trash }: { trash: readonly Thrown[] }) {
  const { send, refusal, isIdle } = useAction()
  return (
    <Card id="trash">
      <Stack $gap={10}>
        <h2>{texts.trash}</h2>
        <Soft>
          {trash.length === 0 ? texts.emptyWhatIsDeletedLiesHere : texts.thingsKeptForThirtyDays(trash.length)}
        </Soft>
        <ErrorText role="alert">{refusal}</ErrorText>
        {trash.map(({ id, kind, name, thrownAt }) => (
          <Row key={id} $between>
            <span style={{ overflowWrap: 'anywhere' }}>
              {kind === 'merge' ? texts.mergedOfName(name) : name}{' '}
              <Small>
                <Day of={thrownAt} />
              </Small>
            </span>
            <Row $gap={4}>
              <Button
                isDisabled={!isIdle}
                aria-label={`${kind === 'merge' ? texts.takeApart : texts.bringBack} ${name}`}
                onPress={() => send({ intent: 'bring-back', id })}
              >
                {kind === 'merge' ? texts.takeApart : texts.bringBack}
              </Button>
              <Button
                $kind="quiet"
                isDisabled={!isIdle}
                aria-label={texts.removeForGoodOfName(name)}
                onPress={() => send({ intent: 'remove-for-good', id })}
              >
                {texts.removeForGood}
              </Button>
            </Row>
          </Row>
        ))}
      </Stack>
    </Card>
  )
}
