import fc from 'fast-check'
import { expect, test } from 'vitest'
import { pooledSpread } from '#core/compare/unit-spread.ts'
import { assess } from '#core/figures/assess.ts'
import { requirementsOf } from '#core/figures/application-requirements.ts'
import { groupBy } from '#core/group-by.ts'
import { findFatalFaults } from '#core/score/fatal-faults.ts'
import { demoDatabase, newReading } from '#db/demo/demo-database.fixture.ts'
import { changeApplication, findApplication, listApplications } from './applications.server.ts'
import { database, writableDatabase } from './database.server.ts'
import { newId } from './id.ts'
import { changeInstrument, instrumentsById, listInstruments } from './instruments.server.ts'
import { addReading, listReadings, restoreReading, voidReading } from './readings.server.ts'
import {
  addSpecimen,
  changeSpecimen,
  findSpecimen,
  listAllSpecimens,
  nextLabel,
  removeSpecimen,
  saveRecordingPlan,
  type Specimen,
} from './specimens.server.ts'
import { librarySpreads, refreshAllSummaries, summariesOf } from './summaries.server.ts'

demoDatabase()

/** Every specimen with its assessment, worked out from its readings alone, nothing kept. */
async function assessedAfresh() {
  const instruments = await instrumentsById()
  const specimens = await listAllSpecimens()
  return Promise.all(
    specimens.map(async (specimen) => {
      const context = { requirements: requirementsOf(specimen), plan: specimen.recordingPlan, instruments }
      return { specimen, assessment: assess(specimen.form, await listReadings(specimen.id), context) }
    }),
  )
}

async function keptIsFresh(): Promise<void> {
  const fresh = await assessedAfresh()
  const kept = await summariesOf((await listApplications()).map(({ id }) => id))
  const expected = fresh.map(({ specimen, assessment }) => ({
    id: specimen.id,
    completeness: assessment.completeness,
    fatalFault: findFatalFaults(specimen.form, assessment.values)[0]?.description ?? null,
  }))
  const byId = (a: { id: string }, b: { id: string }) => a.id.localeCompare(b.id)
  expect(kept.map(({ id, completeness, fatalFault }) => ({ id, completeness, fatalFault })).sort(byId)).toEqual(
    expected.sort(byId),
  )

  const numbers = fresh.flatMap(({ specimen: { revisionId }, assessment: { values, figures } }) => [
    ...[...values.values()].flatMap(({ key, number }) => (number ? [{ key, revisionId, value: number.value }] : [])),
    ...[...figures.values()].flatMap((figure) =>
      figure.state === 'known' ? [{ key: figure.key, revisionId, value: figure.number.value }] : [],
    ),
  ])
  const spreads = await librarySpreads({ demo: 1 })
  const pooled = [...groupBy(numbers, ({ key }) => key)].flatMap(([key, those]) => {
    const spread = pooledSpread(
      [...groupBy(those, ({ revisionId }) => revisionId).values()].map((units) => units.map(({ value }) => value)),
    )
    return spread ? [{ key, ...spread }] : []
  })
  expect([...spreads.keys()].sort()).toEqual(pooled.map(({ key }) => key).sort())
  for (const { key, relative, degreesOfFreedom } of pooled) {
    expect(spreads.get(key)?.degreesOfFreedom, key).toBe(degreesOfFreedom)
    expect(spreads.get(key)?.relative, key).toBeCloseTo(relative, 9)
  }
}

const fieldsOf = ({ id, revisionId, label, acquisition, givenBy, paidMinor, currency, shop, rawInput }: Specimen) => ({
  id,
  revisionId,
  label,
  acquisition,
  givenBy,
  paidMinor,
  currency,
  shop,
  rawInput,
})

