import type { Dimension } from '#core/quantity/units.ts'
import type { CautionKey } from './cautions.ts'
import type { PartKey } from './parts.ts'
import type { NoReturnKey, StationKey } from './stations.ts'

export type Form = 'spin-on' | 'cartridge'

/** One way a choice can be answered. */
export interface Option {
  value: string
  label: string
  /** What it looks like, so that two people give the same answer. */
  says: string
}

/** Makes a characteristic disappear from the work, with the reason said, once another one is known. */
export interface Unless {
  key: string
  is: string[]
  reason: string
}

interface Common {
  /** `part.feature`, never reused and never renamed: it stands in stored readings. */
  key: string
  label: string
  part: PartKey
  station: StationKey
  forms: Form[]
  /** The step after which it can never be recorded. */
  lostAfter: NoReturnKey
  /** How to measure or judge it. */
  how: string
  /** Why it is worth recording. */
  why: string
  /** Said where it is recorded. */
  caution?: CautionKey
  unless?: Unless[]
  /** Recorded when there is time; never counted as missing. */
  extra?: boolean
}

export interface QuantityCharacteristic extends Common {
  kind: 'quantity'
  dimension: Dimension
  /** Units in which it is commonly read; the first is the metric habit, `imperial` the other. */
  units: string[]
  imperial: string
  decimals?: number
  /** Outside this range the app asks; SI. */
  plausible: readonly [number, number]
  /** Where most filters lie; SI. Draws ghosted parts. */
  typical: readonly [number, number]
  /**
   * What a soft, round or uneven part gives between one honest reading and the next, ± SI: a doubt that
   * no instrument takes away. Common practice, no published source.
   */
  handling?: number
}

export interface CountCharacteristic extends Common {
  kind: 'count'
  /** 0.5 where halves are counted. */
  step: 1 | 0.5
  noun: string
  plausible: readonly [number, number]
  typical: readonly [number, number]
}

export interface ChoiceCharacteristic extends Common {
  kind: 'choice'
  options: Option[]
}

/** A judgement on a scale with a written anchor for each step, worst first. */
export interface GradeCharacteristic extends Common {
  kind: 'grade'
  anchors: string[]
}

/** A fault that is there or not: `none`, `slight` or `serious`. */
export interface FaultCharacteristic extends Common {
  kind: 'fault'
  slight: string
  serious: string
  /** Said where a serious one caps the verdict. */
  ends?: string
}

export interface TextCharacteristic extends Common {
  kind: 'text'
}

/** Groups of equal openings: round holes or slots. */
export interface OpeningsCharacteristic extends Common {
  kind: 'openings'
  units: string[]
  imperial: string
  /** Plausible width of one opening, SI. */
  plausible: readonly [number, number]
  most: number
}

/** A screw thread by its designation. */
export interface ThreadCharacteristic extends Common {
  kind: 'thread'
}

export type Characteristic =
  | QuantityCharacteristic
  | CountCharacteristic
  | ChoiceCharacteristic
  | GradeCharacteristic
  | FaultCharacteristic
  | TextCharacteristic
  | OpeningsCharacteristic
  | ThreadCharacteristic

export const faultOptions = (fault: FaultCharacteristic): Option[] => [
  { value: 'none', label: 'No', says: 'Looked for and not found.' },
  { value: 'slight', label: 'A little', says: fault.slight },
  { value: 'serious', label: 'Yes', says: fault.serious },
]

/**
 * The answers of a characteristic that is answered from a list, in the order of their number keys.
 *
 * @returns an empty list for kinds that are typed
 * @example optionsOf(gluGrade).at(0) // => { value: '0', label: '0', says: 'Bare gap …' }
 */
export function optionsOf(characteristic: Characteristic): Option[] {
  switch (characteristic.kind) {
    case 'choice':
      return characteristic.options
    case 'fault':
      return faultOptions(characteristic)
    case 'grade':
      return characteristic.anchors.map((says, step) => ({ value: String(step), label: String(step), says }))
    default:
      return []
  }
}

/** Both forms, and each alone, for catalogue entries. */
export const both: Form[] = ['spin-on', 'cartridge']
export const spinOn: Form[] = ['spin-on']
export const cartridge: Form[] = ['cartridge']

const mm = (low: number, high: number): readonly [number, number] => [low / 1000, high / 1000]

/** Ranges written in bench units. */
export const range = {
  mm,
  g: mm,
  m: (low: number, high: number): readonly [number, number] => [low, high],
  bar: (low: number, high: number): readonly [number, number] => [low * 1e5, high * 1e5],
  count: (low: number, high: number): readonly [number, number] => [low, high],
}

const lengths = { dimension: 'length' as const, units: ['mm', 'in', 'thou'], imperial: 'in' }
/** Length, mass and pressure as the bench reads them. */
export const reads = {
  small: lengths,
  size: { dimension: 'length' as const, units: ['mm', 'cm', 'in'], imperial: 'in' },
  strip: { dimension: 'length' as const, units: ['mm', 'cm', 'm', 'in', 'ft'], imperial: 'in', decimals: 0 },
  weight: { dimension: 'mass' as const, units: ['g', 'oz'], imperial: 'oz', decimals: 1 },
  pressure: { dimension: 'pressure' as const, units: ['bar', 'psi', 'kPa'], imperial: 'psi' },
}
