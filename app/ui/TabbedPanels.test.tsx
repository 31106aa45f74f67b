import { renderToString } from 'react-dom/server'
import { expect, test } from 'vitest'
import { TabbedPanels } from './TabbedPanels.tsx'

const tabs = {
  label: 'Parts',
  panels: ['first', 'second'].map((key) => ({ key, label: `Tab ${key}`, content: `Content of the ${key}` })),
  onSelect: () => undefined,
}

const sent = (selected: string): string => renderToString(<TabbedPanels {...tabs} selected={selected} />)

test('only the panel that shows is sent with the page', () => {
  expect(sent('second')).toContain('Content of the second')
  expect(sent('second')).not.toContain('Content of the first')
})

test('the first shows where none is called so', () => {
  expect(sent('no such')).toContain('Content of the first')
  expect(sent('no such')).not.toContain('Content of the second')
})
