import { useState, type FormEvent } from 'react'
import type { CameraRun } from '#core/teardown/camera-runs.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/specimen.ts'
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
    if (at === undefined) return setProblem(texts.writeTheTimeOfTheDay)
    setProblem('')
    send({ intent: 'begin', at })
  }
  return (
    <Card>
      <Row>
        {!first && (
          <Button $kind="primary" onPress={() => send({ intent: 'begin', at: new Date().toISOString() })}>
            {texts.theCameraStartsNow}
          </Button>
        )}
        <form onSubmit={onSubmit}>
          <Row>
            <label htmlFor="film-start">
              <Small>{first ? texts.itStartedAt : texts.orItStartedAt}</Small>
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
            <Button type="submit">{texts.set}</Button>
          </Row>
        </form>
        {last && (
          <Button onPress={() => send({ intent: 'press', at: new Date().toISOString() })}>
            {last.endsAt === null ? texts.itStopsNow : texts.itRunsAgain}
          </Button>
        )}
        {runs.length > 0 && (runs.length > 1 || last?.endsAt !== null) && (
          <Button $kind="quiet" onPress={() => send({ intent: 'undo' })}>
            {texts.takeTheLastPressBack}
          </Button>
        )}
        {first && (
          <Button $kind="quiet" onPress={() => send({ intent: 'begin', at: '' })}>
            {texts.notFilmed}
          </Button>
        )}
      </Row>
      {first && (
        <Small as="p" style={{ margin: '8px 0 0' }}>
          {texts.theFilmBeginsAtYourTime(timeOf(first.startsAt), dayOf(first.startsAt))}{' '}
          {runs.length > 1 && texts.itHasTakes(runs.length)}
          {(runs.length > 1 || last?.endsAt !== null) &&
            runs
              .map(({ startsAt, endsAt }) =>
                texts.to(timeOf(startsAt), endsAt === null ? texts.theEnd : timeOf(endsAt)),
              )
              .join(', ')}
        </Small>
      )}
      <ErrorText role="alert">{problem || refusal}</ErrorText>
    </Card>
  )
}
