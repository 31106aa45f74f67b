import { beforeAll, beforeEach, describe, expect, test, vi } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { benchData } from '#app/data/bench.server.ts'
import { newId } from '#app/data/id.ts'
import { addCheck, listInstruments, addInstrument } from '#app/data/instruments.server.ts'
import { listNotes } from '#app/data/notes.server.ts'
import { addPhoto } from '#app/data/photos.server.ts'
import { listReadings } from '#app/data/readings.server.ts'
import { findSpecimen, listAllSpecimens, addSpecimen, type Specimen } from '#app/data/specimens.server.ts'
import { listStationStarts } from '#app/data/station-starts.server.ts'
import { benchRequestSchema } from '#app/features/bench/bench-request.ts'
import { actAtBench } from './bench-actions.server.ts'

demoDatabase()
let template: Specimen
let specimen: Specimen

beforeAll(async () => {
  template = (await listAllSpecimens()).find(({ partNumber }) => partNumber === 'D-19')!
})

beforeEach(async () => {
  const id = newId()
  const { revisionId, acquisition, givenBy, paidMinor, currency, shop, rawInput } = template
  await addSpecimen({ id, revisionId, label: id, acquisition, givenBy, paidMinor, currency, shop, rawInput })
  specimen = (await findSpecimen(id))!
})

/** What the bench asks, as a request that came over the wire. */
const act = (fields: Record<string, string>) =>
  actAtBench(specimen, benchRequestSchema.parse({ id: newId(), ...fields }))
const take = (characteristic: string, typed: string, more: Record<string, string> = {}) =>
  act({ intent: 'take', characteristic, typed, evidence: 'measured', ...more })
const readings = () => listReadings(specimen.id)
const last = async () => (await readings()).at(-1)
const reread = async () => (await findSpecimen(specimen.id))!

async function instrumentOf(kind: 'caliper' | 'gauge', checkIntervalDays: number | null = 180): Promise<string> {
  const id = newId()
  const limits = kind === 'gauge' ? { resolution: 5000, accuracy: 10_000 } : { resolution: 0.00001, accuracy: 0.00003 }
  await addInstrument({ id, name: id, kind, ...limits, checkIntervalDays, isDefault: false, rawInput: {} })
  return id
}

describe('a reading', () => {
  test('is kept in SI, beside what was typed and when', async () => {
    const at = new Date(Date.now() - 60_000).toISOString()
    expect(await take('can.wall', ' 20 thou ', { at, since: at })).toBeUndefined()
    expect(await last()).toMatchObject({
      characteristic: 'can.wall',
      rawInput: '20 thou',
      unit: 'thou',
      valueNumber: 0.000508,
      recordedAt: at,
    })
    expect(await listStationStarts(specimen.id)).toMatchObject([{ startedAt: at }])
  })

  test.each([
    ['of tomorrow', 86_400_000],
    ['of last year', -365 * 86_400_000],
  ])('with a clock %s is recorded now', async (_, offset) => {
    await take('can.wall', '0.49', { at: new Date(Date.now() + offset).toISOString() })
    expect(Math.abs(Date.parse((await last())!.recordedAt) - Date.now())).toBeLessThan(10_000)
  })

  test('that somebody else said is told, and by no instrument', async () => {
    const instrument = await instrumentOf('caliper')
    await take('can.wall', '0.49 mm, they say', { instrument })
    expect(await last()).toMatchObject({ evidence: 'reported', instrumentId: null, valueNumber: 0.00049 })
    await take('can.wall', '0.49 mm', { instrument })
    expect(await last()).toMatchObject({ evidence: 'measured' })
  })

  test('is taken in any unit of its kind, that of the habit among them', async () => {
    expect(await take('can.height', '9.8', { unit: 'cm' })).toBeUndefined()
    expect(await last()).toMatchObject({ unit: 'cm', valueNumber: 0.098 })
  })

  test('sent twice with one id is one reading', async () => {
    const id = newId()
    await take('can.wall', '0.49', { id })
    await take('can.wall', '0.49', { id })
    expect(await readings()).toHaveLength(1)
  })

  test.each([
    ['can.wall', 'thick', {}, 'is not a number I can read'],
    ['can.wall', '0.49 cubit', {}, 'cubit'],
    ['can.wall', '0.49', { unit: 'cubit' }, 'is not read in cubit, but in mm, in, thou'],
    ['can.wall', '0.49', { instrument: 'nosuchtool00' }, 'is not in the list any more'],
    ['no.such', '1', {}, 'A spin-on filter has no "no.such"'],
    ['oring.section', '3.5', {}, 'has no "oring.section"'],
    ['plate.inlets', '8 x 5.8 cubit', {}, 'cubit'],
    ['pleats.count', '52 cubit', {}, 'cubit'],
  ])('%s "%s" %o is refused in words, and nothing is kept', async (characteristic, typed, more, words) => {
    expect((await take(characteristic, typed, more))?.message).toContain(words)
    expect(await readings()).toEqual([])
  })

  test('that cannot stand beside the others is asked about, and kept on the word of the user', async () => {
    await take('whole.weight', '310 g')
    expect((await take('plate.weight', '320 g'))?.code).toBe('implausible')
    expect(await take('plate.weight', '320 g', { insist: 'yes' })).toBeUndefined()
    expect(await readings()).toHaveLength(2)
  })

  test('is struck with a reason and comes back; what is not there is said', async () => {
    const id = newId()
    await take('can.wall', '0.49', { id })
    await act({ intent: 'strike', id, why: 'wrong jaw' })
    expect((await last())!.voided).toMatchObject({ reason: 'wrong jaw' })
    await act({ intent: 'restore', id })
    expect((await last())!.voided).toBeNull()
    for (const intent of ['strike', 'restore'])
      expect((await act({ intent, id: newId() }))?.message).toContain('is not here')
  })

  test('that ends the discussion of a filter is struck with a reason only', async () => {
    const id = newId()
    await take('inside.rust', 'serious', { id })
    expect((await act({ intent: 'strike', id }))?.message).toBe(
      'Say why it is struck: it ends the discussion of this filter.',
    )
    expect((await last())!.voided).toBeNull()
    expect(await act({ intent: 'strike', id, why: 'a shadow' })).toBeUndefined()
    expect((await last())!.voided).toMatchObject({ reason: 'a shadow' })
  })

  test('of another specimen cannot be struck from here', async () => {
    const [others] = await listReadings((await listAllSpecimens()).find(({ partNumber }) => partNumber === 'PG-33')!.id)
    expect((await act({ intent: 'strike', id: others!.id }))?.code).toBe('unknown')
  })
})

