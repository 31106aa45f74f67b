import {
  characteristicOf,
  evidenceRank,
  toldFigure,
  type Evidence,
  type FilterForm,
  type FilterPartKey,
} from '#core/catalogue/index.ts'
import type { Dimension } from '#core/quantity/units.ts'
import { standardUncertainty, type Uncertain } from '#core/quantity/uncertain.ts'
import { notApplicableReason } from '#core/teardown/recording-plan.ts'
import type { ResolvedValues, ResolvedValue } from '#core/teardown/resolve.ts'
import { requirementLabels, type ApplicationRequirements } from './application-requirements.ts'
import { openingsArea } from './openings-area.ts'
import { sizedGroups } from '#core/teardown/opening-groups.ts'
import { parseThread, type Thread } from '#core/quantity/thread.ts'

/** Values by characteristic, of which a figure looks up what it is made of. */
export type KnownValues = Pick<ResolvedValues, 'get' | 'has'>

/** Inputs of a figure, looked up by characteristic. */
export interface Inputs {
  number(key: string): Uncertain
  /** The number, or a stand-in where the characteristic does not apply. */
  numberOr(key: string, otherwise: Uncertain): Uncertain
  openings(key: string): Uncertain
  thread(key: string): Thread
  /** The answer of a choice. */
  answer(key: string): string
  /** The answer of a choice, where it was given. */
  answerIf(key: string): string | undefined
  isKnown(key: string): boolean
  /** All repeats of a quantity, SI. */
  repeats(key: string): number[]
  /** Specimen that a characteristic was read of: what is unknown of its material is a source of its own. */
  specimen(key: string): string
  /** What the application asks. */
  requirement(key: keyof ApplicationRequirements): number
}

/** How a figure is derived from characteristics. */
export interface Figure {
  key: string
  label: string
  part: FilterPartKey
  forms: FilterForm[]
  dimension: Dimension
  unit: string
  imperial: string
  decimals?: number
  /** In words, with the characteristics by name. */
  formula: string
  why: string
  source: string
  assumptions: string[]
  /** Characteristics it is made of; one that does not apply to a filter is not asked for. */
  needs: string[]
  /** Characteristics that make it sharper when they are known. */
  sharpenedBy?: string[]
  /** What must be values of the application. */
  requirements?: (keyof ApplicationRequirements)[]
  /** Compared with the lowest of the line-up. */
  relative?: boolean
  compute(inputs: Inputs): Uncertain
  /** What the value means in a workshop's words. */
  remark?(si: number, inputs: Inputs): string | undefined
}

export type FigureResult =
  | KnownFigure
  | { key: string; state: 'missing'; missing: string[]; unsaid: string[] }
  | { key: string; state: 'impossible'; message: string; inputs: ResolvedValue[] }
  | { key: string; state: 'not-applicable'; reason: string }

interface KnownFigure {
  key: string
  state: 'known'
  number: Uncertain
  evidence: Evidence
  inputs: ResolvedValue[]
  remark?: string
  /** It was told as such, not worked out. */
  isTold?: boolean
  /** What was told as such, beside what was worked out. */
  told?: Uncertain
}

/** An input that this filter cannot have. */
class NotApplicable extends Error {}

/**
 * One figure of one specimen: worked out, or as it was told where it cannot be worked out, or only from weaker
 * evidence.
 *
 * The figure's evidence is the weakest among its inputs. A figure that cannot be (a strip narrower than
 * what was buried) says so instead of giving a number, and one that needs what the filter does not have
 * is not applicable.
 *
 * @example computeFigure(figureOf('media.area'), new Map()).state // => 'missing'
 */
