import { kernelDensityEstimation } from 'simple-statistics'
import { describe, expect, test } from 'vitest'
import { statedFilters } from '#core/compare/occurrence.ts'
import { silvermanWidth } from '#core/quantity/kernel.ts'
import { frequenciesOf, howCommon } from './frequencies.ts'
import { kinFeatures } from './kin-features.ts'
import { recordOf } from './kin.fixture.ts'

const at = (key: string) => kinFeatures.findIndex((one) => one.key === key)
const feature = (key: string) => kinFeatures[at(key)]!

describe('how common something is', () => {
  const seams = ['flat', 'flat', 'flat', 'stepped', 'stepped', 'round'].map((seam, index) =>
    recordOf(`s${index}`, { 'can.seam': seam }, []),
  )
  const common = (a: number, b: number) => howCommon(frequenciesOf(seams), seams[a]!, seams[b]!)(at('can.seam'))

  test('an answer is counted among the others, beside three stated filters', () => {
    // Of four others one is flat, and a quarter of the stated three.
    expect(common(0, 1)).toBeCloseTo((3 / 4 + 1) / (statedFilters + 4), 12)
    // The two that are stepped have no third like them.
    expect(common(3, 4)).toBeCloseTo(3 / 4 / (statedFilters + 4), 12)
  })

  test('of two that differ it is the geometric mean of both', () => {
    const [flat, round] = [(3 / 4 + 2) / 7, 3 / 4 / 7]
    expect(common(0, 5)).toBeCloseTo(Math.sqrt(flat * round), 12)
    expect(common(5, 0)).toBeCloseTo(common(0, 5), 12)
  })

  test('a size has the density of the others, as simple-statistics smooths them', () => {
    const heights = [0.08, 0.081, 0.0825, 0.086, 0.0863, 0.091]
    const records = heights.map((height, index) => recordOf(`h${index}`, { 'can.height': height }, []))
    const width = Math.max(silvermanWidth(heights), 0.01 * 0.091)
    const others = kernelDensityEstimation(heights.slice(2), 'gaussian', width)
    const stated = (height: number) => statedFilters * feature('can.height').stated(height)
    const of = (height: number) => (stated(height) + 4 * others(height)) / (statedFilters + 4)
    const found = howCommon(frequenciesOf(records), records[0]!, records[1]!)(at('can.height'))
    expect(found / Math.sqrt(of(0.08) * of(0.081))).toBeCloseTo(1, 9)
  })

  test('what the filters of one engine have in common is common between two of them, however rare it is elsewhere', () => {
    const elsewhere = Array.from({ length: 20 }, (_, index) => recordOf(`x${index}`, { 'can.seam': 'flat' }, ['other']))
    const here = ['a', 'b', 'c', 'd', 'e'].map((id) => recordOf(id, { 'can.seam': 'inward' }, ['mine']))
    const frequencies = frequenciesOf([...elsewhere, ...here])
    const share = howCommon(frequencies, here[0]!, here[1]!)(at('can.seam'))
    expect(share).toBeCloseTo((3 / 4 + 3) / (statedFilters + 3), 12)
    const stranger = recordOf('z', { 'can.seam': 'inward' }, ['third'])
    expect(howCommon(frequencies, here[0]!, stranger)(at('can.seam'))).toBeLessThan(share / 2)
  })

  test('a filter that is not among those that were counted takes nothing from them', () => {
    const guest = recordOf('guest', { 'can.seam': 'flat' }, [])
    const found = howCommon(frequenciesOf(seams), guest, seams[0]!)(at('can.seam'))
    expect(found).toBeCloseTo((3 / 4 + 2) / (statedFilters + 5), 12)
  })
})
