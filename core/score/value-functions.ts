import type { Breakpoint, ScaleRule } from './criterion.ts'

type Breakpoints = [Breakpoint, ...Breakpoint[]]

/** A scale with breakpoints in SI. */
export const scale = (...points: Breakpoints): ScaleRule => ({ kind: 'scale', points })

const scaledBy =
  (factor: number) =>
  (...[first, ...rest]: Breakpoints): ScaleRule => {
    const inSI = ([at, points]: Breakpoint): Breakpoint => [at / factor, points]
    return scale(inSI(first), ...rest.map(inSI))
  }

/** Scales with breakpoints in millimetres and in square centimetres. */
export const millimetreScale = scaledBy(1000)
export const squareCentimetreScale = scaledBy(1e4)

export const steps = { kind: 'steps' } as const
export const fault = { kind: 'fault' } as const
