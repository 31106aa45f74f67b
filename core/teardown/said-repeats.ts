import type { Characteristic } from '#core/catalogue/index.ts'
import { spellFractions } from '#core/quantity/number.ts'
import { spellNumbers } from '#core/quantity/spoken-number.ts'

const bareNumber = /^\d*\.?\d+(?: \d+\/\d+)?$/
const lastOfAll = /^(\d*\.?\d+(?: \d+\/\d+)?)\s*([^\d\s]\S*)?$/

/**
 * Repeats of one reading that are said in one breath: "0.83, then 0.82, 0.82"; a unit behind the last is of all.
 *
 * Source of the wordings: common practice, no published source.
 *
 * @param characteristic that was asked for
 * @param text as typed
 * @returns each as a text of its own; undefined where one thing is said
 * @example saidRepeats(characteristicOf('can.wall'), '19, then 20, 19 thou') // => ['19 thou', '20 thou', '19 thou']
 */
export function saidRepeats({ kind }: Characteristic, text: string): string[] | undefined {
  if (kind !== 'quantity') return undefined
  const said = spellNumbers(spellFractions(text.trim().toLowerCase()))
  if (!/\bthen\b/.test(said) && !/\d, .*\d, \d/.test(said)) return undefined
  const pieces = said.split(/,?\s+(?:and\s+)?then\s+|,\s+(?:and\s+)?/).map((one) => one.trim())
  const [, last = '', unit = ''] = lastOfAll.exec(pieces.at(-1) ?? '') ?? []
  const numbers = [...pieces.slice(0, -1), last]
  return numbers.length > 1 && numbers.every((one) => bareNumber.test(one))
    ? numbers.map((one) => `${one} ${unit}`.trim())
    : undefined
}
