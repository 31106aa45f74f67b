import { spinOn } from '#core/catalogue/index.ts'
import { formatFixed } from '#core/quantity/format.ts'
import { exactly } from '#core/quantity/uncertain.ts'
import { ratio } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { nearestGauge } from '#core/quantity/sheet-gauge.ts'

export const canGaugeFigure: Figure = {
  key: 'can.gauge',
  label: 'Can wall as sheet gauge',
  part: 'can',
  forms: spinOn,
  ...ratio,
  decimals: 0,
  formula: 'nearest number of the sheet-steel gauge table to the can wall',
  why: '"Gauge" talk made exact.',
  source: "Manufacturers' Standard Gauge, 41.82 lb/ft² per inch; Machinery's Handbook (from memory)",
  assumptions: ['Bare steel; paint adds up to 0.03 mm.'],
  needs: ['can.wall'],
  compute: ({ number }) => exactly(nearestGauge(number('can.wall').value).gauge),
  remark: (_, { number }) => {
    const off = nearestGauge(number('can.wall').value).off * 1000
    return Math.abs(off) < 0.005 ? 'spot on' : `${formatFixed(Math.abs(off), 2)} mm ${off > 0 ? 'over' : 'under'}`
  },
}
