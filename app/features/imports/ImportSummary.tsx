import { Form, href, Link } from 'react-router'
import { formatCount } from '#core/quantity/format.ts'
import type { Import } from '#app/data/import-job.ts'
import type { ShownImport } from '#app/data/imports.server.ts'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { Alert, Card, Row, Soft, Stack } from '#app/ui/layout.tsx'
import { Meter } from '#app/ui/Meter.tsx'

/** How far an import is, what it would write, and the word to write it. */
export function ImportSummary({ job, refusal }: { job: ShownImport; refusal: string }) {
  const { id, state, message, rows, counts, progress } = job
  const isBusy = state === 'reading' || state === 'writing'
  return (
    <Card>
      <Stack>
        {isBusy && (
          <Row role="status">
            <Meter share={Math.min(progress, 0.99)} />
            <Soft>
              {state === 'reading'
                ? 'Every row is looked at; nothing is written.'
                : 'Readings are being written; they are seen when all of them are in.'}
            </Soft>
            <Form method="post">
              <input type="hidden" name="intent" value="cancel" />
              <Button type="submit">Cancel the import</Button>
            </Form>
          </Row>
        )}
        {message && <Alert role="alert">{message}</Alert>}
        {refusal && <Alert role="alert">{refusal}</Alert>}
        {rows > 0 && (
          <p>
            {formatCount(rows, 'row')}: <strong>{counts.new} new</strong>, {counts.there} there already,{' '}
            {counts.refused} refused.{' '}
            {job.hasRowResults && (
              <a href={href('/import/:import/row-results.csv', { import: id })}>The result of every row</a>
            )}
          </p>
        )}
        {job.beside !== '' && state !== 'failed' && (
          <p>It is a data package: beside its readings it brings {job.beside}. What is there already stays as it is.</p>
        )}
        {state === 'ready' && <ReadyImport counts={counts} hasMore={job.beside !== ''} />}
        {state === 'done' && (
          <p>
            {formatCount(counts.new, 'reading is', 'readings are')} in. <Link to={href('/')}>To the line-ups</Link>
          </p>
        )}
        <div>
          <ButtonLink to={href('/import')}>Another file</ButtonLink>
        </div>
      </Stack>
    </Card>
  )
}

function ReadyImport({ counts, hasMore }: { counts: Import['counts']; hasMore: boolean }) {
  if (counts.refused > 0)
    return (
      <Alert>It is all or nothing: mend the refused rows in the file and send it again. Nothing was written.</Alert>
    )
  if (counts.new === 0 && !hasMore) return <p>Everything is there already; there is nothing to write.</p>
  return (
    <Form method="post">
      <Button type="submit" $kind="primary">
        {counts.new === 0 ? 'Write what is new beside them' : `Write ${formatCount(counts.new, 'reading')}`}
      </Button>
    </Form>
  )
}
