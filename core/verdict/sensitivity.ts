import { formatNumber } from '#core/quantity/format.ts'
import type { UnitSystem } from '#core/quantity/units.ts'
import { breakEvenValue, breakEvenWeight, mostOpenLine } from '#core/score/break-even.ts'
import { isExternalAttribute } from '#core/score/external-attributes.ts'
import { formatAttributeValue } from '#core/score/format-rule.ts'
import type { EvaluatedRevision } from './ranking.ts'

/** One sentence on what would change the verdict, and what it rests on. */
export interface SensitivityStatement {
  text: string
  /** Key of the criterion; empty when it is about none. */
  criterion: string
  /** Column whose reading it is, where it is one. */
  column: string | undefined
  /** Attribute that the criterion judges. */
  attribute: string
}

type NameOf = (id: string) => string

/**
 * The smallest change of one weight, of one measured value and of one price that puts the second first, and the
 * reading most worth taking next; each as a sentence.
 *
 * @param ranked best first
 * @param nameOf a column
 * @param system units to say them in
 * @example sensitivity([], (id) => id, 'metric') // => []
 */
export function sensitivity(
  ranked: readonly EvaluatedRevision[],
  nameOf: NameOf,
  system: UnitSystem,
): SensitivityStatement[] {
  const [first, second] = ranked
  if (!first || !second) return []
  const swaps = `would put ${nameOf(second.id)} before ${nameOf(first.id)}.`
  const changes = [
    ...weightStatement(first, second, swaps),
    ...valueStatement(first, second, nameOf, system, swaps, (attribute) => !isExternalAttribute(attribute)),
    ...valueStatement(first, second, nameOf, system, swaps, (attribute) => attribute === 'value.landed'),
  ]
  const none: SensitivityStatement = {
    text: `No single weight, reading or price within reason puts ${nameOf(second.id)} before ${nameOf(first.id)}.`,
    criterion: '',
    column: undefined,
    attribute: '',
  }
  return [...(changes.length > 0 ? changes : [none]), ...openStatement(ranked, nameOf)]
}

function weightStatement(first: EvaluatedRevision, second: EvaluatedRevision, swaps: string): SensitivityStatement[] {
  const breakEven = breakEvenWeight(first.score, second.score)
  if (!breakEven) return []
  const { label, from, to, criterion } = breakEven
  return [
    {
      text: `${label} weighing ${formatNumber(to, 2)} instead of ${formatNumber(from, 2)} ${swaps}`,
      criterion,
      column: undefined,
      attribute: attributeOf(first, criterion),
    },
  ]
}

function valueStatement(
  first: EvaluatedRevision,
  second: EvaluatedRevision,
  nameOf: NameOf,
  system: UnitSystem,
  swaps: string,
  isWanted: (attribute: string) => boolean,
): SensitivityStatement[] {
  const evaluated = { first, second }
  const breakEven = breakEvenValue(first.score, second.score, (whose, key) => {
    const attribute = attributeOf(first, key)
    return isWanted(attribute) ? knownNumber(evaluated[whose], key, attribute) : undefined
  })
  if (!breakEven) return []
  const { label, whose, from, to, criterion } = breakEven
  const attribute = attributeOf(first, criterion)
  const { id } = evaluated[whose]
  const [instead, would] = [from, to].map((value) => formatAttributeValue(attribute, value, system))
  return [
    {
      text: `${label} of ${nameOf(id)} at ${would} instead of ${instead} ${swaps}`,
      criterion,
      column: id,
      attribute,
    },
  ]
}

/** The number that a criterion was judged on; a claim or a price only when it is known exactly. */
function knownNumber(revision: EvaluatedRevision, criterion: string, attribute: string): number | undefined {
  if (!isExternalAttribute(attribute)) return revision.evidence.get(criterion)?.number
  const bounds = revision.context.attributes[attribute]
  return bounds?.low === bounds?.high ? bounds?.low : undefined
}

const attributeOf = ({ score }: EvaluatedRevision, key: string): string =>
  score.lines.find(({ criterion }) => criterion.key === key)?.criterion.attribute ?? ''

function openStatement(ranked: readonly EvaluatedRevision[], nameOf: NameOf): SensitivityStatement[] {
  const open = mostOpenLine(ranked)
  if (!open) return []
  const { id, line, points } = open
  const { key, label, attribute } = line.criterion
  const how = line.evidence === 'inferred' ? 'measuring instead of inferring' : 'finding out'
  const what = `${label.toLowerCase()} of ${nameOf(id)}`
  return [
    {
      text: `Most worth ${how} next: ${what}, which leaves ${formatNumber(points, 2)} points of 100 open.`,
      criterion: key,
      column: id,
      attribute,
    },
  ]
}
