import type { FigureResult } from '#core/figures/index.ts'
import { expandedUncertainty } from '#core/quantity/uncertain.ts'
import type { ResolvedValue } from '#core/teardown/resolve.ts'
import { budgetOf } from './uncertainty-budget.ts'

/** A resolved value as plain JSON for a page. */
export function resolvedValueView({
  key,
  evidence,
  number,
  text,
  openings,
  readings,
  outliers,
  disagree,
}: ResolvedValue) {
  return {
    key,
    evidence,
    number: number && { value: number.value, halfWidth: expandedUncertainty(number) },
    text,
    groups: openings?.groups,
    outliers,
    disagree,
    readings: readings.length,
  }
}

export type ResolvedValueView = ReturnType<typeof resolvedValueView>

/** A figure as plain JSON for a page, with the shares of its uncertainty. */
export function figureView(result: FigureResult) {
  if (result.state === 'impossible') return { state: result.state, message: result.message }
  if (result.state !== 'known') return result
  const { number, evidence, remark } = result
  return {
    state: result.state,
    value: number.value,
    halfWidth: expandedUncertainty(number),
    budget: budgetOf(number),
    evidence,
    remark,
  }
}

export type FigureView = ReturnType<typeof figureView>
