import { findCharacteristic, minutesOf, type Characteristic } from '#core/catalogue/index.ts'
import type { Row } from '#core/compare/lineup.ts'
import { findFigure } from '#core/figures/index.ts'
import { canBeRecorded } from '#core/teardown/passed-steps.ts'
import type { EvaluatedRevision } from './ranking.ts'

/** What it takes until something open is known. */
export interface ToTake {
  /** Keys of the readings; none where it is looked up. */
  readings: string[]
  minutes: number
}

/** Minutes to look up a claim or a price. Common practice, no published source. */
const minutesToLookUp = 2

/**
 * What it takes until an attribute is known of a product: its reading, or those that its figure still lacks. What is
 * claimed or paid can always be looked up.
 *
 * @param attribute key of a characteristic, a figure or a fact
 * @param revision the product
 * @param rows of the line-up
 * @returns undefined when a point of no return has been passed by all its specimens
 * @example toBeKnown('glue.grade', leader, rows)?.readings // => ['glue.grade']
 */
export function toBeKnown(
  attribute: string,
  { at, context }: Pick<EvaluatedRevision, 'at' | 'context'>,
  rows: readonly Row[],
): ToTake | undefined {
  const readings = readingsFor(attribute, at, rows)
  if (!readings.every((one) => canBeRecorded(one, context.passedSteps ?? []))) return undefined
  const minutes = readings.reduce((sum, one) => sum + minutesOf(one), 0)
  return { readings: readings.map(({ key }) => key), minutes: readings.length > 0 ? minutes : minutesToLookUp }
}

function readingsFor(attribute: string, at: number, rows: readonly Row[]): Characteristic[] {
  const characteristic = findCharacteristic(attribute)
  if (characteristic) return [characteristic]
  return (findFigure(attribute)?.needs ?? [])
    .filter((key) => rows.find((row) => row.key === key)?.cells[at]?.state === 'missing')
    .flatMap((key) => findCharacteristic(key) ?? [])
}
