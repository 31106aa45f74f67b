import { characteristicOf, optionsOf, type Characteristic } from '#core/catalogue/index.ts'
import { confusionChance } from '#core/compare/confusion.ts'
import { statedOccurrence } from '#core/compare/occurrence.ts'
import { normalDensity } from '#core/quantity/normal.ts'
import { evidenceGroups, kinParts, type KinPartKey } from './kin-parts.ts'

/** Something that two filters can agree in. */
export interface KinFeature {
  /** Of the characteristic, with the aspect of openings behind a colon. */
  key: string
  characteristic: Characteristic
  label: string
  part: KinPartKey
  /** Those of one group speak of the same thing. */
  group: number
  /** An answer of several, steps or counts, or a size in SI. */
  kind: 'answer' | 'step' | 'size'
  /** So many answers there are, or so wide a step is. */
  of: number
  /** Chance that an answer is taken for another, or by how much a step is off, as a standard deviation. */
  doubt: number
  /** How often a value is stated to be had: a share of filters, or a density per SI unit. */
  stated: (value: string | number) => number
}

/** One plate in so many has an odd hole. Common practice, no published source. */
const oddPlates = 0.06
/** So many ways there are of putting a word, colour or mark. A convention, no source. */
const statedWords = 8
/** A word may be put another way. A convention, no source. */
const otherWords = 0.05
/** By how much a count differs from unit to unit or is miscounted: pleats, and what is counted at a glance. */
const countDoubts: Readonly<Record<string, number>> = { 'pleats.count': 0.6, 'thread.turns': 0.25 }
const sharpCount = 0.2
/** A grade given again, in steps, beside what its cell says. */
const gradeDoubt = 0.4

/** Sizes of holes around which most lie, m. Common practice, no published source. */
const holes = [0.003, 0.009] as const
/** So many numbers of inlet holes and of core openings are as likely. Common practice, no published source. */
const numbersOf: Readonly<Record<string, number>> = { 'plate.inlets': 9, 'core.openings': 60 }
/** That one hole is odd is overlooked now and then. A convention, no source. */
const oddOverlooked = 0.025

const around = (at: number, [low, high]: readonly [number, number]): number =>
  normalDensity(at, (low + high) / 2, (high - low) / 2)

type Judged = Pick<KinFeature, 'kind' | 'of' | 'doubt' | 'stated'>

function judgedBy(characteristic: Characteristic, aspect: string | undefined): Judged {
  const { key } = characteristic
  const stated = (value: string | number) => statedOccurrence(characteristic, value) ?? 0
  switch (characteristic.kind) {
    case 'openings':
      if (aspect === 'odd')
        return {
          kind: 'answer',
          of: 2,
          doubt: oddOverlooked,
          stated: (value) => (value === 'yes' ? oddPlates : 1 - oddPlates),
        }
      if (aspect === 'count') return { kind: 'step', of: 1, doubt: sharpCount, stated: () => 1 / (numbersOf[key] ?? 1) }
      return {
        kind: 'size',
        of: 1,
        doubt: 0,
        stated: (value) => around(Number(value), holes),
      }
    case 'quantity':
      return { kind: 'size', of: 1, doubt: 0, stated }
    case 'count': {
      const { typical, step } = characteristic
      return {
        kind: 'step',
        of: step,
        doubt: countDoubts[key] ?? sharpCount,
        stated: (value) => step * around(Number(value), typical),
      }
    }
    case 'grade':
      return { kind: 'step', of: 1, doubt: gradeDoubt, stated }
    case 'choice':
      return { kind: 'answer', of: optionsOf(characteristic).length, doubt: confusionChance(characteristic), stated }
    default:
      return { kind: 'answer', of: statedWords, doubt: otherWords, stated: () => 1 / statedWords }
  }
}

const aspectLabels: Readonly<Record<string, string>> = { count: 'number', odd: 'an odd one', size: 'size' }

/** All that two filters can agree in, part by part; a record holds its values in this order. */
export const kinFeatures: readonly KinFeature[] = kinParts.flatMap(({ key: part }) =>
  evidenceGroups[part].flatMap((group, at) =>
    group.map((key): KinFeature => {
      const [name = '', aspect] = key.split(':')
      const characteristic = characteristicOf(name)
      const label = aspect ? `${characteristic.label}: ${aspectLabels[aspect] ?? aspect}` : characteristic.label
      return { key, characteristic, label, part, group: at, ...judgedBy(characteristic, aspect) }
    }),
  ),
)
