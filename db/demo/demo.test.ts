import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { listApplications } from '#app/data/applications.server.ts'
import { assessApplication, type Assessed } from '#app/data/assessments.server.ts'
import { database } from '#app/data/database.server.ts'
import { listProducts, saveProduct } from '#app/data/products.server.ts'
import { addPassage, listPassages } from '#app/data/passages.server.ts'
import { addReading, listReadings, listValues, restoreReading, strikeReading } from '#app/data/readings.server.ts'
import { findSpecimen, listSpecimens, nextLabel, removeSpecimen, saveSpecimen } from '#app/data/specimens.server.ts'
import { completeness } from '#core/teardown/progress.ts'
import { loadDemo } from './load.ts'

const folder = mkdtempSync(join(tmpdir(), 'plicator-'))
let spinOns: Assessed[] = []
let cartridges: Assessed[] = []

beforeAll(async () => {
  process.env.PLICATOR_DATA = folder
  await loadDemo({ reset: false })
  const [launch, minibus] = await listApplications()
  spinOns = await assessApplication(launch!.id)
  cartridges = await assessApplication(minibus!.id)
})

afterAll(async () => {
  await (await database()).destroy()
  rmSync(folder, { recursive: true })
})

const of = (all: Assessed[], partNumber: string, revision = '') =>
  all.find(
    ({ specimen }) => specimen.partNumber === partNumber && (revision === '' || specimen.revisionLabel === revision),
  )!
const figure = (one: Assessed, key: string) => {
  const result = one.assessment.figures.get(key)
  return result?.state === 'known' ? result.number.value : undefined
}
/** Slips that the demo is there to show. */
const slips = { unweighed: 'PG-33', wrongUnit: 'Q-7', miscount: 'suffix B' }

describe('the demo', () => {
  test('has at least seven spin-ons and five cartridges, all complete but two', async () => {
    const [launch, minibus] = await listApplications()
    expect((await listProducts(launch!.id)).length).toBeGreaterThanOrEqual(7)
    expect((await listProducts(minibus!.id)).length).toBeGreaterThanOrEqual(5)
    const open = [...spinOns, ...cartridges].filter(
      ({ specimen, assessment }) => completeness(specimen.form, assessment.known) < 1,
    )
    expect(open.map(({ specimen }) => specimen.partNumber).sort()).toEqual(['D-19', 'FC-416'])
  })

  test('is consistent: weights add up and pleats fit their room, but for the planted slips', () => {
    for (const one of spinOns) {
      const residual = figure(one, 'weight.residual')
      if (residual !== undefined && one.specimen.partNumber !== slips.unweighed)
        expect(Math.abs(residual), one.specimen.partNumber).toBeLessThan(0.002)
    }
    for (const one of [...spinOns, ...cartridges]) {
      const [depth, space] = [figure(one, 'pleat.depth'), figure(one, 'pleat.space')]
      if (depth === undefined || space === undefined) continue
      const fits = depth <= space * 1.01 && depth > space * 0.8
      expect(fits, one.specimen.partNumber + one.specimen.revisionLabel).toBe(
        ![slips.wrongUnit].includes(one.specimen.partNumber) && one.specimen.revisionLabel !== slips.miscount,
      )
    }
  })

  test('shows a part that was not weighed whole, a length in the wrong unit and a miscount', () => {
    expect(figure(of(spinOns, slips.unweighed), 'weight.residual')).toBeGreaterThan(0.02)
    expect(figure(of(spinOns, slips.wrongUnit), 'pleat.depth')!).toBeLessThan(
      figure(of(spinOns, slips.wrongUnit), 'pleat.space')! / 2,
    )
    const recounted = of(spinOns, 'F-2210', slips.miscount)
    expect(figure(recounted, 'pleat.depth')!).toBeGreaterThan(figure(recounted, 'pleat.space')!)
  })

  test('two products share one shell, one has two revisions, two have several specimens, one has a fatal fault', () => {
    const inlets = (partNumber: string) => of(spinOns, partNumber).assessment.known.get('plate.inlets')!.groups
    expect(inlets('PG-33')).toEqual(inlets('SM-508'))
    expect(
      new Set(
        spinOns.filter(({ specimen }) => specimen.partNumber === 'F-2210').map(({ specimen }) => specimen.revision),
      ).size,
    ).toBe(2)
    expect(spinOns.filter(({ specimen }) => specimen.partNumber === 'CV-214')).toHaveLength(3)
    expect(spinOns.filter(({ specimen }) => specimen.partNumber === 'MB-1120')).toHaveLength(2)
    expect(
      [...spinOns, ...cartridges]
        .filter(({ assessment }) => assessment.score.vetoes.length > 0)
        .map(({ specimen }) => specimen.partNumber),
    ).toEqual(['Q-7'])
  })

  test('is not loaded over work that is there', async () => {
    expect(await loadDemo({ reset: false })).toMatch(/stays as it is/)
    expect(await listApplications()).toHaveLength(2)
  })
})