describe('instruments', () => {
  test('a gauge off by up to a bar at zero is set, and its readings are kept without it', async () => {
    const gauge = await instrumentOf('gauge')
    expect(await act({ intent: 'zero', instrument: gauge, shows: '0.2 bar' })).toBeUndefined()
    expect(await take('bypass.printed', '1.2 bar', { instrument: gauge, zero: '20000' })).toBeUndefined()
    expect(await last()).toMatchObject({ valueNumber: 100_000, zeroOffset: 20_000, instrumentId: gauge })
  })

  test('a zero beyond a bar is refused in both places', async () => {
    const gauge = await instrumentOf('gauge')
    expect((await act({ intent: 'zero', instrument: gauge, shows: '1.5 bar' }))?.code).toBe('absurd')
    const refused = await take('bypass.printed', '2.5 bar', { instrument: gauge, zero: '150000' })
    expect(refused?.code).toBe('absurd')
    expect(await readings()).toEqual([])
  })

  test('a zero of an instrument that is gone, or that is no number, is said', async () => {
    expect((await act({ intent: 'zero', instrument: newId(), shows: '0.02' }))?.code).toBe('unknown')
    const caliper = await instrumentOf('caliper')
    expect((await act({ intent: 'zero', instrument: caliper, shows: 'a bit' }))?.code).toBe('not-a-number')
    expect((await listInstruments()).find(({ id }) => id === caliper)!.zeroOffset).toBe(0)
  })

  test('openings carry the caliper they were read with, each repeat its own', async () => {
    const [first, second] = [await instrumentOf('caliper'), await instrumentOf('caliper')]
    await take('plate.inlets', '8 x 5.8', { instrument: first })
    await take('plate.inlets', '8 x 5.82', { instrument: second, zero: '0.00002' })
    const kept = await readings()
    expect(kept.map(({ instrumentId }) => instrumentId)).toEqual([first, second])
    expect(kept.map(({ valueGroups }) => valueGroups?.[0]?.width)).toEqual([0.0058, 0.0058])
  })

  test('a check that falls due overnight is overdue in the morning, with nothing changed in between', async () => {
    const caliper = await instrumentOf('caliper', 30)
    await addCheck(caliper, {
      id: newId(),
      checkedAt: '2026-05-01T08:00:00.000Z',
      referenceValue: 0.01,
      indication: 0.01,
      reference: 'block',
      rawInput: {},
    })
    const stateOn = async (day: string) => {
      vi.setSystemTime(`${day}T09:00:00.000Z`)
      return (await benchData(specimen)).instruments.find(({ id }) => id === caliper)!.check.state
    }
    vi.useFakeTimers({ toFake: ['Date'] })
    try {
      expect([await stateOn('2026-05-31'), await stateOn('2026-06-01')]).toEqual(['sound', 'overdue'])
    } finally {
      vi.useRealTimers()
    }
  })
})

