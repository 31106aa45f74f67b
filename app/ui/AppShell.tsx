import { Moon, Sun, SunMoon } from 'lucide-react'
import { href, NavLink, useFetcher, useLocation } from 'react-router'
import type { ReactNode } from 'react'
import { styled } from 'styled-components'
import { Button } from './Button.tsx'
import type { Preferences } from '#app/ui/preferences.ts'
import { UnitsMenu } from './UnitsMenu.tsx'

const Bar = styled.header`
  position: sticky;
  top: 0;
  z-index: 20;
  display: flex;
  align-items: center;
  gap: 4px;
  height: 52px;
  padding: 0 20px;
  background: var(--card);
  border-bottom: 1px solid var(--line);
  @media (max-width: 900px) {
    padding: 0 12px;
  }
  @media print {
    display: none;
  }
`

const Name = styled(NavLink)`
  margin-right: 14px;
  font: 600 28px/1 var(--label);
  text-decoration: none;
`

const View = styled(NavLink)`
  display: inline-flex;
  align-items: center;
  height: 52px;
  padding: 0 9px;
  color: var(--ink-soft);
  font: 500 18px/1 var(--label);
  text-decoration: none;
  border-bottom: 3px solid transparent;
  &:hover {
    color: var(--ink);
  }
  &.active {
    color: var(--ink);
    border-bottom-color: var(--green);
  }
  @media (max-width: 900px) {
    padding: 0 6px;
    font-size: 17px;
  }
`

const Views = styled.nav`
  display: flex;
  min-width: 0;
  overflow-x: auto;
  white-space: nowrap;
  scrollbar-width: none;
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

const themes = {
  auto: { next: 'light', icon: SunMoon, label: 'Colours follow the system' },
  light: { next: 'dark', icon: Sun, label: 'Light colours' },
  dark: { next: 'auto', icon: Moon, label: 'Dark colours' },
} as const

/** Units by kind are sent as text. */
const fieldsOf = ({ units, ...rest }: Preferences) => ({
  ...rest,
  units: typeof units === 'string' ? units : JSON.stringify(units),
})

/** Bar with the views, units and colours; the page stands below it. */
export function AppShell({ preferences, children }: { preferences: Preferences; children: ReactNode }) {
  const fetcher = useFetcher()
  const { pathname } = useLocation()
  const { next, icon: Icon, label } = themes[preferences.theme]
  const set = (change: Partial<Preferences>) =>
    void fetcher.submit(fieldsOf({ ...preferences, ...change }), { method: 'post', action: href('/preferences') })
  return (
    <>
      <Skip href="#content">To the content</Skip>
      <Bar>
        <Name to={href('/')}>Plicator</Name>
        <Views aria-label="Views">
          <View to={href('/')} end className={/^\/lineups(\/[^/]+)?(\/edit)?$/.test(pathname) ? 'active' : ''}>
            Line-ups
          </View>
          <View to={href('/bench')}>Bench</View>
          <View to={href('/face-off')} className={pathname.endsWith('/face-off') ? 'active' : ''}>
            Face-off
          </View>
          <View to={href('/claims')} className={/\/claims/.test(pathname) ? 'active' : ''}>
            Box claims
          </View>
          <View to={href('/money')} className={/\/(money|prices)$|^\/drivers/.test(pathname) ? 'active' : ''}>
            Money
          </View>
          <View to={href('/verdict')} className={pathname.endsWith('/verdict') ? 'active' : ''}>
            Verdict
          </View>
          <View to={href('/instruments')}>Instruments</View>
          <View to={href('/library')}>Library</View>
          <View to={href('/method')}>Method</View>
        </Views>
        <Space />
        <UnitsMenu preferences={preferences} onChange={set} />
        <Button $kind="quiet" onPress={() => set({ theme: next })} aria-label={`${label}. Change`}>
          <Icon size={20} aria-hidden />
        </Button>
      </Bar>
      <div id="content">{children}</div>
    </>
  )
}