/** What users do that an assessment rests on; each chooses by a number among what there is. */
const acts: Record<string, (turn: number) => Promise<unknown>> = {
  async takes(turn) {
    const { id: specimenId } = await pick(listAllSpecimens(), turn)
    await addReading(newReading({ specimenId, characteristic: 'can.wall', valueNumber: 0.0004 + turn * 1e-7 }))
  },
  async findsAFault(turn) {
    const { id: specimenId } = await pick(listAllSpecimens(), turn)
    await addReading(
      newReading({ specimenId, characteristic: 'fault.rust', valueText: 'severe', unit: null, evidence: 'observed' }),
    )
  },
  async strikes(turn) {
    const { id } = await pick(listAllSpecimens(), turn)
    const readings = await listReadings(id)
    if (readings.length === 0) return
    const reading = await pick(Promise.resolve(readings), turn)
    await (turn % 2 ? voidReading(id, reading.id, 'a slip') : restoreReading(id, reading.id))
  },
  async opensAnother(turn) {
    const like = await pick(listAllSpecimens(), turn)
    const label = await nextLabel(like.revisionId)
    await addSpecimen({ ...fieldsOf(like), id: newId(), label })
  },
  async removes(turn) {
    await removeSpecimen((await pick(listAllSpecimens(), turn)).id)
  },
  async movesToAnotherRevision(turn) {
    const { id } = await pick(listAllSpecimens(), turn)
    const specimen = (await findSpecimen(id))!
    const other = await pick(listAllSpecimens(), turn + 3)
    const label = await nextLabel(other.revisionId)
    await changeSpecimen({ ...fieldsOf(specimen), revisionId: other.revisionId, label }, specimen.version)
  },
  async plans(turn) {
    await saveRecordingPlan((await pick(listAllSpecimens(), turn)).id, { 'can.wall': turn % 2 === 0 })
  },
  async changesTheEngine(turn) {
    const { id } = await pick(listApplications(), turn)
    const { createdAt: _, version, ...fields } = (await findApplication(id))!
    await changeApplication({ ...fields, bypassOpening: 0.5e5 + turn * 100 }, version)
  },
  async changesAnInstrument(turn) {
    const {
      zeroOffset: _,
      checks: _checks,
      check: _check,
      ownRepeats: _own,
      version,
      ...fields
    } = await pick(listInstruments(), turn)
    await changeInstrument({ ...fields, accuracy: fields.accuracy * 1.5 }, version)
  },
}

async function pick<T>(from: Promise<T[]>, turn: number): Promise<T> {
  const list = await from
  return list[turn % list.length]!
}

test('what is kept of the library is what it is, whatever has been done since', async () => {
  await keptIsFresh()
  const doing = fc.tuple(fc.constantFrom(...Object.keys(acts)), fc.nat(1000))
  await fc.assert(
    fc.asyncProperty(fc.array(doing, { minLength: 1, maxLength: 8 }), async (several) => {
      for (const [act, turn] of several) await acts[act]!(turn)
      await keptIsFresh()
    }),
    { numRuns: 25 },
  )
}, 120_000)

test('a revision whose units were all moved away adds nothing any more', async () => {
  const units = [...groupBy(await listAllSpecimens(), ({ revisionId }) => revisionId).values()]
  const [several] = units.filter((own) => own.length > 1)
  const other = units.find((own) => own !== several)![0]!
  for (const { id } of several!) {
    const specimen = (await findSpecimen(id))!
    const label = await nextLabel(other.revisionId)
    await changeSpecimen({ ...fieldsOf(specimen), revisionId: other.revisionId, label }, specimen.version)
  }
  await keptIsFresh()
})

test('what another version of the computations has left is worked out again', async () => {
  await keptIsFresh()
  const db = await writableDatabase()
  await db('specimenSummary').update({ code: 'another', completeness: 0.123 })
  const count = (await listAllSpecimens()).length
  expect(await refreshAllSummaries()).toBe(count)
  await keptIsFresh()
  expect(await refreshAllSummaries()).toBe(0)
})

test('a hundred asked at once work it out once', async () => {
  await acts.takes!(1)
  const ids = (await listApplications()).map(({ id }) => id)
  const all = await Promise.all(Array.from({ length: 100 }, () => summariesOf(ids)))
  expect(new Set(all.map((one) => JSON.stringify(one))).size).toBe(1)
  expect((await (await database())('specimenSummary').whereRaw('summary_version is not version')).length).toBe(0)
})
