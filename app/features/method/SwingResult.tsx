import { useId, useState } from 'react'
import { parseNumber } from '#core/quantity/number.ts'
import { formatNumber } from '#core/quantity/format.ts'
import { criterionGroupLabel } from '#core/score/criterion.ts'
import { steadyFactor, swingChecks, swingConsistency, type Swing, type SwingCheck } from '#core/score/swing-weights.ts'
import * as texts from '#app/texts/method.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Row, Small, Stack } from '#app/ui/layout.tsx'
import { ShareBar } from '#app/ui/ShareBar.tsx'
import { Table } from '#app/ui/Table.tsx'

interface SwingsProps {
  swings: readonly Swing[]
  onRemove: (swing: Swing) => void
}

/** What was answered so far, and what share of the weight it comes to. */
export function SwingTable({ swings, onRemove }: SwingsProps) {
  const whole = swings.reduce((sum, { worth }) => sum + worth, 0)
  return (
    <Table aria-label={texts.yourAnswers}>
      <thead>
        <tr>
          <th scope="col" style={{ width: '24%' }}>
            {texts.part}
          </th>
          <th scope="col" style={{ width: '12%' }}>
            {texts.worth}
          </th>
          <th scope="col">{texts.shareOfTheWeight}</th>
          <td style={{ width: 130 }} />
        </tr>
      </thead>
      <tbody>
        {swings.map((swing) => {
          const label = criterionGroupLabel(swing.part)
          const share = whole === 0 ? 0 : swing.worth / whole
          return (
            <tr key={swing.part}>
              <td>
                <strong>{label}</strong>
              </td>
              <td>{formatNumber(swing.worth * 100, 3)}</td>
              <td>
                <ShareBar share={share} />
                <Small>{formatNumber(share * 100, 2)} %</Small>
              </td>
              <td>
                <Button $kind="quiet" aria-label={texts.askAgainAbout(label)} onPress={() => onRemove(swing)}>
                  {texts.askAgain}
                </Button>
              </td>
            </tr>
          )
        })}
      </tbody>
    </Table>
  )
}

interface ChecksProps {
  swings: readonly Swing[]
  checks: readonly SwingCheck[]
  onCheck: (check: SwingCheck) => void
}

/** A few pairs asked another way round, and how well the answers agree. */
export function SwingChecks({ swings, checks, onCheck }: ChecksProps) {
  const asked = swingChecks(swings)
  if (asked.length === 0) return null
  return (
    <Stack $gap={10}>
      <h2>{texts.doYourAnswersAgree}</h2>
      <Small>{texts.askedOnceMoreTheOtherWay}</Small>
      {asked.map((pair) => (
        <CheckQuestion
          key={`${pair.part} ${pair.against}`}
          pair={pair}
          given={checks.find((check) => isOf(check, pair))}
          onCheck={onCheck}
        />
      ))}
      <Consistency swings={swings} checks={checks.filter((check) => asked.some((pair) => isOf(check, pair)))} />
    </Stack>
  )
}

type Pair = Pick<SwingCheck, 'part' | 'against'>

const isOf = (check: SwingCheck, { part, against }: Pair): boolean => check.part === part && check.against === against

interface QuestionProps {
  pair: Pair
  given: SwingCheck | undefined
  onCheck: (check: SwingCheck) => void
}

function CheckQuestion({ pair, given, onCheck }: QuestionProps) {
  const id = useId()
  const [text, setText] = useState(given ? formatNumber(given.worth * 100, 3) : '')
  const number = text.trim() === '' ? undefined : parseNumber(text)
  const isWrong = number !== undefined && !(number.ok && number.value > 0 && number.value <= 1000)
  const keep = () => {
    if (number?.ok && !isWrong && number.value / 100 !== given?.worth) onCheck({ ...pair, worth: number.value / 100 })
  }
  const [name, against] = [pair.part, pair.against].map(criterionGroupLabel) as [string, string]
  return (
    <Row>
      <label htmlFor={id} style={{ flex: '1 1 320px' }}>
        {texts.ifFromWorstToBestIsWorth100(against, name)}
      </label>
      <InputBox
        id={id}
        value={text}
        inputMode="decimal"
        style={{ width: 100 }}
        aria-invalid={isWrong}
        onChange={(event) => setText(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => event.key === 'Enter' && keep()}
      />
      <ErrorText role="alert">{isWrong && texts.aNumberAbove0UpTo}</ErrorText>
    </Row>
  )
}

function Consistency({ swings, checks }: Omit<ChecksProps, 'onCheck'>) {
  const consistency = swingConsistency(swings, checks)
  if (!consistency) return null
  const { factor, worst } = consistency
  const [name, against] = [worst.part, worst.against].map(criterionGroupLabel) as [string, string]
  if (factor <= steadyFactor)
    return (
      <p role="status">{texts.yourAnswersAgreeTheyPartBy(formatNumber(factor, 3), formatNumber(steadyFactor, 3))}</p>
    )
  return (
    <p role="status">
      {texts.yourAnswersPartByAFactor(
        formatNumber(factor, 3),
        formatNumber(steadyFactor, 3),
        name,
        against,
        formatNumber(worst.worth * 100, 3),
        formatNumber(worst.implied * 100, 3),
      )}
    </p>
  )
}
