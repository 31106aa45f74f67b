import type { FigureResult } from '#core/figures/index.ts'
import { standardUncertainty } from '#core/quantity/uncertain.ts'
import type { Resolved } from '#core/teardown/resolve.ts'
import { budgetOf } from './budget.ts'

/** A resolved value as plain JSON for a page. */
export function plainResolved({ key, evidence, number, text, groups, readings, outliers, disagree }: Resolved) {
  return {
    key,
    evidence,
    number: number && { value: number.value, u: standardUncertainty(number) },
    text,
    groups,
    outliers,
    disagree,
    readings: readings.length,
  }
}

export type PlainResolved = ReturnType<typeof plainResolved>

/** A figure as plain JSON for a page, with the shares of its doubt. */
export function plainFigure(result: FigureResult) {
  if (result.state === 'impossible') return { state: result.state, message: result.message }
  if (result.state !== 'known') return result
  const { number, evidence, remark } = result
  return {
    state: result.state,
    value: number.value,
    u: standardUncertainty(number),
    budget: budgetOf(number),
    evidence,
    remark,
  }
}

export type PlainFigure = ReturnType<typeof plainFigure>
