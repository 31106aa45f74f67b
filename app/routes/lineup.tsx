import { useMemo } from 'react'
import { Link, type ShouldRevalidateFunctionArgs } from 'react-router'
import { findApplication } from '#app/data/applications.server.ts'
import { assessApplication } from '#app/data/assessments.server.ts'
import { listProducts } from '#app/data/products.server.ts'
import { formLabels } from '#app/features/forms/labels.ts'
import { librarySpreads, lineupOf } from '#app/data/lineup.server.ts'
import { whileUnchanged } from '#app/data/unchanged.server.ts'
import { LineupTable } from '#app/features/lineup/LineupTable.tsx'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/lineup'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [{ title: `${loaderData?.application.name ?? 'Line-up'} · Plicator` }]

export const loader = ({ params: { lineup } }: Route.LoaderArgs) => whileUnchanged(`line-up ${lineup}`, () => loadLineup(lineup))

async function loadLineup(id: string) {
  const application = found(await findApplication(id), 'This line-up')
  const [assessed, products, spreads] = await Promise.all([assessApplication(application.id), listProducts(application.id), librarySpreads()])
  const { columns, rows } = lineupOf(assessed, spreads)
  const waiting = products.filter(({ id }) => !columns.some((column) => column.product === id))
  // Thousands of small cells: one string passes to the page ten times as fast as the objects do.
  return { application, table: JSON.stringify({ columns, rows }), waiting }
}

/** Sorting and filtering change the address only. */
export const shouldRevalidate = ({ currentUrl, nextUrl, formMethod, defaultShouldRevalidate }: ShouldRevalidateFunctionArgs) =>
  !formMethod && currentUrl.pathname === nextUrl.pathname ? false : defaultShouldRevalidate

export default function Lineup({ loaderData: { application, table, waiting } }: Route.ComponentProps) {
  const { columns, rows } = useMemo(() => JSON.parse(table) as ReturnType<typeof lineupOf>, [table])
  return (
    <Page style={{ maxWidth: 'none' }}>
      <Row $between>
        <Stack $gap={4}>
          <h1>{application.name}</h1>
          <Soft>
            {[application.machine, formLabels[application.form], application.thread].filter(Boolean).join(' · ')} · <Link to={`/lineups/${application.id}/edit`}>edit</Link>
          </Soft>
        </Stack>
        <Row data-print="no">
          <ButtonLink to={`/lineups/${application.id}/products/new`}>Add a product</ButtonLink>
          <ButtonLink to={`/lineups/${application.id}/lineup.csv`} reloadDocument>
            Save as CSV
          </ButtonLink>
          <ButtonLink to={`/lineups/${application.id}/readings.csv`} reloadDocument>
            Readings
          </ButtonLink>
          <ButtonLink to={`/lineups/${application.id}/figures.json`} reloadDocument>
            Figures
          </ButtonLink>
        </Row>
      </Row>
      {waiting.length > 0 && (
        <Small data-print="no">
          No specimen yet:{' '}
          {waiting.map(({ id, brand, partNumber }, index) => (
            <span key={id}>
              {index > 0 && ', '}
              <Link to={`/products/${id}`}>
                {brand} {partNumber}
              </Link>
            </span>
          ))}
        </Small>
      )}
      {columns.length === 0 ? (
        <Card>
          <Stack>
            <h2>No specimen yet</h2>
            <p>Put a specimen of one of its products on the bench; it takes its place here with the first reading.</p>
          </Stack>
        </Card>
      ) : (
        <LineupTable columns={columns} rows={rows} />
      )}
      <Small>The construction score judges construction, not filtration; its rules stand under Method. Best and worst are marked only where the difference is larger than its uncertainty.</Small>
    </Page>
  )
}
