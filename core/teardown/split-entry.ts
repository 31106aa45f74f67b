import { characteristicOf, findCharacteristic, optionsOf, type Characteristic } from '#core/catalogue/index.ts'
import { spellFractions } from '#core/quantity/number.ts'
import { spellNumbers } from '#core/quantity/spoken-number.ts'
import { parseEntry } from './entry.ts'

/** One of the readings that are said in one breath. */
export interface PartEntry {
  characteristic: Characteristic
  text: string
}

/** The unit in which a text was read; empty where it cannot be. */
function unitOfText(characteristic: Characteristic, text: string): string {
  const read = readableIn(characteristic, text)
  const entry = read === undefined ? undefined : parseEntry(characteristic, { text: read })
  return entry?.ok ? (entry.value.unit ?? '') : ''
}

/** The text as it can be read: as it stands, or with the only unit in which it is likely. */
function readableIn(characteristic: Characteristic, text: string): string | undefined {
  const isRead = (said: string) => parseEntry(characteristic, { text: said }).ok
  if (isRead(text)) return text
  const units = 'units' in characteristic && /\d\s*$/.test(text) ? characteristic.units : []
  const read = units.map((unit) => `${text} ${unit}`).filter(isRead)
  const usual = read.filter((said) => isTypical(characteristic, said))
  const [only, other] = usual.length > 0 ? usual : read
  return other === undefined ? only : undefined
}

function isTypical(characteristic: Characteristic, text: string): boolean {
  const entry = parseEntry(characteristic, { text })
  if (!entry.ok || characteristic.kind !== 'quantity') return false
  const { number = NaN } = entry.value
  return number >= characteristic.typical[0] && number <= characteristic.typical[1]
}

type Splitting = (characteristic: Characteristic, said: string) => PartEntry[] | undefined

const part = (key: string, text: string): PartEntry => ({ characteristic: characteristicOf(key), text })

const timesOrBy = /^(.+?)\s*(?:\bby\b|×|(?<=[\d"\s])x(?=[\s.\d]))\s*(.+?)$/
const trailingUnit = /(?:^|[\d\s/])([a-z]+|")\s*$/

/** "39½ by 4¼": the length and the width of the strip; a unit behind the two is of both. */
const mediaSize: Splitting = ({ key }, said) => {
  if (key !== 'media.length' && key !== 'media.width') return undefined
  const [, first = '', second = ''] = timesOrBy.exec(said) ?? []
  if (first === '') return undefined
  const own = [first, second].map((side) => trailingUnit.exec(side)?.[1])
  const unit = own[0] ?? own[1] ?? unitOfText(characteristicOf('media.length'), first)
  const [length = '', width = ''] = [first, second].map((side, at) => (own[at] ? side : `${side} ${unit}`.trim()))
  return [part('media.length', length), part('media.width', width)]
}

const coldest =
  /^(?:from )?((?:minus |-)? ?\d+)( ?°? ?[cf]\b)?(?: degrees)?,? *(?:up )?(?:to|through|–|\.\.+)[ ,]*(.+)$/
const ofHeat = /^(gasket|adbv)\.(?:coldest|hottest)$/

/** "minus 60 up to 350 or 400": from the coldest to the hottest that a rubber stands; one unit is of both. */
const temperatureSpan: Splitting = ({ key }, said) => {
  const [, of] = ofHeat.exec(key) ?? []
  const [, low, ownUnit, high] = coldest.exec(said) ?? []
  if (of === undefined || low === undefined || high === undefined) return undefined
  const unit = ownUnit?.trim() ?? unitOfText(characteristicOf(`${of}.hottest`), high)
  const figure = low.replace(/minus ?/, '-').replace(/\s/g, '')
  return [part(`${of}.coldest`, `${figure} ${unit}`.trim()), part(`${of}.hottest`, high)]
}

/** "3.14 in between the caps": the width, and how it was measured. */
const measuredHow: Splitting = ({ key }, said) => {
  if (key !== 'media.width') return undefined
  const [, width, how = ''] =
    /^(.*\d.*?),? (between the (?:caps|discs)|as (?:it was )?cut|of the cut strip)$/.exec(said) ?? []
  if (width === undefined) return undefined
  return [part('media.width', width), part('media.how', how.startsWith('between') ? 'between' : 'strip')]
}

/** "24 with its mesh": the weight, and what lay on the scale with it. */
const weighedAlong: Splitting = ({ key, part: of }, said) => {
  const along = findCharacteristic(`${of}.with`)
  if (!key.endsWith('.weight') || !along) return undefined
  const [, weight, what = ''] = /^(.*\d.*?),? (?:with|including|incl\.?|and) (?:its |the |a )?(.+)$/.exec(said) ?? []
  const option = optionsOf(along).find(({ value, label }) =>
    [value, ...label.toLowerCase().split(/[^a-z]+/)].some(
      (word) => word.length > 2 && what.split(/\W+/).includes(word),
    ),
  )
  return weight === undefined || !option
    ? undefined
    : [part(key, weight), { characteristic: along, text: option.value }]
}

const splittings: readonly Splitting[] = [mediaSize, temperatureSpan, measuredHow, weighedAlong]

/**
 * What was said of one characteristic, taken apart where another was said in the same breath: the two sides of the
 * strip, the two ends of a span of temperatures, what lay on the scale along with a part.
 *
 * Source of the wordings: common practice, no published source.
 *
 * @param characteristic that was asked for
 * @param text as typed
 * @returns each with its own words, all of which can be read; undefined where only one thing is said
 * @example
 * splitEntry(characteristicOf('media.length'), '39½ by 4¼ in')?.map(({ text }) => text) // => ['39 1/2 in', '4 1/4 in']
 */
export function splitEntry(characteristic: Characteristic, text: string): PartEntry[] | undefined {
  const words = text
    .trim()
    .toLowerCase()
    .replace(/,? *(?:please )?work (?:it|that) out[.!]?$/, '')
  const said = spellNumbers(spellFractions(words))
    .replace(/\bi (?:think|guess|reckon),? /g, '')
    .replace(/(\d) and (\d+\/\d+)/g, '$1 $2')
    .replace(/(\d)-(\d+\/\d+)/g, '$1 $2')
  for (const splitting of splittings) {
    const parts = splitting(characteristic, said)
    const read = parts?.flatMap((one) => {
      const readable = readableIn(one.characteristic, one.text)
      return readable === undefined ? [] : [{ ...one, text: readable }]
    })
    if (parts && read?.length === parts.length) return read
  }
  return undefined
}