export function computeFigure(
  figure: Figure,
  values: KnownValues,
  requirements: ApplicationRequirements = {},
): FigureResult {
  const worked = workOut(figure, values, requirements)
  const told = values.get(toldFigure(figure.key)?.key ?? '')
  if (!told?.number || worked.state === 'not-applicable') return worked
  const isSound = worked.state === 'known' && evidenceRank(worked.evidence) <= evidenceRank('observed')
  if (worked.state === 'known' && (isSound || evidenceRank(worked.evidence) <= evidenceRank(told.evidence)))
    return { ...worked, told: told.number }
  if (worked.state === 'impossible') return worked
  return {
    key: figure.key,
    state: 'known',
    number: told.number,
    evidence: told.evidence,
    inputs: [told],
    isTold: true,
    remark:
      worked.state === 'known'
        ? 'As it was told: what comes out of the readings rests on weaker evidence.'
        : 'As it was told, not worked out.',
  }
}

function workOut(figure: Figure, values: KnownValues, requirements: ApplicationRequirements): FigureResult {
  const needs = figure.needs.filter((key) => values.has(key) || !notApplicableReason(characteristicOf(key), values))
  const missing = needs.filter((key) => !isComplete(values.get(key)))
  const unsaid = (figure.requirements ?? [])
    .filter((key) => requirements[key] === undefined)
    .map((key) => requirementLabels[key])
  if (missing.length > 0 || unsaid.length > 0) return { key: figure.key, state: 'missing', missing, unsaid }

  const inputs = [...needs, ...(figure.sharpenedBy ?? [])].flatMap((key) => values.get(key) ?? [])
  try {
    const read = inputsFrom(values, requirements)
    const number = figure.compute(read)
    if (!Number.isFinite(number.value) || !Number.isFinite(standardUncertainty(number))) {
      return { key: figure.key, state: 'impossible', message: 'These readings give no number.', inputs }
    }
    const evidence = inputs.reduce<Evidence>(
      (weakest, input) => (evidenceRank(input.evidence) > evidenceRank(weakest) ? input.evidence : weakest),
      'measured',
    )
    const remark = figure.remark?.(number.value, read)
    return { key: figure.key, state: 'known', number, evidence, inputs, ...(remark && { remark }) }
  } catch (error) {
    if (error instanceof NotApplicable) return { key: figure.key, state: 'not-applicable', reason: error.message }
    if (!(error instanceof RangeError)) throw error
    return { key: figure.key, state: 'impossible', message: error.message, inputs }
  }
}

/** Openings that were only counted, or only measured, are not enough. */
const isComplete = (value: ResolvedValue | undefined): boolean =>
  value !== undefined && (value.openings === undefined || sizedGroups(value.openings.groups) !== undefined)

function inputsFrom(values: KnownValues, requirements: ApplicationRequirements): Inputs {
  const resolved = (key: string): ResolvedValue => {
    const value = values.get(key)
    if (!value) throw new NotApplicable(notApplicableReason(characteristicOf(key), values))
    return value
  }
  const number = (key: string): Uncertain => expected(resolved(key).number, key)
  return {
    number,
    numberOr: (key, otherwise) =>
      values.has(key) && !notApplicableReason(characteristicOf(key), values) ? number(key) : otherwise,
    openings: (key) => {
      const { openings, specimenId } = resolved(key)
      const { groups, ...rest } = expected(openings, key)
      return openingsArea({ ...rest, groups: expected(sizedGroups(groups), key) }, `${specimenId}/${key}`)
    },
    answer: (key) => expected(resolved(key).text, key),
    answerIf: (key) => values.get(key)?.text,
    isKnown: (key) => values.has(key),
    repeats: (key) => resolved(key).readings.flatMap(({ valueNumber }) => valueNumber ?? []),
    specimen: (key) => resolved(key).specimenId,
    requirement: (key) => expected(requirements[key], key),
    thread: (key) => {
      const thread = parseThread(expected(resolved(key).text, key))
      if (!thread.ok) throw new RangeError(thread.problem.message)
      return thread.value
    },
  }
}

/** A value that the characteristic's kind promises. */
function expected<T>(value: T | undefined, key: string): T {
  if (value === undefined) throw new Error(`"${key}" has no value of the kind that a figure asks for`)
  return value
}
