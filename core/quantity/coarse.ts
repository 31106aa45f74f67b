import { differenceFromSI, toSI } from './convert.ts'
import { spellFractions, withoutNoise } from './number.ts'
import { readAmount, type SaidAmount } from './said-amount.ts'
import { spellNumbers } from './spoken-number.ts'
import type { Dimension } from './units.ts'

/** What was said as bounds, in the unit that was said. */
export interface SaidBounds {
  /** Open on a side where nothing was said of it. */
  low: number | undefined
  high: number | undefined
  /** Symbol, `gauge`, or undefined where none was said. */
  unit: string | undefined
  /** `plain` is a number alone, with no word of doubt. */
  how: 'plain' | 'about' | 'bounds'
}

interface Context {
  dimension: Dimension | undefined
  nouns: string[]
}

/** Turns what matched into bounds; undefined when the amounts in it cannot be read. */
type Reading = (parts: readonly string[], context: Context) => SaidBounds | undefined

const amount = (text: string | undefined, { dimension, nouns }: Context): SaidAmount | undefined =>
  text === undefined ? undefined : readAmount(stripHedges(text).text.replace(leanings, ''), dimension, nouns)

/** On one side of a range a word that leans says nothing that its width does not. */
const leanings = /^(?:nearly|almost|not quite|just|over|under|just over|just under)\s+/

const hedgesBefore = new RegExp(
  `^(?:(?:${[
    '(?:right )?(?:about|around)|roughly|approximately|approx\\.?|~|≈|circa|ca\\.?|c\\.|some|maybe|perhaps',
    'probably|possibly|like|somewhere (?:around|near|about)|in the region of|in the neighbou?rhood of|close to',
    'near enough|call it|say|ballpark',
    'i (?:would )?(?:say|think|guess|reckon|make it)|more or less|looks? like|it is|it was|a good|just about',
  ].join('|')})\\s*)+(?=[\\d.]|in )`,
)
const hedgesBehind = new RegExp(
  `(?:\\s*-?ish|\\s*,?\\s*(?:${[
    'or so|or thereabouts|thereabouts|give or take|more or less|roughly|approximately|approx\\.?|maybe|perhaps',
    'probably|i (?:think|guess|reckon)|ballpark|or about|near enough',
  ].join('|')}))+$`,
)

/** Takes words of doubt away; says whether there were any. */
function stripHedges(text: string): { text: string; isHedged: boolean } {
  const bare = text
    .trim()
    .replace(hedgesBefore, '')
    .replace(hedgesBehind, '')
    .replace(/(\d)-?ish\b/, '$1')
    .trim()
  return { text: bare, isHedged: bare !== text.trim() }
}

/** So many steps an amount may lie beside what was said when it is said with a word of doubt. */
function hedgedHalf({ number, step, significant, isFraction }: SaidAmount): number {
  const size = Math.abs(number)
  if (isFraction) return Math.max(step / 2, tidy(0.02 * size))
  if (step === 1 && number % 10 === 0) return tidy(significant === 1 ? 0.05 * size : Math.max(10, 0.02 * size))
  return significant === 1 ? step / 2 : tidy(Math.max(step, 0.02 * size))
}

/** One significant digit, two where the first is a one. */
function tidy(half: number): number {
  const lead = half / 10 ** Math.floor(Math.log10(half))
  return Number(half.toPrecision(lead <= 1.5 ? 2 : 1))
}

/** The step that "over" or "under" an amount speaks of: tens for 340, one for 52, a tenth of it at most. */
function roughStep({ number, step }: SaidAmount): number {
  if (step !== 1 || number === 0 || number % 10 !== 0) return step
  let rough = 10
  while (number % (rough * 10) === 0) rough *= 10
  return Math.min(rough, Math.max(1, Math.abs(number) / 10))
}

function bounds(low: number | undefined, high: number | undefined, unit: string | undefined): SaidBounds {
  if (low === undefined || high === undefined) return { low, high, unit, how: 'bounds' }
  return { low: withoutNoise(Math.min(low, high)), high: withoutNoise(Math.max(low, high)), unit, how: 'bounds' }
}

const range: Reading = ([first, second], context) => {
  const [a, b] = [amount(first, context), amount(second, context)]
  if (!a || !b || (a.unit && b.unit && a.unit !== b.unit)) return undefined
  // Said twice the same, it is as wide as its last figure.
  const more = a.number === b.number ? a.step / 2 : 0
  return bounds(a.number - more, b.number + more, b.unit ?? a.unit)
}

/** Above or below an amount by a share of its step. */
const beside =
  (direction: 1 | -1, steps: number): Reading =>
  ([text], context) => {
    const a = amount(text, context)
    return a && bounds(a.number, a.number + direction * steps * roughStep(a), a.unit)
  }

