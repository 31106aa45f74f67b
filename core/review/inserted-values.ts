import { findCharacteristic, namesOf, partLabel, type Evidence } from '#core/catalogue/index.ts'
import { productIn, withoutProduct } from '#core/named-product.ts'
import type { MaterialCell, MaterialRow, ReviewMaterial, ReviewedProduct } from './review-material.ts'

/** What has names in a review. */
type Named = Pick<ReviewMaterial, 'products' | 'rows'>

/** A figure that stands in the prose by its name, as {wall of N-40}. */
export interface InsertedValue {
  /** What stands between the braces. */
  name: string
  /** What it is; undefined where nothing is called so. */
  text: string | undefined
  /** What it was when the block was last looked through, where that is something else. */
  was?: string
}

const inserted = /\{([^{}\n]{1,120})\}/g

/** Facts beside the rows of the line-up, by the words that ask for them. */
const facts: readonly { words: readonly string[]; of: (product: ReviewedProduct) => string }[] = [
  { words: ['price', 'landed price', 'cost'], of: ({ price }) => price?.text ?? 'not known' },
  { words: ['score', 'construction score'], of: ({ score }) => (score ? String(Math.round(score.mean)) : 'not known') },
  {
    words: ['chance', 'chance of being first'],
    of: ({ score }) => (score ? `${Math.round(100 * score.chance)} %` : 'not known'),
  },
  { words: ['specimens', 'specimens opened'], of: ({ specimens }) => String(specimens) },
  { words: ['word'], of: ({ word }) => word || 'not known' },
]

/** How it is put that a value was not looked at. */
const reservations: Readonly<Record<Evidence, string>> = {
  measured: '',
  observed: '',
  inferred: ', by the look of it',
  claimed: ', the maker says',
  reported: ', from hearsay',
}

/**
 * A value with as much as may be said of it.
 *
 * @example saidCell({ text: 'nitrile', evidence: 'inferred' }) // => 'nitrile, by the look of it'
 */
export const saidCell = ({ text, evidence }: MaterialCell): string =>
  evidence === undefined ? text : `${text}${reservationOf(evidence)}`

/**
 * How it is put that a value was not looked at; empty where it was.
 *
 * @example reservationOf('claimed') // => ', the maker says'
 */
export const reservationOf = (evidence: Evidence): string => reservations[evidence]

/**
 * Names of the figures that stand in a prose, each once, in their order.
 *
 * @example insertedNames('It is {wall of N-40} thick.') // => ['wall of N-40']
 */
export const insertedNames = (prose: string): string[] => [
  ...new Set([...prose.matchAll(inserted)].map(([, name = '']) => name.trim())),
]

/**
 * What a figure is, by its name: "wall of N-40", "N-40 price". Where the name is of no or of several things, it is
 * none.
 *
 * @param name what, and of which product
 * @param material what is known
 * @example valueByName('wall of N-40', { products: [], rows: [] }) // => undefined
 */
export function valueByName(name: string, { products, rows }: Named): string | undefined {
  const product = productIn(name, products)
  if (!product) return undefined
  const what = withoutProduct(name, product)
    .replace(/\b(of|the|its)\b/gi, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase()
  const fact = facts.find(({ words }) => words.includes(what))
  if (fact) return fact.of(product)
  const [row, other] = rows.filter((one) => rowWords(one).includes(what))
  const cell = other === undefined ? row?.cells[products.indexOf(product)] : undefined
  return cell && saidCell(cell)
}

/** What rows are called: each is asked once for every name that stands in a review. */
const wordsOfRows = new WeakMap<MaterialRow, string[]>()

/** What a row is called, in small letters. */
function rowWords(row: MaterialRow): string[] {
  const known = wordsOfRows.get(row)
  if (known) return known
  const characteristic = findCharacteristic(row.key)
  const own = characteristic ? namesOf(characteristic) : [row.label]
  const words = own.flatMap((one) => [one.toLowerCase(), `${partLabel(row.part)} ${one}`.toLowerCase()])
  wordsOfRows.set(row, words)
  return words
}

/**
 * The figures of a prose as they are now, and what they were when the block was last looked through.
 *
 * @param prose with names between braces
 * @param material what is known
 * @param seen what they were then, by name
 * @example insertedValues('{wall of X}', { products: [], rows: [] }, {}) // => [{ name: 'wall of X', text: undefined }]
 */
export const insertedValues = (
  prose: string,
  material: Named,
  seen: Readonly<Record<string, string>>,
): InsertedValue[] =>
  insertedNames(prose).map((name) => {
    const text = valueByName(name, material)
    const was = Object.hasOwn(seen, name) ? seen[name] : undefined
    return { name, text, ...(was !== undefined && was !== text && { was }) }
  })

/**
 * A prose with its figures in place; a name of which nothing is known stays as it was typed.
 *
 * @param put how a figure is written
 * @example withValues('{a of b}!', [{ name: 'a of b', text: '1 mm' }], ({ text }) => text) // => '1 mm!'
 */
export function withValues(
  prose: string,
  values: readonly InsertedValue[],
  put: (value: InsertedValue & { text: string }) => string,
): string {
  const byName = new Map(values.map((value) => [value.name, value]))
  return prose.replace(inserted, (typed, name: string) => {
    const value = byName.get(name.trim())
    return value?.text === undefined ? typed : put({ ...value, text: value.text })
  })
}
