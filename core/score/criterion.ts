import { partLabel, type Form, type PartKey } from '#core/catalogue/index.ts'

/** Points for a number: straight lines between breakpoints, flat outside them. SI. */
export interface Scale {
  kind: 'scale'
  points: readonly (readonly [at: number, points: number])[]
}

/** Points for each answer of a choice. */
export interface Answers {
  kind: 'answers'
  points: Record<string, number>
}

/** Points by the step of a grade: the worst anchor has none, the best has ten. */
export interface Steps {
  kind: 'steps'
}

/** Points for a fault: none ten, slight four, serious none. A serious one may also cap the verdict. */
export interface Fault {
  kind: 'fault'
}

export type Rule = Scale | Answers | Steps | Fault

/** A part of the filter, or what stands beside it. */
export type CriterionGroup = PartKey | 'claims' | 'value'

/**
 * What a group of criteria is called.
 *
 * @example groupLabel('box') // => 'Packaging'
 */
export const groupLabel = (group: CriterionGroup): string =>
  group === 'claims'
    ? 'Claims'
    : group === 'value'
      ? 'Value'
      : group === 'box'
        ? 'Packaging'
        : group === 'inside'
          ? 'Cleanliness'
          : partLabel(group)

export interface Criterion {
  key: string
  label: string
  part: CriterionGroup
  forms: Form[]
  /** Key of the characteristic, figure or fact it judges. */
  from: string
  /** 0 where only some schools count it. */
  weight: number
  rule: Rule
  /** Why it counts, and where its breakpoints come from. */
  because: string
}

/**
 * Points of a number on a scale: 0 to 10, by straight lines between breakpoints.
 *
 * @param scale breakpoints by rising `at`
 * @param value in SI
 * @example scalePoints({ kind: 'scale', points: [[0, 0], [1, 10]] }, 0.25) // => 2.5
 */
export function scalePoints({ points }: Scale, value: number): number {
  const first = points[0]!
  const last = points.at(-1)!
  if (value <= first[0]) return first[1]
  if (value >= last[0]) return last[1]
  const above = points.findIndex(([at]) => at >= value)
  const [x0, y0] = points[above - 1]!
  const [x1, y1] = points[above]!
  return y0 + ((y1 - y0) * (value - x0)) / (x1 - x0)
}

/**
 * Points of a grade: its step as a share of the highest, times ten.
 *
 * @example stepPoints(3, 5) // => 7.5
 */
export const stepPoints = (step: number, anchors: number): number => (10 * step) / (anchors - 1)

export const faultPoints: Record<string, number> = { none: 10, slight: 4, serious: 0 }
