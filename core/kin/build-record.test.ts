import { describe, expect, test } from 'vitest'
import { evidenceGroups } from './kin-parts.ts'
import { buildRecord } from './build-record.ts'
import { kinFeatures } from './kin-features.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'

const specimen = (id: string, typed: Parameters<typeof readings>[0], change = {}) => ({
  id,
  assessment: { values: resolve(readings(typed).map((one) => ({ ...one, ...change }))) },
})
const at = (key: string) => kinFeatures.findIndex((one) => one.key === key)
const recordFrom = (...specimens: ReturnType<typeof specimen>[]) =>
  buildRecord({ id: 'r', form: 'spin-on', product: 'p', engines: ['e'], specimens }, new Map()).values

describe('a record of how a filter is built', () => {
  test('every feature is of the catalogue and stands in one group of one part', () => {
    const keys = kinFeatures.map(({ key }) => key)
    expect(new Set(keys).size).toBe(keys.length)
    expect(keys.length).toBe(Object.values(evidenceGroups).flat(2).length)
  })

  test('of holes it holds number, size and whether one is odd', () => {
    const values = recordFrom(specimen('s', { 'plate.inlets': ['7 × 5.8, 1 × 8.2 mm'] }))
    expect(values[at('plate.inlets:count')]).toMatchObject({ number: 8 })
    expect(values[at('plate.inlets:odd')]).toMatchObject({ answer: 'yes' })
    expect(values[at('plate.inlets:size')]).toMatchObject({ number: expect.closeTo(0.0058, 9) as number })
  })

  test('even holes have no odd one; a size without a number says nothing of either', () => {
    const even = recordFrom(specimen('s', { 'plate.inlets': ['8 × 5 mm'] }))
    expect(even[at('plate.inlets:odd')]).toMatchObject({ answer: 'no' })
    const sized = recordFrom(specimen('s', { 'plate.inlets': ['holes of 5 mm'] }))
    expect(sized[at('plate.inlets:size')]).toMatchObject({ number: expect.closeTo(0.005, 9) as number })
    expect(sized[at('plate.inlets:odd')]).toBeUndefined()
    expect(sized[at('plate.inlets:count')]).toBeUndefined()
  })

  test('what is concluded or claimed is left out', () => {
    for (const evidence of ['inferred', 'claimed'])
      expect(recordFrom(specimen('s', { 'adbv.material': ['silicone'] }, { evidence }))[at('adbv.material')]).toBe(
        undefined,
      )
  })

  test('an answer in which specimens differ is left out, a size is averaged', () => {
    const values = recordFrom(
      specimen('s', { 'can.seam': ['flat'], 'can.height': ['80 mm'] }),
      specimen('t', { 'can.seam': ['round'], 'can.height': ['81 mm'] }),
    )
    expect(values[at('can.seam')]).toBe(undefined)
    expect(values[at('can.height')]).toMatchObject({ number: expect.closeTo(0.0805, 9) as number })
  })
})
