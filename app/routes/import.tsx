import { useEffect } from 'react'
import { data, Form, Link, useRevalidator } from 'react-router'
import { confirmImport, findImport } from '#app/data/imports.server.ts'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { Alert, Card, Page, Row, Soft, Stack } from '#app/ui/layout.tsx'
import { Meter } from '#app/ui/Meter.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { Route } from './+types/import'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Import · Plicator' }]

export const loader = ({ params }: Route.LoaderArgs) => ({ job: found(findImport(params.import), 'This import') })

export function action({ params }: Route.ActionArgs) {
  const message = confirmImport(params.import)
  return message ? data({ message }, { status: 409 }) : null
}

const headings = {
  reading: 'Dry run',
  ready: 'Dry run',
  writing: 'Writing',
  done: 'Imported',
  failed: 'Not imported',
} as const

export default function ImportPage({ loaderData: { job }, actionData }: Route.ComponentProps) {
  const { revalidate } = useRevalidator()
  const { name, state, message, rows, counts, progress, problems } = job
  const busy = state === 'reading' || state === 'writing'

  useEffect(() => {
    if (!busy) return undefined
    const timer = setInterval(() => void revalidate(), 400)
    return () => clearInterval(timer)
  }, [busy, revalidate])

  return (
    <Page>
      <h1>
        {headings[state]}: {name}
      </h1>
      <Card>
        <Stack>
          {busy && (
            <Row role="status">
              <Meter share={Math.min(progress, 0.99)} />
              <Soft>
                {state === 'reading'
                  ? `${rows} rows looked at`
                  : 'Readings are being written; other work waits a moment.'}
              </Soft>
            </Row>
          )}
          {message && <Alert role="alert">{message}</Alert>}
          {actionData?.message && <Alert role="alert">{actionData.message}</Alert>}
          {rows > 0 && (
            <p>
              {rows} rows: <strong>{counts.new} new</strong>, {counts.there} there already, {counts.refused} refused.{' '}
              <a href={`/import/${job.id}/fates.csv`}>Every row&apos;s fate</a>
            </p>
          )}
          {state === 'ready' && counts.refused > 0 && (
            <Alert>
              It is all or nothing: mend the refused rows in the file and send it again. Nothing was written.
            </Alert>
          )}
          {state === 'ready' && counts.refused === 0 && counts.new === 0 && (
            <p>Everything is there already; there is nothing to write.</p>
          )}
          {state === 'ready' && counts.refused === 0 && counts.new > 0 && (
            <Form method="post">
              <Button type="submit" $kind="primary">
                Write {counts.new} readings
              </Button>
            </Form>
          )}
          {state === 'done' && (
            <p>
              {counts.new} readings are in. <Link to="/">To the line-ups</Link>
            </p>
          )}
          <div>
            <ButtonLink to="/import">Another file</ButtonLink>
          </div>
        </Stack>
      </Card>
      {problems.length > 0 && (
        <Card>
          <h2>Refused rows</h2>
          <Table>
            <thead>
              <tr>
                <th>Row of the file</th>
                <th>Reason</th>
              </tr>
            </thead>
            <tbody>
              {problems.map(({ row, message: reason }) => (
                <tr key={row}>
                  <td>{row}</td>
                  <td>{reason}</td>
                </tr>
              ))}
            </tbody>
          </Table>
          {counts.refused > problems.length && (
            <Soft>and {counts.refused - problems.length} more; the list of fates has them all.</Soft>
          )}
        </Card>
      )}
    </Page>
  )
}
