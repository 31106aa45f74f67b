import { ChevronDown } from 'lucide-react'
import { Menu, MenuTrigger } from 'react-aria-components'
import { href } from 'react-router'
import * as texts from '#app/texts/line-up.ts'
import { TriggerButton } from '#app/ui/Button.tsx'
import { MenuLine, MenuSheet } from '#app/ui/menu.ts'

/** What of a line-up comes in as a table, and leaves as files. */
export function LineupFiles({ application }: { application: string }) {
  return (
    <MenuTrigger>
      <TriggerButton>
        {texts.tablesAndFiles} <ChevronDown size={16} aria-hidden />
      </TriggerButton>
      <MenuSheet placement="bottom end">
        <Menu aria-label={texts.tablesAndFiles}>
          <MenuLine href={href('/lineups/:application/table', { application })}>{texts.bringYourTable}</MenuLine>
          <MenuLine href={href('/lineups/:application/price-list', { application })}>{texts.pasteAPriceList}</MenuLine>
          <MenuLine href={href('/lineups/:application/lineup.csv', { application })} download>
            {texts.saveAsCsv}
          </MenuLine>
          <MenuLine href={href('/lineups/:application/readings.csv', { application })} download>
            {texts.readingsOneARow}
          </MenuLine>
          <MenuLine href={href('/lineups/:application/said.csv', { application })} download>
            {texts.whatWasSaid}
          </MenuLine>
          <MenuLine href={href('/lineups/:application/figures.json', { application })} download>
            {texts.figuresWithTheirUncertainty}
          </MenuLine>
          <MenuLine href={href('/lineups/:application/data-package.zip', { application })} download>
            {texts.allOfItAsAData}
          </MenuLine>
        </Menu>
      </MenuSheet>
    </MenuTrigger>
  )
}
