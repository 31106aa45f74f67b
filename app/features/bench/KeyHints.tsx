import { styled } from 'styled-components'
import { Key } from '#app/ui/layout.tsx'
import type { ReadingEntry } from './useReadingEntry.ts'

const Line = styled.p`
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
  padding-top: 10px;
  border-top: 1px solid var(--line);
  color: var(--ink-soft);
  font-size: 14px;
`

/** The keys that do something now. */
export function KeyHints({ entry, hasSiblings }: { entry: ReadingEntry; hasSiblings: boolean }) {
  return (
    <Line>
      {hintsOf(entry, hasSiblings).map(([key, does]) => (
        <span key={key}>
          <Key>{key}</Key> {does}
        </span>
      ))}
    </Line>
  )
}

function hintsOf({ characteristic, options, isTyped, isWordy, choices }: ReadingEntry, hasSiblings: boolean) {
  const digits = characteristic.kind === 'grade' ? '0–4' : `1–${options.length}`
  const hints: [key: string, does: string, isOn?: boolean][] = [
    ['Enter', 'take, next', isTyped],
    ['Shift Enter', 'take, and again', isTyped],
    [digits, 'choose, next', !isTyped],
    ['↓', 'skip'],
    ['↑', 'back'],
    [isWordy ? 'Alt E' : 'E', 'how you know it'],
    ['U', 'unit', choices.units.length > 1],
    ['T', 'count it here', characteristic.kind === 'count'],
    ['I', 'instrument', choices.able.length > 1],
    ['Page ↓', 'next specimen', hasSiblings],
    [isTyped ? 'Alt O' : 'O', 'show this later'],
    [isTyped ? 'Alt P' : 'P', 'predict it', characteristic.kind !== 'openings'],
    ['/', 'find'],
    [';', 'several in a line'],
    ['Ctrl Z', 'take back'],
  ]
  return hints.filter(([, , isOn = true]) => isOn)
}
