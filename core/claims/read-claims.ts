import { spellFractions } from '#core/quantity/number.ts'
import { spellNumbers } from '#core/quantity/spoken-number.ts'
import { toSI } from '#core/quantity/convert.ts'
import { parsePoints } from './parse-points.ts'
import type { ReadClaim } from './read-claim.ts'
import { readEfficiency } from './read-efficiency.ts'
import { readInterval } from './read-interval.ts'
import type { FilterForm } from '#core/catalogue/index.ts'
import { takeFirst, type Said } from '#core/said.ts'
import { promiseIn } from './promise.ts'

const longestLine = 600
const mostLines = 60

/**
 * Claims in what was typed or pasted: one line may hold several, a page many lines. What holds no figure is kept as
 * wording of the media or as a slogan.
 *
 * Source of the wordings: common practice, no published source.
 *
 * @param text as it is printed
 * @param unit of a distance that names none
 * @param form of the filter, by which what is promised about parts is read
 * @returns one a statement, in the order of the lines; lines over 60 and words over 600 a line are left out
 * @example
 * readClaims('99% @ 20 µm, ISO 4548-12, 20,000 mi or 12 mo', 'km').map(({ kind }) => kind)
 * // => ['efficiency', 'interval']
 */
export function readClaims(text: string, unit: 'km' | 'mi', form: FilterForm = 'spin-on'): ReadClaim[] {
  return text
    .split(/\r?\n|•/)
    .map((line) => line.replace(/^[\s*–—-]+(?=\D)|\s+$/g, '').trim())
    .filter((line) => line !== '')
    .slice(0, mostLines)
    .flatMap((line) => readLine(line.slice(0, longestLine), unit, form))
}

function readLine(words: string, unit: 'km' | 'mi', form: FilterForm): ReadClaim[] {
  const pairs = parsePoints(words)
  if (pairs.ok) return [{ kind: 'efficiency', words, parts: { points: pairs.value } }]
  const said: Said = { text: normalised(words) }
  const read: Omit<ReadClaim, 'words'>[] = [
    ...readTemperature(said),
    ...readEfficiency(said, words),
    ...readInterval(said, unit),
    ...readAmounts(said),
  ]
  const about = aboutAnother(words)
  const claims = about ? [about] : read.length > 0 ? read : [withoutFigure(said.text, words, form)]
  return claims.map((claim) => ({ ...claim, words }))
}

/** Small letters, figures for number words, no marks between thousands, signs spelt one way. */
const normalised = (words: string): string =>
  ` ${spellNumbers(
    spellFractions(words.toLowerCase())
      .replace(/−/g, '-')
      .replace(/(\d)[,\u202f ](?=\d{3}(?!\d))/g, '$1')
      .replace(/(\d),(?=\d)/g, '$1.')
      .replace(/([a-z%]),/g, '$1 ,')
      .trim(),
  )} `

const pressureUnits: Readonly<Record<string, string>> = { psi: 'psi', bar: 'bar', kpa: 'kPa' }
/** Below this a pressure is that of a bypass, above it that of a burst, Pa. Common practice, no published source. */
const bypassBelow = 4e5

function readAmounts(said: Said): Omit<ReadClaim, 'words'>[] {
  const found: Omit<ReadClaim, 'words'>[] = []
  const flow = takeFirst(
    said,
    /(\d+(?:\.\d+)?) ?(gal(?:lons?)?|us gal|gpm|l(?:it(?:re|er)s?)?|lpm) ?(?:(?:\/|an?|per) ?min(?:ute)?\b)?/,
    (m) => /gpm|lpm/.test(m[2] ?? '') || /min/.test(m[0]),
  )
  if (flow) {
    const of = /^(?:gal|us|gpm)/.test(flow[2] ?? '') ? 'gal/min' : 'L/min'
    found.push({ kind: 'flow', parts: { amount: toSI(Number(flow[1]), of) } })
  }
  const pressure = takeFirst(said, /(\d+(?:\.\d+)?)(?: ?(?:-|to) ?(\d+(?:\.\d+)?))? ?(psid?|bar|kpa)\b/)
  if (pressure) {
    const amount = toSI(Number(pressure[1]), pressureUnits[(pressure[3] ?? 'bar').replace('psid', 'psi')] ?? 'bar')
    const kind = /collapse|crush/.test(said.text)
      ? 'collapse'
      : /burst|withstand/.test(said.text)
        ? 'burst'
        : /bypass|relief|opens?\b/.test(said.text)
          ? 'bypass'
          : undefined
    const range =
      pressure[2] === undefined ? '' : `from ${pressure[1]} to ${pressure[2]} is said: the lower end is taken`
    const guess = kind ? '' : 'the words do not say whether bypass or burst'
    const doubt = [guess, range].filter(Boolean).join('; ')
    found.push({
      kind: kind ?? (amount < bypassBelow ? 'bypass' : 'burst'),
      parts: { amount },
      ...(doubt && { doubt }),
    })
  }
  const mass = takeFirst(said, /(\d+(?:\.\d+)?) ?(g|grams?|grammes?|oz|ounces?)\b(?!\/)/)
  if (mass) {
    const isNamed = /capacity|hold|dirt|contaminant|dust|load/.test(said.text)
    found.push({
      kind: 'capacity',
      parts: { amount: toSI(Number(mass[1]), (mass[2] ?? 'g').startsWith('o') ? 'oz' : 'g') },
      ...(!isNamed && { doubt: 'the words do not say what weighs so much: dirt capacity is taken' }),
    })
  }
  return found
}

