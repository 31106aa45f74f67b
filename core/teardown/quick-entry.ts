import {
  catalogueFor,
  namesOf,
  partLabel,
  optionsOf,
  partWordsOf,
  sized,
  type Characteristic,
  type FilterForm,
  type SizeClass,
} from '#core/catalogue/index.ts'
import { parseEntry } from './entry.ts'
import type { ResolvedValues } from './resolve.ts'
import { atEnd, readEnd } from './end.ts'
import { sizeClassOf } from './size-class-of.ts'
import { splitEntry } from './split-entry.ts'

/** One reading that a piece of a line may be. */
export interface QuickCandidate {
  characteristic: Characteristic
  /** What of the piece is its value, repeat by repeat. */
  values: string[]
}

/** A piece of a line, and what it can mean: one thing, several, or none. */
export interface QuickPiece {
  said: string
  candidates: QuickCandidate[]
  /** What is wrong, where it means nothing that can be read. */
  problem?: string
  /** What is asked where the answer fits another part than the one that was named. */
  misnamed?: string
}

/**
 * Reads a line that holds several readings: `wall .49 .50 .49 · turns 4.5 · holes 8x5.8 · thread end bypass · 302 g`.
 *
 * Pieces are parted by dots, semicolons, bars, line ends, or commas before a word. A piece has the name of a
 * characteristic before or behind its value, or is an answer or an amount that says by itself what it is of. What
 * several characteristics may be is told with all of them, those that are open first.
 *
 * @param line as typed
 * @param form of the filter
 * @param known of the specimen so far
 * @param chosen size class of its engine; empty where its first sizes tell it
 * @example readQuickEntry('wall .49 .50', 'spin-on', new Map())[0]?.candidates[0]?.values // => ['.49', '.50']
 * @example readQuickEntry('silicone', 'spin-on', new Map())[0]?.candidates.length // => 2
 */
export function readQuickEntry(
  line: string,
  form: FilterForm,
  known: ResolvedValues,
  chosen: SizeClass | '' = '',
): QuickPiece[] {
  const sizeClass = sizeClassOf(form, chosen, known)
  const all = catalogueFor(form).map((one) => sized(one, sizeClass))
  return line
    .split(/\s*[·•;|\n]\s*|,\s+(?!then\b)(?=[a-z]{3})/i)
    .map((piece) => piece.trim())
    .filter(Boolean)
    .flatMap((said) => readTogether(said, all) ?? [readPiece(said, all, known)])
}

/** A piece that says two things in one breath, as a piece each; a size by size with no name is of the media. */
function readTogether(said: string, all: readonly Characteristic[]): QuickPiece[] | undefined {
  const bare = all.filter(({ key }) => key === 'media.length').map((characteristic) => ({ characteristic, rest: said }))
  for (const { characteristic, rest } of [...namedIn(said, all), ...bare]) {
    const parts = splitEntry(characteristic, rest)
    if (parts)
      return parts.map((one) => ({
        said: `${one.characteristic.label} ${one.text}`,
        candidates: [{ characteristic: one.characteristic, values: [one.text] }],
      }))
  }
  return undefined
}

function readPiece(said: string, all: readonly Characteristic[], known: ResolvedValues): QuickPiece {
  const named = namedIn(said, all)
  const readable = named.flatMap(({ characteristic, rest }) => candidateOf(characteristic, rest) ?? [])
  const longest = Math.max(0, ...named.filter(isReadable(readable)).map(({ name }) => name.length))
  const best = distinct(
    readable.filter(({ characteristic }) =>
      named.some((one) => one.characteristic === characteristic && one.name.length === longest),
    ),
  )
  const candidates = [best, unnamed(said, all), ofOtherPart(said, all)].find((some) => some.length > 0) ?? []
  const misnamed = askAboutPart(said, candidates, all)
  if (candidates.length > 0)
    return { said, candidates: openFirst(candidates, known), ...(misnamed !== undefined && { misnamed }) }
  return { said, candidates: [], problem: whyUnread(named) }
}

