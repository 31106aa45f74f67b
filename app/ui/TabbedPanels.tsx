import { useDeferredValue, type ReactNode } from 'react'
import { Tab, TabList, TabPanel, Tabs } from 'react-aria-components'
import { styled } from 'styled-components'
import { useInBrowser } from './useInBrowser.ts'

interface Panel {
  key: string
  label: string
  content: ReactNode
}

const List = styled(TabList)`
  display: flex;
  flex-wrap: wrap;
  gap: 0 4px;
  border-bottom: 1px solid var(--line-strong);
  @media print {
    display: none;
  }
`

const Name = styled(Tab)`
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 14px;
  margin-bottom: -1px;
  border-bottom: 3px solid transparent;
  color: var(--ink-soft);
  font: 600 17px/1 var(--label);
  cursor: pointer;
  &[data-hovered] {
    color: var(--ink);
  }
  &[data-selected] {
    border-bottom-color: var(--green);
    color: var(--ink);
  }
`

/** All of them are in the page, so that print and what is on its way lose none. */
const Sheet = styled(TabPanel)`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
  padding-top: 16px;
  &[data-inert] {
    display: none;
  }
  @media print {
    &[data-inert] {
      display: grid;
    }
  }
`

interface Props {
  /** Name of the list of tabs. */
  label: string
  panels: readonly Panel[]
  selected: string
  onSelect: (key: string) => void
}

/** Panels of which one shows at a time; all of them in print. Those that do not show follow once the page is alive. */
export function TabbedPanels({ label, panels, selected, onSelect }: Props) {
  const isAlive = useDeferredValue(useInBrowser(() => true, false))
  const shown = panels.some(({ key }) => key === selected) ? selected : (panels[0]?.key ?? '')
  return (
    <Tabs selectedKey={shown} onSelectionChange={(key) => onSelect(String(key))}>
      <List aria-label={label}>
        {panels.map(({ key, label: name }) => (
          <Name key={key} id={key}>
            {name}
          </Name>
        ))}
      </List>
      {panels.map(({ key, content }) => {
        const isDrawn = key === shown || isAlive
        return (
          <Sheet key={key} id={key} shouldForceMount data-pending={isDrawn ? undefined : ''}>
            {isDrawn && content}
          </Sheet>
        )
      })}
    </Tabs>
  )
}
