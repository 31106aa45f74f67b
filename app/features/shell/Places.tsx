import { ChevronDown } from 'lucide-react'
import { Menu, MenuTrigger } from 'react-aria-components'
import { Link, useLocation } from 'react-router'
import { styled } from 'styled-components'
import * as texts from '#app/texts/shell.ts'
import { TriggerButton } from '#app/ui/Button.tsx'
import { MenuLine, MenuSheet } from '#app/ui/menu.ts'
import { keptSearch, placesOf } from './places.ts'
import type { Engine } from './useEngine.ts'

/** Below this width the places are in a menu. */
export const foldsAt = '1080px'

const Row = styled.nav`
  display: flex;
  min-width: 0;
  white-space: nowrap;
  @media (max-width: ${foldsAt}) {
    display: none;
  }
`

const Folded = styled.div`
  display: none;
  @media (max-width: ${foldsAt}) {
    display: block;
  }
`

const View = styled(Link)`
  display: inline-flex;
  align-items: center;
  height: 52px;
  padding: 0 11px;
  color: var(--ink-soft);
  font: 500 18px/1 var(--label);
  text-decoration: none;
  border-bottom: 3px solid transparent;
  &:hover {
    color: var(--ink);
  }
  &[aria-current='page'] {
    color: var(--ink);
    border-bottom-color: var(--green);
  }
`

/** The places of the engine that is picked, or of all; in a menu where the bar is narrow. */
export function Places({ engine }: { engine: Engine | undefined }) {
  const { pathname, search } = useLocation()
  const places = placesOf(engine)
  const current = places.find(({ holds }) => holds(pathname))
  const addressOf = (path: string) => `${path}${engine ? keptSearch(search) : ''}`
  return (
    <>
      <Row aria-label={texts.places}>
        {places.map((place) => (
          <View key={place.path} to={addressOf(place.path)} aria-current={place === current ? 'page' : undefined}>
            {place.label}
          </View>
        ))}
      </Row>
      <Folded>
        <MenuTrigger>
          <TriggerButton $kind="quiet" aria-label={texts.placesOfLabel(current?.label ?? 'choose')}>
            {current?.label ?? texts.places} <ChevronDown size={16} aria-hidden />
          </TriggerButton>
          <MenuSheet placement="bottom start">
            <Menu aria-label={texts.places}>
              {places.map((place) => (
                <MenuLine
                  key={place.path}
                  id={place.path}
                  href={addressOf(place.path)}
                  data-current={place === current}
                >
                  {place.label}
                </MenuLine>
              ))}
            </Menu>
          </MenuSheet>
        </MenuTrigger>
      </Folded>
    </>
  )
}
