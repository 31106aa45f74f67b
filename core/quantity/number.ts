import { ok, problem, type Result } from '#core/result.ts'

const vulgarFraction = /(\d?)([¼½¾⅐-⅞])/g
const decimal = /^[+-]?(?:\d+(?:\.\d*)?|\.\d+)$/
const fraction = /^([+-]?)(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)$/
const grouped = /^[+-]?\d{1,3}(?:[ ’']\d{3})+(?:\.\d+)?$/

/**
 * `4½` as `4 1/2`: NFKD takes the sign apart but would glue it to the whole number.
 *
 * @example spellFractions('4½ in') // => '4 1/2 in'
 */
export const spellFractions = (text: string): string =>
  text.replace(
    vulgarFraction,
    (_, whole: string, sign: string) => `${whole}${whole && ' '}${sign.normalize('NFKD').replace('⁄', '/')}`,
  )

/**
 * Reads a number the way it is said on a bench: decimals with point or comma, and whole numbers with a
 * fraction.
 *
 * A comma before exactly three digits may be a decimal comma or a thousands mark; the text is refused
 * with both readings offered, unless a leading zero settles it.
 *
 * @param text the number alone, with no unit
 * @returns the number, or a problem with a message for the user
 * @example parseNumber('56 1/4') // => { ok: true, value: 56.25 }
 * @example parseNumber('0,49') // => { ok: true, value: 0.49 }
 */
export function parseNumber(text: string): Result<number> {
  const said = spellFractions(text.trim().replace(/−/g, '-')).trim()
  if (said === '') return problem('empty', 'Type a number first.')

  if (/^[+-]?[1-9]\d{0,2},\d{3}$/.test(said)) {
    const asDecimal = said.replace(',', '.')
    const asThousands = said.replace(',', '')
    return problem('ambiguous-comma', `"${said}" can be read two ways. ${asDecimal} or ${asThousands}?`, [
      { text: asDecimal, label: asDecimal },
      { text: asThousands, label: asThousands },
    ])
  }

  const pointed = grouped.test(said) ? said.replace(/[ ’']/g, '') : said.replace(/^([+-]?\d*),(\d+)$/, '$1.$2')
  if (decimal.test(pointed)) return ok(Number(pointed))

  const parts = fraction.exec(pointed)
  if (parts) {
    const [, sign, whole = '0', above, below] = parts
    if (Number(below) === 0) return problem('zero-division', `"${said}" divides by zero.`)
    const size = Number(whole) + Number(above) / Number(below)
    return ok(sign === '-' ? -size : size)
  }
  return problem('not-a-number', `"${clip(said)}" is not a number I can read. Try 0.49, 56 1/4 or 5-1/8.`)
}

/**
 * A number without the noise of binary fractions.
 *
 * @example withoutNoise(0.1 + 0.2) // => 0.3
 */
export const withoutNoise = (number: number): number => Number(number.toPrecision(12))

/** Long text cut for a message. */
export const clip = (text: string, most = 40): string => (text.length > most ? `${text.slice(0, most)}…` : text)