const atLeast: Reading = ([text], context) => {
  const a = amount(text, context)
  return a && bounds(a.number, undefined, a.unit)
}

/** More than so many whole things are one more at least. */
const moreThan: Reading = (parts, context) => {
  const a = amount(parts[0], context)
  if (a && context.dimension === undefined) return bounds(a.number + 1, undefined, undefined)
  return beside(1, 1)(parts, context)
}

/** "300 plus grams": the unit stands behind the word. */
const plus: Reading = ([text = '', unit = ''], context) => atLeast([`${text} ${unit}`], context)

const atMost: Reading = ([text], context) => {
  const a = amount(text, context)
  return a && bounds(undefined, a.number, a.unit)
}

const withTolerance: Reading = ([text, tolerance], context) => {
  const [a, half] = [amount(text, context), amount(tolerance, context)]
  if (!a || !half) return undefined
  const unit = a.unit ?? half.unit
  const width =
    unit && half.unit && unit !== 'gauge' && half.unit !== 'gauge'
      ? differenceFromSI(toSI(half.number, half.unit) - toSI(0, half.unit), unit)
      : half.number
  return { ...bounds(a.number - width, a.number + width, unit), how: 'about' }
}

const closerTo: Reading = ([near, far], context) => {
  const [a, b] = [amount(near, context), amount(far, context)]
  if (!a || !b) return undefined
  const apart = a.number - b.number
  return bounds(b.number + apart / 2, a.number + apart / 4, b.unit ?? a.unit)
}

/** A part of ten: "in the mid 40s", "240-something". */
const decade: Reading = ([part = '', text, unit = ''], context) => {
  const a = readAmount(`${text} ${unit}`.trim(), context.dimension, context.nouns)
  if (!a || a.number % 10 !== 0) return undefined
  const [from = 0, to = 10] = { low: [0, 4], lower: [0, 4], early: [0, 4], mid: [3, 7], middle: [3, 7] }[part] ?? [
    part === '' ? 0 : 6,
    10,
  ]
  return bounds(a.number + from, a.number + to, a.unit)
}

const something: Reading = ([text, unit = ''], context) => {
  const a = readAmount(`${text} ${unit}`.trim(), context.dimension, context.nouns)
  return a && bounds(a.number, a.number + (a.number % 10 === 0 ? 10 : a.step), a.unit)
}

/** One amount less another: an allowance that was taken off. */
const less: Reading = ([text, taken], context) => {
  const [a, b] = [amount(text, context), amount(taken, context)]
  if (!a || !b) return undefined
  const half = Math.max(a.step, b.step) / 2
  return { ...bounds(a.number - b.number - half, a.number - b.number + half, a.unit ?? b.unit), how: 'plain' }
}

const above = '(?:over|above|more than|greater than|past|north of|bigger than|heavier than|longer than|thicker than)'
const below = '(?:under|below|less than|shy of|short of|south of|beneath|smaller than|thinner than|lighter than)'
const pattern = (source: string): RegExp => new RegExp(`^${source}$`)

