import { describe, expect, test } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import { buildLineup } from '#core/compare/lineup.ts'
import { fromSI } from '#core/quantity/convert.ts'
import { standardUncertainty } from '#core/quantity/uncertain.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { readQuickEntry } from '#core/teardown/quick-entry.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { assess } from './assess.ts'

type Typed = Parameters<typeof readings>[0]
const figure = (key: string, typed: Typed) => assess('spin-on', readings(typed)).figures.get(key)!
const strip: Typed = { 'media.length': '41.5 in', 'media.width': '5 1/8 in', 'media.how': 'between' }

describe('a figure that was told as such', () => {
  test('stands in until it can be worked out', () => {
    const area = figure('media.area', { 'told.media.area': '1390 cm²' })
    expect(area).toMatchObject({ state: 'known', isTold: true, evidence: 'measured' })
    expect(area.state === 'known' && area.number.value).toBeCloseTo(0.139, 6)
    // Known to 5 % as a limit: 0.05 · 0.139 / √3.
    expect(area.state === 'known' && standardUncertainty(area.number)).toBeCloseTo(0.00401, 5)
  })

  // 41.5 in by 5 1/8 in is 212.7 in²: common practice, no published source.
  test('gives way to what comes out of the readings, and is kept beside it', () => {
    const area = figure('media.area', { ...strip, 'told.media.area': '200 in²' })
    expect(area.state === 'known' && fromSI(area.number.value, 'in²')).toBeCloseTo(212.7, 0)
    expect(area.state === 'known' && area.told && fromSI(area.told.value, 'in²')).toBeCloseTo(200, 6)
    expect(area).not.toHaveProperty('isTold')
  })

  test('that was measured stands before what is only concluded', () => {
    const concluded = readings(strip).map((reading) => ({ ...reading, evidence: 'inferred' as const }))
    const area = assess('spin-on', [...concluded, ...readings({ 'told.media.area': '200 in²' })]).figures.get(
      'media.area',
    )
    expect(area).toMatchObject({ isTold: true, remark: expect.stringContaining('weaker evidence') as string })
  })

  test('that goes against the readings is found', () => {
    const findings = (said: string) =>
      assess('spin-on', readings({ ...strip, 'told.media.area': said })).findings.filter(({ key }) =>
        key.startsWith('told'),
      )
    expect(findings('210 in²')).toEqual([])
    expect(findings('150 in²')).toMatchObject([
      { culprit: 'told.media.area', message: expect.stringMatching(/968 cm² was told, 137\d cm² comes out/) as string },
    ])
  })

  test('has no row of its own in a line-up: it stands in that of the figure', () => {
    const assessment = assess('spin-on', readings({ 'told.inlet.area': '0.29 in²' }))
    const rows = buildLineup([{ id: 'r', form: 'spin-on', specimens: [{ id: 's', assessment }] }], () => undefined)
    expect(rows.some(({ key }) => key.startsWith('told.'))).toBe(false)
    expect(rows.find(({ key }) => key === 'inlet.area')?.cells[0]).toMatchObject({ state: 'number' })
  })

  test('said again, it is known no better', () => {
    const u = (said: string[]) =>
      standardUncertainty(resolve(readings({ 'told.media.area': said })).get('told.media.area')!.number!)
    expect(u(['900 cm²', '900 cm²'])).toBeCloseTo(u(['900 cm²']), 12)
  })
})

describe('as people say it', () => {
  test.each<[string, string, number, string]>([
    ['told.inlet.area', 'about 0.29 square inches in all', 0.29, 'in²'],
    ['told.media.area', '72 square inches of media', 72, 'in²'],
    ['told.media.area', '1390 sq cm', 1390, 'cm²'],
    ['told.media.area', 'around 200 square inches', 200, 'in²'],
  ])('%s: %s', (key, said, value, unit) => {
    const entry = parseEntry(characteristicOf(key), { text: said })
    expect(entry.ok && fromSI(entry.value.number!, unit)).toBeCloseTo(value, 6)
  })

  test('in a line of several readings', () => {
    const [area] = readQuickEntry('media area 212 in²', 'spin-on', new Map())
    expect(area).toMatchObject({ candidates: [{ characteristic: { key: 'told.media.area' } }] })
  })
})
