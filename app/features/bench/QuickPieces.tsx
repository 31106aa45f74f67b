import { styled } from 'styled-components'
import { formatValue } from '#core/figures/format-value.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import type { QuickCandidate, QuickPiece } from '#core/teardown/quick-entry.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Small } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'

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

/** What a piece of several meanings was said to be, by its words. */
export type QuickChoices = Readonly<Record<string, string>>

/** What a piece of a line is taken as: the only thing that it can be, or the one that was chosen. */
export const chosenCandidate = (
  { said, candidates, misnamed }: QuickPiece,
  choices: QuickChoices,
): QuickCandidate | undefined =>
  candidates.length === 1 && misnamed === undefined
    ? candidates[0]
    : candidates.find(({ characteristic }) => characteristic.key === choices[said])

interface Props {
  pieces: readonly QuickPiece[]
  choices: QuickChoices
  onChoose: (choices: QuickChoices) => void
}

/** What each piece of a line became; one that can be several things asks which. */
export function QuickPieces({ pieces, choices, onChoose }: Props) {
  const { units: system } = usePreferences()
  if (pieces.length === 0) return null
  return (
    <Pieces aria-label={texts.whatEachBecame}>
      {pieces.map((piece, at) => {
        const candidate = chosenCandidate(piece, choices)
        return (
          <Piece
            key={`${at} ${piece.said}`}
            $state={candidate ? 'clear' : piece.candidates.length > 0 ? 'open' : 'unread'}
          >
            {piece.misnamed && <Small>{piece.misnamed} </Small>}
            {(piece.candidates.length > 1 || piece.misnamed) && (
              <select
                aria-label={texts.whatIsOf(piece.said)}
                value={candidate?.characteristic.key ?? ''}
                onChange={(event) => onChoose({ ...choices, [piece.said]: event.target.value })}
              >
                <option value="">{texts.ofWhat(piece.said)}</option>
                {piece.candidates.map(({ characteristic: { key, label } }) => (
                  <option key={key} value={key}>
                    {label}
                  </option>
                ))}
              </select>
            )}{' '}
            {candidate ? (
              <>
                {piece.candidates.length === 1 && <strong>{candidate.characteristic.label}</strong>}{' '}
                {candidate.values.map((value) => echoOf(candidate, value, system)).join(' · ')}
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
  )
}

/** What a value is kept as. */
function echoOf({ characteristic }: QuickCandidate, value: string, system: UnitHabit): string {
  const entry = parseEntry(characteristic, { text: value })
  if (!entry.ok) return value
  return entry.value.saidBack ?? formatValue(characteristic, entry.value, system)
}
