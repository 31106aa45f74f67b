import { characteristicOf, optionsOf, type Characteristic } from '#core/catalogue/index.ts'
import { confusionChance } from '#core/compare/confusion.ts'
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

const normalDensity = (at: number, [low, high]: readonly [number, number]): number => {
  const deviation = (high - low) / 2
  return Math.exp(-(((at - (low + high) / 2) / deviation) ** 2) / 2) / (deviation * Math.sqrt(2 * Math.PI))
}

type Judged = Pick<KinFeature, 'kind' | 'of' | 'doubt' | 'stated'>

function judgedBy(characteristic: Characteristic, aspect: string | undefined): Judged {
  const { key } = characteristic
  switch (characteristic.kind) {
    case 'openings':
      if (aspect === 'odd')
        return {
          kind: 'answer',
          of: 2,
          doubt: confusionChance(characteristic) || otherWords / 2,
          stated: (value) => (value === 'yes' ? oddPlates : 1 - oddPlates),
        }
      if (aspect === 'count')
        return { kind: 'step', of: 1, doubt: sharpCount, stated: () => (key === 'core.openings' ? 1 / 60 : 1 / 9) }
      return {
        kind: 'size',
        of: 1,
        doubt: 0,
        stated: (value) => normalDensity(Number(value), [0.003, 0.009]),
      }
    case 'quantity': {
      const { typical } = characteristic
      return { kind: 'size', of: 1, doubt: 0, stated: (value) => normalDensity(Number(value), typical) }
    }
    case 'count': {
      const { typical, step } = characteristic
      return {
        kind: 'step',
        of: step,
        doubt: countDoubts[key] ?? sharpCount,
        stated: (value) => step * normalDensity(Number(value), typical),
      }
    }
    case 'grade': {
      const steps = characteristic.anchors.length
      return { kind: 'step', of: 1, doubt: gradeDoubt, stated: () => 1 / steps }
    }
    case 'choice': {
      const options = optionsOf(characteristic).length
      return { kind: 'answer', of: options, doubt: confusionChance(characteristic), stated: () => 1 / options }
    }
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
