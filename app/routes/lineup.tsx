import { useMemo } from 'react'
import { Link, type ShouldRevalidateFunctionArgs } from 'react-router'
import { findApplication, listApplications } from '#app/data/applications.server.ts'
import { judgedLineup, type JudgedLineup } from '#app/data/judged.server.ts'
import { listProducts } from '#app/data/products.server.ts'
import { formLabels } from '#app/features/forms/labels.ts'
import { whileUnchanged } from '#app/data/unchanged.server.ts'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { LineupTable } from '#app/features/lineup/LineupTable.tsx'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Page, Small, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/lineup'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.application.name ?? 'Line-up'} · Plicator` },
]

export const loader = ({ params: { lineup } }: Route.LoaderArgs) => {
  const today = new Date().toISOString().slice(0, 10)
  return whileUnchanged(`line-up ${lineup} ${today}`, () => loadLineup(lineup, today))
}

async function loadLineup(id: string, today: string) {
  const application = found(await findApplication(id), 'This line-up')
  const [judged, products, applications] = await Promise.all([
    judgedLineup(application, today),
    listProducts(application.id),
    listApplications(),
  ])
  const waiting = products.filter(({ id }) => !judged.columns.some((column) => column.product === id))
  // Thousands of small cells: one string passes to the page ten times as fast as the objects do.
  return {
    application,
    applications: applications.map(({ id, name }) => ({ id, name })),
    judged: JSON.stringify(judged),
    waiting,
  }
}

/** Sorting and filtering change the address only. */
export const shouldRevalidate = ({
  currentUrl,
  nextUrl,
  formMethod,
  defaultShouldRevalidate,
}: ShouldRevalidateFunctionArgs) =>
  !formMethod && currentUrl.pathname === nextUrl.pathname ? false : defaultShouldRevalidate

export default function Lineup({
  loaderData: { application, applications, judged: text, waiting },
}: Route.ComponentProps) {
  const lineup = useMemo(() => JSON.parse(text) as JudgedLineup, [text])
  const { columns } = lineup
  return (
    <Page style={{ maxWidth: 'none' }}>
      <LineupHead
        id={application.id}
        title={application.name}
        says={
          <>
            {[application.machine, formLabels[application.form], application.thread].filter(Boolean).join(' · ')} ·{' '}
            <Link to={`/lineups/${application.id}/edit`}>edit</Link>
          </>
        }
        applications={applications}
        view=""
      >
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
      </LineupHead>
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
        <LineupTable application={application} lineup={lineup} />
      )}
      <Small>
        The construction score judges construction, not filtration; its rules stand under Method. Best and worst are
        marked only where the difference is larger than its uncertainty.
      </Small>
    </Page>
  )
}
