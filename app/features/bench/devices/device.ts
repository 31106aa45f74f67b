import type { Characteristic } from '#core/catalogue/index.ts'

/** What types values into the bench: a scale or a caliper, real or simulated. */
export interface Device {
  name: string
  kind: 'scale' | 'caliper'
  /** Unit it shows, and the smallest step of its display in SI. */
  unit: 'g' | 'mm'
  step: number
  /** Calls back with every value shown, SI; returns how to stop. */
  listen(onValue: (value: number, stable?: boolean) => void, onEnd: (why: string) => void): () => void
  /** Simulated devices alone: puts something on the scale or between the jaws, SI. */
  put?: (value: number) => void
}

export const dimensionOf = { scale: 'mass', caliper: 'length' } as const

/** The kind of device that can read a characteristic. */
export const deviceKindFor = (characteristic: Characteristic): Device['kind'] | undefined =>
  characteristic.kind === 'quantity'
    ? (['scale', 'caliper'] as const).find((kind) => dimensionOf[kind] === characteristic.dimension)
    : undefined