/** A bare number of degrees above this is in Fahrenheit: no filter is rated so hot in Celsius. */
const hottestCelsius = 200

function readTemperature(said: Said): Omit<ReadClaim, 'words'>[] {
  const range = takeFirst(
    said,
    /((?:minus |-)?\d+) ?°? ?([cf])?(?: degrees)? ?(?:to|up to|through|\.\.\.?|–) ,? ?(?:i think|maybe)? ?,? ?((?:minus |-)?\d+)(?: or (\d+))? ?(?:°|degrees?|deg)? ?([cf])?(?:ahrenheit|elsius)?\b/,
    (m) =>
      /°|degree|deg\b/.test(m[0]) ||
      m[2] !== undefined ||
      m[5] !== undefined ||
      /temperature|degrees|heat/.test(said.text),
  )
  const one = range ? undefined : takeFirst(said, /(\d+)[ -]?(?:°|degrees?\b|deg\b) ?([cf])?\b/)
  const [low, high, letter] = range
    ? [range[1], range[4] ?? range[3], range[5] ?? range[2]]
    : [undefined, one?.[1], one?.[2]]
  if (high === undefined) return []
  const hot = degrees(high)
  const unit = letter === 'c' ? '°C' : letter === 'f' || hot > hottestCelsius ? '°F' : '°C'
  const doubts = [
    ...(letter ? [] : [`no unit is said: ${unit} is taken`]),
    ...(range?.[4] ? [`${range[3]} or ${range[4]} is said: the upper is taken`] : []),
  ]
  const parts = { ...(low !== undefined && { low: toSI(degrees(low), unit) }), high: toSI(hot, unit) }
  return [{ kind: 'temperature', parts, ...(doubts.length > 0 && { doubt: doubts.join('; ') }) }]
}

const degrees = (text: string): number => Number(text.replace('minus ', '-'))

const mediaWords = /synthetic|cellulose|glass|micro-?fib|blend|wire[- ]?backed|pleat|media|paper/

/** What holds no figure: an interval left to the manual, wording of the media, or a slogan. */
function withoutFigure(text: string, words: string, form: FilterForm): Omit<ReadClaim, 'words'> {
  if (/manual|handbook|manufacturer'?s? (?:recommend|interval)/.test(text))
    return { kind: 'interval', parts: {}, doubt: 'the interval is left to the manual: not known' }
  const promise = promiseIn(words, form)
  if (promise) return { kind: 'construction', parts: { promise } }
  if (/\b(?:turn|tighten|hand[- ]tight|wrench|lubricate|oil the gasket|apply oil)\b/.test(text))
    return { kind: 'fitting', parts: {} }
  if (/\b(?:for|made for|designed for|works with|use with) .*\boils?\b/.test(text)) return { kind: 'oil', parts: {} }
  return { kind: mediaWords.test(text) ? 'media' : 'slogan', parts: {} }
}

const versus =
  /\b(?:than|versus|vs\.?|compared (?:to|with)|over) (?:the |our |a |an )?(?:leading|next best|nearest|other|competit\w*|rival\w*|economy|standard|ordinary|conventional)\b[^,.;]*/i
const moreThanNothing = /\b\d+ ?(?:%|per ?cent|x|times) (?:more|better|longer|less|stronger|greater)\b(?!.*\bthan\b)/i

/** A claim about somebody else, or one that says more and not than what: its figure is nobody's. */
function aboutAnother(words: string): Omit<ReadClaim, 'words'> | undefined {
  const rival = versus.exec(words)?.[0].replace(/^\S+ (?:to |with )?/, '')
  if (rival) return { kind: 'rival', parts: { rival: rival.trim() } }
  return moreThanNothing.test(words) ? { kind: 'relative', parts: {} } : undefined
}
