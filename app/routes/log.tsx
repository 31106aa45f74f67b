import { z } from 'zod'
import { cameraRuns } from '#core/teardown/camera-runs.ts'
import { listCameraPauses, pressCamera, saveFilming, undoCameraPress } from '#app/data/camera.server.ts'
import { listIrreversibleSteps } from '#app/data/irreversible-steps.server.ts'
import { listNotes } from '#app/data/notes.server.ts'
import { listPhotos } from '#app/data/photos.server.ts'
import { listReadings } from '#app/data/readings.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { listStationStarts } from '#app/data/station-starts.server.ts'
import { FilmingCard } from '#app/features/specimen/FilmingCard.tsx'
import { logEntries } from '#app/features/specimen/log-entries.ts'
import { LogTable } from '#app/features/specimen/LogTable.tsx'
import { SpecimenTrail } from '#app/features/specimen/SpecimenTrail.tsx'
import { useSpecimen } from '#app/features/specimen/useSpecimen.ts'
import * as texts from '#app/texts/log.ts'
import { Card, Page, Soft, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Route } from './+types/log'
import { accepted, fieldsOf, found, parseFields, refused } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.logOfASpecimenTitle }]

export async function loader({ params: { specimen } }: Route.LoaderArgs) {
  const [readings, starts, steps, notes, photos, pauses] = await Promise.all([
    listReadings(specimen),
    listStationStarts(specimen),
    listIrreversibleSteps(specimen),
    listNotes(specimen),
    listPhotos(specimen),
    listCameraPauses(specimen),
  ])
  return { readings, starts, steps, notes, photos, pauses }
}

const moment = z.iso.datetime({ error: texts.thatIsNoDateAndTime })

const filmingSchema = z.discriminatedUnion('intent', [
  z.object({ intent: z.literal('begin'), at: z.union([z.literal('').transform(() => null), moment]) }),
  z.object({ intent: z.literal('press'), at: moment }),
  z.object({ intent: z.literal('undo') }),
])

export async function action({ request, params }: Route.ActionArgs) {
  const specimen = found(await findSpecimen(params.specimen), texts.thisSpecimen)
  const parsed = parseFields(filmingSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  const act = parsed.value
  if (act.intent === 'begin') await saveFilming(specimen.id, act.at)
  if (act.intent === 'undo') await undoCameraPress(specimen.id)
  const pressed = act.intent === 'press' ? await pressCamera(specimen, act.at) : undefined
  return pressed?.ok === false ? refused(pressed.problem.message) : accepted()
}

export default function Log({ loaderData }: Route.ComponentProps) {
  const specimen = useSpecimen()
  const { units } = usePreferences()
  const entries = logEntries(loaderData, units)
  const runs = cameraRuns(specimen.filmingAt, loaderData.pauses)
  return (
    <Page>
      <Stack $gap={4}>
        <SpecimenTrail specimen={specimen} />
        <h1>{texts.log}</h1>
        <Soft>{texts.whenEachStationBeganAndEach}</Soft>
      </Stack>
      <FilmingCard runs={runs} firstAt={entries[0]?.at} />
      <Card>
        <LogTable entries={entries} runs={runs} />
      </Card>
    </Page>
  )
}
