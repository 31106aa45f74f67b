import { ok, problem, type Result } from '#core/result.ts'
import { characteristicOf, findCharacteristic, optionsOf } from '#core/catalogue/index.ts'
import { displayUnit } from '#core/figures/format-value.ts'
import { findFigure } from '#core/figures/index.ts'
import { fromSI, toSI } from '#core/quantity/convert.ts'
import { formatNumber } from '#core/quantity/format.ts'
import { clip, parseNumber } from '#core/quantity/number.ts'
import type { Breakpoint, Criterion, ValueFunction } from './criterion.ts'
import { externalAttributes } from './external-attributes.ts'

const factUnits = { share: '%', grade: '', distance: 'km', mass: 'g', money: '', area: 'cm²', yes: '' } as const

/**
 * Unit in which the breakpoints of a criterion are written.
 *
 * @returns a symbol, empty for plain numbers
 * @example valueFunctionUnit(shippedCriterion('can-wall')) // => 'mm'
 */
export function valueFunctionUnit({ attribute }: Criterion): string {
  const fact = externalAttributes.find(({ key }) => key === attribute)
  if (fact) return factUnits[fact.shows]
  const of = findFigure(attribute) ?? findCharacteristic(attribute)
  return of ? displayUnit(of, 'metric') : ''
}

/**
 * A rule as text to edit: breakpoints as `at = points` or answers as `answer = points`, parted by semicolons. Grades
 * and faults have their written anchors and are not edited.
 *
 * @returns undefined for a rule that is not edited
 * @example writeValueFunction(shippedCriterion('can-wall')).startsWith('0.36 = 0; 0.381 = 1.5; ') // => true
 */
export function writeValueFunction(criterion: Criterion): string | undefined {
  const { valueFunction, attribute } = criterion
  if (valueFunction.kind === 'scale')
    return valueFunction.points
      .map(([at, points]) => `${formatNumber(unitless(criterion, at), 6)} = ${formatNumber(points, 4)}`)
      .join('; ')
  if (valueFunction.kind !== 'answers') return undefined
  const options = optionsOf(characteristicOf(attribute))
  return options.map(({ value, label }) => `${label} = ${formatNumber(valueFunction.points[value] ?? 0, 4)}`).join('; ')
}

const unitless = (criterion: Criterion, si: number): number => {
  const unit = valueFunctionUnit(criterion)
  return unit === '' ? si : fromSI(si, unit)
}

/**
 * Reads an edited rule.
 *
 * @param criterion whose rule it is: its kind stays
 * @returns the rule in SI, or a problem in the user's words
 * @example parseValueFunction(shippedCriterion('can-wall'), '0.3 = 0; 0.6 = 10')
 * // => { ok: true, value: { kind: 'scale', points: [[0.0003, 0], [0.0006, 10]] } }
 */
export function parseValueFunction(criterion: Criterion, text: string): Result<ValueFunction> {
  const pairs: [string, number][] = []
  for (const said of text
    .split(/;|\n/)
    .map((one) => one.trim())
    .filter(Boolean)) {
    const at = said.lastIndexOf('=')
    const points = at < 0 ? undefined : parseNumber(said.slice(at + 1))
    if (!points?.ok)
      return problem(
        'pair',
        `"${clip(said)}" is no pair. Write ` +
          `${criterion.valueFunction.kind === 'scale' ? '0.45 = 7' : 'answer = 7'}, parted by semicolons.`,
      )
    if (points.value < 0 || points.value > 10) return problem('points', `${clip(said)}: points run from 0 to 10.`)
    pairs.push([said.slice(0, at).trim(), points.value])
  }
  return criterion.valueFunction.kind === 'scale' ? parseScale(criterion, pairs) : parseAnswers(criterion, pairs)
}

function parseScale(criterion: Criterion, pairs: [string, number][]): Result<ValueFunction> {
  const unit = valueFunctionUnit(criterion)
  const breakpoints: Breakpoint[] = []
  for (const [text, points] of pairs) {
    const number = parseNumber(text.replace(unit, '').trim())
    if (!number.ok) return problem('number', `"${clip(text)}" is no number${unit && ` in ${unit}`}.`)
    const si = unit === '' ? number.value : Number(toSI(number.value, unit).toPrecision(12))
    const before = breakpoints.at(-1)
    if (before && si <= before[0]) return problem('order', `Breakpoints rise: ${clip(text)} does not.`)
    breakpoints.push([si, points])
  }
  const [first, second, ...rest] = breakpoints
  if (!first || !second) return problem('few', 'A scale takes at least two breakpoints.')
  return ok({ kind: 'scale', points: [first, second, ...rest] })
}

function parseAnswers({ attribute }: Criterion, pairs: [string, number][]): Result<ValueFunction> {
  const options = optionsOf(characteristicOf(attribute))
  const points: Record<string, number> = {}
  for (const [text, value] of pairs) {
    const option = options.find(({ label, value: own }) => label.toLowerCase() === text.toLowerCase() || own === text)
    if (!option)
      return problem('answer', `"${clip(text)}" is no answer here: ${options.map(({ label }) => label).join(', ')}.`)
    points[option.value] = value
  }
  const left = options.filter(({ value }) => points[value] === undefined)
  return left.length > 0
    ? problem('left', `${left.map(({ label }) => label).join(', ')}: no points given.`)
    : ok({ kind: 'answers', points })
}
