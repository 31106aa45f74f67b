import { productIn, spelt, withoutProduct, type NamedProduct } from '#core/named-product.ts'
import { spellNumbers } from '#core/quantity/spoken-number.ts'
import { takeFirst, type Said } from '#core/said.ts'

/** A price as it was read out of a line; money in the currency's own unit. */
export interface ReadPrice {
  amount: number
  packSize: number
  /** Empty when no shop is named. */
  shop: string
  /** Freight of an order; nought when it comes shipped, or none is said. */
  freight: number
  freeFrom: number | null
  /** Share off by subscription, 0 to 1. */
  subscription: number
  /** Code of the currency that a sign or a code names. */
  currency: string | undefined
  words: string
  /** What had to be guessed. */
  doubt?: string
}

const money = String.raw`(\d+(?:\.\d{1,2})?)(?![\d%])`
const longestLine = 300
const most = 100_000

/**
 * Prices in a line: `11.97 at Harbour Parts, 3-pack 29.95, ship 6`. Shop, freight and subscription hold for all prices
 * of the line.
 *
 * Source of the wordings: common practice, no published source.
 *
 * @returns none when there is no amount
 * @example
 * readPrices('11.97 at shop, 3-pack 29.95, ship 6').map(({ amount, packSize, freight }) => [amount, packSize, freight])
 * // => [[29.95, 3, 6], [11.97, 1, 6]]
 */
export function readPrices(line: string): ReadPrice[] {
  const words = line.trim().slice(0, longestLine)
  const { text, currency } = withoutCurrency(words)
  const shop = shopIn(words)
  const said: Said = { text: normalised(shop === '' ? text : text.replace(shop, ' ')) }
  const isRough = /\b(about|around|roughly|some|circa|ca\.?)\b/.test(said.text)
  const freeFrom = takeFirst(said, new RegExp(`free (?:shipping |delivery |freight )?(?:from|over|above) ${money}`))
  const paid =
    takeFirst(said, new RegExp(`(?:ship(?:ping|s)?|postage|freight|delivery)(?: is| of| costs?|:)? ${money}`)) ??
    takeFirst(said, new RegExp(`${money} (?:for )?(?:ship(?:ping)?\\b(?!ped)|postage|freight|delivery)`))
  const off = takeFirst(said, /(\d+(?:\.\d+)?) ?% (?:off |less )?(?:by |with |on |for )?(?:a )?subscription/)
  const less = off ? undefined : takeFirst(said, new RegExp(`${money} (?:less|off) (?:by|with|on) (?:a )?subscription`))
  const amounts = [...packsIn(said), ...singleIn(said)].filter(({ amount }) => amount > 0 && amount <= most)
  const first = amounts[0]?.amount ?? 0
  const subscription = off ? Number(off[1]) / 100 : less && first > 0 ? Number(less[1]) / first : 0
  const doubts = [
    ...(isRough ? ['it was said roughly and is kept as it stands'] : []),
    ...(less && amounts.length > 1 ? ['what is off by subscription is taken of the first price'] : []),
  ]
  return amounts.map(({ amount, packSize }) => ({
    amount,
    packSize,
    shop,
    freight: paid ? Number(paid[1]) : 0,
    freeFrom: freeFrom && paid ? Number(freeFrom[1]) : null,
    subscription: subscription <= 0.9 ? subscription : 0,
    currency,
    words,
    ...(doubts.length > 0 && { doubt: doubts.join('; ') }),
  }))
}

const signs: Readonly<Record<string, string>> = { '€': 'EUR', '£': 'GBP', '¥': 'JPY' }

/** The currency that a sign or a code names; a dollar is of many countries, so its sign names none. */
function withoutCurrency(words: string): { text: string; currency: string | undefined } {
  const sign = Object.keys(signs).find((one) => words.includes(one))
  const code = /\b(EUR|GBP|USD|CAD|AUD|NZD|CHF|SEK|NOK|DKK|PLN|ISK|ZAR|INR|JPY)\b/.exec(words)?.[1]
  const text = words.replace(/[€£¥$]/g, ' ').replace(/\b[A-Z]{3}\b/g, (found) => (found === code ? ' ' : found))
  return { text, currency: sign ? signs[sign] : code }
}

