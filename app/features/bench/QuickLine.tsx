import { useMemo, useState, type KeyboardEvent } from 'react'
import { styled } from 'styled-components'
import type { FilterForm } from '#core/catalogue/index.ts'
import { formatCount } from '#core/quantity/format.ts'
import { formatValue } from '#core/figures/format-value.ts'
import type { UnitSystem } from '#core/quantity/units.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { readQuickEntry, type QuickCandidate, type QuickPiece } from '#core/teardown/quick-entry.ts'
import { defaultEvidence } from '#core/teardown/reading.ts'
import { Button } from '#app/ui/Button.tsx'
import { AreaBox } from '#app/ui/inputs.tsx'
import { Small, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
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

const Pieces = styled.ul`
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 0;
  padding: 0;
`

const Piece = styled.li<{ $state: 'clear' | 'open' | 'unread' }>`
  padding: 6px 12px;
  border: 1px solid var(--line-strong);
  border-left: 5px solid
    ${({ $state }) => ($state === 'clear' ? 'var(--green)' : $state === 'open' ? 'var(--amber)' : 'var(--red)')};
  border-radius: 8px;
  background: ${({ $state }) => ($state === 'open' ? 'var(--amber-soft)' : 'var(--raised)')};
  overflow-wrap: anywhere;
  select {
    min-height: 44px;
  }
`

interface Props {
  bench: Bench
  form: FilterForm
  onClose: () => void
}

/** Several readings in one line: what each became is shown before Enter takes all that are clear. */
export function QuickLine({ bench, form, onClose }: Props) {
  const { units: system } = usePreferences()
  const [line, setLine] = useState('')
  const [choices, setChoices] = useState<Record<string, string>>({})
  const [said, say] = useState('')
  const pieces = useMemo(() => readQuickEntry(line, form, bench.values), [line, form, bench.values])
  const chosenOf = ({ said: text, candidates }: QuickPiece): QuickCandidate | undefined =>
    candidates.length === 1
      ? candidates[0]
      : candidates.find(({ characteristic }) => characteristic.key === choices[text])
  const takeAll = () => {
    const left: string[] = []
    const problems: string[] = []
    let taken = 0
    for (const piece of pieces) {
      const chosen = chosenOf(piece)
      const trouble = chosen ? takeCandidate(bench, chosen) : undefined
      if (chosen && !trouble) taken += chosen.values.length
      else left.push(piece.said)
      if (trouble) problems.push(trouble)
    }
    setLine(left.join(' · '))
    say([taken > 0 && `${formatCount(taken, 'reading')} taken.`, ...problems].filter(Boolean).join(' '))
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
  const clear = pieces.filter((piece) => chosenOf(piece)).length
  return (
    <Box aria-label="Several readings at once" data-elsewhere>
      <Stack $gap={6}>
        <label htmlFor="quick-line">Several readings in a line</label>
        <AreaBox
          id="quick-line"
          rows={2}
          autoFocus
          value={line}
          onChange={(event) => (setLine(event.target.value), say(''))}
          onKeyDown={onKeyDown}
          placeholder="wall .49 .50 .49 · turns 4.5 · holes 8x5.8 · thread end bypass · about 300 g"
          maxLength={1000}
          spellCheck={false}
        />
      </Stack>
      {pieces.length > 0 && (
        <Pieces aria-label="What each became">
          {pieces.map((piece, at) => {
            const chosen = chosenOf(piece)
            return (
              <Piece
                key={`${at} ${piece.said}`}
                $state={chosen ? 'clear' : piece.candidates.length > 0 ? 'open' : 'unread'}
              >
                {piece.candidates.length > 1 && (
                  <select
                    aria-label={`What "${piece.said}" is of`}
                    value={chosen?.characteristic.key ?? ''}
                    onChange={(event) => setChoices({ ...choices, [piece.said]: event.target.value })}
                  >
                    <option value="">{piece.said}: of what?</option>
                    {piece.candidates.map(({ characteristic: { key, label } }) => (
                      <option key={key} value={key}>
                        {label}
                      </option>
                    ))}
                  </select>
                )}{' '}
                {chosen ? (
                  <>
                    {piece.candidates.length === 1 && <strong>{chosen.characteristic.label}</strong>}{' '}
                    {chosen.values.map((value) => echoOf(chosen, value, system)).join(' · ')}
                  </>
                ) : (
                  piece.problem && (
                    <>
                      “{piece.said}” <Small>{piece.problem}</Small>
                    </>
                  )
                )}
              </Piece>
            )
          })}
        </Pieces>
      )}
      <div style={{ display: 'flex', gap: 8, alignItems: 'center', flexWrap: 'wrap' }}>
        <Button $kind="primary" isDisabled={clear === 0} onPress={takeAll}>
          Take {clear === pieces.length ? 'all' : `the ${clear} that are clear`}
        </Button>
        <Button onPress={onClose}>Close</Button>
        <Small role="status">{said || 'Enter takes what is clear; the rest stays. Escape closes.'}</Small>
      </div>
    </Box>
  )
}

/** What a value is kept as. */
function echoOf({ characteristic }: QuickCandidate, value: string, system: UnitSystem): string {
  const entry = parseEntry(characteristic, { text: value })
  if (!entry.ok) return value
  return entry.value.saidBack ?? formatValue(characteristic, entry.value, system)
}

/** Takes all repeats; says what is wrong with the first that cannot be taken. */
function takeCandidate(bench: Bench, { characteristic, values }: QuickCandidate): string | undefined {
  for (const typed of values) {
    const problem = bench.take({ characteristic, typed, evidence: defaultEvidence(characteristic), stay: true })
    if (problem) return `${characteristic.label}: ${problem.message}`
  }
  return undefined
}
