import type { Evidence } from '#core/catalogue/index.ts'
import { isHearsay, readCoarse, withoutHearsay, type SaidBounds } from '#core/quantity/coarse.ts'
import { toSI } from '#core/quantity/convert.ts'
import { clip, spellFractions, withoutNoise } from '#core/quantity/number.ts'
import { spellNumbers } from '#core/quantity/spoken-number.ts'
import type { Dimension } from '#core/quantity/units.ts'
import { ok, problem, type Result } from '#core/result.ts'
import { alikeWithin, inverted, type Relation } from './relation.ts'

/** What is compared, as far as reading it needs to know. */
export interface RelationField {
  /** Undefined for a count or a grade. */
  dimension: Dimension | undefined
  /** Units that are offered where none was said. */
  units: readonly string[]
  /** What is counted, where it is a count. */
  nouns?: string[]
}

/** A relation as it was said; or two readings, one of each. */
export type SaidRelation = { relation: Relation; evidence: Evidence } | { readings: [string, string] }

type Read = Relation | Result<Relation> | undefined

const more =
  '(?:more|thicker|taller|longer|wider|heavier|bigger|larger|higher|deeper|greater|stiffer|stronger|harder|coarser|' +
  'denser|dearer|extra|additional|up)'
const less =
  '(?:less|fewer|thinner|shorter|narrower|lighter|smaller|lower|shallower|softer|weaker|finer|looser|cheaper|down)'
const direction = `(${more}|${less})`
const isLess = (word: string): boolean => new RegExp(`^${less}$`).test(word)
const turned = (relation: Relation, word: string): Relation => (isLess(word) ? inverted(relation) : relation)

const ratio = (low: number, high: number | null): Relation => ({ scale: 'ratio', low, high })
const difference = (low: number | null, high: number | null): Relation => ({ scale: 'difference', low, high })

/** Around a number of times: so much on either side. */
const around = (times: number, half: number): Relation => ratio(withoutNoise(times - half), withoutNoise(times + half))

const timesWords: Record<string, number> = { twice: 2, double: 2, thrice: 3, triple: 3, half: 0.5, '1/2': 0.5 }
const small =
  '(?:a (?:hair|touch|bit|little|tad|shade|whisker|smidge|fraction|little bit)|slightly|just|barely|marginally|hair)'
const great = '(?:much|a lot|lots|far|way|a good deal|considerably|clearly|significantly|a great deal)'
/** Much more begins here, a little more ends here: times as much. */
const tenth = 1.1

/** How many times, by the word before it. */
function times(hedge: string, number: number): Relation {
  if (/nearly|almost|not quite/.test(hedge)) return ratio(withoutNoise(0.9 * number), number)
  if (/over|more than/.test(hedge)) return ratio(number, withoutNoise(1.1 * number))
  return around(number, number * (/about|around|roughly/.test(hedge) ? 0.1 : 0.0375))
}

/** A share by which it is more: a figure of per cent is known to its last digit, a fraction to a twentieth. */
function byShare(share: number, half: number, word: string): Relation {
  const said = around(share, half)
  return isLess(word)
    ? ratio(withoutNoise(1 - (said.high ?? 0)), withoutNoise(1 - (said.low ?? 0)))
    : ratio(withoutNoise(1 + (said.low ?? 0)), withoutNoise(1 + (said.high ?? 0)))
}

const fractionOf = (text: string): number => {
  const [above, below] = text.split('/').map(Number)
  return (above ?? Number.NaN) / (below ?? 1)
}

/** Bounds of a difference in SI; asks for the unit where none was said. */
function inSI(said: SaidBounds, { dimension, units }: RelationField, text: string): Result<SaidBounds> {
  if (dimension === undefined) {
    const whole = said.how === 'plain'
    const middle = ((said.low ?? 0) + (said.high ?? 0)) / 2
    return ok(whole ? { ...said, low: middle, high: middle } : said)
  }
  const { unit } = said
  if (unit === undefined) {
    const offers = units.map((one) => withUnit(text, one)).map((offer) => ({ text: offer, label: offer }))
    return problem('which-unit', `"${clip(text)}": of what? Say the unit.`, offers)
  }
  if (unit === 'gauge') return problem('gauge', 'Numbers of the sheet gauge have no difference. Say it in mm or thou.')
  const convert = (number: number | undefined): number | undefined =>
    number === undefined ? undefined : toSI(number, unit) - toSI(0, unit)
  return ok({ ...said, low: convert(said.low), high: convert(said.high) })
}

