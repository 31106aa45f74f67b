/** A product of a line-up as people name it. */
export interface NamedProduct {
  id: string
  brand: string
  partNumber: string
  /** What it is called for short; empty, or not there, for nothing. */
  nickname?: string
}

const kindOf = (letter: string): string => (/\d/.test(letter) ? 'digit' : /\p{L}/u.test(letter) ? 'letter' : '')
const gap = '[-\\s./]*'

/**
 * A name however it is spelt: gaps may stand where it has one, and where letters turn to figures; nowhere else.
 *
 * @example spelt('N-40').test('the n 40 of last year') // => true
 */
export function spelt(name: string): RegExp {
  const known = spellings.get(name)
  if (known) return known
  if (spellings.size >= mostSpellings) spellings.clear()
  const spelling = spellingOf(name)
  spellings.set(name, spelling)
  return spelling
}

/** A review asks for the same few names hundreds of times. */
const spellings = new Map<string, RegExp>()
const mostSpellings = 1000

function spellingOf(name: string): RegExp {
  const letters = [...name.trim()]
  if (!letters.some(kindOf)) return /(?!)/
  const pattern = letters.map((letter, at) => {
    const [own, next] = [kindOf(letter), kindOf(letters[at + 1] ?? '')]
    if (own === '') return gap
    return own !== next && next !== '' ? letter + gap : letter
  })
  return new RegExp(`(?<![\\p{L}\\d])${pattern.join('')}(?![\\p{L}\\d])`, 'iu')
}

/**
 * The product whose whole name a line is, letter by letter; else the one whose short name or part number stands in it,
 * however it is spelt, the longest first; of several the one whose brand stands there too, again the longest.
 *
 * @param words of the line
 * @param products that may be meant
 * @example productIn('n40 new box', [{ id: 'n', brand: 'Norrith', partNumber: 'N-40' }])?.id // => 'n'
 */
export function productIn<Product extends NamedProduct>(
  words: string,
  products: readonly Product[],
): Product | undefined {
  const exact = products.find(({ brand, partNumber }) => `${brand} ${partNumber}` === words.trim())
  if (exact) return exact
  const called = products.filter(({ nickname }) => nickname && spelt(nickname).test(words))
  if (called.length === 1) return called[0]
  const named = products.filter(({ partNumber }) => spelt(partNumber).test(words))
  const longest = Math.max(...named.map(({ partNumber }) => partNumber.length))
  const those = named.filter(({ partNumber }) => partNumber.length === longest)
  if (those.length === 1) return those[0]
  const branded = those.filter(({ brand }) => spelt(brand).test(words))
  return branded.sort((a, b) => b.brand.length - a.brand.length)[0]
}

/**
 * A line without the name of its product, and without what joins the two.
 *
 * @example withoutProduct('N-40: 11.97', { id: 'n', brand: 'Norrith', partNumber: 'N-40' }) // => '11.97'
 */
export const withoutProduct = (words: string, product: NamedProduct): string =>
  putForProduct(words, product, ' ').replace(/^[\s:;,–-]+/, '')

/**
 * A line with something else where its product is named.
 *
 * @example putForProduct('thicker than N40', { id: 'n', brand: 'Norrith', partNumber: 'N-40' }, 'that')
 * // => 'thicker than that'
 */
export const putForProduct = (words: string, { brand, partNumber, nickname }: NamedProduct, instead: string): string =>
  words
    .replace(spelt(partNumber), instead)
    .replace(spelt(brand), ' ')
    .replace(nickname ? spelt(nickname) : /(?!)/, instead)
