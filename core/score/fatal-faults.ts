import { catalogueFor, type FilterForm } from '#core/catalogue/index.ts'
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
 * Faults that end the discussion.
 *
 * Source: common practice, no published source.
 *
 * @param form of the filter
 * @param values resolved from its readings
 * @example findFatalFaults('spin-on', new Map()) // => []
 */
export const findFatalFaults = (form: FilterForm, values: ResolvedValues): FatalFault[] =>
  catalogueFor(form).flatMap(({ key, ...characteristic }) =>
    characteristic.kind === 'fault' && characteristic.fatal && values.get(key)?.text === 'serious'
      ? [{ key, description: characteristic.fatal }]
      : [],
  )
