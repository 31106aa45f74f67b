import { useMemo, useRef, useState, type KeyboardEvent } from 'react'
import { styled } from 'styled-components'
import { irreversibleStep, type FilterForm } from '#core/catalogue/index.ts'
import { nameEnds } from '#core/teardown/end.ts'
import { readQuickEntry, type QuickCandidate, type QuickPiece } from '#core/teardown/quick-entry.ts'
import { defaultEvidence } from '#core/teardown/reading.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Button } from '#app/ui/Button.tsx'
import { AreaBox } from '#app/ui/inputs.tsx'
import { Caution, Small, Stack } from '#app/ui/layout.tsx'
import { chosenCandidate, QuickPieces } from './QuickPieces.tsx'
import type { Bench } from './useBench.ts'

const Box = styled.section`
  display: grid;
  gap: 10px;
  padding: 14px 18px;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  textarea {
    width: 100%;
    font: 600 22px/1.3 var(--label);
  }
`

interface Props {
  bench: Bench
  form: FilterForm
  onClose: () => void
}

/** Several readings in one line: what each became is shown before Enter takes all that are clear. */
export function QuickLine({ bench, form, onClose }: Props) {
  const [line, setLine] = useState('')
  const [choices, setChoices] = useState<Record<string, string>>({})
  const [said, say] = useState('')
  const field = useRef<HTMLTextAreaElement>(null)
  const pieces = useMemo(
    () => readQuickEntry(nameEnds(line, form, bench.topEnd), form, bench.values, bench.sizeClass ?? ''),
    [line, form, bench.topEnd, bench.values, bench.sizeClass],
  )
  const chosenOf = (piece: QuickPiece) => chosenCandidate(piece, choices)
  const takeAll = () => {
    const left: string[] = []
    const problems: string[] = []
    let taken = 0
    for (const piece of pieces) {
      const candidate = chosenOf(piece)
      if (!candidate) {
        left.push(piece.said)
        continue
      }
      const { count, problem } = takeCandidate(bench, candidate)
      taken += count
      if (problem === undefined) continue
      const { label } = candidate.characteristic
      left.push(`${label} ${candidate.values.slice(count).join(' ')}`)
      problems.push(`${label}: ${problem}`)
    }
    setLine(left.join(' · '))
    field.current?.focus()
    say([taken > 0 && texts.readingsTaken(taken), ...problems].filter(Boolean).join(' '))
  }
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Enter' && !event.shiftKey) {
      event.preventDefault()
      takeAll()
    }
    if (event.key !== 'Escape') return
    event.stopPropagation()
    onClose()
  }
  const chosen = pieces.flatMap((piece) => chosenOf(piece) ?? [])
  const clear = chosen.length
  return (
    <Box aria-label={texts.severalReadingsAtOnce} data-elsewhere>
      <Stack $gap={6}>
        <label htmlFor="quick-line">{texts.severalReadingsInALine}</label>
        <AreaBox
          id="quick-line"
          ref={field}
          rows={2}
          autoFocus
          value={line}
          onChange={(event) => (setLine(event.target.value), say(''))}
          onKeyDown={onKeyDown}
          placeholder={texts.wall495049Turns4}
          maxLength={1000}
          spellCheck={false}
        />
      </Stack>
      <QuickPieces pieces={pieces} choices={choices} onChoose={setChoices} />
      {gatesOf(bench, chosen).map(({ point, lost }) => (
        <Caution key={point}>
          {texts.thisComesAfterReadingsThatStill(irreversibleStep(point).label, lost.length)}
        </Caution>
      ))}
      <div style={{ display: 'flex', gap: 8, alignItems: 'center', flexWrap: 'wrap' }}>
        <Button $kind="primary" isDisabled={clear === 0} onPress={takeAll}>
          {texts.take(clear === pieces.length ? texts.all : texts.theThatAreClear(clear))}
        </Button>
        <Button onPress={onClose}>{texts.close}</Button>
        <Small role="status">{said || texts.enterTakesWhatIsClearThe}</Small>
      </div>
    </Box>
  )
}

/** Points of no return that what is said would pass, with what is lost by them. */
function gatesOf(bench: Bench, chosen: readonly QuickCandidate[]) {
  const gates = chosen.flatMap(({ characteristic }) => bench.gateAt(characteristic.station) ?? [])
  return [...new Map(gates.map((gate) => [gate.point, gate])).values()]
}

/** Takes the repeats in order; says how many were taken, and what is wrong with the first that cannot be. */
function takeCandidate(
  bench: Bench,
  { characteristic, values }: QuickCandidate,
): { count: number; problem: string | undefined } {
  for (const [count, typed] of values.entries()) {
    const problem = bench.take({ characteristic, typed, evidence: defaultEvidence(characteristic), stay: true })
    if (problem) return { count, problem: problem.message }
  }
  return { count: values.length, problem: undefined }
}
