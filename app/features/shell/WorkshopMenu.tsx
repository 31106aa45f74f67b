import { ChevronDown } from 'lucide-react'
import { Menu, MenuTrigger, Separator } from 'react-aria-components'
import { href } from 'react-router'
import { styled } from 'styled-components'
import * as texts from '#app/texts/shell.ts'
import { TriggerButton } from '#app/ui/Button.tsx'
import type { Preferences } from '#app/ui/preferences.ts'
import { MenuLine, MenuSheet } from '#app/ui/menu.ts'

const Rule = styled(Separator)`
  height: 1px;
  margin: 6px 8px;
  background: var(--line);
`

/** What the work is done with and by, in one menu. */
export const workshopPages = [
  { label: texts.instruments, path: href('/instruments') },
  { label: texts.schools, path: href('/schools') },
  { label: texts.drivers, path: href('/drivers') },
  { label: texts.method, path: href('/method') },
  { label: texts.howSure, path: href('/how-sure') },
  { label: texts.reviewer, path: href('/reviewer') },
  { label: texts.importAndExport, path: href('/import') },
  { label: texts.backups, path: href('/backups') },
  { label: texts.devices, path: href('/devices') },
  { label: texts.stateOfTheApp, path: href('/state') },
] as const

const themes = {
  auto: { next: 'light', label: texts.coloursAsTheSystemHasThem },
  light: { next: 'dark', label: texts.coloursLight },
  dark: { next: 'auto', label: texts.coloursDark },
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
      <TriggerButton $kind="quiet">
        {texts.workshop} <ChevronDown size={16} aria-hidden />
      </TriggerButton>
      <MenuSheet placement="bottom end">
        <Menu aria-label={texts.workshop}>
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
            {texts.singleLettersAsShortcuts(letters)}
          </MenuLine>
          <MenuLine id="shortcuts" onAction={onShortcuts}>
            {texts.shortcutsOfThisPage}
          </MenuLine>
        </Menu>
      </MenuSheet>
    </MenuTrigger>
  )
}
