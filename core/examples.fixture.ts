import { z } from 'zod'
import { buildRecord } from './kin/build-record.ts'
import { characteristicOf, type FilterForm } from './catalogue/index.ts'
import type { Claim } from './claims/claim.ts'
import { buildLineup } from './compare/lineup.ts'
import type { SpecimenPath } from './exchange/readings-csv.ts'
import { assess, type Assessment } from './figures/assess.ts'
import type { Driver } from './money/driver.ts'
import { effectiveCriteria, shippedMethod } from './score/effective-criteria.ts'
import { quantiles, type DrawProblem } from './score/draw-problem.ts'
import { readings } from './teardown/readings.fixture.ts'
import { resolve, type ResolvedValues } from './teardown/resolve.ts'
import { evaluateRevisions } from './verdict/ranking.ts'

export const licenceNames = z.enum(['CC0-1.0', 'CC-BY-4.0'])

export { reviewMaterial } from './review/review-material.fixture.ts'

/** Values that the examples in the docs of core name. */

type Typed = Parameters<typeof readings>[0]

export { readings }

export const known = (typed: Typed): ResolvedValues => resolve(readings(typed))

export const assessed = (typed: Typed, form: FilterForm = 'spin-on'): Assessment => assess(form, readings(typed))

export const inlets = characteristicOf('plate.inlets')

export const caliper = {
  id: 'own',
  name: 'Slide caliper',
  kind: 'caliper' as const,
  resolution: 0.00001,
  accuracy: 0.00003,
}

export const intervalClaim = (id: string, distance: number, place: Claim['place'] = 'front'): Claim => ({
  id,
  productId: 'norrith',
  kind: 'interval',
  words: `For ${distance / 1000} km`,
  place,
  readOn: '2026-10-02',
  parts: { distance },
})

export const path: SpecimenPath = {
  application: 'Skerry 1.1 D',
  brand: 'Norrith',
  partNumber: 'N-40',
  revision: '',
  form: 'spin-on',
  specimen: 'A',
}

export const driver: Driver = {
  id: 'taxi',
  name: 'Ferry taxi',
  annualDistance: 10e6,
  annualHours: null,
  habit: { distance: 8e6, months: null },
  duty: 'normal',
  climate: 'mild',
  position: 'hanging',
  oilTemperatureMax: null,
  oil: 'full',
  vehicles: 1,
}

const column = (id: string, typed: Typed) => ({
  id,
  form: 'spin-on' as const,
  specimens: [{ id: `${id}-A`, assessment: assessed(typed) }],
})

/** A line-up of two, judged by wall, glue and valve alone. */
export const criteria = effectiveCriteria(shippedMethod).filter(({ key }) =>
  ['can-wall', 'glue', 'adbv-material'].includes(key),
)
export const rows = buildLineup(
  [
    column('norrith', { 'can.wall': '0.50 mm', 'glue.grade': '3', 'adbv.material': 'silicone' }),
    column('merribank', { 'can.wall': '0.40 mm', 'glue.grade': '3', 'adbv.material': 'silicone' }),
  ],
  () => undefined,
)
export const [leader, next] = evaluateRevisions(
  'spin-on',
  ['norrith', 'merribank'].map((id) => ({ id, fatalFaults: [], misfits: [], attributes: {} })),
  rows,
  criteria,
)

/** The wall of a can in mm as it stands in a line-up. */
export const wall = (value: number) => ({
  state: 'number' as const,
  value: value / 1000,
  u: 0.000005,
  evidence: 'measured' as const,
  specimen: 'A',
  of: 1,
})

/** A share that is claimed to be stopped at a size, under no test that is named. */
export const point = (share: number, size: number) => ({
  claim: 'a',
  share,
  saying: 'equal' as const,
  size,
  test: null,
})

/** A stochastic problem whose first product is always better. */
export const twoProducts: DrawProblem = {
  products: 2,
  criteria: 1,
  points: Float32Array.from({ length: 2 * quantiles }, (_, at) => (at < quantiles ? 9 : 1)),
  kinds: new Uint8Array([1, 1]),
  links: new Uint16Array(2),
  penalty: new Uint8Array(1),
  quality: new Float64Array(4),
  correlation: 0,
  weights: new Float64Array([1]),
  caps: new Float64Array([100, 100]),
  cap: 20,
  draw: 'fixed',
  spread: 0,
  seed: 7,
}

/** A filter of which nothing is known that could be shared. */
export const unrecorded = (id: string) =>
  buildRecord({ id, form: 'spin-on', product: id, engines: [], specimens: [] }, new Map())
