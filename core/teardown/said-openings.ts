import { spellNumbers } from '#core/quantity/spoken-number.ts'
import { countOpenings, type OddSize, type OpeningGroup } from './opening-groups.ts'

const oddWords: Readonly<Record<string, OddSize>> = {
  larger: 'larger',
  bigger: 'larger',
  oversize: 'larger',
  smaller: 'smaller',
  odd: 'odd',
  different: 'odd',
}
const odd = new RegExp(
  `^(?:(\\d+|an?) )?(?:of (?:them|those) )?(?:is |are )?(?:a )?(${Object.keys(oddWords).join('|')})` +
    '(?: 1| ones?| holes?| slots?)?$',
)
const alike = /^(?:all )?(?:alike|(?:of )?the same(?: size)?|equal|identical|of 1 size)$/
const head =
  /^(?:(\d+) ?)?(?:(elongated|oval|long|slotted|round|equal|identical) )?(?:inlet )?(holes?|slots?|openings?|inlets?)?/

/**
 * Openings of which the size was not measured: how many there are, whether all are alike, which is odd.
 *
 * "6 holes, one larger" are six together, one of them larger.
 *
 * @param text as typed
 * @returns undefined when it says something else
 * @example parseUnsized('6 holes, one larger') // => [{ count: 5 }, { count: 1, odd: 'larger' }]
 * @example parseUnsized('all the same') // => [{ alike: true }]
 */
export function parseUnsized(text: string): OpeningGroup[] | undefined {
  const said = spellNumbers(text.toLowerCase().trim().replace(/,/g, ' ,'))
    .replace(/\s+/g, ' ')
    .replace(/[.;:]$/, '')
  if (alike.test(said)) return [{ alike: true }]
  const lone = parseOdd(said)
  if (lone) return [{}, lone]
  const [matched = '', counted, shape = '', noun = ''] = head.exec(said) ?? []
  if (counted === undefined && noun === '') return undefined
  const tail = said.slice(matched.length).replace(/^[ ,]*(?:and |with |but )?/, '')
  const all: OpeningGroup = {
    ...(counted !== undefined && { count: Number(counted) }),
    ...((noun.startsWith('slot') || /^(elongated|oval|long|slotted)$/.test(shape)) && { slot: true }),
    ...((/^(equal|identical)$/.test(shape) || alike.test(tail)) && { alike: true }),
  }
  if (tail === '' || alike.test(tail)) return counted === undefined && !all.alike ? undefined : [all]
  const other = parseOdd(tail)
  if (!other) return undefined
  const rest = (all.count ?? 0) - (other.count ?? 1)
  if (all.count !== undefined && rest < 1) return undefined
  return [{ ...all, ...(all.count !== undefined && { count: rest }) }, other]
}

/**
 * The odd one of several openings.
 *
 * @returns undefined when it says something else
 * @example parseOdd('1 larger') // => { count: 1, odd: 'larger' }
 */
export function parseOdd(said: string): OpeningGroup | undefined {
  const [, counted = '1', word = ''] = odd.exec(said.trim().toLowerCase()) ?? []
  const size = oddWords[word]
  return size && { count: /^an?$/.test(counted) ? 1 : Number(counted), odd: size }
}

/**
 * What a later reading of openings adds to an earlier one: a size to a count, a count to a size.
 *
 * @returns the openings together; the later reading alone where the two do not go together, which is said
 * @example mergeOpenings([{ count: 8 }], [{ width: 0.0058 }]).groups // => [{ count: 8, width: 0.0058 }]
 */
export function mergeOpenings(
  before: readonly OpeningGroup[],
  after: readonly OpeningGroup[],
): { groups: OpeningGroup[]; agree: boolean } {
  const [counted, told] = [countOpenings(before), countOpenings(after)]
  const [only] = after
  const isTotal = after.length === 1 && only?.width === undefined && told !== undefined
  if (isTotal && before.length > 1 && counted === told) return { groups: [...before], agree: true }
  const [whole] = before
  if (before.length === 1 && whole?.width === undefined && after.length > 1 && counted !== undefined) {
    const rest = counted - after.slice(1).reduce((sum, { count = 0 }) => sum + count, 0)
    if (told === undefined && rest > 0)
      return { groups: [{ ...whole, ...after[0], count: rest }, ...after.slice(1)], agree: true }
    if (told === counted) return { groups: [...after], agree: true }
  }
  if (before.length !== after.length) return { groups: [...after], agree: false }
  const agree = before.every((one, at) => agrees(one, after[at] ?? {}))
  return { groups: agree ? before.map((one, at) => ({ ...one, ...after[at] })) : [...after], agree }
}

/** Whether two groups say nothing against each other. */
function agrees(one: OpeningGroup, other: OpeningGroup): boolean {
  const differ = (key: 'count' | 'width' | 'length') =>
    one[key] !== undefined && other[key] !== undefined && one[key] !== other[key]
  return !differ('count') && !differ('width') && !differ('length')
}
