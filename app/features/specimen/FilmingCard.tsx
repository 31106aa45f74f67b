import { useState, type FormEvent } from 'react'
import { useAction } from '#app/features/forms/useAction.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Row, Small } from '#app/ui/layout.tsx'
import { timeOfDay } from './log-groups.ts'
import { useLocalTime } from '#app/ui/useLocalTime.ts'

interface Props {
  filmingAt: string | null
  /** When the first thing was recorded: the camera began on that day, or the night before; UTC, ISO 8601. */
  firstAt: string | undefined
}

/** When the camera began to run: by a press, or by the time of the day. */
export function FilmingCard({ filmingAt, firstAt }: Props) {
  const { send, refusal } = useAction()
  const { timeOf, dayOf } = useLocalTime()
  const [typed, setTyped] = useState('')
  const [problem, setProblem] = useState('')
  const onSubmit = (event: FormEvent) => {
    event.preventDefault()
    const at = timeOfDay(typed, firstAt ?? new Date().toISOString())
    if (at === undefined) return setProblem('Write the time of the day as 14:05:30.')
    setProblem('')
    send({ at })
  }
  return (
    <Card>
      <Row>
        <Button $kind={filmingAt ? 'plain' : 'primary'} onPress={() => send({ at: new Date().toISOString() })}>
          The camera starts now
        </Button>
        <form onSubmit={onSubmit}>
          <Row>
            <label htmlFor="film-start">
              <Small>or it started at </Small>
              <InputBox
                id="film-start"
                value={typed}
                placeholder="14:05:30"
                maxLength={12}
                onChange={(event) => (setTyped(event.target.value), setProblem(''))}
                aria-invalid={problem !== ''}
                style={{ width: 120 }}
              />
            </label>
            <Button type="submit">Set</Button>
          </Row>
        </form>
        {filmingAt && (
          <>
            <Small>
              The film begins at {timeOf(filmingAt)}, {dayOf(filmingAt)}, your time.
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
