import type { Driver } from '#core/money/driver.ts'

/** A visible rule by which a driver shifts the weight of criteria. */
export interface DriverRule {
  key: string
  statement: string
  /** Factor on the weight, by criterion. */
  factors: Readonly<Record<string, number>>
}

const km = 1000
/** 250 °F, about where nitrile begins to harden. Common practice, no published source. */
const hot = 394

const rules: (DriverRule & { applies: (driver: Driver, usable: number | undefined) => boolean })[] = [
  {
    key: 'hanging',
    applies: ({ position }) => position === 'hanging',
    statement: 'The filter hangs with its opening down: the anti-drain-back valve counts double.',
    factors: { 'adbv-material': 2, 'adbv-fit': 2, 'adbv-thickness': 2 },
  },
  {
    key: 'sideways',
    applies: ({ position }) => position === 'sideways',
    statement: 'The filter lies sideways: the anti-drain-back valve counts a third more.',
    factors: { 'adbv-material': 1.33, 'adbv-fit': 1.33 },
  },
  {
    key: 'upright',
    applies: ({ position }) => position === 'upright',
    statement: 'The filter stands upright: the anti-drain-back valve hardly matters.',
    factors: { 'adbv-material': 0.4, 'adbv-fit': 0.4, 'adbv-thickness': 0.4 },
  },
  {
    key: 'hot',
    applies: ({ oilTemperatureMax, climate }) => (oilTemperatureMax ?? 0) > hot || climate === 'hot',
    statement: 'Hot oil: rubber that stands it counts double.',
    factors: { 'adbv-material': 1.6, 'gasket-material': 2, 'oring-material': 2 },
  },
  {
    key: 'cold',
    applies: ({ climate }) => climate === 'cold',
    statement: 'Cold starts, thick oil: bypass and centre tube count half as much again.',
    factors: { 'bypass-build': 1.5, 'bypass-seal': 1.5, core: 1.5, 'core-stiffness': 1.5 },
  },
  {
    key: 'long',
    applies: (_, usable) => (usable ?? 0) >= 15_000 * km,
    statement: 'Long intervals: media area and capacity count more.',
    factors: { area: 1.5, media: 1.3, capacity: 2 },
  },
  {
    key: 'short',
    applies: (_, usable) => (usable ?? Infinity) < 8_000 * km,
    statement: 'Short intervals: media area, capacity and lasting rubber count less.',
    factors: { area: 0.6, capacity: 0.4, 'adbv-material': 0.7 },
  },
  {
    key: 'severe',
    applies: ({ duty }) => duty === 'severe',
    statement: 'Severe duty: can, thread, centre tube and glue count more.',
    factors: { 'can-wall': 1.5, thread: 1.3, core: 1.5, 'core-stiffness': 1.5, glue: 1.3 },
  },
]

/**
 * Rules that a driver brings into force, by filter position, heat, cold, interval and duty. The interval is the
 * longest that is usable with any filter of the line-up.
 *
 * Source: common practice, no published source.
 *
 * @param usable intervals of the driver over the line-up, m
 * @example driverRules(driver, [8e6, 10e6]).map(({ key }) => key) // => ['hanging']
 */
export function driverRules(driver: Driver, usable: readonly number[]): DriverRule[] {
  const longest = usable.length > 0 ? Math.max(...usable) : undefined
  return rules
    .filter(({ applies }) => applies(driver, longest))
    .map(({ key, statement, factors }) => ({ key, statement, factors }))
}

/**
 * Factor on the weight of a criterion by all rules in force together.
 *
 * @example driverWeightFactor([{ key: 'a', statement: '', factors: { area: 1.5 } }], 'area') // => 1.5
 */
export const driverWeightFactor = (inForce: readonly DriverRule[], criterion: string): number =>
  inForce.reduce((factor, { factors }) => factor * (factors[criterion] ?? 1), 1)
