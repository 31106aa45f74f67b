import { useState } from 'react'
import { Link } from 'react-router'
import { styled } from 'styled-components'
import type { Matter } from '#app/data/glance.server.ts'
import * as texts from '#app/texts/today.ts'
import { Button } from '#app/ui/Button.tsx'
import { Card, Soft, Stack } from '#app/ui/layout.tsx'

const List = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  li {
    display: grid;
    grid-template-columns: 22px minmax(0, 1fr);
    padding: 9px 0;
    border-bottom: 1px dotted var(--line-strong);
    overflow-wrap: anywhere;
  }
  li:last-child {
    border-bottom: 0;
  }
  b {
    color: var(--amber);
  }
`

const signs: Record<Matter['kind'], { sign: string; says: string }> = {
  fault: { sign: '!', says: texts.fault },
  contradiction: { sign: '≠', says: texts.contradiction },
  slip: { sign: '?', says: texts.finding },
  verdict: { sign: '↻', says: texts.verdict },
  price: { sign: '¤', says: texts.prices },
}

/** So many are listed before the rest is asked for; room for them is kept. */
const most = 5

/** What waits for a decision or a second look, each with its one action. */
export function ToSettle({ matters, isComplete }: { matters: readonly Matter[]; isComplete: boolean }) {
  const [isWhole, setWhole] = useState(false)
  const rest = matters.length - most
  return (
    <Card aria-label={texts.toSettle} style={{ minHeight: isComplete ? undefined : 380 }}>
      <Stack $gap={4}>
        <h2>{texts.toSettle}</h2>
        {matters.length === 0 && <Soft>{isComplete ? texts.nothingWaitsForYou : texts.oneMoment}</Soft>}
        <List>
          {(isWhole ? matters : matters.slice(0, most)).map(({ kind, words, act, path }) => (
            <li key={`${kind} ${words}`}>
              <b title={signs[kind].says} aria-label={signs[kind].says} role="img">
                {signs[kind].sign}
              </b>
              <span>
                {words} <Link to={path}>{act}</Link>
              </span>
            </li>
          ))}
        </List>
        {rest > 0 && !isWhole && (
          <Button $kind="quiet" onPress={() => setWhole(true)}>
            {texts.showMore(rest)}
          </Button>
        )}
      </Stack>
    </Card>
  )
}
