import { useEffect } from 'react'
import { data, type ShouldRevalidateFunctionArgs } from 'react-router'
import { findCharacteristic } from '#core/catalogue/index.ts'
import { unitOf, units } from '#core/quantity/units.ts'
import type { Problem } from '#core/result.ts'
import { crossCheck } from '#core/teardown/cross-check.ts'
import { readEntry } from '#core/teardown/entry.ts'
import { instrumentsFor, lessZero, readZero } from '#core/teardown/instrument.ts'
import { planLike } from '#core/teardown/plan.ts'
import { missingBefore, pointsBefore } from '#core/teardown/progress.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { assessSpecimens } from '#app/data/assessments.server.ts'
import { listInstruments, saveZero } from '#app/data/instruments.server.ts'
import { addNote, listNotes, removeNote } from '#app/data/notes.server.ts'
import { addPassage, listPassages } from '#app/data/passages.server.ts'
import { listPhotos, removePhoto } from '#app/data/photos.server.ts'
import { addReading, lastUses, listReadings, restoreReading, strikeReading } from '#app/data/readings.server.ts'
import { findSpecimen, listRecordedLike, listSpecimensOf, savePlan, type Specimen } from '#app/data/specimens.server.ts'
import { whileUnchanged } from '#app/data/unchanged.server.ts'
import { BenchView } from '#app/features/bench/BenchView.tsx'
import { isCutOff, sendOrKeep } from '#app/features/bench/outbox.ts'
import { benchSchema, type BenchRequest } from '#app/features/bench/reading-schema.ts'
import type { Route } from './+types/bench'
import { formDataOf, found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  {
    title: `${loaderData ? `${loaderData.specimen.brand} ${loaderData.specimen.partNumber} ${loaderData.specimen.label}` : 'Bench'} · Plicator`,
  },
]

export const loader = ({ params: { specimen } }: Route.LoaderArgs) =>
  whileUnchanged(`bench ${specimen}`, () => loadBench(specimen))

async function loadBench(id: string) {
  const specimen = found(await findSpecimen(id), 'This specimen')
  const [readings, passages, notes, photos, uses, instruments, siblings, others] = await Promise.all([
    listReadings(specimen.id),
    listPassages(specimen.id),
    listNotes(specimen.id),
    listPhotos(specimen.id),
    lastUses(),
    listInstruments(),
    assessSpecimens((await listSpecimensOf(specimen.product)).filter((one) => one.id !== specimen.id)),
    listRecordedLike(specimen),
  ])
  const beside = siblings.map(({ specimen: { id, label, revisionLabel }, assessment: { known } }) => ({
    id,
    label,
    revisionLabel,
    values: Object.fromEntries(
      [...known.values()].map(({ key, number, text, groups }) => [
        key,
        { number: number?.value ?? null, text: text ?? null, groups: groups ?? null },
      ]),
    ),
  }))
  return { specimen, readings, passages, notes, photos, uses, instruments, beside, others }
}

/** Moving from reading to reading changes the address only. */
export const shouldRevalidate = ({
  currentUrl,
  nextUrl,
  formMethod,
  defaultShouldRevalidate,
}: ShouldRevalidateFunctionArgs) =>
  !formMethod && currentUrl.pathname === nextUrl.pathname ? false : defaultShouldRevalidate

export async function action({ request, params }: Route.ActionArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const parsed = benchSchema.safeParse(Object.fromEntries(await formDataOf(request)))
  if (!parsed.success) return refuse({ code: 'form', message: parsed.error.issues[0]!.message })
  const problem = await act(specimen, parsed.data)
  return problem ? refuse(problem) : { ok: true as const }
}

