import { catalogue, findCharacteristic, namesOf, type Characteristic } from '#core/catalogue/index.ts'
import { foldName } from '#core/fold-name.ts'
import { findUnit } from '#core/quantity/units.ts'

/** What a heading of a table stands for. */
export interface Heading {
  /** Key of a characteristic; empty where it is left away. */
  characteristic: string
  /** Unit of its plain numbers; empty where it is the usual one. */
  unit: string
}

/** Headings that the reviewer has said the meaning of, by {@link headingKey}. */
export type KnownHeadings = Readonly<Record<string, Heading>>

/** A table has its own words: so much of a heading is looked at. */
const longest = 120

/**
 * A heading as it is looked up: without case, gaps and marks.
 *
 * @example headingKey(' Can-wall  (mm) ') // => 'can wall (mm)'
 */
export const headingKey = (text: string): string =>
  foldName(text.slice(0, longest))
    .replace(/[_/:–-]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()

const unitBehind = /[\s,]*[([]\s*([^()[\]]+?)\s*[)\]]\s*$|,\s*([^\s,]+)\s*$|\s+in\s+([a-z²³µ"]+)\s*$/iu

/**
 * What a heading stands for: what the reviewer said of it before, else the characteristic whose name it is, or holds.
 *
 * A unit may stand in brackets, behind a comma or behind "in". Source of the wordings: common practice, no published
 * source.
 *
 * @param text of the heading
 * @param known what was said of headings before
 * @returns with an empty characteristic where it is not known
 * @example headingOf('Can wall (thou)') // => { characteristic: 'can.wall', unit: 'thou' }
 * @example headingOf('Price') // => { characteristic: '', unit: '' }
 */
export function headingOf(text: string, known: KnownHeadings = {}): Heading {
  const key = headingKey(text)
  const before = known[key]
  if (before && (before.characteristic === '' || findCharacteristic(before.characteristic))) return before
  const behind = unitBehind.exec(key)
  const said = behind?.[1] ?? behind?.[2] ?? behind?.[3] ?? ''
  const name = behind ? key.slice(0, behind.index).trim() : key
  const characteristic = named(name) ?? named(key)
  if (!characteristic) return { characteristic: '', unit: '' }
  return { characteristic: characteristic.key, unit: unitFor(characteristic, said) }
}

/**
 * The unit that a spelling means for a characteristic.
 *
 * @returns its symbol; empty where it is no unit of that kind
 * @example unitFor(characteristicOf('can.wall'), 'Inches') // => 'in'
 */
export function unitFor(characteristic: Characteristic, spelling: string): string {
  const dimension =
    characteristic.kind === 'openings'
      ? 'length'
      : characteristic.kind === 'quantity'
        ? characteristic.dimension
        : undefined
  if (!dimension || spelling.trim() === '') return ''
  const unit = findUnit(spelling, dimension)
  return unit?.dimension === dimension ? unit.symbol : ''
}

const byName = catalogue
  .flatMap((characteristic) =>
    [characteristic.key, ...namesOf(characteristic)].map((name) => ({ name: headingKey(name), characteristic })),
  )
  .sort((a, b) => b.name.length - a.name.length)

/** The characteristic that is called so, or whose name stands first in the words: "number of pleats" is of pleats. */
function named(words: string): Characteristic | undefined {
  if (words === '') return undefined
  const turned = words.replace(/^(.+?) of (?:the )?(.+)$/, '$2 $1')
  const exact = byName.find(({ name }) => name === words || name === turned)
  if (exact) return exact.characteristic
  const padded = ` ${turned} `
  const [first] = byName
    .flatMap(({ name, characteristic }) => {
      const at = name.length > 3 ? padded.indexOf(` ${name} `) : -1
      return at < 0 ? [] : [{ at, characteristic }]
    })
    .sort((a, b) => a.at - b.at)
  return first?.characteristic
}
