import type { Dimension } from '#core/quantity/units.ts'

const mm = (low: number, high: number): readonly [number, number] => [low / 1000, high / 1000]

/** Ranges written in bench units. */
export const range = {
  mm,
  g: mm,
  m: (low: number, high: number): readonly [number, number] => [low, high],
  bar: (low: number, high: number): readonly [number, number] => [low * 1e5, high * 1e5],
  celsius: (low: number, high: number): readonly [number, number] => [low + 273.15, high + 273.15],
  count: (low: number, high: number): readonly [number, number] => [low, high],
}

const reading = <Units extends readonly [string, ...string[]], Kind extends Dimension>(
  dimension: Kind,
  units: Units,
  imperial: string,
) => ({ dimension, units, imperial })

/** Length, mass and pressure as the bench reads them. */
export const reads = {
  small: reading('length', ['mm', 'in', 'thou'], 'in'),
  size: reading('length', ['mm', 'cm', 'in'], 'in'),
  strip: { ...reading('length', ['mm', 'cm', 'm', 'in', 'ft'], 'in'), decimals: 0 },
  weight: { ...reading('mass', ['g', 'oz'], 'oz'), decimals: 1 },
  temperature: { ...reading('temperature', ['°C', '°F'], '°F'), decimals: 0 },
  pressure: reading('pressure', ['bar', 'psi', 'kPa'], 'psi'),
}
