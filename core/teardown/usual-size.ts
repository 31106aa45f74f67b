import { problem, type Result } from '#core/result.ts'
import type { QuantityCharacteristic } from '#core/catalogue/index.ts'
import { fromSI } from '#core/quantity/convert.ts'
import { formatNumber } from '#core/quantity/format.ts'

const oneOfTheUsual =
  /^(?:(.+?),? or )?the (heavier|thicker|larger|bigger|heavy|thick|lighter|thinner|smaller|light|thin)(?: one)?(?: of (?:the )?(?:two|usual).*| usual.*| common.*)$/

/**
 * Asks which size is meant where one of the usual two was named: "28 gauge, or the heavier of the two usual".
 *
 * @param characteristic whose two usual sizes are known
 * @param text as typed
 * @returns undefined when none of them was named; else a question, with what was said first and the size as offers
 * @example
 * askWhichSize(characteristicOf('can.wall'), 'the heavier of the two usual')?.problem.suggestions?.map(({ text }) =>
 * text) // => ['0.02 in']
 */
export function askWhichSize(
  { usualSizes, imperial }: QuantityCharacteristic,
  text: string,
): (Result<never> & { ok: false }) | undefined {
  const [, first, which = ''] = oneOfTheUsual.exec(text.trim().toLowerCase()) ?? []
  if (!usualSizes || which === '') return undefined
  const isLarger = /^(?:heav|thick|larg|big)/.test(which)
  const size = `${formatNumber(fromSI(usualSizes[isLarger ? 1 : 0], imperial), 3)} ${imperial}`
  const other = `${formatNumber(fromSI(usualSizes[isLarger ? 0 : 1], imperial), 3)} ${imperial}`
  return problem('which-size', `The two usual are ${size} and ${other}. Which is it${first ? ', or the other' : ''}?`, [
    ...(first ? [{ text: first, label: first }] : []),
    { text: size, label: `${size}, the ${which} of the two` },
  ])
}
