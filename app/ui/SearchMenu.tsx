import type { ReactNode } from 'react'
import { Autocomplete, Input, Menu, MenuTrigger, SearchField, useFilter } from 'react-aria-components'
import { styled } from 'styled-components'
import { inputLook } from './inputs.tsx'
import { Soft } from './layout.tsx'
import { MenuSheet } from './menu.ts'

const Search = styled(SearchField)`
  display: block;
  padding: 4px 4px 8px;
  input {
    ${inputLook}
    width: 100%;
  }
`

interface Props {
  /** The button that opens it. */
  trigger: ReactNode
  label: string
  /** What is said in the field that narrows the lines. */
  search: string
  /** Where no line has what was typed. */
  empty: string
  onOpenChange: (isOpen: boolean) => void
  /** Its lines. */
  children: ReactNode
}

/** A menu of so many lines that one types what is meant. */
export function SearchMenu({ trigger, label, search, empty, onOpenChange, children }: Props) {
  const { contains } = useFilter({ sensitivity: 'base' })
  return (
    <MenuTrigger onOpenChange={onOpenChange}>
      {trigger}
      <MenuSheet placement="bottom start">
        <Autocomplete filter={contains}>
          <Search aria-label={search} autoFocus>
            <Input placeholder={search} />
          </Search>
          <Menu aria-label={label} renderEmptyState={() => <Soft style={{ padding: 12 }}>{empty}</Soft>}>
            {children}
          </Menu>
        </Autocomplete>
      </MenuSheet>
    </MenuTrigger>
  )
}
