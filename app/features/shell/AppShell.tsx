import { useEffect, useState, type ReactNode } from 'react'
import { Search } from 'lucide-react'
import { RouterProvider } from 'react-aria-components'
import { href, NavLink, useFetcher, useNavigate } from 'react-router'
import { styled } from 'styled-components'
import { ShortcutsProvider } from '#app/features/shortcuts/ShortcutsProvider.tsx'
import { useShortcuts } from '#app/features/shortcuts/useShortcuts.ts'
import * as texts from '#app/texts/shell.ts'
import { Button } from '#app/ui/Button.tsx'
import { Key } from '#app/ui/layout.tsx'
import type { Preferences } from '#app/ui/preferences.ts'
import { EnginePicker } from './EnginePicker.tsx'
import { foldsAt, Places } from './Places.tsx'
import { UnitsMenu } from './UnitsMenu.tsx'
import { useEngine } from './useEngine.ts'
import { WorkshopMenu } from './WorkshopMenu.tsx'

/** So long after the page the dialog is loaded, so that it is there without a connection as well; ms. */
const unhurried = 3000

const Bar = styled.header`
  position: sticky;
  top: 0;
  z-index: 20;
  display: flex;
  align-items: center;
  gap: 4px;
  height: 52px;
  padding: 0 16px;
  background: var(--card);
  border-bottom: 1px solid var(--line);
  @media (max-width: 900px) {
    padding: 0 10px;
  }
  @media print {
    display: none;
  }
`

const Name = styled(NavLink)`
  margin-right: 10px;
  font: 600 28px/1 var(--label);
  text-decoration: none;
  @media (max-width: 900px) {
    font-size: 24px;
    margin-right: 4px;
  }
`

const FindButton = styled(Button)`
  min-height: 36px;
  kbd {
    font-size: 12px;
  }
  @media (max-width: ${foldsAt}) {
    kbd {
      display: none;
    }
  }
`

const Space = styled.div`
  flex: 1;
`

const Skip = styled.a`
  position: absolute;
  left: -999px;
  &:focus {
    left: 8px;
    top: 8px;
    z-index: 30;
    padding: 8px;
    background: var(--card);
  }
`

/** Units by kind are sent as text. */
const fieldsOf = ({ units, ...rest }: Preferences) => ({
  ...rest,
  units: typeof units === 'string' ? units : JSON.stringify(units),
})

interface Props {
  preferences: Preferences
  children: ReactNode
}

/**
 * What draws the dialog that finds anything, once it is asked for or there was time to load it. It is not lazy: what
 * React finds missing while it draws, it shows a third of a second late.
 */
function useFindDialog(isAskedFor: boolean) {
  const [loaded, setLoaded] = useState<typeof import('./FindDialog.tsx')>()
  useEffect(() => {
    if (loaded) return
    const load = () => void import('./FindDialog.tsx').then(setLoaded, () => undefined)
    const later = setTimeout(load, isAskedFor ? 0 : unhurried)
    return () => clearTimeout(later)
  }, [loaded, isAskedFor])
  return loaded?.drawFindDialog
}

/** One bar: the engine that is picked, its places, what finds anything, the workshop and units; the page below it. */
export function AppShell({ preferences, children }: Props) {
  const [isListing, list] = useState(false)
  const navigate = useNavigate()
  return (
    <RouterProvider navigate={(to) => void navigate(to)}>
      <ShortcutsProvider isOpen={isListing} onOpenChange={list}>
        <Skip href="#content">{texts.toTheContent}</Skip>
        <TopBar preferences={preferences} listShortcuts={() => list(true)} />
        <div id="content">{children}</div>
      </ShortcutsProvider>
    </RouterProvider>
  )
}

function TopBar({ preferences, listShortcuts }: { preferences: Preferences; listShortcuts: () => void }) {
  const fetcher = useFetcher()
  const engine = useEngine()
  const [isFinding, find] = useState(false)
  const set = (change: Partial<Preferences>) =>
    void fetcher.submit(fieldsOf({ ...preferences, ...change }), { method: 'post', action: href('/preferences') })
  const drawFindDialog = useFindDialog(isFinding)
  useShortcuts([
    { key: 'Ctrl K', does: texts.findAnything, act: () => find(true), whileTyping: true },
    { key: '?', does: texts.theShortcutsOfThisPage, act: listShortcuts },
  ])
  return (
    <Bar>
      <Name to={href('/')}>{texts.plicator}</Name>
      <EnginePicker engine={engine} />
      <Places engine={engine} />
      <Space />
      <FindButton onPress={() => find(true)}>
        <Search size={16} aria-hidden /> {texts.find} <Key>{texts.ctrlK}</Key>
      </FindButton>
      <WorkshopMenu preferences={preferences} onChange={set} onShortcuts={listShortcuts} />
      <UnitsMenu preferences={preferences} onChange={set} />
      {isFinding && drawFindDialog?.({ engine, isOpen: true, onOpenChange: find })}
    </Bar>
  )
}
