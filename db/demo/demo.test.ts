import { beforeAll, describe, expect, test } from 'vitest'
import { listApplications } from '#app/data/applications.server.ts'
import { assessApplication, type AssessedSpecimen } from '#app/data/assessments.server.ts'
import { database } from '#app/data/database.server.ts'
import { listProducts, addProduct } from '#app/data/products.server.ts'
import { addIrreversibleStep, listIrreversibleSteps } from '#app/data/irreversible-steps.server.ts'
import {
  addReading,
  listReadings,
  listLibraryOccurrences,
  restoreReading,
  voidReading,
} from '#app/data/readings.server.ts'
import { findSpecimen, listSpecimens, nextLabel, removeSpecimen, addSpecimen } from '#app/data/specimens.server.ts'
import { findFatalFaults } from '#core/score/fatal-faults.ts'
import { completeness } from '#core/teardown/progress.ts'
import { newReading, demoDatabase } from './demo-database.fixture.ts'
import { loadDemo } from './load.ts'

demoDatabase()
let spinOns: AssessedSpecimen[] = []
let cartridges: AssessedSpecimen[] = []

beforeAll(async () => {
  const [launch, minibus] = await listApplications()
  spinOns = await assessApplication(launch!.id)
  cartridges = await assessApplication(minibus!.id)
})

const of = (all: AssessedSpecimen[], partNumber: string, revision = '') =>
  all.find(
    ({ specimen }) => specimen.partNumber === partNumber && (revision === '' || specimen.revisionLabel === revision),
  )!
const figure = (one: AssessedSpecimen, key: string) => {
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
      ({ specimen, assessment }) => completeness(specimen.form, assessment.values) < 1,
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
    const inlets = (partNumber: string) =>
      of(spinOns, partNumber).assessment.values.get('plate.inlets')!.openings?.groups
    expect(inlets('PG-33')).toEqual(inlets('SM-508'))
    expect(
      new Set(
        spinOns.filter(({ specimen }) => specimen.partNumber === 'F-2210').map(({ specimen }) => specimen.revisionId),
      ).size,
    ).toBe(2)
    expect(spinOns.filter(({ specimen }) => specimen.partNumber === 'CV-214')).toHaveLength(3)
    expect(spinOns.filter(({ specimen }) => specimen.partNumber === 'MB-1120')).toHaveLength(2)
    expect(
      [...spinOns, ...cartridges]
        .filter(({ specimen, assessment }) => findFatalFaults(specimen.form, assessment.values).length > 0)
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
    const { numbers: walls, answers } = await listLibraryOccurrences('can.wall', specimen)
    expect(walls.length).toBeLessThan(spinOns.length - 1)
    expect(walls.length).toBeGreaterThan(5)
    expect(answers).toEqual([])
    expect(Math.max(...walls)).toBeLessThan(0.0006)
  })

  test('a point of no return is passed once, with the reason of the first time', async () => {
    const { specimen } = of(spinOns, 'N-40')
    await addIrreversibleStep(specimen.id, { step: 'cut', reason: 'scale was away', missing: ['whole.weight'] })
    await addIrreversibleStep(specimen.id, { step: 'cut', reason: 'another', missing: [] })
    expect(await listIrreversibleSteps(specimen.id)).toMatchObject([
      { step: 'cut', reason: 'scale was away', missing: ['whole.weight'] },
    ])
  })

  test(
    "the same reading posted twice is kept once; a strike can be taken back; another specimen's reading is out " +
      'of reach',
    async () => {
      const { specimen } = of(spinOns, 'D-19')
      const before = (await listReadings(specimen.id)).length
      const reading = newReading({ specimenId: specimen.id, characteristic: 'adbv.weight', valueNumber: 0.0051 })
      await addReading(reading)
      await addReading({ ...reading, valueNumber: 99 })
      const after = await listReadings(specimen.id)
      expect(after).toHaveLength(before + 1)
      expect(after.at(-1)).toMatchObject({ valueNumber: 0.0051, voided: null })

      expect(await voidReading(specimen.id, reading.id, 'misread')).toBe(true)
      expect(await voidReading(specimen.id, reading.id, 'again')).toBe(true)
      expect((await listReadings(specimen.id)).at(-1)?.voided?.reason).toBe('misread')
      expect(await restoreReading(specimen.id, reading.id)).toBe(true)
      expect((await listReadings(specimen.id)).at(-1)?.voided).toBeNull()
      expect(await voidReading('nosuchspecimen', reading.id, null)).toBe(false)
    },
  )

  test('a product exists once in a line-up, and a refused one leaves no brand behind it half made', async () => {
    const [launch] = await listApplications()
    const fields = {
      id: 'newproduct01',
      applicationId: launch!.id,
      brand: 'corvane',
      partNumber: 'CV-214',
      form: 'spin-on' as const,
      tier: 'top' as const,
      nickname: '',
      revision: '',
    }
    expect(await addProduct(fields)).toBe('taken')
    const db = await database()
    expect(await db('brand').whereRaw('lower(name) = ?', ['corvane'])).toHaveLength(1)
    expect(await db('product').where({ id: 'newproduct01' })).toHaveLength(0)
  })

  test('specimens are labelled in order, and one with readings cannot be removed', async () => {
    const { specimen } = of(spinOns, 'CV-214')
    expect(await nextLabel(specimen.revisionId)).toBe('D')
    expect(await removeSpecimen(specimen.id)).toBe('in-use')
    const fresh = {
      id: 'specimen0001',
      revisionId: specimen.revisionId,
      label: 'D',
      acquisition: 'bought' as const,
      givenBy: '',
      paidMinor: null,
      currency: null,
      shop: '',
      rawInput: {},
    }
    expect(await addSpecimen(fresh)).toBe('added')
    expect(await addSpecimen(fresh)).toBe('added')
    expect(await addSpecimen({ ...fresh, id: 'specimen0002' })).toBe('taken')
    expect(await listSpecimens(specimen.applicationId)).toHaveLength(spinOns.length + 1)
    expect(await removeSpecimen(fresh.id)).toBe('removed')
    expect(await findSpecimen(fresh.id)).toBeUndefined()
  })

  test('a reading needs its specimen', async () => {
    const orphan = newReading({ specimenId: 'nowhere', characteristic: 'can.wall', valueNumber: 0.00049 })
    await expect(addReading(orphan)).rejects.toThrow(/FOREIGN KEY/)
  })
})
