import { mean } from 'simple-statistics'
import { findCharacteristic } from '#core/catalogue/index.ts'
import type { Criterion, ScaleRule, ValueFunction } from './criterion.ts'

/**
 * Points of a number on a scale: 0 to 10, by straight lines between breakpoints, flat outside them.
 *
 * @param scale breakpoints by rising value
 * @param value in SI
 * @example scalePoints({ kind: 'scale', points: [[0, 0], [1, 10]] }, 0.25) // => 2.5
 */
export function scalePoints({ points }: ScaleRule, value: number): number {
  let below = points[0]
  for (const above of points) {
    if (value <= above[0])
      return above === below
        ? above[1]
        : below[1] + ((above[1] - below[1]) * (value - below[0])) / (above[0] - below[0])
    below = above
  }
  return below[1]
}

/**
 * Points of a grade: its step as a share of the highest, times ten.
 *
 * @param step from 0
 * @param anchors how many steps there are
 * @example stepPoints(3, 5) // => 7.5
 */
export const stepPoints = (step: number, anchors: number): number => (10 * step) / (anchors - 1)

/** Points of a fault by its answer: it takes away, and its absence gives none. */
export const faultPoints: Readonly<Record<string, number>> = { none: 0, slight: -4, serious: -10 }

/**
 * Least and most points that a value function can give.
 *
 * @example pointsRange({ kind: 'fault' }) // => { least: -10, most: 0 }
 */
export const pointsRange = ({ kind }: ValueFunction): { least: number; most: number } =>
  kind === 'fault' ? { least: -10, most: 0 } : { least: 0, most: 10 }

/**
 * Points of answers by a value function, averaged over specimens.
 *
 * @param valueFunction of the criterion
 * @param answers one a specimen
 * @returns undefined when the value function does not judge answers or does not know one
 * @example answerPoints({ kind: 'answers', points: { coil: 10, leaf: 6 } }, ['coil', 'leaf']) // => 8
 */
export function answerPoints(valueFunction: ValueFunction, answers: readonly string[]): number | undefined {
  const table =
    valueFunction.kind === 'answers' ? valueFunction.points : valueFunction.kind === 'fault' ? faultPoints : {}
  const points = answers.flatMap((answer) => table[answer] ?? [])
  return points.length === 0 || points.length < answers.length ? undefined : mean(points)
}

/**
 * Points of a number by the value function of a criterion.
 *
 * @param criterion that judges it
 * @param number SI, or the step of a grade
 * @returns undefined when the value function does not judge numbers
 * @example numberPoints(shippedCriterion('can-wall'), 0.000508) // => 8.5
 */
export function numberPoints(
  { valueFunction, attribute }: Pick<Criterion, 'valueFunction' | 'attribute'>,
  number: number,
): number | undefined {
  if (valueFunction.kind === 'scale') return scalePoints(valueFunction, number)
  const characteristic = findCharacteristic(attribute)
  return valueFunction.kind === 'steps' && characteristic?.kind === 'grade'
    ? stepPoints(number, characteristic.anchors.length)
    : undefined
}
