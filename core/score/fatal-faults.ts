import { catalogueFor, findCharacteristic, foundSo, type FilterForm } from '#core/catalogue/index.ts'
import { endLabel, type End } from '#core/teardown/end.ts'
import type { Reading } from '#core/teardown/reading.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'

/** A fault that ends the discussion, whatever else is good. */
export interface FatalFault {
  key: string
  /** What was found, in the words of the fault. */
  description: string
}

/** Highest score that a filter with a fatal fault can reach. */
export const fatalFaultCap = 20

/**
 * Whether a reading says that a fault is there that ends the discussion: it is struck with a reason only.
 *
 * @example endsDiscussion({ characteristic: 'inside.rust', valueText: 'slight' }) // => false
 */
export function endsDiscussion({
  characteristic: key,
  valueText,
}: Pick<Reading, 'characteristic' | 'valueText'>): boolean {
  const characteristic = findCharacteristic(key)
  return characteristic?.kind === 'fault' && characteristic.fatal !== undefined && valueText === 'serious'
}

/** How often a fault was looked for in the specimens of a revision, and how often it was found. */
export interface FaultCount {
  found: number
  lookedAt: number
}

/**
 * In how many specimens a fault was looked for, and in how many it was found serious. What the reviewer or the
 * shipping did says nothing of the filter, and does not count as looked at.
 *
 * @param key of the fault
 * @param specimens their values, one a specimen
 * @example countFault('inside.rust', [new Map()]) // => { found: 0, lookedAt: 0 }
 */
export function countFault(key: string, specimens: readonly ResolvedValues[]): FaultCount {
  const answers = specimens.flatMap((values) => values.get(key)?.text ?? []).filter((one) => foundSo.includes(one))
  return { found: answers.filter((one) => one === 'serious').length, lookedAt: answers.length }
}

const endOf = (end: End | undefined): string => (end ? ` (${endLabel(end)})` : '')

/**
 * Faults that end the discussion, with the end they were found at.
 *
 * Source: common practice, no published source.
 *
 * @param form of the filter
 * @param values resolved from its readings
 * @example findFatalFaults('spin-on', new Map()) // => []
 */
export const findFatalFaults = (form: FilterForm, values: ResolvedValues): FatalFault[] =>
  catalogueFor(form).flatMap((one) =>
    one.kind === 'fault' && one.fatal && values.get(one.key)?.text === 'serious'
      ? [{ key: one.key, description: `${one.fatal}${endOf(values.get(one.key)?.end)}` }]
      : [],
  )