/** The unit behind the last figure. */
const withUnit = (text: string, unit: string): string => text.replace(/([\d./]*\d)(?!.*\d)/, `$1 ${unit}`)

type Reading = (parts: readonly string[], field: RelationField, text: string) => Read

const within: Reading = ([amount = ''], field, text) => {
  const percent = /^([\d.]+) ?(?:%|percent|per cent)$/.exec(amount)
  if (percent) return around(1, Number(percent[1]) / 100)
  const said = readCoarse(amount.replace(/^an? /, '1 '), field.dimension, field.nouns)
  const bounds = said && inSI({ ...said, low: said.low ?? 0 }, field, text)
  if (!bounds?.ok) return bounds
  const { low = 0, high = low, how } = bounds.value
  const most = how === 'plain' ? withoutNoise((low + high) / 2) : high
  return difference(0 - most, most)
}

const byAmount: Reading = ([amount = '', word = ''], field, text) => {
  const said = readCoarse(amount, field.dimension, field.nouns)
  const bounds = said && inSI(said, field, text)
  if (!bounds?.ok) return bounds
  const { low, high } = bounds.value
  return turned(difference(low ?? 0, high ?? null), word)
}

const pattern = (source: string): RegExp => new RegExp(`^${source}$`)
const hedge = '(about |around |roughly |nearly |almost |not quite |just over |over |more than )?'

/** What may be said of two, the more particular before the more general. */
const grammar: readonly (readonly [RegExp, Reading])[] = [
  [
    pattern('(?:about |roughly |near enough )?(?:exactly|identical|(?:exactly )?the same part)(?: .*)?'),
    () => around(1, 0.01),
  ],
  [
    pattern(
      '(?:(?:just )?about |roughly |near enough |pretty much |more or less )?(?:the )?(?:same|equal|alike|as ' +
        'much|no different|no difference|nothing in it|as (?:thick|tall|long|wide|heavy))(?: .*)?',
    ),
    () => around(1, alikeWithin),
  ],
  [
    pattern('(?:about the same )?\\(?within (.+?)\\)?(?: (?:of|from) (?:each other|one another|it|the other))?'),
    within,
  ],
  [pattern('(?:no more than |at most )?(.+?) apart(?: at most)?'), within],
  [
    pattern('(?:(?:half|1/2) as much again|(?:half|1/2) again(?: as .*)?|1 ?(?:and a half|1/2) times)(?: .*)?'),
    () => around(1.5, 0.05),
  ],
  [
    pattern(`${hedge}(twice|double|thrice|triple|half|1/2)(?: (?:the|as|that|of) ?.*)?`),
    ([before = '', word = '']) => times(before, timesWords[word] ?? Number.NaN),
  ],
  [
    pattern('([\\d.]+) ?(?:to|-|–) ?([\\d.]+) ?(?:times|x|×)(?: .*)?'),
    ([low, high]) => ratio(Number(low), Number(high)),
  ],
  [
    pattern(`${hedge}(\\d+) (\\d+/\\d+) ?(?:times|x|×)(?: .*)?`),
    ([, whole, part = '']) => around(Number(whole) + fractionOf(part), 0.05),
  ],
  [
    pattern(`${hedge}(?=[\\d.]*[1-9])([\\d.]+) ?(?:times|x|×)(?: .*)?`),
    ([before = '', number]) => times(before, Number(number)),
  ],
  [
    pattern(`(?:about |around |roughly )?([\\d.]+) ?(?:%|percent|per cent) ${direction}`),
    ([figure = '', word = '']) =>
      byShare(Number(figure) / 100, 0.005 * 10 ** -(figure.split('.')[1]?.length ?? 0), word),
  ],
  [
    pattern(`(?:about |around |roughly )?(?:by )?(\\d/[345]|half|1/2)(?: as much)? ${direction}`),
    ([part = '', word = '']) => byShare(part === 'half' ? 0.5 : fractionOf(part), 0.05, word),
  ],
  [pattern(`a few ${direction}(?: .*)?`), ([word = '']) => turned(difference(2, 5), word)],
  [pattern(`(?:by )?(.*\\d.*?) ${direction}(?: .*)?`), byAmount],
  [
    pattern(`${direction},? by (.*\\d.*)`),
    ([word = '', amount = ''], field, text) => byAmount([amount, word], field, text),
  ],
  [pattern(`${small} (?:bit )?${direction}(?: .*)?`), ([word = '']) => turned(ratio(1, tenth), word)],
  [pattern(`${great} ${direction}(?: .*)?`), ([word = '']) => turned(ratio(tenth, null), word)],
  [pattern(`(?:it is |is |has )?${direction}(?: .*)?`), ([word = '']) => turned(difference(0, null), word)],
]

