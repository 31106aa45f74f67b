import { useEffect } from 'react'

interface Commands {
  toggleMeasured: () => void
  find: () => void
  /** Several readings in a line. */
  quick: () => void
  /** The reading that is up is to be shown later. */
  owe: () => void
  undo: () => void
  /** Letters are text now. */
  isWordy: boolean
}

/** The keys of the bench as a whole: dimensions, find, take back. */
export function useBenchKeys({ toggleMeasured, find, quick, owe, undo, isWordy }: Commands): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const isTyping = isTypingIn(event.target)
      const isWithControl = event.ctrlKey || event.metaKey
      const act = (command: () => void) => {
        event.preventDefault()
        command()
      }
      if (event.altKey && event.code === 'KeyO') act(owe)
      if (isTyping) return
      if (event.key.toLowerCase() === 'd' && !isWithControl && !event.altKey && !isWordy) act(toggleMeasured)
      const isPlain = !isWithControl && !event.altKey && !(event.target instanceof HTMLInputElement)
      if (event.key.toLowerCase() === 'o' && isPlain) act(owe)
      if (event.key === '/') act(find)
      if (event.key === ';') act(quick)
      if (event.key === 'z' && isWithControl) act(undo)
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [toggleMeasured, find, quick, owe, undo, isWordy])
}

/** A note or another field is written in, or the reading's field has something in it. */
const isTypingIn = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.closest('textarea, [data-elsewhere]') !== null || (target instanceof HTMLInputElement && target.value !== ''))
