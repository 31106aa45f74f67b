import { optionsOf, type Characteristic } from '#core/catalogue/index.ts'
import type { Figure } from './index.ts'
import { formatFixed, formatQuantity, formatUncertain } from '#core/quantity/format.ts'
import { unitOf } from '#core/quantity/units.ts'
import { systemOf, unitOfKind, type UnitHabit, type UnitKind } from '#core/quantity/unit-habit.ts'
import { endLabel, type End } from '#core/teardown/end.ts'
import { formatOpenings, type OpeningGroup } from '#core/teardown/opening-groups.ts'

const isFigure = (of: Characteristic | Figure): of is Figure => 'compute' in of

/**
 * Unit in which a characteristic or figure is shown.
 *
 * @returns a symbol; empty for what has no unit
 * @example displayUnit(characteristicOf('can.wall'), 'imperial') // => 'in'
 */
export function displayUnit(of: Characteristic | Figure, system: UnitHabit): string {
  if (!isFigure(of) && of.kind !== 'quantity' && of.kind !== 'openings') return ''
  const metric = isFigure(of) ? of.unit : of.units[0]
  const kind = typeof system === 'string' ? undefined : kindOf(of, metric)
  if (kind) return unitOfKind(system, kind)
  return systemOf(system) === 'metric' ? metric : of.imperial
}

/** Up to here a length is small: it is read off a caliper and not off a tape; m. */
const smallUpTo = 0.012

/** Of which kind something is, where its unit is the reviewer's own choice: particles are in µm for everybody. */
function kindOf(of: Characteristic | Figure, metric: string): UnitKind | undefined {
  if (metric === 'g') return 'weight'
  if (metric === 'kPa' || metric === 'bar') return 'pressure'
  if (metric !== 'mm') return undefined
  const isSmall = isFigure(of) ? of.decimals !== 0 : of.kind !== 'quantity' || of.typical[1] <= smallUpTo
  return isSmall ? 'small' : 'long'
}

/** Decimals that suit a value in its unit: the catalogue's own for its metric unit, else the unit's habit. */
function decimalsFor(of: Characteristic | Figure, unit: string): number {
  const own = isFigure(of)
    ? unit === of.unit
      ? of.decimals
      : undefined
    : of.kind === 'quantity' && unit === of.units[0]
      ? of.decimals
      : undefined
  return own ?? unitOf(unit).decimals
}

/**
 * A number of a characteristic or figure, in words for the screen.
 *
 * @param of what it is a value of
 * @param value SI, count or grade
 * @example formatValueNumber(characteristicOf('can.wall'), 0.00049, 'metric') // => '0.49 mm'
 */
export function formatValueNumber(of: Characteristic | Figure, value: number, system: UnitHabit): string {
  if (!isFigure(of)) {
    if (of.kind === 'count') return formatFixed(value, Number.isInteger(value) ? 0 : 1).replace('.5', '½')
    if (of.kind === 'grade') return `${formatFixed(value, Number.isInteger(value) ? 0 : 1)} of ${of.anchors.length - 1}`
  }
  const unit = displayUnit(of, system)
  return formatQuantity(value, unit, decimalsFor(of, unit))
}

/**
 * A number with the half width of its 95 % interval, or alone when it is exact or a grade.
 *
 * @example formatValueWithUncertainty(characteristicOf('can.wall'), 0.000495, 0.00002, 'metric')
 * // => '0.495 ± 0.020 mm'
 */
export function formatValueWithUncertainty(
  of: Characteristic | Figure,
  value: number,
  halfWidth: number,
  system: UnitHabit,
): string {
  const plain = !isFigure(of) && of.kind !== 'quantity'
  if (
    halfWidth === 0 ||
    (!isFigure(of) && of.kind === 'grade') ||
    (isFigure(of) && of.decimals === 0 && of.dimension === 'ratio')
  )
    return formatValueNumber(of, value, system)
  if (plain) return `${formatValueNumber(of, value, system)} ± ${formatFixed(halfWidth, 1)}`
  return formatUncertain(value, halfWidth, displayUnit(of, system))
}

/** A resolved value, an entry or a cell: one of its members is set. */
export interface FormattableValue {
  number?: number | null
  /** Half of the width that was said. */
  half?: number | null
  text?: string | null
  groups?: OpeningGroup[] | null
  /** The end that it is of. */
  end?: End | null
}

/**
 * Any value of a characteristic, in words for the screen.
 *
 * @example formatValue(characteristicOf('adbv.material'), { text: 'silicone' }, 'metric') // => 'Silicone'
 */
export const formatValue = (of: Characteristic, value: FormattableValue, system: UnitHabit): string =>
  `${formatAlone(of, value, system)}${value.end ? `, ${endLabel(value.end)}` : ''}`

function formatAlone(of: Characteristic, value: FormattableValue, system: UnitHabit): string {
  if (value.groups) return formatOpenings(value.groups, displayUnit(of, system) || 'mm')
  if (typeof value.number === 'number') return formatValueWithUncertainty(of, value.number, value.half ?? 0, system)
  return optionsOf(of).find((option) => option.value === value.text)?.label ?? value.text ?? ''
}
