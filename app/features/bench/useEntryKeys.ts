import { useEffect, useLayoutEffect, useRef } from 'react'
import * as texts from '#app/texts/bench-reading.ts'
import type { ReadingEntry } from './useReadingEntry.ts'

/** Two keys nearer to each other than this, in milliseconds, were not pressed by one finger. */
const quickestHand = 35

/** Digits choose an answer or go into the field, wherever on the bench they are pressed; Escape leaves a problem. */
export function useEntryKeys(entry: ReadingEntry): void {
  const chooseByDigit = useDigitChoice(entry)
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement
      if (target.closest('textarea, [data-elsewhere], [role="dialog"]') || event.ctrlKey || event.metaKey) return
      if (!entry.isTyped) chooseByDigit(event)
      else if (/^[\d.,+]$/.test(event.key) && target.tagName !== 'INPUT') entry.focus()
      if (event.key === 'Escape' && entry.problem) entry.correct()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  })
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
        message: texts.aDeviceSentANumberWhile,
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
