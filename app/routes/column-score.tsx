import { useMemo } from 'react'
import { Link, type ShouldRevalidateFunctionArgs } from 'react-router'
import { vetoCap } from '#core/score/score.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { judgedLineup, type JudgedLineup } from '#app/data/judged.server.ts'
import { whileUnchanged } from '#app/data/unchanged.server.ts'
import { Ledger } from '#app/features/verdict/Ledger.tsx'
import { SchoolBar } from '#app/features/verdict/SchoolBar.tsx'
import { columnName, useJudged } from '#app/features/verdict/useJudged.ts'
import { Alert, Card, Page, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/column-score'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Score · Plicator' }]

export const loader = ({ params: { lineup, column } }: Route.LoaderArgs) => {
  const today = new Date().toISOString().slice(0, 10)
  return whileUnchanged(`ledger ${lineup} ${column} ${today}`, async () => {
    const application = found(await findApplication(lineup), 'This line-up')
    const judged = await judgedLineup(application, today)
    found(
      judged.columns.find(({ id }) => id === column),
      'This product',
    )
    return { application, column, judged: JSON.stringify(judged) }
  })
}

export const shouldRevalidate = ({ currentUrl, nextUrl, defaultShouldRevalidate }: ShouldRevalidateFunctionArgs) =>
  currentUrl.pathname === nextUrl.pathname ? false : defaultShouldRevalidate

export default function ColumnScore({ loaderData: { application, column: id, judged: text } }: Route.ComponentProps) {
  const lineup = useMemo(() => JSON.parse(text) as JudgedLineup, [text])
  const judged = useJudged(application.form, lineup)
  const column = lineup.columns.find((one) => one.id === id)!
  const { score, excluded } = judged.all.find((one) => one.id === id)!
  return (
    <Page>
      <Stack $gap={8}>
        <Link
          to={`/lineups/${application.id}/verdict?school=${judged.school.id}${judged.driver ? `&driver=${judged.driver.id}` : ''}`}
        >
          Verdict: {application.name}
        </Link>
        <h1>
          {columnName(column)}: {score.value === undefined ? 'not known' : `${score.value.toFixed(1)} of 100`}
        </h1>
        <SchoolBar data={lineup} judged={judged} />
        <p>
          {Math.round(score.coverage * 100)} % of the weight rests on evidence; what is open leaves the score anywhere
          from {Math.round(score.low)} to {Math.round(score.high)}. A judgement of construction and value, not a
          filtration test.
        </p>
        {excluded && <Alert>Excluded: {column.misfits.join(' and ')}.</Alert>}
        {score.vetoes.map(({ key, because }) => (
          <Alert key={key}>
            Capped at {vetoCap}: {because}. Open a second specimen before publishing it as a pattern.
          </Alert>
        ))}
      </Stack>
      <Card>
        <Ledger
          lines={score.lines}
          linkOf={(from) =>
            from.startsWith('claim.')
              ? `/lineups/${application.id}/claims`
              : from.startsWith('value.')
                ? `/lineups/${application.id}/money`
                : `/specimens/${column.specimen}/values/${from}`
          }
        />
      </Card>
    </Page>
  )
}
