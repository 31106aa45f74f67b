import { useId, useState, type FormEvent } from 'react'
import { styled } from 'styled-components'
import { parseNumber } from '#core/quantity/number.ts'
import { criterionGroupLabel, type CriterionGroup } from '#core/score/criterion.ts'
import { formatSwing } from '#core/score/format-swing.ts'
import type { Swing, SwingPart } from '#core/score/swing-weights.ts'
import * as texts from '#app/texts/method.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Row, Small, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'

const Choices = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 10px;
`

const Choice = styled.div`
  position: relative;
  display: grid;
  gap: 4px;
  align-content: start;
  min-height: 72px;
  padding: 10px 14px;
  border: 1px solid var(--line-strong);
  border-radius: 8px;
  background: var(--raised);
  &:hover,
  &:has([aria-pressed='true']) {
    background: var(--green-soft);
  }
  &:has([aria-pressed='true']) {
    border-color: var(--green);
  }
  button {
    padding: 0;
    border: 0;
    background: none;
    color: var(--ink);
    font: 600 18px/1.2 var(--label);
    text-align: left;
    cursor: pointer;
  }
  button::after {
    content: '';
    position: absolute;
    inset: 0;
    border-radius: 8px;
  }
`

interface Props {
  /** Parts that were not put in their place yet. */
  left: readonly SwingPart[]
  swings: readonly Swing[]
  onAnswer: (swing: Swing) => void
  onDone: () => void
}

/** Which swing matters most, and how much the next: one question at a time. */
export function SwingQuestions({ left, swings, onAnswer, onDone }: Props) {
  const [chosen, setChosen] = useState<CriterionGroup>()
  const [first, last] = [swings[0], swings.at(-1)]
  const choose = (part: CriterionGroup) => (first ? setChosen(part) : onAnswer({ part, worth: 1 }))
  return (
    <Stack $gap={14}>
      <h2>{first ? texts.whichPartWouldYouBringTo : texts.whichPartWouldYouBringToItsBest}</h2>
      <p>{texts.thinkOfAFilterThatIs}</p>
      <Choices role="group" aria-label={texts.parts}>
        {left.map((one) => (
          <PartChoice key={one.part} one={one} isChosen={chosen === one.part} onChoose={() => choose(one.part)} />
        ))}
      </Choices>
      {first && last && chosen && (
        <WorthQuestion
          key={chosen}
          part={chosen}
          first={first.part}
          suggestion={Math.round(last.worth * 90)}
          onAnswer={(worth) => {
            setChosen(undefined)
            onAnswer({ part: chosen, worth })
          }}
        />
      )}
      {first && (
        <Row>
          <Button onPress={onDone}>{texts.theRestDoesNotMatterTo}</Button>
        </Row>
      )}
    </Stack>
  )
}

interface ChoiceProps {
  one: SwingPart
  isChosen: boolean
  onChoose: () => void
}

function PartChoice({ one: { part, criteria }, isChosen, onChoose }: ChoiceProps) {
  const id = useId()
  const { units } = usePreferences()
  const [shown, others] = [criteria.slice(0, 3), criteria.length - 3]
  return (
    <Choice>
      <button type="button" aria-pressed={isChosen} aria-describedby={id} onClick={onChoose}>
        {criterionGroupLabel(part)}
      </button>
      <Small id={id}>
        {shown.map(({ criterion }) => `${criterion.label}: ${formatSwing(criterion, units)}`).join('; ')}
        {others > 0 && texts.andMore(others)}
      </Small>
    </Choice>
  )
}

interface WorthProps {
  part: CriterionGroup
  first: CriterionGroup
  suggestion: number
  onAnswer: (worth: number) => void
}

function WorthQuestion({ part, first, suggestion, onAnswer }: WorthProps) {
  const [text, setText] = useState(String(suggestion))
  const [problem, setProblem] = useState('')
  const [name, best] = [part, first].map(criterionGroupLabel) as [string, string]
  const answer = (event: FormEvent) => {
    event.preventDefault()
    const number = parseNumber(text)
    if (!number.ok || number.value < 0 || number.value > 100) setProblem(texts.aNumberFrom0To100(best))
    else onAnswer(number.value / 100)
  }
  return (
    <form onSubmit={answer}>
      <Stack $gap={6}>
        <label htmlFor="worth">{texts.ifFromWorstToBestIs(best, name)}</label>
        <Row>
          <InputBox
            id="worth"
            value={text}
            inputMode="decimal"
            style={{ width: 100 }}
            aria-invalid={problem !== ''}
            autoFocus
            onFocus={(event) => event.target.select()}
            onChange={(event) => setText(event.target.value)}
          />
          <Button type="submit" $kind="primary">
            {texts.takeIt}
          </Button>
        </Row>
        <ErrorText role="alert">{problem}</ErrorText>
      </Stack>
    </form>
  )
}