/** What may be said of an amount, the more particular before the more general. */
const grammar: readonly (readonly [RegExp, Reading])[] = [
  [pattern('(?:somewhere )?between (.+?) and (.+)'), range],
  [pattern('closer to (.+?) than(?: to)? (.+)'), closerTo],
  [pattern('(.+?) *(?:\\+ ?/? ?-|±|plus or minus|plus/minus|,? *give or take) *(\\d.*)'), withTolerance],
  [pattern('(?:in )?(?:the )?(low|lower|early|mid|middle|high|higher|upper|late)?[ -]*(\\d+)s(?: (.+))?'), decade],
  [pattern('(\\d+)[ -]?(?:something|odd)(?: (.+))?'), something],
  [pattern('(\\d+)(?: ([a-z"]+))? and (?:change|a bit|a little|some)'), something],
  [
    pattern(`(?:just )?(?:a |the )?(?:hair|touch|tick|whisker|shade|smidge|tad|fraction|barely|hardly) ${above} (.+)`),
    beside(1, 0.1),
  ],
  [
    pattern(`(?:just )?(?:a |the )?(?:hair|touch|tick|whisker|shade|smidge|tad|fraction) ${below} (.+)`),
    beside(-1, 0.1),
  ],
  [pattern(`(?:just|slightly|a bit|a little|little|a little bit|bit|only just) ${above} (.+)`), beside(1, 0.25)],
  [pattern(`(?:just|slightly|a bit|a little|little|a little bit|bit|only just) ${below} (.+)`), beside(-1, 0.25)],
  [pattern(`not (?:much|far|a lot|that much) ${above} (.+)`), beside(1, 0.5)],
  [pattern(`not (?:much|far|a lot|that much) ${below} (.+)`), beside(-1, 0.5)],
  [pattern('(?:at least|no less than|not less than|minimum(?: of)?|min\\.?|>=|≥) *(.+)'), atLeast],
  [pattern(`(?:at most|no more than|not ${above}|not more than|up to|maximum(?: of)?|max\\.?|<=|≤) *(.+)`), atMost],
  [pattern('(?:nearly|almost|not quite|close on|getting on for|pushing|approaching) (.+)'), beside(-1, 1)],
  [pattern(`(?:well |a good bit )?(?:${above}|>|upwards of) *(.+)`), moreThan],
  [pattern(`(?:well |a good bit )?(?:${below}|<) *(.+)`), beside(-1, 1)],
  [pattern('(\\d[\\d., /]*) ?(?:\\+|plus) ([a-z\".]+)'), plus],
  [pattern('(.+?)(?: or more| or better|\\+| plus| and up(?:wards)?| and over| minimum| min)'), atLeast],
  [pattern('(.+?)(?: or less| or under| at most| maximum| max| tops)'), atMost],
  [pattern('(?:from )?(.+?) *(?:up to|through|till|to|–|\\.\\.+|or) *(.+)'), range],
  [pattern('(?:from )?([\\d.][\\d. /]*?(?: ?[a-z"]+)?) ?- ?([\\d.][\\d. /]*(?: ?[a-z"]+)?)'), range],
  [pattern('(.+?) (?:less|minus|take away|take off) (.+)'), less],
]

const corrections =
  /(?:,\s*|\s+|\.+\s*|…\s*)(?:no|nope|sorry|wait|scratch that|make that|make it|i mean|correction|rather),?\s+(?=\S*\d)/

/**
 * What was said first and taken back in the same breath, in order.
 *
 * @example saidBefore('0.5, no, 0.48') // => ['0.5']
 */
export const saidBefore = (text: string): string[] => writtenOut(text).split(corrections).slice(0, -1)

const hearsay = /,?\s*(?:they say|they claim|it says|he says|she says|so they say|on the box|reportedly|supposedly)$/

/**
 * Whether somebody else said it: it is told then, and not measured.
 *
 * @example isHearsay('12 psi, they say') // => true
 */
export const isHearsay = (text: string): boolean => hearsay.test(writtenOut(text))

/**
 * The words without those that say who said it.
 *
 * @example withoutHearsay('12 psi, they say') // => '12 psi'
 */
export const withoutHearsay = (text: string): string => text.replace(hearsay, '').trim()

/**
 * Reads an amount as people say it: hedges, ranges, one-sided words, parts of ten, fractions and numbers in words. Of
 * one that is corrected ("0.5, no, 0.48") the last counts.
 *
 * Common practice, no published source: what each word allows is stated in the method.
 *
 * @param text as typed
 * @param dimension of what is asked for; undefined for a plain count
 * @param nouns what is counted
 * @returns undefined when it is no amount
 * @example readCoarse('just under 3 in', 'length') // => { low: 2.75, high: 3, unit: 'in', how: 'bounds' }
 * @example readCoarse('mid forties', undefined) // => { low: 43, high: 47, unit: undefined, how: 'bounds' }
 */
export function readCoarse(
  text: string,
  dimension: Dimension | undefined,
  nouns: string[] = [],
): SaidBounds | undefined {
  const written = spellNumbers(writtenOut(text)).split(corrections).at(-1) ?? ''
  const context = { dimension, nouns }
  const { text: said, isHedged } = stripHedges(withoutHearsay(written))
  for (const [pattern, reading] of grammar) {
    const parts = pattern.exec(said)
    const found = parts && reading(parts.slice(1), context)
    if (found) return found
  }
  const plain = readAmount(said, dimension, nouns)
  if (!plain) return undefined
  const half = !isHedged ? plain.step / 2 : dimension ? hedgedHalf(plain) : Math.max(1, Math.round(hedgedHalf(plain)))
  return { ...bounds(plain.number - half, plain.number + half, plain.unit), how: isHedged ? 'about' : 'plain' }
}

/** Small letters, one kind of dash and quote, fractions as they are typed. */
const writtenOut = (text: string): string =>
  spellFractions(text.trim().toLowerCase())
    .replace(/[‐‑‒−]/g, '-')
    .replace(/—/g, '–')
    .replace(/(\d)(?:-| and )(\d+\/\d+)/g, '$1 $2')
    .replace(/\bi'd\b/g, 'i would')
    .replace(/\s+/g, ' ')
    .replace(/[.!?]+$/, '')
