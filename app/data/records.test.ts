import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { addApplication, changeApplication, findApplication, listApplications } from './applications.server.ts'
import { database } from './database.server.ts'
import { addDriver, listDrivers } from './drivers.server.ts'
import { newId } from './id.ts'
import { addInstrument, changeInstrument, listInstruments } from './instruments.server.ts'
import { addNote, listNotes, removeNote } from './notes.server.ts'
import { addPhoto, listPhotos, readPhoto } from './photos.server.ts'
import { addPrice, addRate, listPricesOf, listRates } from './prices.server.ts'
import {
  addBrand,
  addProduct,
  addRevision,
  changeProduct,
  findProduct,
  listBrands,
  listProducts,
} from './products.server.ts'
import { addReading, listReadings } from './readings.server.ts'
import { addSpecimen, changeSpecimen, findSpecimen, listSpecimens } from './specimens.server.ts'
import { newReading } from '#db/demo/demo-database.fixture.ts'
import sharp from 'sharp'

demoDatabase()

const rowsOf = async (table: string) => JSON.stringify(await (await database())(table).orderBy('id'))

const launch = async () => (await listApplications())[0]!
const aProduct = async () => (await listProducts((await launch()).id))[0]!
const aSpecimen = async () => (await listSpecimens((await launch()).id))[0]!

describe('an id that is in use is not taken over; the same act again is the same act:', () => {
  test('an application', async () => {
    const { createdAt: _, version: _version, ...fields } = await launch()
    const before = await rowsOf('application')
    expect(await addApplication({ ...fields, name: 'Taken over' })).toBe('id-in-use')
    expect(await addApplication(fields)).not.toBe('taken')
    expect(await rowsOf('application')).toBe(before)
  })

  test('a product, which would else move to another line-up', async () => {
    const product = await aProduct()
    const other = (await listApplications())[1]!
    const before = await rowsOf('product')
    expect(await addProduct({ ...product, applicationId: other.id, partNumber: 'X-1', revision: '' })).toBe('id-in-use')
    expect(await rowsOf('product')).toBe(before)
  })

  test('a specimen, a revision, a driver, an instrument, a brand', async () => {
    const specimen = await aSpecimen()
    const [driver] = await listDrivers()
    const [instrument] = await listInstruments()
    const [brand] = await listBrands()
    const revision = (await aProduct()).revisions[0]!
    const tables = ['specimen', 'revision', 'driver', 'instrument', 'brand']
    const before = await Promise.all(tables.map(rowsOf))
    const { id, revisionId, acquisition, givenBy, paidMinor, currency, shop, rawInput } = specimen
    const label = 'other'
    const fields = { id, revisionId, label, acquisition, givenBy, paidMinor, currency, shop, rawInput }
    expect(await addSpecimen(fields)).toBe('id-in-use')
    expect(await addRevision({ id: revision.id, productId: specimen.productId, label: 'other' })).toBe('id-in-use')
    expect(await addDriver({ ...driver!, name: 'other' })).toBe('id-in-use')
    const { name: _, zeroOffset: _zero, checks: _checks, check: _check, ownRepeats: _own, ...kept } = instrument!
    expect(await addInstrument({ ...kept, name: 'other' })).toBe('id-in-use')
    expect(await addBrand(brand!.id, 'other')).toBe('id-in-use')
    expect(await Promise.all(tables.map(rowsOf))).toEqual(before)
  })

  test('a reading: twice the same is one, another with its id is refused', async () => {
    const { id: specimenId } = await aSpecimen()
    const reading = newReading({ specimenId, characteristic: 'can.wall', valueNumber: 0.0005 })
    const count = (await listReadings(specimenId)).length
    expect(await Promise.all([addReading(reading), addReading(reading)])).toEqual(['added', 'added'])
    expect(await listReadings(specimenId)).toHaveLength(count + 1)
    expect(await addReading({ ...reading, rawInput: '0.7' })).toBe('id-in-use')
    expect((await listReadings(specimenId)).at(-1)).toMatchObject({ id: reading.id, valueNumber: 0.0005 })
  })

  test('a picture: another one with its id changes neither its row nor its file', async () => {
    const { id: specimenId } = await aSpecimen()
    const other = (await listSpecimens((await launch()).id)).at(-1)!
    const picture = (colour: string) =>
      sharp({ create: { width: 40, height: 30, channels: 3, background: colour } })
        .png()
        .toBuffer()
    const [red, blue] = await Promise.all([picture('red'), picture('blue')])
    const sent = (bytes: Buffer) => new Response(bytes as BodyInit).body!
    const photo = { id: newId(), part: 'can' as const, name: 'a.png' }
    expect(await addPhoto(specimenId, photo, sent(red))).toMatchObject({ ok: true })
    const file = await readPhoto(photo.id, 'whole')
    expect(await addPhoto(specimenId, photo, sent(red))).toMatchObject({ ok: true })
    expect(await addPhoto(specimenId, photo, sent(blue))).toMatchObject({ ok: false })
    expect(await addPhoto(other.id, photo, sent(red))).toMatchObject({ ok: false })
    expect(await readPhoto(photo.id, 'whole')).toEqual(file)
    expect((await listPhotos(specimenId)).filter(({ id }) => id === photo.id)).toHaveLength(1)
    expect(await listPhotos(other.id)).toEqual([])
  })

  test('a rate, a price and a note posted twice are one', async () => {
    const rate = { base: 'NOK', quote: 'EUR', rate: 0.09, quotedOn: '2026-11-01' }
    const id = newId()
    await Promise.all([addRate(id, rate), addRate(id, rate)])
    expect((await listRates((await launch()).id)).filter(({ base }) => base === 'NOK')).toHaveLength(1)
    expect(await addRate(id, { ...rate, rate: 9 })).toBe('id-in-use')

    const product = await aProduct()
    const [known] = await listPricesOf(product.id)
    const price = { ...known!, id: newId(), shop: 'Twice' }
    await Promise.all([addPrice(price), addPrice(price)])
    expect((await listPricesOf(product.id)).filter(({ shop }) => shop === 'Twice')).toHaveLength(1)

    const specimen = await aSpecimen()
    const note = { id: newId(), part: 'can' as const, text: 'dented' }
    await addNote(specimen.id, note)
    await removeNote(specimen.id, note.id)
    expect(await addNote(specimen.id, note)).toBe('added')
    expect(await listNotes(specimen.id)).toEqual([])
  })
})

