import { formatCount } from '#core/quantity/format.ts'
import type { Thrown } from '#app/data/trash.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
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
        <h2>Trash</h2>
        <Soft>
          {trash.length === 0
            ? 'Empty. What is deleted lies here for thirty days, with its specimens and all their readings.'
            : `${formatCount(trash.length, 'thing')}, kept for thirty days.`}
        </Soft>
        <ErrorText role="alert">{refusal}</ErrorText>
        {trash.map(({ id, kind, name, thrownAt }) => (
          <Row key={id} $between>
            <span style={{ overflowWrap: 'anywhere' }}>
              {kind === 'merge' ? `Merged: ${name}` : name}{' '}
              <Small>
                <Day of={thrownAt} />
              </Small>
            </span>
            <Row $gap={4}>
              <Button
                isDisabled={!isIdle}
                aria-label={`${kind === 'merge' ? 'Take apart' : 'Bring back'} ${name}`}
                onPress={() => send({ intent: 'bring-back', id })}
              >
                {kind === 'merge' ? 'Take apart' : 'Bring back'}
              </Button>
              <Button
                $kind="quiet"
                isDisabled={!isIdle}
                aria-label={`Remove for good: ${name}`}
                onPress={() => send({ intent: 'remove-for-good', id })}
              >
                Remove for good
              </Button>
            </Row>
          </Row>
        ))}
      </Stack>
    </Card>
  )
}
