import { styled } from 'styled-components'
import type { AuditedOption } from '#app/data/options-audit.server.ts'
import { columnName } from '#app/data/column-name.ts'
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

const words = { fits: '✓', not: '✗', unknown: '? not known' } as const

/** What is sold for the engine in place of its maker's own filter, and where each differs in what the engine needs. */
export function AuditCard({ options, engine }: { options: readonly AuditedOption[]; engine: string }) {
  const [first] = options
  if (!first) return null
  const ordered = [...options].sort((a, b) => Number(b.isOwn) - Number(a.isOwn))
  return (
    <Card aria-label="Does each fit">
      <Stack $gap={10}>
        <h2>Does each fit {engine}?</h2>
        <Soft>
          Sold for one engine is not fit for it: what the engine needs, and what of it was recorded. Its maker&apos;s
          manual comes first.
        </Soft>
        <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Table of what fits">
          <Audit>
            <thead>
              <tr>
                <th scope="col">Filter</th>
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
                    {columnName(column)} {isOwn && <Small>the engine maker&apos;s own</Small>}
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
