import { problem, type Result } from '#core/result.ts'
import type { QuantityCharacteristic } from '#core/catalogue/index.ts'
import { readCoarse } from '#core/quantity/coarse.ts'
import { formatNumber } from '#core/quantity/format.ts'
import { withoutNoise } from '#core/quantity/number.ts'
import { spellNumbers } from '#core/quantity/spoken-number.ts'

const takenOff = /^(.*\d.*?),? (?:less|minus|take away|take off) (.+)$/

/**
 * Asks what was taken off a width: glue that does not filter, or something else. "3.24 less a tenth".
 *
 * @param characteristic the width of the strip
 * @param text as typed
 * @param unit beside the field
 * @returns undefined when nothing was taken off; else a question that says the rest back
 * @example
 * askForAllowance(characteristicOf('media.width'), '3.24 in less a tenth', 'in')?.problem.suggestions?.[0]?.text
 * // => '3.14 in between the caps'
 */
export function askForAllowance(
  { key, dimension, imperial, plausible }: QuantityCharacteristic,
  text: string,
  unit: string,
): (Result<never> & { ok: false }) | undefined {
  if (key !== 'media.width') return undefined
  const [, whole = '', taken = ''] = takenOff.exec(spellNumbers(text.trim().toLowerCase())) ?? []
  const [all, off] = [whole, taken].map((said) => readCoarse(said, dimension))
  if (all?.low === undefined || all.high === undefined || off?.low === undefined || off.high === undefined)
    return undefined
  const [from, less] = [(all.low + all.high) / 2, (off.low + off.high) / 2].map(withoutNoise) as [number, number]
  // Less than the narrowest strip in the unit of the field: inches were meant.
  const isSmall = unit === 'mm' && from / 1000 < plausible[0]
  const said = all.unit ?? off.unit ?? (isSmall ? imperial : unit)
  const rest = `${formatNumber(withoutNoise(from - less))} ${said}`
  return problem(
    'allowance',
    `That leaves ${rest}. Was what you took off the glue at the edges, which does not filter?`,
    [
      { text: `${rest} between the caps`, label: `${rest}: the glue is off` },
      { text: `${formatNumber(from)} ${said} as cut`, label: `${formatNumber(from)} ${said}: the strip as cut` },
    ],
  )
}
