import type { Dimension } from '#core/quantity/units.ts'
import type { CautionKey } from './cautions.ts'
import type { FilterForm } from './filter-form.ts'
import type { FilterPartKey } from './filter-parts.ts'
import type { IrreversibleStepKey, StationKey } from './stations.ts'

/** One way a choice can be answered. */
export interface Option {
  value: string
  label: string
  /** What it looks like, so that two people give the same answer. */
  description: string
}

/** Makes a characteristic disappear from the work, with the reason said, once another one is known. */
export interface NotApplicableWhen {
  key: string
  values: string[]
  reason: string
}

interface Common {
  /** `part.feature`, never reused and never renamed: it stands in stored readings. */
  key: string
  label: string
  part: FilterPartKey
  station: StationKey
  forms: FilterForm[]
  /** The step after which it can never be recorded. */
  lostAfter: IrreversibleStepKey
  /** How to measure or judge it. */
  how: string
  /** Why it is worth recording. */
  why: string
  /** Said where it is recorded. */
  caution?: CautionKey
  notApplicableWhen?: NotApplicableWhen[]
  /** There is one at each end of the element; a reading may say at which, and the worse end decides. */
  atEnds?: true
  /** Recorded when there is time; never counted as missing. */
  extra?: boolean
  /** Minutes that it takes, where that is not what its kind takes. Common practice, no published source. */
  minutes?: number
}

export interface QuantityCharacteristic extends Common {
  kind: 'quantity'
  dimension: Dimension
  /** Units in which it is commonly read; the first is the metric habit, `imperial` the other. */
  units: readonly [string, ...string[]]
  imperial: string
  decimals?: number
  /** Outside this range the app asks; SI. */
  plausible: readonly [number, number]
  /** Where most filters lie; SI. Draws ghosted parts. */
  typical: readonly [number, number]
  /**
   * What a soft, round or uneven part gives between one honest reading and the next, ± SI: an uncertainty that
   * no instrument takes away. Common practice, no published source.
   */
  definitionalUncertainty?: number
  /** Key of the figure that it tells as such. */
  figure?: string
  /** Share by which a value may be off that was told as such, ± as a limit. */
  allowance?: number
  /** The two sizes that are usual, the smaller first, SI, where people speak of the one or the other. */
  usualSizes?: readonly [number, number]
}

export interface CountCharacteristic extends Common {
  kind: 'count'
  /** 0.5 where halves are counted. */
  step: 1 | 0.5
  noun: string
  plausible: readonly [number, number]
  typical: readonly [number, number]
}

interface ChoiceCharacteristic extends Common {
  kind: 'choice'
  options: Option[]
  /** Told apart by feel or looks, so that a careful reviewer is wrong now and then. */
  byFeel?: boolean
}

/** A judgement on a scale with a written anchor for each step, worst first. */
export interface GradeCharacteristic extends Common {
  kind: 'grade'
  anchors: string[]
}

/** A fault that is there or not: `none`, `slight` or `serious`; or there, but not the maker's doing. */
interface FaultCharacteristic extends Common {
  kind: 'fault'
  slight: string
  serious: string
  /** Said where a serious one caps the verdict. */
  fatal?: string
}

interface TextCharacteristic extends Common {
  kind: 'text'
}

/** Groups of equal openings: round holes or slots. */
export interface OpeningsCharacteristic extends Common {
  kind: 'openings'
  units: readonly [string, ...string[]]
  imperial: string
  /** Plausible width of one opening, SI. */
  plausible: readonly [number, number]
  most: number
}

/** A screw thread by its designation. */
interface ThreadCharacteristic extends Common {
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

/** Minutes that a reading takes by its kind, tools at hand. Common practice, no published source. */
const minutesByKind: Record<Characteristic['kind'], number> = {
  quantity: 1,
  count: 1,
  choice: 0.5,
  grade: 0.5,
  fault: 0.5,
  text: 0.5,
  openings: 2,
  thread: 1,
}

/**
 * Minutes that a reading takes.
 *
 * @example minutesOf(characteristicOf('can.height')) // => 1
 */
export const minutesOf = ({ kind, minutes }: Characteristic): number => minutes ?? minutesByKind[kind]

const faultOptions = (fault: FaultCharacteristic): Option[] => [
  { value: 'none', label: 'No', description: 'Looked for and not found.' },
  { value: 'slight', label: 'A little', description: fault.slight },
  { value: 'serious', label: 'Yes', description: fault.serious },
  {
    value: 'own',
    label: 'Yes, my doing',
    description: 'By the cutter, or torn on purpose. It says nothing of the filter.',
  },
  {
    value: 'transit',
    label: 'Yes, in shipping',
    description: 'Knocked on its way here. It says nothing of the filter.',
  },
]

/** Answers to a fault that tell what was found in the filter itself, the worst last. */
export const foundSo: readonly string[] = ['none', 'slight', 'serious']

/**
 * The answers of a characteristic that is answered from a list, in the order of their number keys.
 *
 * @returns an empty list for kinds that are typed
 * @example optionsOf(characteristicOf('can.dents'))[0] // => { value: 'none', … }
 */
export function optionsOf(characteristic: Characteristic): Option[] {
  switch (characteristic.kind) {
    case 'choice':
      return characteristic.options
    case 'fault':
      return faultOptions(characteristic)
    case 'grade':
      return characteristic.anchors.map((description, step) => ({
        value: String(step),
        label: String(step),
        description,
      }))
    default:
      return []
  }
}
