import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { blockLabel, type BlockKind } from '#core/review/block.ts'
import type { CheckAction, PublishingCheck } from '#core/review/publishing-checks.ts'
import * as texts from '#app/texts/review.ts'
import { Button } from '#app/ui/Button.tsx'
import { Row, Soft } from '#app/ui/layout.tsx'

const List = styled.ul`
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 14px;
    align-items: center;
    justify-content: space-between;
    padding: 8px 12px;
    border-left: 4px solid var(--amber);
    background: var(--amber-soft);
    overflow-wrap: anywhere;
  }
`

interface Props {
  checks: readonly PublishingCheck[]
  application: string
  onBlock: (id: string) => void
  onAdd: (kind: BlockKind) => void
  onFirst: (id: string) => void
}

/** What should be looked at before it is published, each with its one action. */
export function ChecksPanel({ checks, application, onBlock, onAdd, onFirst }: Props) {
  if (checks.length === 0) return <Soft>{texts.nothingSpeaksAgainstPublishingIt}</Soft>
  const actionOf = (action: CheckAction) => {
    switch (action.to) {
      case 'block':
        return <Button onPress={() => onBlock(action.block)}>{texts.openTheBlock}</Button>
      case 'first':
        return <Button onPress={() => onFirst(action.block)}>{texts.moveItUp}</Button>
      case 'add':
        return <Button onPress={() => onAdd(action.kind)}>{texts.add(blockLabel(action.kind).toLowerCase())}</Button>
      case 'findings':
        return <Link to={href('/specimens/:specimen/findings', { specimen: action.specimen })}>{texts.readings}</Link>
      case 'claims':
        return <Link to={href('/lineups/:application/claims', { application })}>{texts.claims}</Link>
      case 'line-up':
        return <Link to={href('/lineups/:application', { application })}>{texts.lineUp}</Link>
      case 'reviewer':
        return <Link to={href('/reviewer')}>{texts.sayIt}</Link>
    }
  }
  return (
    <List aria-label={texts.beforeItIsPublished}>
      {checks.map(({ key, text, action }) => (
        <li key={key}>
          <span style={{ flex: '1 1 300px' }}>{text}</span>
          <Row>{actionOf(action)}</Row>
        </li>
      ))}
    </List>
  )
}
