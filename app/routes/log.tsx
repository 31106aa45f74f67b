import { useState } from 'react'
import { data, useFetcher } from 'react-router'
import { z } from 'zod'
import { characteristicOf, noReturn, partLabel, stations } from '#core/catalogue/index.ts'
import { sayValue } from '#core/compare/display.ts'
import { timeOnFilm } from '#core/teardown/film.ts'
import { listNotes } from '#app/data/notes.server.ts'
import { listPassages } from '#app/data/passages.server.ts'
import { listPhotos } from '#app/data/photos.server.ts'
import { listReadings } from '#app/data/readings.server.ts'
import { findSpecimen, saveFilming } from '#app/data/specimens.server.ts'
import { listStarts } from '#app/data/starts.server.ts'
import { SpecimenTrail } from '#app/features/specimen/SpecimenTrail.tsx'
import { Button } from '#app/ui/Button.tsx'
import { Fault } from '#app/ui/fields.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Route } from './+types/log'
import { formDataOf, found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  {
    title: `Log of ${loaderData ? `${loaderData.specimen.brand} ${loaderData.specimen.partNumber}` : 'a specimen'} · Plicator`,
  },
]

export async function loader({ params }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const [readings, starts, passages, notes, photos] = await Promise.all([
    listReadings(specimen.id),
    listStarts(specimen.id),
    listPassages(specimen.id),
    listNotes(specimen.id),
    listPhotos(specimen.id),
  ])
  return { specimen, readings, starts, passages, notes, photos }
}

const filmingSchema = z.object({
  at: z.union([z.literal('').transform(() => null), z.iso.datetime({ error: 'That is no date and time.' })]),
})

export async function action({ request, params }: Route.ActionArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const parsed = filmingSchema.safeParse(Object.fromEntries(await formDataOf(request)))
  if (!parsed.success) return data({ fault: parsed.error.issues[0]!.message }, { status: 422 })
  await saveFilming(specimen.id, parsed.data.at)
  return { fault: '' }
}

export default function Log({
  loaderData: { specimen, readings, starts, passages, notes, photos },
}: Route.ComponentProps) {
  const { units: system } = usePreferences()
  const { filmingAt } = specimen
  const lines = [
    ...starts.map(({ station, at }) => ({
      at,
      what: 'Station',
      says: `${stations.find(({ key }) => key === station)!.label} begins`,
      struck: false,
    })),
    ...readings.map(({ at, characteristic, struck, ...value }) => ({
      at,
      what: 'Reading',
      says: `${characteristicOf(characteristic).label} ${sayValue(characteristicOf(characteristic), value, system)}`,
      struck: struck !== null,
    })),
    ...passages.map(({ at, point, reason }) => ({
      at,
      what: 'No return',
      says: [noReturn(point).done, reason].filter(Boolean).join(': '),
      struck: false,
    })),
    ...notes.map(({ at, part, text }) => ({ at, what: 'Note', says: `${partLabel(part)}: ${text}`, struck: false })),
    ...photos.map(({ at, part, name }) => ({ at, what: 'Photo', says: `${partLabel(part)}: ${name}`, struck: false })),
  ].sort((a, b) => a.at.localeCompare(b.at) || (a.what === 'Station' ? -1 : 0))
  return (
    <Page>
      <Stack $gap={4}>
        <SpecimenTrail specimen={specimen} />
        <h1>Log</h1>
        <Soft>
          When each station began and each reading was taken. Say when the camera began to run, and the times on film
          follow.
        </Soft>
      </Stack>
      <Filming began={filmingAt} />
      <Card>
        {lines.length === 0 ? (
          <Soft>Nothing has been recorded yet.</Soft>
        ) : (
          <Table>
            <thead>
              <tr>
                <th scope="col">Time, UTC</th>
                {filmingAt && <th scope="col">On film</th>}
                <th scope="col">What</th>
                <th scope="col">Entry</th>
              </tr>
            </thead>
            <tbody>
              {lines.map(({ at, what, says, struck }, index) => (
                <tr key={index}>
                  <td style={{ whiteSpace: 'nowrap' }}>{at.slice(0, 19).replace('T', ' ')}</td>
                  {filmingAt && <td>{timeOnFilm(at, filmingAt) ?? 'before'}</td>}
                  <td>{what}</td>
                  <td
                    style={
                      struck ? { textDecoration: 'line-through' } : what === 'Station' ? { fontWeight: 600 } : undefined
                    }
                  >
                    {says}
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        )}
      </Card>
    </Page>
  )
}

/** A moment as the user's own clock writes it, for the field. */
const local = (iso: string): string =>
  new Date(Date.parse(iso) - new Date().getTimezoneOffset() * 60_000).toISOString().slice(0, 19)

function Filming({ began }: { began: string | null }) {
  const fetcher = useFetcher<typeof action>()
  const [typed, setTyped] = useState('')
  const [fault, setFault] = useState('')
  const set = (at: string) => void fetcher.submit({ at }, { method: 'post' })
  return (
    <Card>
      <Row>
        <Button $kind={began ? 'plain' : 'primary'} onPress={() => set(new Date().toISOString())}>
          Filming starts now
        </Button>
        <form
          onSubmit={(event) => {
            event.preventDefault()
            const at = new Date(typed)
            if (Number.isNaN(at.getTime())) return setFault('Give the date and the time.')
            setFault('')
            set(at.toISOString())
          }}
        >
          <Row>
            <label>
              <Small>I started filming at </Small>
              <input
                type="datetime-local"
                step={1}
                value={typed}
                onChange={(event) => setTyped(event.target.value)}
                style={{ minHeight: 44 }}
              />
            </label>
            <Button type="submit">Set</Button>
          </Row>
        </form>
        {began && (
          <>
            <Small suppressHydrationWarning>The film begins at {local(began).replace('T', ' ')}, your time.</Small>
            <Button $kind="quiet" onPress={() => set('')}>
              Not filmed
            </Button>
          </>
        )}
      </Row>
      <Fault role="alert">{fault || fetcher.data?.fault}</Fault>
    </Card>
  )
}
