import { existsSync } from 'node:fs'
import { join } from 'node:path'
import sharp from 'sharp'
import { beforeAll, describe, expect, test } from 'vitest'
import { newId } from './id.ts'
import { addCheck, listInstruments, removeInstrument, addInstrument, saveZeroOffset } from './instruments.server.ts'
import { addPhoto, listPhotos, readPhoto, removePhoto } from './photos.server.ts'
import { addReading, listLastUses, listReadings } from './readings.server.ts'
import { addQuickReadings } from './quick-readings.server.ts'
import { takeReading } from './take-reading.server.ts'
import { findSpecimen, latestSpecimen, saveRecordingPlan } from './specimens.server.ts'
import { listStationStarts } from './station-starts.server.ts'
import { cachedQuery } from './query-cache.server.ts'
import { newReading, demoDatabase } from '#db/demo/demo-database.fixture.ts'

const folder = demoDatabase()
let specimen: string

beforeAll(async () => {
  specimen = (await latestSpecimen())!
})

const reading = (characteristic: string, valueNumber: number, more = {}) =>
  newReading({ specimenId: specimen, characteristic, valueNumber, ...more })

describe('pictures', () => {
  const picture = (width: number, height: number) =>
    sharp({ create: { width, height, channels: 3, background: '#7a6' } })
  const add = async (bytes: Uint8Array, name = 'a.jpg') =>
    addPhoto(specimen, { id: newId(), part: 'can', name }, new Response(bytes as BodyInit).body!)

  test('the place where it was taken and all that the camera noted are gone', async () => {
    const tagged = await picture(600, 400)
      .jpeg()
      .withExif({ IFD0: { Copyright: 'somebody' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } })
      .toBuffer()
    expect((await sharp(tagged).metadata()).exif).toBeDefined()
    const kept = await add(tagged)
    const { id } = kept.ok ? kept.value : { id: '' }
    for (const size of ['whole', 'thumbnail'] as const)
      expect((await sharp((await readPhoto(id, size))!).metadata()).exif).toBeUndefined()
  })

  test('it is turned upright, and its thumbnail is small', async () => {
    const kept = await add(await picture(1200, 800).jpeg().withMetadata({ orientation: 6 }).toBuffer())
    expect(kept.ok && kept.value).toMatchObject({ width: 800, height: 1200 })
    const small = await sharp((await readPhoto(kept.ok ? kept.value.id : '', 'thumbnail'))!).metadata()
    expect(Math.max(small.width, small.height)).toBe(320)
  })

  test.each([
    ['an empty file', new Uint8Array(), 'is empty'],
    ['words', new TextEncoder().encode('no picture at all'), 'no picture that can be kept'],
    ['a HEIC file', new Uint8Array([0, 0, 0, 24, ...new TextEncoder().encode('ftypheic')]), 'most compatible'],
    ['half a JPEG', new Uint8Array([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3]), 'is broken'],
  ])('%s is refused with a helpful word, and nothing is kept', async (_, bytes, words) => {
    const before = (await listPhotos(specimen)).length
    const kept = await add(bytes, 'odd name.heic')
    expect(!kept.ok && kept.problem.message).toContain(words)
    expect(await listPhotos(specimen)).toHaveLength(before)
  })

  test('removed, its files go with it', async () => {
    const kept = await add(await picture(50, 50).png().toBuffer(), 'b.png')
    const { id } = kept.ok ? kept.value : { id: '' }
    expect(existsSync(join(folder, 'photos', `${id}.jpg`))).toBe(true)
    await removePhoto(specimen, id)
    expect(existsSync(join(folder, 'photos', `${id}.jpg`))).toBe(false)
    expect(await readPhoto(id, 'whole')).toBeUndefined()
  })
})

