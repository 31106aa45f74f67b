import { useEffect, useLayoutEffect, useRef } from 'react'
import type { ReadingEntry } from './useReadingEntry.ts'

/** Two keys nearer to each other than this, in milliseconds, were not pressed by one finger. */
const quickestHand = 35

interface Ways {
  step: (by: 1 | -1) => void
  toSibling: (by: 1 | -1) => void
}

/** The keys of the reading that is up, wherever on the bench they are pressed. */
export function useEntryShortcuts(entry: ReadingEntry, { step, toSibling }: Ways): void {
  const chooseByDigit = useDigitChoice(entry)
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement
      if (target.closest('textarea, [data-elsewhere]') || event.ctrlKey || event.metaKey) return
      if (isAmongArrows(event, target)) return
      const act = wayOf(event, { step, toSibling }) ?? shortcutOf(event, entry)
      if (act) {
        event.preventDefault()
        act()
      } else if (!entry.isTyped) chooseByDigit(event)
      else if (/^[\d.,+]$/.test(event.key) && target.tagName !== 'INPUT') entry.focus()
      if (event.key === 'Escape' && entry.problem) entry.correct()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  })
}

/** Arrow keys move within a group of buttons that says so. */
const isAmongArrows = (event: KeyboardEvent, target: HTMLElement): boolean =>
  event.key.startsWith('Arrow') && target instanceof HTMLButtonElement && target.closest('[data-arrows]') !== null

/** To another reading, or to the same reading of another specimen. */
function wayOf({ key }: KeyboardEvent, { step, toSibling }: Ways): (() => void) | undefined {
  switch (key) {
    case 'ArrowDown':
      return () => step(1)
    case 'ArrowUp':
      return () => step(-1)
    case 'PageDown':
      return () => toSibling(1)
    case 'PageUp':
      return () => toSibling(-1)
    default:
      return undefined
  }
}

/** How the reading is taken: plain letters where they are not text, with Alt always. */
function shortcutOf(event: KeyboardEvent, entry: ReadingEntry): (() => void) | undefined {
  const isInField = event.target === entry.field.current
  const isFree = !(event.target instanceof HTMLInputElement) || (isInField && entry.text === '' && !entry.isWordy)
  if (!event.altKey && !isFree) return undefined
  const { choices, characteristic, setCounting } = entry
  switch (event.altKey ? event.code.replace('Key', '').toLowerCase() : event.key.toLowerCase()) {
    case 'e':
      return choices.nextEvidence
    case 'u':
      return choices.units.length > 1 ? choices.nextUnit : undefined
    case 'i':
      return choices.able.length > 1 ? choices.nextInstrument : undefined
    case 'p':
      // Amounts are said with it, "point six": in the field it takes Alt.
      return characteristic.kind === 'openings' || (isInField && !event.altKey) ? undefined : entry.togglePredicting
    case 't':
      return characteristic.kind === 'count' ? () => setCounting(true) : undefined
    default:
      return undefined
  }
}

/** One digit chooses an answer, after a moment: a device that types sends several and chooses nothing. */
function useDigitChoice({ characteristic, options, submit, setProblem }: ReadingEntry) {
  const waiting = useRef<ReturnType<typeof setTimeout>>(undefined)
  useEffect(() => () => clearTimeout(waiting.current), [])
  return (event: KeyboardEvent): void => {
    if (waiting.current !== undefined && /^([0-9.,+-]|Enter)$/.test(event.key)) {
      event.preventDefault()
      clearTimeout(waiting.current)
      waiting.current = undefined
      setProblem({
        code: 'burst',
        message: 'A device sent a number while an answer is asked for. Nothing was taken: choose with one key.',
      })
      return
    }
    if (!/^[0-9]$/.test(event.key) || event.altKey) return
    const option = options[characteristic.kind === 'grade' ? Number(event.key) : Number(event.key) - 1]
    if (!option) return
    event.preventDefault()
    const stay = event.shiftKey
    waiting.current = setTimeout(() => {
      waiting.current = undefined
      submit(option.value, { stay })
    }, quickestHand)
  }
}
