import { styled } from 'styled-components'
import type { AuditedOption } from '#app/data/options-audit.server.ts'
import { columnName } from '#app/data/column-name.ts'
import * as texts from '#app/texts/kin.ts'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

const Audit = styled(Table)`
  td[data-state='not'] {
    background: var(--red-soft);
    font-weight: 600;
  }
  td[data-state='unknown'] {
    color: var(--ink-soft);
  }
`

const words = { fits: '✓', not: '✗', unknown: texts.notKnown } as const

/** What is sold for the engine in place of its maker's own filter, and where each differs in what the engine needs. */
export function AuditCard({ options, engine }: { options: readonly AuditedOption[]; engine: string }) {
  const [first] = options
  if (!first) return null
  const ordered = [...options].sort((a, b) => Number(b.isOwn) - Number(a.isOwn))
  return (
    <Card aria-label={texts.doesEachFit}>
      <Stack $gap={10}>
        <h2>{texts.doesEachFitOfEngine(engine)}</h2>
        <Soft>{texts.soldForOneEngineIsNot}</Soft>
        <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={texts.tableOfWhatFits}>
          <Audit>
            <thead>
              <tr>
                <th scope="col">{texts.filter}</th>
                {first.checks.map(({ what }) => (
                  <th key={what} scope="col">
                    {what}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {ordered.map(({ id, checks, isOwn, ...column }) => (
                <tr key={id}>
                  <th scope="row">
                    {columnName(column)} {isOwn && <Small>{texts.theEngineMakersOwn}</Small>}
                  </th>
                  {checks.map(({ what, state, reason }) => (
                    <td key={what} data-state={state} title={reason}>
                      {words[state]} {state !== 'unknown' && <Small>{reason}</Small>}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </Audit>
        </div>
      </Stack>
    </Card>
  )
}