/** The shop behind "at", "from" or "@", up to the next comma or figure. */
const shopIn = (words: string): string =>
  /(?:\bat|\bfrom|@)\s+(?!\d)([\p{L}][\p{L}\d .&'’-]*?)(?=\s*(?:[,;]|$|\s(?:ship|shipped|free|postage|freight|\d)))/iu
    .exec(words)?.[1]
    ?.trim() ?? ''

const normalised = (text: string): string =>
  ` ${spellNumbers(
    text
      .toLowerCase()
      .replace(/(\d),(?=\d{2}(?!\d))/g, '$1.')
      .replace(/(\d),(?=\d{3}(?!\d))/g, '$1')
      .replace(/,/g, ' , ')
      .replace(/-(?=pack)/g, ' '),
  )} `.replace(/\s+/g, ' ')

const pack = new RegExp(`(\\d+) ?-? ?(?:pack|pk|pcs|pieces|filters)(?: of \\w+)? ?(?:for|at|:|is|,)? ?${money}`)
const boxed = new RegExp(`(?:box|pack|case|set) of (\\d+) ?(?:for|at|:|is|,)? ?${money}`)
const severalFor = new RegExp(`(?<![.\\d])(\\d{1,3}) for ${money}`)
const pair = new RegExp(`(?:a |the )?pair (?:for|at|:)? ?${money}`)
const forSeveral = new RegExp(
  `(?<![.\\d-])${money} (?:for |per )?(?:a |the )?(?:(\\d{1,3}) ?-? ?(?:pack|pk|pcs|pieces|filters)|(pair))\\b`,
)
const forCount = new RegExp(`(?<![.\\d-])${money} for (?:all )?(\\d{1,3})(?![\\d.%])`)

function packsIn(said: Said): { amount: number; packSize: number }[] {
  const found: { amount: number; packSize: number }[] = []
  for (const pattern of [pack, boxed, severalFor]) {
    const isPack = ([, size, amount]: readonly string[]) => {
      const count = Number(size)
      return count > 1 && count <= 1000 && (pattern !== severalFor || count <= Number(amount))
    }
    const match = takeFirst(said, pattern, isPack)
    if (match) found.push({ amount: Number(match[2]), packSize: Number(match[1]) })
  }
  const two = takeFirst(said, pair)
  if (two) found.push({ amount: Number(two[1]), packSize: 2 })
  for (const pattern of [forSeveral, forCount]) {
    const match = takeFirst(said, pattern)
    if (match) found.push({ amount: Number(match[1]), packSize: match[3] ? 2 : Number(match[2]) })
  }
  return found
}

/** A price alone: in figures, or spoken as whole and hundredths, "five forty-nine". */
function singleIn(said: Said): { amount: number; packSize: number }[] {
  const spoken = takeFirst(said, /(?<![.\d])(\d{1,3}) (\d{2})(?![.\d%])/)
  if (spoken) return [{ amount: Number(`${spoken[1]}.${spoken[2]}`), packSize: 1 }]
  const plain = takeFirst(said, new RegExp(`(?<![.\\d-])${money}`))
  return plain ? [{ amount: Number(plain[1]), packSize: 1 }] : []
}

/** A product of a line-up with its revisions, as a price list may name them. */
export interface ListedProduct extends NamedProduct {
  revisions?: readonly { id: string; label: string }[]
}

/** A line of a price list: whose prices it holds. */
export interface PriceLine {
  words: string
  product: ListedProduct | undefined
  /** The revision that the line names; of all of them where it names none. */
  revision: { id: string; label: string } | undefined
  prices: ReadPrice[]
}

/**
 * A pasted price list, line by line: the product is known by its part number, and by its brand where two share one; or
 * all lines are of one product. A line that names a revision by its label is of that one alone.
 *
 * @param text a line each
 * @param products of the line-up
 * @param only the product that all lines are of, whether they name it or not
 * @example
 * readPriceList('N-40 11.97', [{ id: 'n', brand: 'Norrith', partNumber: 'N-40' }])[0]?.prices[0]?.amount // => 11.97
 */
export function readPriceList(text: string, products: readonly ListedProduct[], only?: ListedProduct): PriceLine[] {
  return text
    .split(/\r?\n/)
    .map((line) => line.replace(/\t/g, ' ').trim())
    .filter((line) => line !== '')
    .slice(0, 500)
    .map((words): PriceLine => {
      const product = only ?? productIn(words, products)
      if (!product) return { words, product, revision: undefined, prices: [] }
      const { revision, rest } = withoutRevision(withoutProduct(words, product), product.revisions ?? [])
      return { words, product, revision, prices: readPrices(rest) }
    })
}

/** The revision that a line names by its label, the longest first, and the line without it. */
function withoutRevision(words: string, revisions: readonly { id: string; label: string }[]) {
  const named = revisions.filter(({ label }) => !/^\d{1,3}$/.test(label) && spelt(label).test(words))
  const revision = named.sort((a, b) => b.label.length - a.label.length)[0]
  return { revision, rest: revision ? words.replace(spelt(revision.label), ' ') : words }
}
