import { describe, expect, test } from 'vitest'
import { applicationFields, applicationSchema } from './application-fields.ts'
import { issuesOf } from './issues.fixture.ts'

const application = { id: 'aaaaaaaaaaaa', name: 'Skerry 1.1 D', form: 'spin-on', bypass: 'filter' }

describe('an application', () => {
  test('is its name and form; the rest may stay open', () => {
    expect(applicationFields(applicationSchema.parse(application), application)).toEqual({
      trouble: '',
      sizeClass: '',
      ...application,
      machine: '',
      thread: null,
      bypassOpening: null,
      oilTemperatureMin: null,
      oilTemperatureMax: null,
      maxHeight: null,
      maxDiameter: null,
      mounting: '',
      gasketLand: null,
      serviceIntervals: {},
      note: '',
      rawInput: {},
    })
  })

  test('what it asks is read in shop notation and kept in SI, beside what was typed', () => {
    const typed = {
      ...application,
      thread: '3/4-16 unf',
      bypassOpening: '15 psi',
      oilTemperatureMin: '-4 °F',
      oilTemperatureMax: '135',
      severeInterval: '5000 mi or 6 months',
    }
    const kept = applicationFields(applicationSchema.parse(typed), typed)
    expect(kept.thread).toBe('3/4-16 UNF')
    // 1 psi is 6894.757 Pa, 0 °C is 273.15 K, a mile 1609.344 m: BIPM SI brochure and NIST SP 811.
    expect(kept.bypassOpening).toBeCloseTo(15 * 6894.757, 0)
    expect(kept.oilTemperatureMin).toBeCloseTo(253.15, 2)
    expect(kept.oilTemperatureMax).toBeCloseTo(408.15, 2)
    expect(kept.serviceIntervals).toEqual({ severe: { distance: expect.closeTo(8_046_720, 3), months: 6 } })
    expect(kept.rawInput).toEqual({
      bypassOpening: '15 psi',
      oilTemperatureMin: '-4 °F',
      oilTemperatureMax: '135',
      severeInterval: '5000 mi or 6 months',
    })
  })

  test.each([
    ['id', '../../etc', 'This page is out of date. Load it again.'],
    ['name', '', 'The name is missing.'],
    ['name', 'x'.repeat(81), 'The name is too long: at most 80 characters.'],
    ['form', 'barrel', 'Choose spin-on or cartridge.'],
    ['bypass', 'perhaps', 'Say where the bypass is, or that you do not know.'],
    ['thread', 'M20', 'M20 needs its pitch. Lay a thread gauge in: which one?'],
    ['bypassOpening', '80 bar', '80 bar cannot be the bypass opening: it lies between 0.20 bar and 6.00 bar.'],
    ['bypassOpening', '15 g', 'g is a weight; bypass opening is a pressure. Try bar, psi or kPa.'],
    ['oilTemperatureMax', '9', '9 cannot be the hottest oil: it lies between 50 °C and 200 °C.'],
    ['note', 'x'.repeat(10_000), 'The note is too long: at most 2000 characters.'],
  ])('%s "%s" is refused beside its field', (field, value, message) => {
    expect(issuesOf(applicationSchema, { ...application, [field]: value })).toEqual({ [field]: message })
  })
})
