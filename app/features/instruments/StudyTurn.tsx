import { useState, type FormEvent } from 'react'
import type { InstrumentKind } from '#core/teardown/instrument.ts'
import { studyValue, type StudyDraft } from '#app/features/forms/study-fields.ts'
import * as texts from '#app/texts/instruments.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'

interface Props {
  draft: StudyDraft
  kind: InstrumentKind
  label: string
  onChange: (draft: StudyDraft) => void
  onGiveUp: () => void
}

/** The next reading of a study. What was read before stays out of sight: it would pull at what is read now. */
export function StudyTurn({ draft, kind, label, onChange, onGiveUp }: Props) {
  const [text, setText] = useState('')
  const [problem, setProblem] = useState('')
  const { readings, unit } = draft
  const at = readings.findIndex(({ typed }) => typed === '')
  const turn = readings[at]
  if (!turn) return null
  const [people, parts] = (['person', 'part'] as const).map((one) => new Set(readings.map((of) => of[one])).size)
  const write = (index: number, typed: string) =>
    onChange({ ...draft, readings: readings.map((one, other) => (other === index ? { ...one, typed } : one)) })
  const take = (event: FormEvent) => {
    event.preventDefault()
    const value = studyValue(text, kind, unit)
    setProblem(value.ok ? '' : value.problem.message)
    if (!value.ok) return
    setText('')
    write(at, text.trim())
  }
  const asked = [people === 1 ? '' : turn.person, parts === 1 ? '' : texts.partOfPart(turn.part), label].filter(Boolean)
  return (
    <Card>
      <form onSubmit={take}>
        <Stack $gap={14}>
          <Small role="status">{texts.readingOfLayThePartDown(at + 1, readings.length)}</Small>
          <label htmlFor="study-reading" style={{ font: '600 32px/1.2 var(--label)' }}>
            {asked.join(' · ')}
          </label>
          <Row>
            <InputBox
              id="study-reading"
              key={at}
              autoFocus
              autoComplete="off"
              inputMode="decimal"
              value={text}
              onChange={(event) => setText(event.target.value)}
              aria-invalid={problem !== ''}
              aria-describedby="study-trouble"
              style={{ width: 220, minHeight: 64, font: '600 40px/1 var(--label)' }}
            />
            <span style={{ font: '500 28px/1 var(--label)', color: 'var(--ink-soft)' }}>{unit}</span>
            <Button type="submit" $kind="primary">
              {texts.takeIt}
            </Button>
          </Row>
          <ErrorText id="study-trouble" role="alert">
            {problem}
          </ErrorText>
          <Row>
            <Button isDisabled={at === 0} onPress={() => write(at - 1, '')}>
              {texts.takeTheLastOneAgain}
            </Button>
            <Button $kind="quiet" onPress={onGiveUp}>
              {texts.giveThisStudyUp}
            </Button>
          </Row>
        </Stack>
      </form>
    </Card>
  )
}
