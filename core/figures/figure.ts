import type { Evidence, Form, PartKey } from '#core/catalogue/index.ts'
import { strength } from '#core/catalogue/index.ts'
import type { Dimension } from '#core/quantity/units.ts'
import { standardUncertainty, type Uncertain } from '#core/quantity/uncertain.ts'
import { typeB } from '#core/quantity/repeats.ts'
import { characteristicOf } from '#core/catalogue/index.ts'
import { assumedInstruments } from '#core/teardown/instrument.ts'
import { whyNot } from '#core/teardown/plan.ts'
import type { Known, Resolved } from '#core/teardown/resolve.ts'
import { askLabels, type Asks } from './asks.ts'
import { openingsArea } from './openings-area.ts'
import { readThread, type Thread } from './thread.ts'

/** Inputs of a figure, looked up by characteristic. */
export interface Inputs {
  number(key: string): Uncertain
  /** The number, or a stand-in where the characteristic does not apply. */
  numberOr(key: string, otherwise: Uncertain): Uncertain
  openings(key: string): Uncertain
  thread(key: string): Thread
  /** The answer of a choice. */
  answer(key: string): string
  /** All repeats of a quantity, SI. */
  repeats(key: string): number[]
  /** What the application asks. */
  ask(key: keyof Asks): number
}

/** How a figure is derived from characteristics. */
export interface Figure {
  key: string
  label: string
  part: PartKey
  forms: Form[]
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
  /** What must be known of the application. */
  asks?: (keyof Asks)[]
  /** Compared with the lowest of the line-up. */
  relative?: boolean
  compute(inputs: Inputs): Uncertain
  /** What the value means in a workshop's words. */
  remark?(si: number, inputs: Inputs): string
}

export type FigureResult =
  | { key: string; state: 'known'; number: Uncertain; evidence: Evidence; inputs: Resolved[]; remark?: string }
  | { key: string; state: 'missing'; missing: string[]; unsaid: string[] }
  | { key: string; state: 'impossible'; message: string; inputs: Resolved[] }
  | { key: string; state: 'not-applicable'; reason: string }

/** An input that this filter cannot have. */
class NotApplicable extends Error {}

/**
 * Works out one figure of one specimen.
 *
 * The figure's evidence is the weakest among its inputs. A figure that cannot be (a strip narrower than
 * what was buried) says so instead of giving a number, and one that needs what the filter does not have
 * is not applicable.
 *
 * @example computeFigure(mediaAreaFigure, known).state // => 'known'
 */
export function computeFigure(figure: Figure, known: Known, asks: Asks = {}): FigureResult {
  const needs = figure.needs.filter((key) => known.has(key) || !whyNot(characteristicOf(key), known))
  const missing = needs.filter((key) => !known.has(key))
  const unsaid = (figure.asks ?? []).filter((key) => asks[key] === undefined).map((key) => askLabels[key])
  if (missing.length > 0 || unsaid.length > 0) return { key: figure.key, state: 'missing', missing, unsaid }

  const inputs = needs.map((key) => known.get(key)!)
  try {
    const read = lookUp(known, asks)
    const number = figure.compute(read)
    if (!Number.isFinite(number.value) || !Number.isFinite(standardUncertainty(number))) {
      return { key: figure.key, state: 'impossible', message: 'These readings give no number.', inputs }
    }
    const evidence = inputs.reduce<Evidence>(
      (weakest, input) => (strength(input.evidence) > strength(weakest) ? input.evidence : weakest),
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

const holeDoubt = typeB(assumedInstruments.caliper)

function lookUp(known: Known, asks: Asks): Inputs {
  const resolved = (key: string): Resolved => {
    const reason = whyNot(characteristicOf(key), known)
    const found = known.get(key)
    if (!found) throw new NotApplicable(reason)
    return found
  }
  const number = (key: string): Uncertain => resolved(key).number!
  return {
    number,
    numberOr: (key, otherwise) => (known.has(key) ? number(key) : otherwise),
    openings: (key) => {
      const { groups, readings } = resolved(key)
      return openingsArea(groups!, holeDoubt, `${readings[0]!.specimen}/${key}`)
    },
    answer: (key) => resolved(key).text!,
    repeats: (key) => resolved(key).readings.map((reading) => reading.number!),
    ask: (key) => asks[key]!,
    thread: (key) => {
      const read = readThread(resolved(key).text!)
      if (!read.ok) throw new RangeError(read.problem.message)
      return read.value
    },
  }
}
