import { ok, problem, type Result } from '#core/result.ts'
import { findCharacteristic, optionsOf } from '#core/catalogue/index.ts'
import { displayUnit } from '#core/compare/display.ts'
import { findFigure } from '#core/figures/index.ts'
import { fromSI, toSI } from '#core/quantity/convert.ts'
import { formatNumber } from '#core/quantity/format.ts'
import { clip, readNumber } from '#core/quantity/number.ts'
import type { Criterion, Rule } from './criterion.ts'
import { facts } from './facts.ts'

const factUnits = { share: '%', grade: '', distance: 'km', mass: 'g', money: '', area: 'cm²', yes: '' } as const

/**
 * Unit in which the breakpoints of a criterion are written.
 *
 * @returns a symbol, empty for plain numbers
 * @example ruleUnit(canWall) // => 'mm'
 */
export function ruleUnit({ from }: Criterion): string {
  const fact = facts.find(({ key }) => key === from)
  if (fact) return factUnits[fact.shows]
  const of = findFigure(from) ?? findCharacteristic(from)
  return of ? displayUnit(of, 'metric') : ''
}

/**
 * A rule as text to edit: breakpoints as `at = points` or answers as `answer = points`, parted by semicolons. Grades
 * and faults have their written anchors and are not edited.
 *
 * @returns undefined for a rule that is not edited
 * @example writeRule(canWall) // => '0.3 = 0; 0.381 = 4; …'
 */
export function writeRule(criterion: Criterion): string | undefined {
  const { rule, from } = criterion
  if (rule.kind === 'scale')
    return rule.points
      .map(([at, points]) => `${formatNumber(unitless(criterion, at), 6)} = ${formatNumber(points, 4)}`)
      .join('; ')
  if (rule.kind !== 'answers') return undefined
  const options = optionsOf(findCharacteristic(from)!)
  return options.map(({ value, label }) => `${label} = ${formatNumber(rule.points[value] ?? 0, 4)}`).join('; ')
}

const unitless = (criterion: Criterion, si: number): number => {
  const unit = ruleUnit(criterion)
  return unit === '' ? si : fromSI(si, unit)
}

/**
 * Reads an edited rule.
 *
 * @param criterion whose rule it is: its kind stays
 * @returns the rule in SI, or a problem in the user's words
 * @example readRule(canWall, '0.3 = 0; 0.6 = 10') // => { ok: true, value: { kind: 'scale', points: [[0.0003, 0], [0.0006, 10]] } }
 */
export function readRule(criterion: Criterion, text: string): Result<Rule> {
  const pairs: [string, number][] = []
  for (const said of text
    .split(/;|\n/)
    .map((one) => one.trim())
    .filter(Boolean)) {
    const at = said.lastIndexOf('=')
    const points = at < 0 ? undefined : readNumber(said.slice(at + 1))
    if (!points?.ok)
      return problem(
        'pair',
        `"${clip(said)}" is no pair. Write ${criterion.rule.kind === 'scale' ? '0.45 = 7' : 'answer = 7'}, parted by semicolons.`,
      )
    if (points.value < 0 || points.value > 10) return problem('points', `${clip(said)}: points run from 0 to 10.`)
    pairs.push([said.slice(0, at).trim(), points.value])
  }
  return criterion.rule.kind === 'scale' ? readScale(criterion, pairs) : readAnswers(criterion, pairs)
}

function readScale(criterion: Criterion, pairs: [string, number][]): Result<Rule> {
  if (pairs.length < 2) return problem('few', 'A scale takes at least two breakpoints.')
  const unit = ruleUnit(criterion)
  const points: [number, number][] = []
  for (const [text, value] of pairs) {
    const number = readNumber(text.replace(unit, '').trim())
    if (!number.ok) return problem('number', `"${clip(text)}" is no number${unit && ` in ${unit}`}.`)
    const si = unit === '' ? number.value : Number(toSI(number.value, unit).toPrecision(12))
    if (points.length > 0 && si <= points.at(-1)![0])
      return problem('order', `Breakpoints rise: ${clip(text)} does not.`)
    points.push([si, value])
  }
  return ok({ kind: 'scale', points })
}

function readAnswers({ from }: Criterion, pairs: [string, number][]): Result<Rule> {
  const options = optionsOf(findCharacteristic(from)!)
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
