import { describe, expect, test } from 'vitest'
import { assess } from '#core/figures/assess.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { figureRows, figuresCsv } from './figures-table.ts'

const path = {
  application: 'Skerry 1.1 D',
  brand: 'Corvane',
  partNumber: 'CV-214',
  revision: '',
  form: 'spin-on',
  specimen: 'A',
} as const

describe('figures as a table', () => {
  const rows = figureRows(path, assess('spin-on', readings({ 'thread.designation': 'M20 x 1.5', 'thread.turns': '4' })))

  test('in SI with expanded uncertainty, inputs and source', () => {
    const engagement = rows.find(({ figure }) => figure === 'thread.engagement')
    expect(engagement).toMatchObject({ value: 0.006, 'SI unit': 'm', inputs: ['thread.designation', 'thread.turns'] })
    // Half a thread either way is a rectangle: JCGM 100:2008, 4.3.7.
    expect(engagement?.['expanded uncertainty']).toBeCloseTo(0.95 * 0.25 * 0.0015, 9)
  })

  test('as CSV, a line a figure that is known', () => {
    expect(figuresCsv(rows)).toContain('thread.engagement,Thread engagement,0.006,m')
    expect(figuresCsv(rows).trimEnd().split('\r\n')).toHaveLength(rows.length + 1)
  })
})
