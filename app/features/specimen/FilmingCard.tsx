import { useState, type FormEvent } from 'react'
import { useAction } from '#app/features/forms/useAction.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Card, Row, Small } from '#app/ui/layout.tsx'

/** A moment as the user's own clock writes it, for the field. */
const localTime = (iso: string): string =>
  new Date(Date.parse(iso) - new Date().getTimezoneOffset() * 60_000).toISOString().slice(0, 19)

/** When the camera began to run. */
export function FilmingCard({ filmingAt }: { filmingAt: string | null }) {
  const { send, refusal } = useAction()
  const [typed, setTyped] = useState('')
  const [problem, setProblem] = useState('')
  const onSubmit = (event: FormEvent) => {
    event.preventDefault()
    const at = new Date(typed)
    if (Number.isNaN(at.getTime())) return setProblem('Give the date and the time.')
    setProblem('')
    send({ at: at.toISOString() })
  }
  return (
    <Card>
      <Row>
        <Button $kind={filmingAt ? 'plain' : 'primary'} onPress={() => send({ at: new Date().toISOString() })}>
          Filming starts now
        </Button>
        <form onSubmit={onSubmit}>
          <Row>
            <label>
              <Small>I started filming at </Small>
              <input
                type="datetime-local"
                step={1}
                value={typed}
                onChange={(event) => setTyped(event.target.value)}
                style={{ minHeight: 44 }}
              />
            </label>
            <Button type="submit">Set</Button>
          </Row>
        </form>
        {filmingAt && (
          <>
            <Small suppressHydrationWarning>
              The film begins at {localTime(filmingAt).replace('T', ' ')}, your time.
            </Small>
            <Button $kind="quiet" onPress={() => send({ at: '' })}>
              Not filmed
            </Button>
          </>
        )}
      </Row>
      <ErrorText role="alert">{problem || refusal}</ErrorText>
    </Card>
  )
}
