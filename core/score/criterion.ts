import { partLabel, type FilterForm, type FilterPartKey, type NotApplicableWhen } from '#core/catalogue/index.ts'

/** Points 0 to 10 at a value in SI. */
export type Breakpoint = readonly [at: number, points: number]

/** Points for a number: straight lines between breakpoints, flat outside them. SI. */
export interface ScaleRule {
  kind: 'scale'
  points: readonly [Breakpoint, ...Breakpoint[]]
}

/** Points for each answer of a choice. */
interface AnswersRule {
  kind: 'answers'
  points: Record<string, number>
}

/** Points by the step of a grade: the worst anchor has none, the best has ten. */
interface StepsRule {
  kind: 'steps'
}

/** A fault takes points away: none takes none, a slight one four, a serious one ten. Some cap the verdict as well. */
interface FaultRule {
  kind: 'fault'
}

export type ValueFunction = ScaleRule | AnswersRule | StepsRule | FaultRule

/** A part of the filter, or what stands beside it. */
export type CriterionGroup = FilterPartKey | 'claims' | 'value'

/**
 * What a group of criteria is called.
 *
 * @example criterionGroupLabel('box') // => 'Packaging'
 */
export const criterionGroupLabel = (group: CriterionGroup): string =>
  otherGroupLabels[group] ?? partLabel(group as FilterPartKey)

const otherGroupLabels: Partial<Record<CriterionGroup, string>> = {
  claims: 'Claims',
  value: 'Value',
  box: 'Packaging',
  inside: 'Cleanliness',
}

export interface Criterion {
  key: string
  label: string
  part: CriterionGroup
  forms: FilterForm[]
  /** Key of the characteristic, figure or fact it judges. */
  attribute: string
  /** 0 where only some schools count it. */
  weight: number
  valueFunction: ValueFunction
  /** A filter that is known to have fewer points is unfit for the school in force. */
  mustHave?: number
  /** It says nothing of a filter that is built so. */
  notApplicableWhen?: NotApplicableWhen
  /** It says nothing of a filter of which this is less. */
  notApplicableBelow?: { key: string; least: number; reason: string }
  /** Share of the weight that inferred evidence bears, by the reviewer's own record; one half when absent. */
  inferredShare?: number
  /** Why it counts, and where its breakpoints come from. */
  rationale: string
}

/**
 * Whether a size is known to be less than what a criterion needs to say something.
 *
 * @param below what it needs
 * @param value of the size, SI; undefined when it is not known
 * @example isBelow({ key: 'element.height', least: 0.1, reason: 'short' }, 0.06) // => true
 */
export const isBelow = (below: Criterion['notApplicableBelow'], value: number | undefined): boolean =>
  below !== undefined && value !== undefined && value < below.least
