import { describe, expect, test } from 'vitest'
import { toSI } from '#core/quantity/convert.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { computeFigure } from './figure.ts'
import { figureOf } from './index.ts'

const strip = { 'media.length': '1 m', 'media.width': '80 mm' }
const areaOf = (typed: Parameters<typeof readings>[0]) => {
  const result = computeFigure(figureOf('media.area'), resolve(readings({ ...strip, ...typed })))
  if (result.state !== 'known') throw new Error(`The area is ${result.state}`)
  return result
}
const shareOf = ({ number }: ReturnType<typeof areaOf>) =>
  Math.abs([...number.budget].find(([source]) => source.endsWith('/buried'))?.[1] ?? 0)

describe('what is buried of the width of the media', () => {
  test('as it was measured', () => {
    const area = areaOf({ 'media.how': 'strip', 'media.buried': '2.6 mm' })
    expect(area.number.value).toBeCloseTo(0.0774, 9)
    expect(area.remark).toBeUndefined()
    expect(shareOf(area)).toBe(0)
  })

  test('nothing where the width was taken between the caps, also when something was noted before', () => {
    expect(areaOf({ 'media.how': 'between' }).number.value).toBeCloseTo(0.08, 9)
    expect(areaOf({ 'media.how': 'between', 'media.buried': '2.6 mm' }).number.value).toBeCloseTo(0.08, 9)
  })

  test('of a strip that nobody looked at the usual, a tenth of an inch in all (common practice)', () => {
    const area = areaOf({ 'media.how': 'strip' })
    expect(area.number.value).toBeCloseTo(0.08 - 0.00275, 9)
    expect(0.08 - area.number.value).toBeGreaterThan(toSI(0.1, 'in'))
    // By hand: 1 m of length times half of 2.5 mm, even.
    expect(shareOf(area)).toBeCloseTo(0.00125 / Math.sqrt(3), 9)
    expect(area.remark).toContain('was not measured')
  })

  test('where the way was not said, from nothing to 4 mm, and that is said', () => {
    const area = areaOf({})
    expect(area.number.value).toBeCloseTo(0.078, 9)
    expect(shareOf(area)).toBeCloseTo(0.002 / Math.sqrt(3), 9)
    expect(area.remark).toContain('is not said')
  })

  test('more than there is width is refused', () => {
    const typed = { ...strip, 'media.width': '21 mm', 'media.how': 'strip' }
    const known = resolve(readings(typed))
    const wide = new Map(known).set('media.buried', resolve(readings({ 'media.buried': '14 mm' })).get('media.buried')!)
    const narrow = known.get('media.width')!
    wide.set('media.width', { ...narrow, number: { ...narrow.number!, value: 0.01 } })
    expect(computeFigure(figureOf('media.area'), wide).state).toBe('impossible')
  })
})
