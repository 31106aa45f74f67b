import { useEffect, useState } from 'react'

const elsewhere = (element: Element | null): boolean => !!element?.closest('textarea, [data-elsewhere]')

/** Whether what is typed goes to another field than the reading, such as a note. Escape there goes back. */
export function useTypingElsewhere(): boolean {
  const [paused, setPaused] = useState(false)
  useEffect(() => {
    const look = () => setTimeout(() => setPaused(elsewhere(document.activeElement)))
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== 'Escape' || !elsewhere(document.activeElement)) return
      event.preventDefault()
      document.querySelector<HTMLElement>('[data-reading]')?.focus()
    }
    window.addEventListener('focusin', look)
    window.addEventListener('focusout', look)
    window.addEventListener('keydown', onKey)
    return () => {
      window.removeEventListener('focusin', look)
      window.removeEventListener('focusout', look)
      window.removeEventListener('keydown', onKey)
    }
  }, [])
  return paused
}
