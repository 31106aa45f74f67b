import * as texts from '#app/texts/shell.ts'
/** A key that does something on the page that is open. */
export interface Shortcut {
  /** A single letter, sign or named key; with Ctrl where it begins with "Ctrl ". */
  key: string
  does: string
  /** Absent where a form or a list answers to it itself, and it is only told. */
  act?: () => void
  /** Not there now. */
  isOff?: boolean
  /** Works while something is typed as well; letters never do. */
  whileTyping?: boolean
}

const namedKeys: Readonly<Record<string, string>> = {
  '↓': 'ArrowDown',
  '↑': 'ArrowUp',
  'Page ↓': 'PageDown',
  'Page ↑': 'PageUp',
}

const isLetter = (key: string): boolean => /^\p{L}$/u.test(key)
const isSign = (key: string): boolean => /^[^\p{L}\p{N}\s]$/u.test(key) && !(key in namedKeys)

/** Bindings of a shortcut as tinykeys reads them: letters with Alt as well, signs however the keyboard has them. */
export function bindingsOf({ key }: Shortcut): { binding: string; isPlain: boolean }[] {
  if (key.startsWith('Ctrl ')) return [{ binding: `$mod+${key.slice(5).toLowerCase()}`, isPlain: false }]
  if (isLetter(key))
    return [
      { binding: key.toLowerCase(), isPlain: true },
      { binding: `Alt+Key${key.toUpperCase()}`, isPlain: false },
    ]
  if (isSign(key)) return [key, `Shift+${key}`].map((binding) => ({ binding, isPlain: true }))
  return [{ binding: namedKeys[key] ?? key, isPlain: false }]
}

/** How a shortcut is told: a letter takes Alt while the cursor is in a field, or where single letters are off. */
export const shownKey = ({ key }: Pick<Shortcut, 'key'>, needsAlt: boolean): string =>
  isLetter(key) && needsAlt ? texts.alt(key) : key

/** Fields of which the text is not that of the page's own reading. */
const elsewhere = 'textarea, select, [data-elsewhere], [contenteditable], [role="dialog"]'

/**
 * Whether a key that was pressed is meant for its shortcut: never a letter while something is typed, nor a sign unless
 * the field is empty.
 */
export function isMeant(shortcut: Shortcut, event: KeyboardEvent, isPlain: boolean, letters: 'on' | 'off'): boolean {
  const { target } = event
  if (!(target instanceof HTMLElement)) return true
  if (shortcut.whileTyping) return true
  const isElsewhere = target.closest(elsewhere) !== null
  const isField = target instanceof HTMLInputElement && !['radio', 'checkbox', 'button', 'range'].includes(target.type)
  // With Ctrl a field that holds something has keys of its own: what was typed is taken back there.
  if (shortcut.key.startsWith('Ctrl ')) return !isElsewhere && (!isField || target.value === '')
  if (!isPlain) return !isElsewhere || isLetter(shortcut.key)
  if (isElsewhere) return false
  if (isLetter(shortcut.key)) return letters === 'on' && !isField
  return !isField || target.value === ''
}
