import { createContext, useContext, useEffect, useLayoutEffect, useRef } from 'react'
import { tinykeys } from 'tinykeys'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { bindingsOf, isMeant, type Shortcut } from './shortcut.ts'

/** Tells the shortcuts of a part of the page to the list of all; undefined takes them out. */
export const ShortcutsContext = createContext<(owner: object, table: readonly Shortcut[] | undefined) => void>(
  () => undefined,
)

/** Binds the keys of a table while its part of the page is there, and lists them under "?". */
export function useShortcuts(table: readonly Shortcut[]): void {
  const tell = useContext(ShortcutsContext)
  const { letters } = usePreferences()
  const latest = useRef(table)
  useLayoutEffect(() => {
    latest.current = table
  })
  const told = JSON.stringify(table.map(({ key, does, isOff = false }) => [key, does, isOff]))
  useEffect(() => {
    const owner = {}
    tell(owner, latest.current)
    return () => tell(owner, undefined)
  }, [tell, told])
  // With the page, not after it: what is pressed at once would be typed into a field.
  useLayoutEffect(() => {
    const bound = latest.current.flatMap((shortcut, at) =>
      (shortcut.act ? bindingsOf(shortcut) : []).map(({ binding, isPlain }) => [
        binding,
        (event: KeyboardEvent) => {
          const own = latest.current[at]
          if (!own?.act || own.isOff || event.defaultPrevented || !isMeant(own, event, isPlain, letters)) return
          event.preventDefault()
          own.act()
        },
      ]),
    )
    return tinykeys(window, Object.fromEntries(bound) as Record<string, (event: KeyboardEvent) => void>)
  }, [told, letters])
}