const byLook =
  /,?\s*\b(?:by (?:the )?(?:feel|look|looks|eye|hand)(?: of it)?|(?:it )?(?:looks|seems|feels)|i (?:think|guess|reckon))\b/
const other =
  /\s+(?:than|as|to|with)\s+(?:(?:the |its? ?)?(?:other|others|that one|this one|one beside it)|[^\d]*'s?)\b.*$/

/**
 * Reads what was said of one specimen beside another: an order, a difference, a number of times, or that they are near
 * each other; or a reading of each, "54 here against 61 there".
 *
 * Common practice, no published source: "a hair" and "a little" more is up to a tenth more, "much" more is more than
 * that, "the same" is within 3 %, "nearly twice" is 1.8 to 2 times.
 *
 * @param text as typed, of the one beside the other
 * @param field what is compared
 * @returns a problem in the user's words when it is none, or needs a unit
 * @example readRelation('8 to 9 g lighter', { dimension: 'mass', units: ['g'] })
 * // => { ok: true, value: { relation: { scale: 'difference', low: -0.009, high: -0.008 }, evidence: 'measured' } }
 * @example readRelation('54 here against 61 there', { dimension: undefined, units: [] })
 * // => { ok: true, value: { readings: ['54', '61'] } }
 */
export function readRelation(text: string, field: RelationField): Result<SaidRelation> {
  if (text.trim() === '') return problem('empty', 'Say how they compare: thicker, 3 g lighter, nearly twice, the same.')
  if (text.length > 120) return problem('too-long', 'That is too long for a comparison. Put remarks into a note.')
  const written = text
    .trim()
    .toLowerCase()
    .replace(/[.,:!?]+$/, '')
  const pair = /^(.*\d.*?)(?: here)?,? (?:against|versus|vs\.?|compared (?:to|with)) (.*\d.*?)(?: there)?$/.exec(
    written,
  )
  if (pair) return ok({ readings: [pair[1] ?? '', pair[2] ?? ''] })
  const evidence = isHearsay(written) ? 'claimed' : byLook.test(written) ? 'inferred' : 'measured'
  const said = spellNumbers(spellFractions(withoutHearsay(written).replace(byLook, '')))
    .replace(/\s+than\b.*?\s+by\s+/, ' by ')
    .replace(/\s+than\b(?! (?:\d|an? |double|twice|half|triple)).*$/, '')
    .replace(other, '')
    .replace(/\s+/g, ' ')
    .trim()
  for (const [form, reading] of grammar) {
    const parts = form.exec(said)
    const found = parts && reading(parts.slice(1), field, said)
    if (!found) continue
    if (!('ok' in found)) return isUsable(found) ? ok({ relation: found, evidence }) : unread(text)
    return found.ok ? ok({ relation: found.value, evidence }) : found
  }
  return unread(text)
}

const isUsable = ({ scale, low, high }: Relation): boolean =>
  [low, high].every((bound) => bound === null || (Number.isFinite(bound) && (scale === 'difference' || bound >= 0)))

const unread = (text: string) =>
  problem(
    'no-comparison',
    `"${clip(text.trim())}" is no comparison I can read. Try thicker, a hair thicker, 3 g lighter, nearly twice, ` +
      'within 1 mm of each other, the same.',
  )
