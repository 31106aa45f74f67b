import { useState, type FormEvent } from 'react'
import type { CameraRun } from '#core/teardown/camera-runs.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Row, Small } from '#app/ui/layout.tsx'
import { timeOfDay } from './log-groups.ts'
import { useLocalTime } from '#app/ui/useLocalTime.ts'

interface Props {
  /** When the camera ran, oldest first. */
  runs: readonly CameraRun[]
  /** When the first thing was recorded: the camera began on that day, or the night before; UTC, ISO 8601. */
  firstAt: string | undefined
}

/** When the camera began to run: by a press, or by the time of the day. */
export function FilmingCard({ runs, firstAt }: Props) {
  const { send, refusal } = useAction()
  const { timeOf, dayOf } = useLocalTime()
  const [first] = runs
  const last = runs.at(-1)
  const [typed, setTyped] = useState('')
  const [problem, setProblem] = useState('')
  const onSubmit = (event: FormEvent) => {
    event.preventDefault()
    const at = timeOfDay(typed, firstAt ?? new Date().toISOString())
    if (at === undefined) return setProblem('Write the time of the day as 14:05:30.')
    setProblem('')
    send({ intent: 'begin', at })
  }
  return (
    <Card>
      <Row>
        {!first && (
          <Button $kind="primary" onPress={() => send({ intent: 'begin', at: new Date().toISOString() })}>
            The camera starts now
          </Button>
        )}
        <form onSubmit={onSubmit}>
          <Row>
            <label htmlFor="film-start">
              <Small>{first ? 'It started at ' : 'or it started at '}</Small>
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
        {last && (
          <Button onPress={() => send({ intent: 'press', at: new Date().toISOString() })}>
            {last.endsAt === null ? 'It stops now' : 'It runs again'}
          </Button>
        )}
        {runs.length > 0 && (runs.length > 1 || last?.endsAt !== null) && (
          <Button $kind="quiet" onPress={() => send({ intent: 'undo' })}>
            Take the last press back
          </Button>
        )}
        {first && (
          <Button $kind="quiet" onPress={() => send({ intent: 'begin', at: '' })}>
            Not filmed
          </Button>
        )}
      </Row>
      {first && (
        <Small as="p" style={{ margin: '8px 0 0' }}>
          The film begins at {timeOf(first.startsAt)}, {dayOf(first.startsAt)}, your time.{' '}
          {runs.length > 1 && `It has ${runs.length} takes: `}
          {(runs.length > 1 || last?.endsAt !== null) &&
            runs
              .map(({ startsAt, endsAt }) => `${timeOf(startsAt)} to ${endsAt === null ? 'the end' : timeOf(endsAt)}`)
              .join(', ')}
        </Small>
      )}
      <ErrorText role="alert">{problem || refusal}</ErrorText>
    </Card>
  )
}
