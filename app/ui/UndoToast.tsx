import { useEffect, useState } from 'react'
import { styled } from 'styled-components'
import * as texts from '#app/texts/ui.ts'
import { Button } from './Button.tsx'

const Toast = styled.div`
  position: fixed;
  left: 50%;
  bottom: 20px;
  z-index: 30;
  display: flex;
  align-items: center;
  gap: 16px;
  max-width: calc(100vw - 32px);
  transform: translateX(-50%);
  padding: 10px 12px 10px 18px;
  border-radius: 8px;
  background: var(--ink);
  color: var(--paper);
  overflow-wrap: anywhere;
`

/** So long there is time to think, ms. */
const shown = 10_000

interface Props {
  words: string
  onUndo: () => void
  onGone: () => void
}

/**
 * Says what was done, and takes it back at a press; goes after ten seconds, not while it is pointed at or focused. It
 * stands in a region of role status, which tells of it.
 */
export function UndoToast({ words, onUndo, onGone }: Props) {
  const [isHeld, hold] = useState(false)
  useEffect(() => {
    if (isHeld) return undefined
    const timer = setTimeout(onGone, shown)
    return () => clearTimeout(timer)
  }, [isHeld, onGone])
  return (
    <Toast
      onMouseEnter={() => hold(true)}
      onMouseLeave={() => hold(false)}
      onFocus={() => hold(true)}
      onBlur={() => hold(false)}
    >
      <span>{words}</span>
      <Button onPress={onUndo}>{texts.undo}</Button>
    </Toast>
  )
}