/** Does what the bench asks; returns what is wrong with it, if anything is. */
async function act(specimen: Specimen, asked: BenchRequest): Promise<Problem | undefined> {
  switch (asked.intent) {
    case 'take':
      return takeReading(specimen, asked)
    case 'strike':
      found((await strikeReading(specimen.id, asked.id, asked.why || null)) || undefined, 'This reading')
      return undefined
    case 'restore':
      found((await restoreReading(specimen.id, asked.id)) || undefined, 'This reading')
      return undefined
    case 'note':
      await addNote(specimen.id, asked)
      return undefined
    case 'drop-note':
      await removeNote(specimen.id, asked.id)
      return undefined
    case 'drop-photo':
      await removePhoto(specimen.id, asked.id)
      return undefined
    case 'pass': {
      const { lost } = missingBefore(
        asked.point,
        specimen.form,
        resolve(await listReadings(specimen.id)),
        specimen.plan,
      )
      await addPassage(specimen.id, { point: asked.point, reason: asked.reason, missing: lost })
      return undefined
    }
    case 'ask': {
      if (!findCharacteristic(asked.characteristic))
        return { code: 'unknown', message: `There is no "${asked.characteristic}".` }
      const others = Object.entries(specimen.plan).filter(([key]) => key !== asked.characteristic)
      const own: [string, boolean][] = asked.asked === 'usual' ? [] : [[asked.characteristic, asked.asked === 'yes']]
      await savePlan(specimen.id, Object.fromEntries([...others, ...own]))
      return undefined
    }
    case 'ask-like': {
      const recorded = new Set(
        (await listReadings(asked.from)).filter(({ struck }) => !struck).map(({ characteristic }) => characteristic),
      )
      if (recorded.size === 0) return { code: 'empty', message: 'Nothing was recorded of that specimen.' }
      await savePlan(specimen.id, planLike(specimen.form, recorded))
      return undefined
    }
    case 'zero': {
      const instrument = (await listInstruments()).find(({ id }) => id === asked.instrument)
      if (!instrument) return { code: 'unknown', message: 'That instrument is not in the list any more.' }
      const zero = readZero(asked.shows, instrument.kind)
      if (!zero.ok) return zero.problem
      await saveZero(instrument.id, zero.value)
      return undefined
    }
  }
}

async function takeReading(
  specimen: Specimen,
  asked: Extract<BenchRequest, { intent: 'take' }>,
): Promise<Problem | undefined> {
  const characteristic = findCharacteristic(asked.characteristic)
  if (!characteristic?.forms.includes(specimen.form))
    return { code: 'unknown', message: `A ${specimen.form} filter has no "${asked.characteristic}".` }
  const allowed = 'units' in characteristic ? characteristic.units : []
  const unit = asked.unit && units.some(({ symbol }) => symbol === asked.unit) ? unitOf(asked.unit).symbol : undefined
  if (unit && !allowed.includes(unit))
    return { code: 'wrong-kind', message: `${characteristic.label} is not read in ${unit}.` }
  const entry = readEntry(characteristic, {
    text: asked.readAs ?? asked.typed,
    insist: asked.insist === 'yes',
    ...(unit && { unit }),
  })
  if (!entry.ok) return entry.problem
  const able = instrumentsFor(characteristic, await listInstruments())
  const instrument = able.find(({ id }) => id === asked.instrument)
  if (asked.instrument && !instrument)
    return {
      code: 'unknown',
      message: 'That instrument is not in the list any more, or reads something else. Choose another.',
    }
  const value = lessZero(entry.value, instrument ? (asked.zero ?? 0) : 0)
  const clash =
    asked.insist === 'yes' ? undefined : crossCheck(characteristic, value, resolve(await listReadings(specimen.id)))
  if (clash) return clash

  await addReading(
    {
      id: asked.id,
      specimen: specimen.id,
      characteristic: characteristic.key,
      typed: asked.typed.trim(),
      unit: value.unit ?? null,
      number: value.number ?? null,
      text: value.text ?? null,
      groups: value.groups ?? null,
      evidence: asked.evidence,
      instrument: instrument?.id ?? null,
      zero: instrument && asked.zero ? asked.zero : null,
      source: asked.source || null,
      note: null,
      at: believable(asked.at),
    },
    {
      passed: pointsBefore(characteristic.station, specimen.form),
      began: { station: characteristic.station, at: believable(asked.since) },
    },
  )
  return undefined
}

/** A moment of the user's clock, unless it lies ahead or is older than a connection is ever down. */
function believable(moment: string | undefined): string {
  const now = Date.now()
  const said = moment === undefined ? now : Date.parse(moment)
  return new Date(said > now || said < now - 30 * 86_400_000 ? now : said).toISOString()
}

const refuse = (problem: Problem) => data({ ok: false as const, problem }, { status: 422 })

export const clientAction = async ({ request, params, serverAction }: Route.ClientActionArgs) => {
  const fields = Object.fromEntries(await request.clone().formData()) as Record<string, string>
  return sendOrKeep({ specimen: params.specimen, fields }, serverAction)
}

/** What the bench knew last: with it the work goes on while the connection is down. */
let seen: { specimen: string; data: Awaited<ReturnType<typeof loadBench>> } | undefined

export async function clientLoader({ params, serverLoader }: Route.ClientLoaderArgs) {
  try {
    return await serverLoader()
  } catch (error) {
    if (isCutOff(error) && seen?.specimen === params.specimen) return seen.data
    throw error
  }
}

export default function Bench({ loaderData }: Route.ComponentProps) {
  useEffect(() => {
    seen = { specimen: loaderData.specimen.id, data: loaderData }
  }, [loaderData])
  return <BenchView key={loaderData.specimen.id} {...loaderData} />
}
