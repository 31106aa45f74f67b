import { findCharacteristic, sizeClasses, sizedAttributes, classRange, usualSizeClass } from '#core/catalogue/index.ts'
import { formatValueNumber } from '#core/figures/format-value.ts'
import { findFigure } from '#core/figures/index.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'

/** One row of the table of size classes. */
export interface SizeClassRow {
  label: string
  /** A range a class, in their order; empty where such filters have none. */
  ranges: string[]
}

/**
 * Where most of each size class lie, in words, a row a characteristic or figure that differs between them.
 *
 * @param system units to say it in
 * @example sizeClassRows('metric').find(({ label }) => label === 'Can wall')?.ranges[2] // => '0.50 to 0.75 mm'
 */
export const sizeClassRows = (system: UnitHabit): SizeClassRow[] =>
  sizedAttributes.flatMap((key) => {
    const characteristic = findCharacteristic(key)
    const of = characteristic ?? findFigure(key)
    if (!of) return []
    const ranges = sizeClasses.map((one) => {
      if (!of.forms.includes(one.form)) return ''
      const own =
        classRange(key, one.key) ??
        (characteristic && 'typical' in characteristic
          ? characteristic.typical
          : classRange(key, usualSizeClass(one.form)))
      return own ? spanText(own.map((end) => formatValueNumber(of, end, system))) : ''
    })
    return [{ label: of.label, ranges }]
  })

/** From the one to the other, the unit said once. */
function spanText([low = '', high = '']: string[]): string {
  const unit = /\s\S+$/.exec(high)?.[0] ?? ''
  return `${unit !== '' && low.endsWith(unit) ? low.slice(0, -unit.length) : low} to ${high}`
}

/**
 * What the size classes are, as Markdown.
 *
 * @example sizeClassesSection().startsWith('## Size classes') // => true
 */
export const sizeClassesSection = (): string => `## Size classes

Filters are compared and judged inside a size class: the one that was chosen for their engine, else the one that most of
them are of by their first sizes. What is asked about as unusual, what ghosted parts are drawn by, the spread from unit to
unit and the breakpoints of the score go by it. Breakpoints are written for the usual class; for another they are moved
and stretched as the range below is to that of the usual one. Of large diesels the wall, a strip over 2 m long and the
disc of the drain-back valve are common practice, no published source; what else is not of cars is an estimate from memory.

| most lie within | ${sizeClasses.map(({ label }) => label.toLowerCase()).join(' | ')} |
|---|${sizeClasses.map(() => '---|').join('')}
${sizeClassRows('metric')
  .map(({ label, ranges }) => `| ${label} | ${ranges.join(' | ')} |`)
  .join('\n')}`
