import { useState, type KeyboardEvent } from 'react'
import { partLabel } from '#core/catalogue/index.ts'
import * as texts from '#app/texts/bench.ts'
import { InputBox } from '#app/ui/inputs.tsx'
import { Small } from '#app/ui/layout.tsx'
import { Chip, Chips } from './chips.tsx'
import type { Bench } from './useBench.ts'

const most = 6

/** Goes to a reading by a few letters of its name or part; Enter takes the first that fits. */
export function FindReading({ bench, onClose }: { bench: Bench; onClose: () => void }) {
  const [sought, seek] = useState('')
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean)
  const [first = ''] = words
  const fits =
    words.length === 0
      ? []
      : bench.all.filter((c) => words.every((word) => `${c.label} ${partLabel(c.part)}`.toLowerCase().includes(word)))
  const found = [...fits]
    .sort((a, b) => Number(!a.label.toLowerCase().startsWith(first)) - Number(!b.label.toLowerCase().startsWith(first)))
    .slice(0, most)
  const go = (key: string) => {
    bench.goTo(key)
    onClose()
    setTimeout(() => document.querySelector<HTMLInputElement>('[data-reading]')?.focus())
  }
  const closeOnEscape = (event: KeyboardEvent) => {
    if (event.key !== 'Escape') return
    event.stopPropagation()
    onClose()
    setTimeout(() => document.querySelector<HTMLInputElement>('[data-reading]')?.focus())
  }
  return (
    <form
      role="search"
      onSubmit={(event) => {
        event.preventDefault()
        if (found[0]) go(found[0].key)
      }}
    >
      <Chips>
        <InputBox
          data-elsewhere
          autoFocus
          aria-label={texts.findAReading}
          placeholder={texts.findAReading}
          value={sought}
          onChange={(event) => seek(event.target.value)}
          onKeyDown={closeOnEscape}
          autoComplete="off"
        />
        {found.map((c) => (
          <Chip key={c.key} type="button" onClick={() => go(c.key)}>
            {c.label}
          </Chip>
        ))}
        <Small role="status">
          {words.length > 0 && found.length === 0 ? texts.noReadingIsCalledSo : texts.enterGoesToTheFirstEscape}
        </Small>
      </Chips>
    </form>
  )
}
