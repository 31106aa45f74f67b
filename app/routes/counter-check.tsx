import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { counterChecks, formatRatio, type CounterCheck } from '#core/verdict/counter-check.ts'
import { formatCell } from '#core/compare/format-cell.ts'
import { columnName } from '#app/data/column-name.ts'
import { listPhotos } from '#app/data/photos.server.ts'
import { listSpecimens } from '#app/data/specimens.server.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/counter-check.ts'
import { Button } from '#app/ui/Button.tsx'
import { Card, Caution, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Route } from './+types/counter-check'
import { whenPathChanges } from './revalidation.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.checkAtTheCounterTitle }]

/** Pictures of the specimens of a revision, by part: the latest of each. */
export async function loader({ params: { application, column } }: Route.LoaderArgs) {
  const own = (await listSpecimens(application)).filter(({ revisionId }) => revisionId === column)
  const photos = (await Promise.all(own.map(({ id }) => listPhotos(id)))).flat()
  return { photos: Object.fromEntries(photos.map(({ part, id }) => [part, id])) }
}

export const shouldRevalidate = whenPathChanges

const Check = styled.li`
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: start;
  padding: 10px 0;
  border-bottom: 1px dotted var(--line-strong);
  break-inside: avoid;
  i {
    width: 24px;
    height: 24px;
    border: 2px solid var(--ink);
    border-radius: 4px;
  }
  img {
    max-width: 140px;
    max-height: 100px;
  }
`

export default function CounterCheckPage({ loaderData: { photos }, params: { column: id } }: Route.ComponentProps) {
  const { application, evaluation } = useLineup()
  const at = evaluation.columns.findIndex((one) => one.id === id)
  const column = evaluation.columns[at]
  const back = href('/lineups/:application', { application: application.id })
  if (!column)
    return (
      <Page>
        <h1>{texts.notHere}</h1>
        <p>
          {texts.thisProductHasNoSpecimenIn} <Link to={back}>{texts.back}</Link>
        </p>
      </Page>
    )
  const checks = counterChecks(evaluation.rows, at)
  return (
    <Page>
      <Stack $gap={6}>
        <Row $between>
          <Link to={back}>{application.name}</Link>
          <Button onPress={() => window.print()}>{texts.print}</Button>
        </Row>
        <h1>{texts.checkAtTheCounter(columnName(column))}</h1>
        <Soft>{texts.whatTellsItFromItsLook}</Soft>
      </Stack>
      <Card>
        {checks.length === 0 ? (
          <p>{texts.nothingOutsideThatIsKnownTells}</p>
        ) : (
          <ul style={{ listStyle: 'none', margin: 0, padding: 0 }}>
            {checks.map((check) => (
              <CheckLine key={check.characteristic.key} check={check} photo={photos[check.characteristic.part]} />
            ))}
          </ul>
        )}
      </Card>
      <Caution>{texts.aBoxThatPassesMayHold}</Caution>
    </Page>
  )
}

function CheckLine({ check, photo }: { check: CounterCheck; photo: string | undefined }) {
  const { characteristic, cell, ratio, tellsFrom } = check
  const { columns } = useLineup().evaluation
  const { units } = usePreferences()
  const names = tellsFrom.flatMap((at) => (columns[at] ? [columnName(columns[at])] : []))
  return (
    <Check>
      <i aria-hidden />
      <div>
        <strong>{characteristic.label}:</strong> {formatCell(characteristic.key, cell, units)}
        <br />
        <Small>
          {texts.tellsItFrom(
            formatRatio(ratio),
            names.length > 4 ? texts.others(names.length) : names.join(', '),
            characteristic.how,
          )}
        </Small>
      </div>
      {photo && <img src={href('/photos/:photo', { photo })} alt={characteristic.label} loading="lazy" />}
    </Check>
  )
}
