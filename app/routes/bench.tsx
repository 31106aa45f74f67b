import { data, type ShouldRevalidateFunctionArgs } from 'react-router'
import { findCharacteristic } from '#core/catalogue/index.ts'
import { unitOf, units } from '#core/quantity/units.ts'
import { crossCheck } from '#core/teardown/cross-check.ts'
import { readEntry } from '#core/teardown/entry.ts'
import { missingBefore, pointsBefore } from '#core/teardown/progress.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { addPassage, listPassages } from '#app/data/passages.server.ts'
import { addNote, listNotes, removeNote } from '#app/data/notes.server.ts'
import { addReading, lastUnits, listReadings, restoreReading, strikeReading } from '#app/data/readings.server.ts'
import { findSpecimen, listSpecimensOf } from '#app/data/specimens.server.ts'
import { BenchView } from '#app/features/bench/BenchView.tsx'
import { benchSchema } from '#app/features/bench/reading-schema.ts'
import type { Route } from './+types/bench'
import { formDataOf, found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [{ title: `${loaderData ? `${loaderData.specimen.brand} ${loaderData.specimen.partNumber} ${loaderData.specimen.label}` : 'Bench'} · Plicator` }]

export async function loader({ params }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const [readings, passages, notes, units, siblings] = await Promise.all([
    listReadings(specimen.id),
    listPassages(specimen.id),
    listNotes(specimen.id),
    lastUnits(),
    listSpecimensOf(specimen.product),
  ])
  return { specimen, readings, passages, notes, units, siblings: siblings.map(({ id, label, revisionLabel }) => ({ id, label, revisionLabel })) }
}

/** Moving from reading to reading changes the address only. */
export const shouldRevalidate = ({ currentUrl, nextUrl, formMethod, defaultShouldRevalidate }: ShouldRevalidateFunctionArgs) =>
  !formMethod && currentUrl.pathname === nextUrl.pathname ? false : defaultShouldRevalidate

export async function action({ request, params }: Route.ActionArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const parsed = benchSchema.safeParse(Object.fromEntries(await formDataOf(request)))
  if (!parsed.success) return refuse({ code: 'form', message: parsed.error.issues[0]!.message })
  const asked = parsed.data

  switch (asked.intent) {
    case 'take': {
      const characteristic = findCharacteristic(asked.characteristic)
      if (!characteristic?.forms.includes(specimen.form)) return refuse({ code: 'unknown', message: `A ${specimen.form} filter has no "${asked.characteristic}".` })
      const allowed = 'units' in characteristic ? characteristic.units : []
      const unit = asked.unit && units.some(({ symbol }) => symbol === asked.unit) ? unitOf(asked.unit).symbol : undefined
      if (unit && !allowed.includes(unit)) return refuse({ code: 'wrong-kind', message: `${characteristic.label} is not read in ${unit}.` })
      const entry = readEntry(characteristic, { text: asked.readAs ?? asked.typed, insist: asked.insist === 'yes', ...(unit && { unit }) })
      if (!entry.ok) return refuse(entry.problem)
      const clash = asked.insist === 'yes' ? undefined : crossCheck(characteristic, entry.value, resolve(await listReadings(specimen.id)))
      if (clash) return refuse(clash)
      await addReading({
        id: asked.id,
        specimen: specimen.id,
        characteristic: characteristic.key,
        typed: asked.typed.trim(),
        unit: entry.value.unit ?? null,
        number: entry.value.number ?? null,
        text: entry.value.text ?? null,
        groups: entry.value.groups ?? null,
        evidence: asked.evidence,
        instrument: null,
        source: asked.source || null,
        note: null,
      }, pointsBefore(characteristic.station, specimen.form))
      return { ok: true as const }
    }
    case 'strike':
      found((await strikeReading(specimen.id, asked.id, asked.why || null)) || undefined, 'This reading')
      return { ok: true as const }
    case 'restore':
      found((await restoreReading(specimen.id, asked.id)) || undefined, 'This reading')
      return { ok: true as const }
    case 'note':
      await addNote(specimen.id, asked)
      return { ok: true as const }
    case 'pass': {
      const { lost } = missingBefore(asked.point, specimen.form, resolve(await listReadings(specimen.id)))
      await addPassage(specimen.id, { point: asked.point, reason: asked.reason, missing: lost })
      return { ok: true as const }
    }
    case 'drop-note':
      await removeNote(specimen.id, asked.id)
      return { ok: true as const }
  }
}

const refuse = (problem: { code: string; message: string }) => data({ ok: false as const, problem }, { status: 422 })

export default function Bench({ loaderData }: Route.ComponentProps) {
  return <BenchView key={loaderData.specimen.id} {...loaderData} />
}
