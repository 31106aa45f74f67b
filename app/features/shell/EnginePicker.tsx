import { useState } from 'react'
import { ChevronDown } from 'lucide-react'
import { Autocomplete, Button, Input, Menu, MenuTrigger, SearchField, useFilter } from 'react-aria-components'
import { href, useLocation } from 'react-router'
import { styled } from 'styled-components'
import * as texts from '#app/texts/shell.ts'
import { useJson } from '#app/ui/useJson.ts'
import { inputLook } from '#app/ui/inputs.tsx'
import { Soft } from '#app/ui/layout.tsx'
import { MenuLine, MenuSheet } from '#app/ui/menu.ts'
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

const Search = styled(SearchField)`
  display: block;
  padding: 4px 4px 8px;
  input {
    ${inputLook}
    width: 100%;
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
  const { contains } = useFilter({ sensitivity: 'base' })
  const engines = data?.engines ?? []
  return (
    <MenuTrigger onOpenChange={open}>
      <Picked aria-label={texts.engine(engine?.name ?? texts.allEngines)}>
        <span>{engine?.name ?? texts.allEngines}</span>
        <ChevronDown size={16} aria-hidden />
      </Picked>
      <MenuSheet placement="bottom start">
        <Autocomplete filter={contains}>
          <Search aria-label={texts.findAnEngine} autoFocus>
            <Input placeholder={texts.findAnEngine} />
          </Search>
          <Menu
            aria-label={texts.engines}
            renderEmptyState={() => <Soft style={{ padding: 12 }}>{texts.noEngineIsCalledSo}</Soft>}
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
          </Menu>
        </Autocomplete>
      </MenuSheet>
    </MenuTrigger>
  )
}
