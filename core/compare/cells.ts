import {
  characteristicOf,
  evidenceRank,
  foundSo,
  optionsOf,
  type Characteristic,
  type Evidence,
} from '#core/catalogue/index.ts'
import type { Assessment } from '#core/figures/assess.ts'
import { computeFigure, type KnownValues } from '#core/figures/figure.ts'
import type { Figure } from '#core/figures/index.ts'
import {
  effectiveDegrees,
  expandedUncertainty,
  scaled,
  standardUncertainty,
  total,
  type Uncertain,
} from '#core/quantity/uncertain.ts'
import type { End } from '#core/teardown/end.ts'
import type { ResolvedValue, ResolvedValues } from '#core/teardown/resolve.ts'
import { degreesOfFactor, studentT95 } from '#core/quantity/student.ts'
import { notApplicableReason } from '#core/teardown/recording-plan.ts'
import type { Cell, NumberCell } from './cell.ts'
import type { MeasuredValue } from './difference.ts'
import type { RevisionColumn } from './revision-column.ts'
import { unitSpread, type UnitSpread } from './unit-spread.ts'

/** A specimen with what its readings come to. */
export interface ResolvedSpecimen {
  id: string
  assessment: Pick<Assessment, 'values'>
}

/**
 * What the specimens of a revision say together of a characteristic.
 *
 * @param characteristic of the row
 * @param column with its specimens
 * @param library unit-to-unit spread of other products, where it is known
 * @example characteristicCell(characteristicOf('can.wall'), { form: 'spin-on', specimens: [] }, undefined)
 * // => { state: 'missing' }
 */
export function characteristicCell(
  characteristic: Characteristic,
  { specimens }: Pick<RevisionColumn, 'form'> & { specimens: readonly ResolvedSpecimen[] },
  library: UnitSpread | undefined,
): Cell {
  const found = specimens.flatMap(({ id, assessment }) => {
    const resolved = assessment.values.get(characteristic.key)
    return resolved ? [{ id, resolved }] : []
  })
  const [first] = found
  if (!first) {
    const reasons = specimens.map(({ assessment }) => notApplicableReason(characteristic, assessment.values))
    const [reason] = reasons
    return reason && reasons.every(Boolean) ? { state: 'not-applicable', reason } : { state: 'missing' }
  }
  const basis = {
    evidence: weakest(found.map(({ resolved }) => resolved.evidence)),
    specimen: first.id,
    of: found.length,
    ...endOf(found.map(({ resolved }) => resolved.end)),
  }
  if (characteristic.kind === 'openings')
    return { state: 'openings', groups: first.resolved.openings?.groups ?? [], ...basis }
  const numbers = found.flatMap(({ resolved }) => resolved.number ?? [])
  if (numbers.length > 0)
    return { state: 'number', ...average(numbers, library, characteristic.kind === 'quantity'), ...basis }

  const labels = new Map(optionsOf(characteristic).map(({ value, label }) => [value, label]))
  const answers = found.flatMap(({ resolved }) => (resolved.text === undefined ? [] : [resolved.text]))
  const words = [...new Set(answers.map((answer) => labels.get(answer) ?? answer))]
  const telling = characteristic.kind === 'fault' ? answers.filter((answer) => foundSo.includes(answer)) : answers
  return { state: 'words', text: words.join(' / '), answers: telling, ...basis }
}

/** Figures that may lie on either side of zero: a share of them says nothing about units. */
const hasNoRelativeSpread = ({ key, dimension }: Figure): boolean =>
  dimension === 'temperatureDifference' || key === 'weight.residual'

/**
 * What the specimens of a revision say together of a figure.
 *
 * @param figure of the row
 * @param column with its specimens
 * @param library unit-to-unit spread of other products, where it is known
 * @example figureCell(mediaArea, { id: 'r', form: 'spin-on', specimens: [] }, undefined) // => { state: 'missing' }
 */
export function figureCell(figure: Figure, { specimens }: RevisionColumn, library: UnitSpread | undefined): Cell {
  const results = specimens.flatMap(({ id, assessment }) => {
    const result = assessment.figures.get(figure.key)
    return result ? [{ id, assessment, result }] : []
  })
  const found = results.flatMap(({ result, ...one }) => (result.state === 'known' ? [{ ...one, result }] : []))
  const [first] = found
  if (!first) {
    const apart = results.find(({ result }) => result.state === 'not-applicable')?.result
    if (apart?.state === 'not-applicable') return { state: 'not-applicable', reason: apart.reason }
    for (const { id, result } of results)
      if (result.state === 'impossible') return { state: 'impossible', message: result.message, specimen: id }
    return { state: 'missing' }
  }
  const { remark } = first.result
  return {
    state: 'number',
    ...average(
      found.map(({ result }) => result.number),
      library,
      !hasNoRelativeSpread(figure),
      first.result.isTold ? 1 : sensitivityOf(figure, first.result.number.value, first.assessment),
    ),
    evidence: weakest(found.map(({ result }) => result.evidence)),
    specimen: first.id,
    of: found.length,
    ...(remark && found.length === 1 && { remark }),
  }
}

