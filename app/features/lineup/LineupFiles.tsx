import { ChevronDown } from 'lucide-react'
import { Menu, MenuTrigger } from 'react-aria-components'
import { href } from 'react-router'
import { Button } from '#app/ui/Button.tsx'
import { MenuLine, MenuSheet } from '#app/ui/menu.ts'

/** What of a line-up comes in as a table, and leaves as files. */
export function LineupFiles({ application }: { application: string }) {
  return (
    <MenuTrigger>
      <Button>
        Tables and files <ChevronDown size={16} aria-hidden />
      </Button>
      <MenuSheet placement="bottom end">
        <Menu aria-label="Tables and files">
          <MenuLine href={href('/lineups/:application/table', { application })}>Bring your table</MenuLine>
          <MenuLine href={href('/lineups/:application/price-list', { application })}>Paste a price list</MenuLine>
          <MenuLine href={href('/lineups/:application/lineup.csv', { application })} download>
            Save as CSV
          </MenuLine>
          <MenuLine href={href('/lineups/:application/readings.csv', { application })} download>
            Readings, one a row
          </MenuLine>
          <MenuLine href={href('/lineups/:application/said.csv', { application })} download>
            What was said
          </MenuLine>
          <MenuLine href={href('/lineups/:application/figures.json', { application })} download>
            Figures with their uncertainty
          </MenuLine>
          <MenuLine href={href('/lineups/:application/data-package.zip', { application })} download>
            All of it as a data package
          </MenuLine>
        </Menu>
      </MenuSheet>
    </MenuTrigger>
  )
}
