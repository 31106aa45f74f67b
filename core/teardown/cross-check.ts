import { problem, type Problem } from '#core/result.ts'
import { characteristicOf, type Characteristic } from '#core/catalogue/index.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { expandedUncertainty } from '#core/quantity/uncertain.ts'
import type { EntryValue } from './entry.ts'
import type { ResolvedValues } from './resolve.ts'

/** What must be smaller than what, on one specimen: a thing fits into the thing round it. */
const fitsInto: readonly (readonly [smaller: string, larger: string])[] = [
  ['media.buried', 'media.width'],
  ['element.id', 'element.od'],
  ['element.od', 'can.diameter'],
  ['element.height', 'can.height'],
  ['media.width', 'element.height'],
  ['pleats.narrow', 'pleats.wide'],
  ['bypass.wire', 'bypass.coil'],
  ['oring.groove', 'oring.section'],
  ...['plate', 'element', 'can', 'spring', 'bypass', 'adbv', 'gasket'].map(
    (part) => [`${part}.weight`, 'whole.weight'] as const,
  ),
  ['media.weight', 'element.weight'],
]

/**
 * Whether a value can stand beside the others of the specimen: it is not far from what was read of the same before, no
 * part weighs more than the whole, and nothing is wider than what it is in.
 *
 * @param characteristic that is being recorded
 * @param value as read
 * @param known what the specimen has so far
 * @returns what is wrong, in the user's words; nothing when it fits
 * @example crossCheck(characteristicOf('media.buried'), { number: 0.09 }, known({ 'media.width': '74 mm' }))?.code
 * // => 'implausible'
 */
export function crossCheck(
  characteristic: Characteristic,
  value: EntryValue,
  known: ResolvedValues,
): Problem | undefined {
  const { number } = value
  if (number === undefined) return undefined
  const far = farFromRepeats(characteristic, value, known)
  if (far) return far
  const thin = thinFlap(characteristic, value, known)
  if (thin) return thin
  for (const [smaller, larger] of fitsInto) {
    if (characteristic.key !== smaller && characteristic.key !== larger) continue
    const mine = characteristic.key === smaller
    const other = known.get(mine ? larger : smaller)?.number?.value
    if (other === undefined || (mine ? number < other : number > other)) continue
    const unit = value.unit ?? 'mm'
    const { label } = characteristicOf(mine ? larger : smaller)
    const message =
      `${characteristic.label} ${formatQuantity(number, unit)} is ${mine ? 'not less' : 'not more'} than ` +
      `${label.toLowerCase()}, ${formatQuantity(other, unit)}. One of the two is misread; read both again, or keep ` +
      'it.'
    return problem('implausible', message).problem
  }
  return undefined
}

/** Thinnest rubber flap, metres. A disc under a spring is thin by its build. Common practice, no published source. */
const thinnestFlap = 0.0004

function thinFlap(
  { key }: Characteristic,
  { number = 0, unit = 'mm' }: EntryValue,
  known: ResolvedValues,
): Problem | undefined {
  if (key !== 'adbv.thickness' || number >= thinnestFlap || known.get('adbv.build')?.text === 'disc') return undefined
  const message =
    `${formatQuantity(number, unit)} is thin for a rubber flap; a spring-pressed disc can be so thin. Is it ` +
    'one? Then say so at its build, or keep it.'
  return problem('implausible', message).problem
}

/** A repeat that is so many times the first, or as many times smaller, is a slip of one of the two. */
const farTimes = 1.5

function farFromRepeats(
  { kind, key, label }: Characteristic,
  { number = 0, half = 0, unit = '' }: EntryValue,
  known: ResolvedValues,
): Problem | undefined {
  const before = known.get(key)?.number
  if (kind !== 'quantity' || !before || before.value <= 0 || number <= 0) return undefined
  const apart = Math.abs(number - before.value) - half - expandedUncertainty(before)
  if (apart <= 0 || Math.max(number / before.value, before.value / number) < farTimes) return undefined
  const [now, then] = [number, before.value].map((si) => formatQuantity(si, unit))
  return problem('far-repeat', `${label} ${now} is far from ${then}, which was read before. Which one is right?`)
    .problem
}