/** Share by which an input is changed to see what a figure makes of it. */
const nudge = 1e-4

/** Sensitivities of the figures of an assessment, which stay as they are: line-ups are built of it many times. */
const sensitivities = new WeakMap<Assessment, Map<string, number>>()

function sensitivityOf(figure: Figure, value: number, assessment: Assessment): number {
  const own = sensitivities.get(assessment) ?? new Map<string, number>()
  sensitivities.set(assessment, own)
  const known = own.get(figure.key) ?? workOutSensitivity(figure, value, assessment)
  own.set(figure.key, known)
  return known
}

/**
 * By how much a figure varies when each of its quantities varies alike and on its own: root of the sum of the squares
 * of its relative sensitivities, by small differences. A square counts twice, a cube three times.
 */
function workOutSensitivity(figure: Figure, value: number, { values }: Assessment): number {
  const squares = [...figure.needs, ...(figure.sharpenedBy ?? [])].reduce((sum, key) => {
    const input = values.get(key)
    const changed = input && nudged(input)
    if (!changed) return sum
    const result = computeFigure(figure, withValue(values, changed))
    return result.state === 'known' ? sum + ((result.number.value / value - 1) / nudge) ** 2 : sum
  }, 0)
  return Math.sqrt(squares)
}

/** The same values but for one. */
const withValue = (values: ResolvedValues, changed: ResolvedValue): KnownValues => ({
  get: (key) => (key === changed.key ? changed : values.get(key)),
  has: (key) => values.has(key),
})

/** A quantity or openings a little larger; undefined for what is counted or said. */
function nudged(input: ResolvedValue): ResolvedValue | undefined {
  const { kind } = characteristicOf(input.key)
  if (kind === 'quantity' && input.number) return { ...input, number: scaled(input.number, 1 + nudge) }
  if (kind !== 'openings' || !input.openings) return undefined
  const groups = input.openings.groups.map(({ width, length, ...group }) => ({
    ...group,
    ...(width !== undefined && { width: width * (1 + nudge) }),
    ...(length !== undefined && { length: length * (1 + nudge) }),
  }))
  return { ...input, openings: { ...input.openings, groups } }
}

/**
 * Mean of the specimens with what its uncertainty is made of; an exact value, such as a count all agree on, has no
 * unit-to-unit spread of its own.
 */
function average(
  numbers: Uncertain[],
  library: UnitSpread | undefined,
  varies: boolean,
  assumedFactor = 1,
): Pick<NumberCell, 'value' | 'u' | 'degrees' | 'shared' | 'spread' | 'unitShare'> {
  const values = numbers.map(({ value }) => value)
  const measured = scaled(total(numbers), 1 / numbers.length)
  const differ = values.some((one) => one !== values[0])
  if (!differ && (!varies || standardUncertainty(measured) === 0)) return measuredValue(measured)
  const { relative, degreesOfFreedom, source } = unitSpread(values, library, assumedFactor)
  const spread = (relative * Math.abs(measured.value)) / Math.sqrt(values.length)
  const own = measuredValue(measured)
  const u = Math.hypot(own.u, spread)
  // With few degrees of freedom Welch and Satterthwaite's formula covers too little: the half widths are added instead.
  const halfWidth = Math.hypot(expandedUncertainty(measured), studentT95(degreesOfFreedom) * spread)
  const degrees = degreesOfFactor(halfWidth / u)
  return {
    ...own,
    u,
    ...(Number.isFinite(degrees) && { degrees }),
    spread: source,
    ...(u > 0 && { unitShare: (spread / u) ** 2 }),
  }
}

/** A number as it stands in a cell: what it owes to instruments is kept, so that cells can be compared. */
function measuredValue(number: Uncertain): MeasuredValue {
  const degrees = effectiveDegrees(number)
  const shared = [...number.budget].filter(([source]) => source.startsWith('instrument:'))
  return {
    value: number.value,
    u: standardUncertainty(number),
    ...(Number.isFinite(degrees) && { degrees }),
    ...(shared.length > 0 && { shared: Object.fromEntries(shared) }),
  }
}

/** The end that decides, where it is the same one in all specimens. */
const endOf = ([first, ...others]: readonly (End | undefined)[]): { end?: End } =>
  first && others.every((end) => end === first) ? { end: first } : {}

const weakest = (evidences: Evidence[]): Evidence =>
  evidences.reduce((a, b) => (evidenceRank(b) > evidenceRank(a) ? b : a))
