import { Form, href, Link } from 'react-router'
import type { Import } from '#app/data/import-job.ts'
import type { ShownImport } from '#app/data/imports.server.ts'
import * as texts from '#app/texts/imports.ts'
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
            <Soft>{state === 'reading' ? texts.everyRowIsLookedAtNothing : texts.readingsAreBeingWrittenTheyAre}</Soft>
            <Form method="post">
              <input type="hidden" name="intent" value="cancel" />
              <Button type="submit">{texts.cancelTheImport}</Button>
            </Form>
          </Row>
        )}
        {message && <Alert role="alert">{message}</Alert>}
        {refusal && <Alert role="alert">{refusal}</Alert>}
        {rows > 0 && (
          <p>
            {texts.rows(rows)} <strong>{texts.newLabel(counts.new)}</strong>
            {texts.thereAlreadyRefused(counts.there, counts.refused)}{' '}
            {job.hasRowResults && (
              <a href={href('/import/:import/row-results.csv', { import: id })}>{texts.theResultOfEveryRow}</a>
            )}
          </p>
        )}
        {job.beside !== '' && state !== 'failed' && <p>{texts.itIsADataPackageBeside(job.beside)}</p>}
        {state === 'ready' && <ReadyImport counts={counts} hasMore={job.beside !== ''} />}
        {state === 'done' && (
          <p>
            {texts.readingsAreIn(counts.new)} <Link to={href('/')}>{texts.toTheLineUps}</Link>
          </p>
        )}
        <div>
          <ButtonLink to={href('/import')}>{texts.anotherFile}</ButtonLink>
        </div>
      </Stack>
    </Card>
  )
}

function ReadyImport({ counts, hasMore }: { counts: Import['counts']; hasMore: boolean }) {
  if (counts.refused > 0) return <Alert>{texts.itIsAllOrNothingMend}</Alert>
  if (counts.new === 0 && !hasMore) return <p>{texts.everythingIsThereAlreadyThereIs}</p>
  return (
    <Form method="post">
      <Button type="submit" $kind="primary">
        {counts.new === 0 ? texts.writeWhatIsNewBesideThem : texts.writeReadings(counts.new)}
      </Button>
    </Form>
  )
}
