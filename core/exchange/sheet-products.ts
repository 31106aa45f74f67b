import { foldName } from '#core/fold-name.ts'
import { productIn, type NamedProduct } from '#core/named-product.ts'

/** Whose values a heading of products holds: one that is there, a new one by its names, or nobody's. */
export interface SheetProduct {
  /** Id of a product that is there; empty for a new one. */
  id: string
  brand: string
  partNumber: string
  /** Label of the specimen that takes them; empty for the first. */
  specimen: string
  isLeft: boolean
}

/**
 * Who is meant by a heading of products: one that is there by its part number, else a new one, brand first.
 *
 * @param heading as it stands in the table
 * @param products of the line-up
 * @example suggestProduct('Norrith N-41', []).partNumber // => 'N-41'
 */
export function suggestProduct(heading: string, products: readonly NamedProduct[]): SheetProduct {
  const there = productIn(heading, products)
  if (there) return { id: there.id, brand: there.brand, partNumber: there.partNumber, specimen: '', isLeft: false }
  const brand = products.find((one) => foldName(heading).startsWith(`${foldName(one.brand)} `))?.brand
  const [first = '', ...rest] = heading.trim().split(/\s+/)
  const partNumber = brand ? heading.slice(brand.length).trim() : rest.join(' ')
  return {
    id: '',
    brand: (brand ?? (partNumber === '' ? 'Unbranded' : first)).slice(0, 80),
    partNumber: (partNumber === '' ? first : partNumber).slice(0, 60),
    specimen: '',
    isLeft: false,
  }
}

const letters = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ'
const labelOf = (mark: string): string =>
  /^\d+$/.test(mark) ? (letters[Number(mark) - 1] ?? mark) : mark.toUpperCase()

/** A specimen that is said to be one: "#2", "(2)", "specimen B", "no. 2". */
const marked = /[\s,]+(?:#\s?|no\.?\s?|specimen\s|unit\s|sample\s|\()([a-z]|[1-9]\d?)\)?$/i
/** A letter alone behind a number; a specimen only where another heading has the same number. */
const bare = /(?<=\d.*)[\s,]+([a-h])$/i

/**
 * Who is meant by each heading of products, and which specimen: headings that name one product are several of it.
 *
 * @param headings as they stand in the table
 * @param products of the line-up
 * @example suggestProducts(['N-40 A', 'N-40 B'], [])['N-40 B']?.specimen // => 'B'
 */
export function suggestProducts(
  headings: readonly string[],
  products: readonly NamedProduct[],
): Record<string, SheetProduct> {
  const stems = headings.map((heading) => foldName(heading.replace(bare, '')))
  const isShared = (stem: string) => stems.filter((one) => one === stem).length > 1
  const taken = new Map<string, Set<string>>()
  return Object.fromEntries(
    headings.map((heading, at) => {
      const mark = marked.exec(heading) ?? (isShared(stems[at] ?? '') ? bare.exec(heading) : null)
      const product = suggestProduct(mark ? heading.slice(0, mark.index) : heading, products)
      const one = product.id || foldName(`${product.brand} ${product.partNumber}`)
      const those = taken.get(one) ?? new Set()
      taken.set(one, those)
      const own = mark?.[1] ? labelOf(mark[1]) : ''
      const specimen = own === '' && those.size > 0 ? nextLabel(those) : own
      those.add(specimen || 'A')
      return [heading, { ...product, specimen }]
    }),
  )
}

const nextLabel = (taken: ReadonlySet<string>): string => [...letters].find((letter) => !taken.has(letter)) ?? 'Z2'