describe('instruments', () => {
  const caliper = {
    id: newId(),
    name: 'long caliper',
    kind: 'caliper' as const,
    resolution: 0.00001,
    accuracy: 0.00003,
    checkIntervalDays: 180,
    isDefault: false,
    rawInput: {},
  }
  const gauge = { ...caliper, id: newId(), name: 'dial gauge', kind: 'gauge' as const }

  test('the first of a kind is the usual one, until another is said to be', async () => {
    const gauges = async () =>
      (await listInstruments()).filter(({ kind }) => kind === 'gauge').map(({ name, isDefault }) => [name, isDefault])
    await addInstrument(gauge)
    expect(await gauges()).toEqual([['dial gauge', true]])
    await addInstrument({ ...gauge, id: newId(), name: 'digital gauge', isDefault: true })
    expect(await gauges()).toEqual([
      ['digital gauge', true],
      ['dial gauge', false],
    ])
  })

  test('no two of a name; checks and zero are kept', async () => {
    await addInstrument(caliper)
    expect((await listInstruments()).find(({ id }) => id === caliper.id)).toMatchObject({
      isDefault: false,
      check: { state: 'never' },
    })
    expect(await addInstrument({ ...caliper, id: newId() })).toBe('taken')
    await addCheck(caliper.id, {
      id: newId(),
      checkedAt: new Date().toISOString(),
      referenceValue: 0.01,
      indication: 0.01,
      reference: 'block',
      rawInput: { referenceValue: '10 mm' },
    })
    await saveZeroOffset(caliper.id, 0.00002)
    expect((await listInstruments()).find(({ id }) => id === caliper.id)).toMatchObject({
      zeroOffset: 0.00002,
      check: { state: 'sound', days: 0 },
    })
  })

  test('one that readings name stays; one that none names goes', async () => {
    await addReading(reading('can.wall', 0.00049, { instrumentId: caliper.id, zeroOffset: 0.00002 }))
    expect(await removeInstrument(caliper.id)).toBe('in-use')
    expect((await listReadings(specimen)).at(-1)).toMatchObject({ instrumentId: caliper.id, zeroOffset: 0.00002 })
    expect((await listLastUses())['can.wall']).toEqual({ unit: 'mm', instrument: caliper.id })
    const spare = { ...caliper, id: newId(), name: 'spare' }
    await addInstrument(spare)
    expect(await removeInstrument(spare.id)).toBe('removed')
  })
})

describe('the log', () => {
  test('a station begins once, when its first reading says so', async () => {
    await addReading(reading('can.height', 0.0865), {
      stationStart: { station: 'outside', startedAt: '2026-05-01T10:00:00.000Z' },
    })
    await addReading(reading('can.height', 0.0866), {
      stationStart: { station: 'outside', startedAt: '2026-05-01T11:00:00.000Z' },
    })
    expect(await listStationStarts(specimen)).toEqual([{ station: 'outside', startedAt: '2026-05-01T10:00:00.000Z' }])
  })

  test('the same act sent twice is kept once', async () => {
    const once = reading('can.height', 0.0867)
    const before = (await listReadings(specimen)).length
    await addReading(once)
    await addReading(once)
    expect(await listReadings(specimen)).toHaveLength(before + 1)
  })

  test('what was taken back in the same breath is kept, struck, before what counts', async () => {
    const { id, form } = (await findSpecimen(specimen))!
    const act = { id: newId(), characteristic: 'media.thickness', typed: '0.5, no, 0.48', unit: 'mm', source: '' }
    const before = (await listReadings(id)).length
    expect(
      await takeReading((await findSpecimen(id))!, { ...act, evidence: 'measured', insist: 'yes' }),
    ).toBeUndefined()
    const [struck, counts] = (await listReadings(id)).slice(before)
    expect([struck?.valueNumber, counts?.valueNumber]).toEqual([0.0005, 0.00048])
    expect([struck?.rawInput, struck?.voided?.reason]).toEqual(['0.5', 'Taken back as it was said.'])
    expect([counts?.rawInput, counts?.voided]).toEqual(['0.5, no, 0.48', null])
    const line = [{ characteristic: 'pleats.count', typed: '112, no, 27' }]
    await addQuickReadings(newId(), { form, specimenId: id, revisionId: '' }, line)
    expect((await listReadings(id)).slice(-2).map(({ valueNumber, voided }) => [valueNumber, voided === null])).toEqual(
      [
        [112, false],
        [27, true],
      ],
    )
  })
})

test('what is kept while nothing changes is made anew after any change', async () => {
  let made = 0
  const make = () => cachedQuery('made', async () => ++made)
  expect([await make(), await make()]).toEqual([1, 1])
  await saveRecordingPlan(specimen, { 'bypass.push': true })
  expect([await make(), await make()]).toEqual([2, 2])
  expect((await findSpecimen(specimen))!.recordingPlan).toEqual({ 'bypass.push': true })
})
