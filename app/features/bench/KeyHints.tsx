import { styled } from 'styled-components'
import { shownKey, type Shortcut } from '#app/features/shortcuts/shortcut.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Key } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'

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

/** The keys that do something now; while the cursor is in the field letters take Alt. */
export function KeyHints({ shortcuts, isTyped }: { shortcuts: readonly Shortcut[]; isTyped: boolean }) {
  const { letters } = usePreferences()
  return (
    <Line>
      {shortcuts
        .filter(({ isOff }) => !isOff)
        .map((shortcut) => (
          <span key={shortcut.key}>
            <Key>{shownKey(shortcut, isTyped || letters === 'off')}</Key> {shortcut.does}
          </span>
        ))}
      <span>
        <Key>?</Key> {texts.allKeys}
      </span>
    </Line>
  )
}
