import { describe, expect, test } from 'vitest'
import type { IrreversibleStepKey } from '#core/catalogue/index.ts'
import { grade, missing, row } from './rows.fixture.ts'
import { toBeKnown } from './to-be-known.ts'

const revision = (passedSteps?: IrreversibleStepKey[]) => ({
  at: 1,
  context: { id: 'b', fatalFaults: [], misfits: [], attributes: {}, ...(passedSteps && { passedSteps }) },
})
const rows = [
  row('can.wall', [missing, missing]),
  row('can.diameter', [missing, grade(0.07)]),
  row('bypass.wire', [grade(1), missing]),
  row('bypass.coil', [missing, missing]),
  row('bypass.coils', [missing, grade(6)]),
]

describe('what it takes until something is known', () => {
  test('a characteristic is its own reading, with its minutes', () => {
    expect(toBeKnown('glue.grade', revision(), rows)).toEqual({ readings: ['glue.grade'], minutes: 0.5 })
    expect(toBeKnown('plate.inlets', revision(), rows)).toEqual({ readings: ['plate.inlets'], minutes: 2 })
  })

  test('a figure takes what it still lacks of this product, all minutes together', () => {
    expect(toBeKnown('bypass.rate', revision(), rows)).toEqual({
      readings: ['bypass.wire', 'bypass.coil'],
      minutes: 2,
    })
    expect(toBeKnown('bypass.rate', { ...revision(), at: 0 }, rows)?.readings).toEqual(['bypass.coil', 'bypass.coils'])
  })

  test('what nobody reads is looked up', () => {
    expect(toBeKnown('claim.efficiency', revision(['cut', 'apart', 'unfold', 'wrap']), rows)).toEqual({
      readings: [],
      minutes: 2,
    })
  })

  test('what is gone cannot be taken; one reading that is gone is enough', () => {
    expect(toBeKnown('can.height', revision(['cut']), rows)).toBeUndefined()
    expect(toBeKnown('can.height', revision([]), rows)?.readings).toEqual(['can.height'])
    expect(toBeKnown('bypass.rate', revision(['cut', 'apart', 'unfold', 'wrap']), rows)).toBeUndefined()
  })
})