describe('notes and pictures', () => {
  test('a note is kept once, with its part, and can be dropped', async () => {
    const id = newId()
    const note = { intent: 'note', id, part: 'can', text: ' a dent below the rim ' }
    await act(note)
    await act(note)
    expect(await listNotes(specimen.id)).toEqual([
      { id, part: 'can', text: 'a dent below the rim', recordedAt: expect.any(String) as string },
    ])
    await act({ intent: 'drop-note', id })
    expect(await listNotes(specimen.id)).toEqual([])
  })

  test('a note of another specimen stays when this one drops it', async () => {
    const id = newId()
    await act({ intent: 'note', id, part: 'can', text: 'stays' })
    await actAtBench(template, { intent: 'drop-note', id })
    expect(await listNotes(specimen.id)).toHaveLength(1)
  })

  test('a picture that is not there is dropped without a word', async () => {
    expect(await act({ intent: 'drop-photo', id: newId() })).toBeUndefined()
  })

  test('words are no picture', async () => {
    const kept = await addPhoto(specimen.id, { id: newId(), part: 'can', name: 'a.jpg' }, new Response('words').body!)
    expect(kept.ok).toBe(false)
  })
})

describe('what is recorded of this specimen', () => {
  test('a characteristic is asked for, left out, and as usual again', async () => {
    const asked = (value: string) => act({ intent: 'ask', characteristic: 'bypass.push', asked: value })
    await asked('yes')
    expect((await reread()).recordingPlan).toEqual({ 'bypass.push': true })
    specimen = await reread()
    await asked('no')
    expect((await reread()).recordingPlan).toEqual({ 'bypass.push': false })
    specimen = await reread()
    await asked('usual')
    expect((await reread()).recordingPlan).toEqual({})
    expect((await act({ intent: 'ask', characteristic: 'no.such', asked: 'yes' }))?.message).toContain('no.such')
  })

  test('as of another specimen: what was recorded there is asked for here, and nothing else', async () => {
    const model = (await listAllSpecimens()).find(({ partNumber }) => partNumber === 'PG-33')!
    await act({ intent: 'ask-like', from: model.id })
    const { recordingPlan } = await reread()
    const recorded = new Set((await listReadings(model.id)).map(({ characteristic }) => characteristic))
    const requested = Object.entries(recordingPlan).filter(([, isRequested]) => isRequested)
    expect(requested.every(([key]) => recorded.has(key))).toBe(true)
    expect((await act({ intent: 'ask-like', from: specimen.id }))?.message).toBe(
      'Nothing was recorded of that specimen.',
    )
  })

  test('an irreversible step that is passed names what is lost by it; the first reason counts', async () => {
    await act({ intent: 'pass', point: 'cut', reason: 'no scale here' })
    await act({ intent: 'pass', point: 'cut', reason: 'changed my mind' })
    const { irreversibleSteps } = await benchData(await reread())
    expect(irreversibleSteps).toMatchObject([{ step: 'cut', reason: 'no scale here' }])
    expect(irreversibleSteps[0]!.missing).toContain('whole.weight')
  })

  test('a reading behind an irreversible step says that it was passed', async () => {
    await take('pleats.count', '52')
    const { irreversibleSteps } = await benchData(await reread())
    expect(irreversibleSteps.map(({ step }) => step)).toContain('cut')
  })
})

describe('what is said beside another filter', () => {
  const compare = (fields: Record<string, string>) => act({ intent: 'compare', characteristic: 'can.wall', ...fields })

  test('is kept with its words, and taken back', async () => {
    expect(await compare({ other: template.id, line: 'a hair thicker' })).toBeUndefined()
    const { comparisons, beside } = await benchData(await reread())
    expect(comparisons).toMatchObject([{ of: 'can.wall', other: template.id, said: 'a hair thicker' }])
    expect(beside.map(({ id }) => id)).toContain(template.id)
    await act({ intent: 'drop-comparison', id: comparisons[0]!.id })
    expect((await benchData(await reread())).comparisons).toEqual([])
  })

  test('is refused of itself, of another engine, of answers that have no more, and where nothing is compared', async () => {
    const far = (await listAllSpecimens()).find(({ applicationId }) => applicationId !== template.applicationId)!
    expect((await compare({ other: specimen.id, line: 'thicker' }))?.message).toContain('with itself')
    expect((await compare({ other: far.id, line: 'thicker' }))?.message).toContain('not here')
    expect((await compare({ other: template.id, line: 'blue' }))?.message).toContain('no comparison')
    expect(
      (await compare({ characteristic: 'adbv.material', other: template.id, line: 'thicker' }))?.message,
    ).toContain('only be said to be the same')
    expect((await benchData(await reread())).comparisons).toEqual([])
  })
})
