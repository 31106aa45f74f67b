import { parseNumber } from '#core/quantity/number.ts'
import type { Criterion, ValueFunction } from '#core/score/criterion.ts'
import { pointsRange } from '#core/score/value-function.ts'
import { parseValueFunction, writeValueFunction } from '#core/score/rule-text.ts'
import * as texts from '#app/texts/schools.ts'

/** Weights and rules as they are typed, by criterion; what is not typed is as before. */
export type CriterionEdits = Record<string, { weight?: string; rule?: string; mustHave?: string }>

export interface ParsedCriterionEdits {
  weights: Record<string, number>
  valueFunctions: Record<string, ValueFunction>
  /** Least points; undefined for one that was taken back. */
  mustHaves: Record<string, number | undefined>
  /** What is wrong, by criterion. */
  problems: Record<string, string>
}

/**
 * What was typed as weights and rules, with what is wrong beside its criterion. Only what differs from before is a
 * change.
 */
export function parseCriterionEdits(before: readonly Criterion[], typed: CriterionEdits): ParsedCriterionEdits {
  const parsed: ParsedCriterionEdits = { weights: {}, valueFunctions: {}, mustHaves: {}, problems: {} }
  for (const criterion of before) {
    const { weight, rule, mustHave } = typed[criterion.key] ?? {}
    if (weight !== undefined && weight.trim() !== String(criterion.weight)) {
      const number = parseNumber(weight)
      if (number.ok && number.value >= 0 && number.value <= 100) parsed.weights[criterion.key] = number.value
      else parsed.problems[criterion.key] = texts.aWeightIsANumberFrom
    }
    if (rule !== undefined && rule.trim() !== writeValueFunction(criterion)) {
      const found = parseValueFunction(criterion, rule)
      if (found.ok) parsed.valueFunctions[criterion.key] = found.value
      else parsed.problems[criterion.key] = found.problem.message
    }
    if (mustHave !== undefined && mustHave.trim() !== String(criterion.mustHave ?? '')) {
      const { least, most } = pointsRange(criterion.valueFunction)
      const number = parseNumber(mustHave)
      if (mustHave.trim() === '') parsed.mustHaves[criterion.key] = undefined
      else if (number.ok && number.value > least && number.value <= most) parsed.mustHaves[criterion.key] = number.value
      else parsed.problems[criterion.key] = texts.whatItMustHaveIsA(least, most)
    }
  }
  return parsed
}
