import { useState } from 'react'
import { ChevronDown } from 'lucide-react'
import { Button } from 'react-aria-components'
import { href, useLocation } from 'react-router'
import { styled } from 'styled-components'
import * as texts from '#app/texts/shell.ts'
import { useJson } from '#app/ui/useJson.ts'
import { MenuLine } from '#app/ui/menu.ts'
import { SearchMenu } from '#app/ui/SearchMenu.tsx'
import { keptSearch, placesOf } from './places.ts'
import type { Engine } from './useEngine.ts'

const Picked = styled(Button)`
  display: inline-flex;
  align-items: center;
  gap: 6px;
  flex: none;
  max-width: 210px;
  height: 36px;
  padding: 0 12px;
  border: 0;
  border-radius: 8px;
  background: var(--green);
  color: var(--on-green);
  font: 600 17px/1 var(--label);
  cursor: pointer;
  span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    line-height: 1.3;
  }
`

/** Where the page goes when another engine is picked: to the same place of that engine. */
function samePlace(engine: Engine, pathname: string, search: string): string {
  const places = placesOf(engine)
  const place = places.find(({ holds, label }) => label !== 'Bench' && holds(pathname)) ?? places[1]
  return `${place?.path ?? href('/')}${keptSearch(search)}`
}

/** The engine that is worked on, and a menu of all that can be searched. */
export function EnginePicker({ engine }: { engine: Engine | undefined }) {
  const [isOpen, open] = useState(false)
  const { data, isLoading } = useJson<{ engines: Engine[] }>(isOpen ? href('/engines') : undefined)
  const { pathname, search } = useLocation()
  const engines = data?.engines ?? []
  return (
    <SearchMenu
      trigger={
        <Picked aria-label={texts.engine(engine?.name ?? texts.allEngines)}>
          <span>{engine?.name ?? texts.allEngines}</span>
          <ChevronDown size={16} aria-hidden />
        </Picked>
      }
      label={texts.engines}
      search={texts.findAnEngine}
      empty={texts.noEngineIsCalledSo}
      onOpenChange={open}
    >
      <MenuLine id="all" href={href('/')} textValue={texts.allEngines} data-current={engine === undefined}>
        {texts.allEngines}
      </MenuLine>
      {engines.map((one) => (
        <MenuLine
          key={one.id}
          id={one.id}
          href={samePlace(one, pathname, search)}
          textValue={one.name}
          data-current={one.id === engine?.id}
        >
          {one.name}
        </MenuLine>
      ))}
      <MenuLine id="new" href={href('/lineups/new')} textValue={texts.newEngine}>
        {isLoading ? texts.oneMoment : texts.newEngine2}
      </MenuLine>
    </SearchMenu>
  )
}