describe('what is kept', () => {
  test('the field of a characteristic over the library leaves the specimen itself out', async () => {
    const { specimen } = of(spinOns, 'N-40')
    const walls = await listValues('can.wall', specimen.id)
    expect(walls).toHaveLength(spinOns.length - 2)
    expect(Math.max(...walls)).toBeLessThan(0.0006)
  })

  test('a point of no return is passed once, with the reason of the first time', async () => {
    const { specimen } = of(spinOns, 'N-40')
    await addPassage(specimen.id, { point: 'cut', reason: 'scale was away', missing: ['whole.weight'] })
    await addPassage(specimen.id, { point: 'cut', reason: 'another', missing: [] })
    expect(await listPassages(specimen.id)).toMatchObject([
      { point: 'cut', reason: 'scale was away', missing: ['whole.weight'] },
    ])
  })

  test("the same reading posted twice is kept once; a strike can be taken back; another specimen's reading is out of reach", async () => {
    const { specimen } = of(spinOns, 'D-19')
    const before = (await listReadings(specimen.id)).length
    const reading = {
      id: 'onceonly0001',
      specimen: specimen.id,
      characteristic: 'adbv.weight',
      typed: '5.1 g',
      unit: 'g',
      number: 0.0051,
      text: null,
      groups: null,
      evidence: 'measured' as const,
      instrument: null,
      source: null,
      note: null,
    }
    await addReading(reading)
    await addReading({ ...reading, number: 99 })
    const after = await listReadings(specimen.id)
    expect(after).toHaveLength(before + 1)
    expect(after.at(-1)).toMatchObject({ number: 0.0051, struck: null })

    expect(await strikeReading(specimen.id, reading.id, 'misread')).toBe(true)
    expect(await strikeReading(specimen.id, reading.id, 'again')).toBe(true)
    expect((await listReadings(specimen.id)).at(-1)?.struck?.why).toBe('misread')
    expect(await restoreReading(specimen.id, reading.id)).toBe(true)
    expect((await listReadings(specimen.id)).at(-1)?.struck).toBeNull()
    expect(await strikeReading('nosuchspecimen', reading.id, null)).toBe(false)
  })

  test('a product exists once in a line-up, and a refused one leaves no brand behind it half made', async () => {
    const [launch] = await listApplications()
    const fields = {
      id: 'newproduct01',
      application: launch!.id,
      brand: 'corvane',
      partNumber: 'CV-214',
      form: 'spin-on' as const,
      tier: 'top' as const,
      revision: '',
    }
    expect(await saveProduct(fields)).toBe('exists')
    const db = await database()
    expect(await db('brand').whereRaw('lower(name) = ?', ['corvane'])).toHaveLength(1)
    expect(await db('product').where({ id: 'newproduct01' })).toHaveLength(0)
  })

  test('specimens are labelled in order, and one with readings cannot be removed', async () => {
    const { specimen } = of(spinOns, 'CV-214')
    expect(await nextLabel(specimen.revision)).toBe('D')
    expect(await removeSpecimen(specimen.id)).toBe('in-use')
    const fresh = {
      id: 'specimen0001',
      revision: specimen.revision,
      label: 'D',
      got: 'bought' as const,
      givenBy: '',
      paidMinor: null,
      currency: null,
      shop: '',
    }
    expect(await saveSpecimen(fresh)).toBe('saved')
    expect(await saveSpecimen(fresh)).toBe('saved')
    expect(await saveSpecimen({ ...fresh, id: 'specimen0002' })).toBe('label-taken')
    expect(await listSpecimens(specimen.application)).toHaveLength(spinOns.length + 1)
    expect(await removeSpecimen(fresh.id)).toBe('removed')
    expect(await findSpecimen(fresh.id)).toBeUndefined()
  })

  test('a reading needs its specimen', async () => {
    const orphan = {
      id: 'orphan000001',
      specimen: 'nowhere',
      characteristic: 'can.wall',
      typed: '0.49',
      unit: 'mm',
      number: 0.00049,
      text: null,
      groups: null,
      evidence: 'measured' as const,
      instrument: null,
      source: null,
      note: null,
    }
    await expect(addReading(orphan)).rejects.toThrow(/FOREIGN KEY/)
  })
})