/** What the words mean without the part that they name. */
function ofOtherPart(said: string, all: readonly Characteristic[]): QuickCandidate[] {
  const low = said.toLowerCase()
  const words = [...new Set(all.flatMap(partWordsOf))].sort((a, b) => b.length - a.length)
  const rest = words.flatMap((word) => withoutWord(low, word) ?? [])[0]
  return rest === undefined ? [] : unnamed(rest, all).filter(({ characteristic }) => characteristic.kind === 'choice')
}

/** Parts are misnamed in speech: an answer that fits another part only is asked about. */
function askAboutPart(
  said: string,
  candidates: readonly QuickCandidate[],
  all: readonly Characteristic[],
): string | undefined {
  const low = said.toLowerCase()
  const named = new Set(
    all.filter((one) => partWordsOf(one).some((word) => withoutWord(low, word) !== undefined)).map(({ part }) => part),
  )
  const [first] = candidates
  if (!first || named.size === 0 || candidates.some(({ characteristic }) => named.has(characteristic.part)))
    return undefined
  const parts = [...new Set(candidates.map(({ characteristic }) => partLabel(characteristic.part).toLowerCase()))]
  return `That sounds like the ${parts.join(' or the ')}: put it there?`
}

/** A characteristic that a piece names, by which of its names. */
export interface Named {
  characteristic: Characteristic
  name: string
  /** What was said of it. */
  rest: string
}

const isReadable =
  (readable: readonly QuickCandidate[]) =>
  ({ characteristic }: Named): boolean =>
    readable.some((one) => one.characteristic === characteristic)

/**
 * Characteristics whose name stands before or behind the rest of a piece.
 *
 * @example namedIn('wall .49', catalogueFor('spin-on'))[0]?.rest // => '.49'
 */
export function namedIn(said: string, all: readonly Characteristic[]): Named[] {
  const low = said.toLowerCase()
  return all.flatMap((characteristic) =>
    namesOf(characteristic).flatMap((name): Named[] => {
      if (low.startsWith(`${name} `) || low.startsWith(`${name}:`))
        return [{ characteristic, name, rest: said.slice(name.length).replace(/^[:=\s]+|^\s*is\s/, '') }]
      if (low.endsWith(` ${name}`)) return [{ characteristic, name, rest: said.slice(0, -name.length).trim() }]
      return low === name ? [{ characteristic, name, rest: '' }] : []
    }),
  )
}

/** A value, or plain repeats of one, that the characteristic can take. */
function candidateOf(characteristic: Characteristic, rest: string): QuickCandidate | undefined {
  const value = answerIn(characteristic, rest)
  if (value === '') return undefined
  if (parseEntry(characteristic, { text: value }).ok) return { characteristic, values: [value] }
  const repeats = value.split(/\s*,\s*(?:then\s+)?|\s+then\s+|\s+/)
  return characteristic.kind === 'quantity' &&
    repeats.length > 1 &&
    repeats.every((one) => /^[\d.]+$/.test(one) && parseEntry(characteristic, { text: one }).ok)
    ? { characteristic, values: repeats }
    : undefined
}

/**
 * The answer as it is listed; of a fault its name alone says that it is there, and "no" before it that it is not.
 *
 * @param characteristic that is answered
 * @param rest what was said without the name
 * @returns what it is kept as; what was said where no answer is meant
 * @example answerIn(characteristicOf('inside.rust'), 'no') // => 'none'
 * @example answerIn(characteristicOf('caps.hold'), 'at the dome end') // => 'serious at the dome end'
 */
export function answerIn(characteristic: Characteristic, rest: string): string {
  const said = characteristic.atEnds ? readEnd(rest) : undefined
  if (!said?.ok || !said.value.end) return wholeAnswerIn(characteristic, rest)
  return atEnd(wholeAnswerIn(characteristic, said.value.text), said.value.end)
}

