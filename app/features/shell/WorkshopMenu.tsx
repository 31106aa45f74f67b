import { ChevronDown } from 'lucide-react'
import { Menu, MenuTrigger, Separator } from 'react-aria-components'
import { href } from 'react-router'
import { styled } from 'styled-components'
import { Button } from '#app/ui/Button.tsx'
import type { Preferences } from '#app/ui/preferences.ts'
import { MenuLine, MenuSheet } from '#app/ui/menu.ts'

const Rule = styled(Separator)`
  height: 1px;
  margin: 6px 8px;
  background: var(--line);
`

/** What the work is done with and by, in one menu. */
export const workshopPages = [
  { label: 'Instruments', path: href('/instruments') },
  { label: 'Schools', path: href('/schools') },
  { label: 'Drivers', path: href('/drivers') },
  { label: 'Method', path: href('/method') },
  { label: 'How sure', path: href('/how-sure') },
  { label: 'Reviewer', path: href('/reviewer') },
  { label: 'Import and export', path: href('/import') },
  { label: 'Backups', path: href('/backups') },
  { label: 'Devices', path: href('/devices') },
  { label: 'State of the app', path: href('/state') },
] as const

const themes = {
  auto: { next: 'light', label: 'Colours: as the system has them' },
  light: { next: 'dark', label: 'Colours: light' },
  dark: { next: 'auto', label: 'Colours: dark' },
} as const

interface Props {
  preferences: Preferences
  onChange: (change: Partial<Preferences>) => void
  onShortcuts: () => void
}

/** Instruments, schools, drivers, method, files, and how the screen is. */
export function WorkshopMenu({ preferences: { theme, letters }, onChange, onShortcuts }: Props) {
  return (
    <MenuTrigger>
      <Button $kind="quiet">
        Workshop <ChevronDown size={16} aria-hidden />
      </Button>
      <MenuSheet placement="bottom end">
        <Menu aria-label="Workshop">
          {workshopPages.map(({ label, path }) => (
            <MenuLine key={path} id={path} href={path}>
              {label}
            </MenuLine>
          ))}
          <Rule />
          <MenuLine id="theme" onAction={() => onChange({ theme: themes[theme].next })} shouldCloseOnSelect={false}>
            {themes[theme].label}
          </MenuLine>
          <MenuLine
            id="letters"
            onAction={() => onChange({ letters: letters === 'on' ? 'off' : 'on' })}
            shouldCloseOnSelect={false}
          >
            Single letters as shortcuts: {letters}
          </MenuLine>
          <MenuLine id="shortcuts" onAction={onShortcuts}>
            Shortcuts of this page
          </MenuLine>
        </Menu>
      </MenuSheet>
    </MenuTrigger>
  )
}