describe('who saves what another has changed meanwhile is told so, and nothing is overwritten:', () => {
  test('an application', async () => {
    const { createdAt: _, version, ...fields } = await launch()
    expect(await changeApplication({ ...fields, note: 'first' }, version)).toBe('saved')
    expect(await changeApplication({ ...fields, note: 'second' }, version)).toBe('stale')
    expect(await findApplication(fields.id)).toMatchObject({ note: 'first', version: version + 1 })
    expect(await changeApplication({ ...fields, note: 'second' }, version + 1)).toBe('saved')
  })

  test('a product, a specimen and an instrument', async () => {
    const { revisions: _, version, ...product } = await aProduct()
    const tier = (tier: 'low' | 'top') => changeProduct({ ...product, tier, revision: '' }, version)
    expect([await tier('top'), await tier('low')]).toEqual(['saved', 'stale'])
    expect((await findProduct(product.id))?.tier).toBe('top')

    const specimen = await aSpecimen()
    const { id, revisionId, label, acquisition, givenBy, paidMinor, currency, rawInput } = specimen
    const fields = { id, revisionId, label, acquisition, givenBy, paidMinor, currency, rawInput }
    const shop = (name: string) => changeSpecimen({ ...fields, shop: name }, specimen.version)
    expect([await shop('one'), await shop('two')]).toEqual(['saved', 'stale'])
    expect((await findSpecimen(id))?.shop).toBe('one')

    const [instrument] = await listInstruments()
    const { zeroOffset: _zero, checks: _checks, check: _check, ownRepeats: _own, version: seen, ...kept } = instrument!
    const name = (name: string) => changeInstrument({ ...kept, name }, seen)
    expect([await name('one'), await name('two')]).toEqual(['saved', 'stale'])
  })

  test('of many at once one is saved', async () => {
    const { createdAt: _, version, ...fields } = await launch()
    const notes = Array.from({ length: 8 }, (_unused, index) => `note ${index}`)
    const saved = await Promise.all(notes.map((note) => changeApplication({ ...fields, note }, version)))
    expect(saved.filter((one) => one === 'saved')).toHaveLength(1)
    expect(saved.filter((one) => one === 'stale')).toHaveLength(7)
  })

  test('what was removed meanwhile is gone', async () => {
    const { createdAt: _, version, ...fields } = await launch()
    expect(await changeApplication({ ...fields, id: 'nothere00000' }, version)).toBe('gone')
  })
})

test('two names that differ in case or in how a letter is composed are one', async () => {
  const { createdAt: _, version: _version, ...fields } = await launch()
  expect(await addApplication({ ...fields, id: newId(), name: 'Ölmotor' })).toBe('added')
  for (const name of ['ölmotor', 'ÖLMOTOR', 'O\u0308lmotor'])
    expect(await addApplication({ ...fields, id: newId(), name })).toBe('taken')
})

test('whatever is added at once, no name is there twice', async () => {
  const names = fc.array(fc.constantFrom('Straße', 'STRASSE', 'strasse', 'Σίγμας', 'σίγμασ', 'x', 'X'), {
    minLength: 1,
    maxLength: 6,
  })
  await fc.assert(
    fc.asyncProperty(names, async (several) => {
      await Promise.all(several.map((name) => addBrand(newId(), name)))
      const keys = (await (await database())('brand').select('nameKey')) as { nameKey: string }[]
      expect(new Set(keys.map(({ nameKey }) => nameKey)).size).toBe(keys.length)
    }),
    { numRuns: 20 },
  )
})