function wholeAnswerIn(characteristic: Characteristic, rest: string): string {
  const low = rest.toLowerCase()
  if (characteristic.kind === 'fault') {
    if (rest === '' || /^(yes|there|bad)$/.test(low)) return 'serious'
    if (/^(my doing|done by me|by me|by the cutter|by my cutter|on purpose)$/.test(low)) return 'own'
    if (/^(in|by|from) (shipping|transit|the post)$/.test(low)) return 'transit'
    return /^(no|none|without)$/.test(low) ? 'none' : /^(a little|slight|some|a bit)$/.test(low) ? 'slight' : rest
  }
  return listedAnswer(characteristic, low) ?? rest
}

/** What a piece without a name can be: an answer, of the part that it names where it names one; or an amount. */
function unnamed(said: string, all: readonly Characteristic[]): QuickCandidate[] {
  const low = said.toLowerCase()
  const answers = all.flatMap((characteristic): QuickCandidate[] => {
    if (characteristic.kind !== 'choice') return []
    const rests = [low, ...partWordsOf(characteristic).map((word) => withoutWord(low, word))]
    const found = rests.flatMap((rest) => (rest === undefined ? [] : (listedAnswer(characteristic, rest) ?? [])))
    return found[0] === undefined ? [] : [{ characteristic, values: [found[0]] }]
  })
  const ofPart = answers.filter(({ characteristic }) =>
    partWordsOf(characteristic).some((word) => withoutWord(low, word) !== undefined),
  )
  if (answers.length > 0) return ofPart.length > 0 ? ofPart : answers
  const amountsOfPart = all.flatMap((characteristic) =>
    partWordsOf(characteristic).flatMap((word) => isTypical(characteristic, withoutWord(low, word) ?? '')),
  )
  return amountsOfPart.length > 0 ? distinct(amountsOfPart) : all.flatMap((one) => isTypical(one, said))
}

const distinct = (candidates: QuickCandidate[]): QuickCandidate[] => [
  ...new Map(candidates.map((one) => [one.characteristic.key, one])).values(),
]

/** The answer that is called so, by its whole name or its first words. */
const listedAnswer = (characteristic: Characteristic, low: string): string | undefined =>
  optionsOf(characteristic).find(({ label, value }) =>
    [label.toLowerCase(), value].some((word) => word === low || (low.length > 3 && word.startsWith(`${low} `))),
  )?.value

const withoutWord = (low: string, word: string): string | undefined => {
  if (low.startsWith(`${word} `)) return low.slice(word.length).trim()
  return low.endsWith(` ${word}`) ? low.slice(0, -word.length).trim() : undefined
}

/** An amount with a unit is of what usually has as much. */
function isTypical(characteristic: Characteristic, said: string): QuickCandidate[] {
  if (
    characteristic.kind === 'thread' &&
    /^(m\d|\d+\/\d+)/i.test(said) &&
    parseEntry(characteristic, { text: said }).ok
  )
    return [{ characteristic, values: [said] }]
  if (
    characteristic.kind === 'openings' &&
    /^\d+ ?[x×] ?\d/.test(said) &&
    parseEntry(characteristic, { text: said }).ok
  )
    return [{ characteristic, values: [said] }]
  if (characteristic.kind !== 'quantity' || characteristic.extra || !/[a-z"]/i.test(said)) return []
  const entry = parseEntry(characteristic, { text: said })
  const { number = NaN } = entry.ok ? entry.value : {}
  const [least, most] = characteristic.typical
  return number >= least && number <= most ? [{ characteristic, values: [said] }] : []
}

const openFirst = (candidates: QuickCandidate[], known: ResolvedValues): QuickCandidate[] =>
  [...candidates].sort((a, b) => Number(known.has(a.characteristic.key)) - Number(known.has(b.characteristic.key)))

function whyUnread(named: readonly Named[]): string {
  const [longest] = [...named].sort((a, b) => b.name.length - a.name.length)
  if (!longest) return 'Nothing is called so. Begin with a name: wall 0.49, turns 4, glue 3.'
  if (longest.rest === '') return `${longest.characteristic.label}: no value is said.`
  const entry = parseEntry(longest.characteristic, { text: longest.rest })
  return entry.ok ? '' : `${longest.characteristic.label}: ${entry.problem.message}`
}
