import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import type { RecentSpecimen } from '#app/data/recent-specimens.server.ts'
import * as texts from '#app/texts/today.ts'
import { Day } from '#app/ui/Day.tsx'
import { Card, Small, Stack } from '#app/ui/layout.tsx'

const List = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  li {
    padding: 6px 0;
    border-bottom: 1px dotted var(--line-strong);
    overflow-wrap: anywhere;
  }
  li:last-child {
    border-bottom: 0;
  }
`

/** What was worked on lately, each a press away. */
export const Recent = ({ specimens }: { specimens: readonly RecentSpecimen[] }) =>
  specimens.length > 0 && (
    <Card aria-label={texts.recent}>
      <Stack $gap={4}>
        <h2>{texts.recent}</h2>
        <List>
          {specimens.map(({ id, name, engine, at }) => (
            <li key={id}>
              <Link to={href('/bench/:specimen', { specimen: id })}>{name}</Link>{' '}
              <Small>
                {engine} · <Day of={at} />
              </Small>
            </li>
          ))}
        </List>
      </Stack>
    </Card>
  )
