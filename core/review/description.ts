import { formatCount } from '#core/quantity/format.ts'
import { formatList } from '#core/quantity/format-list.ts'
import { fittingCaution, notATest } from './draw-block.ts'
import { saidCell } from './inserted-values.ts'
import type { ReviewMaterial } from './review-material.ts'

/** Letters that a description may have where nobody says otherwise. Common practice, no published source. */
export const usualLength = 5000

/** What stands below a film, and what had no room. */
export interface Description {
  text: string
  /** What was dropped, in words. */
  dropped: string[]
}

/** A part of a description: the higher its rank the longer it stays. */
interface Part {
  name: string
  rank: number
  lines: string[]
}

/**
 * Ideas for a title, none of which says more than is known.
 *
 * @param material of the review
 * @example titleIdeas(reviewMaterial)[0] // => '2 oil filters for the Skerry 1.1 D, cut open'
 */
export function titleIdeas({ engine, products, call }: ReviewMaterial): string[] {
  const nameOf = (id: string) => products.find((one) => one.id === id)?.name ?? ''
  const named = (call?.named ?? []).map(({ id }) => nameOf(id)).filter(Boolean)
  const [first] = named
  const second = products.find(({ name, score }) => score && name !== first)?.name
  const isClose = call?.word === 'close'
  return [
    `${formatCount(products.length, 'oil filter')} for the ${engine}, cut open`,
    ...(first && second ? [`${first} or ${second}: what is inside`] : []),
    ...(isClose ? [`Too close to call: ${formatList(named, 'disjunction')}`] : []),
    ...(first && !isClose ? [`Why the ${first} ${call?.word === 'wins' ? 'wins' : 'leads'} for the ${engine}`] : []),
  ]
}

/**
 * The text below a film: what was opened, who is first, prices with their days, who gave what, figures, chapters and
 * cautions, within a length; what has no room is dropped by its rank and said. Who gave what and the cautions stay.
 *
 * @param material of the review
 * @param chapters as text; empty for none
 * @param length letters at most
 * @example describeFilm(reviewMaterial, '', 5000).dropped // => []
 */
export function describeFilm(material: ReviewMaterial, chapters: string, length: number): Description {
  const parts = partsOf(material, chapters).filter(({ lines }) => lines.length > 0)
  const dropped: string[] = []
  const textOf = () =>
    parts
      .filter(({ lines }) => lines.length > 0)
      .map(({ lines }) => lines.join('\n'))
      .join('\n\n')
  for (const part of [...parts].sort((a, b) => a.rank - b.rank)) {
    const whole = part.lines.length
    while (textOf().length > length && part.lines.length > 0) part.lines.pop()
    // A heading alone says nothing.
    if (part.lines.length === 1 && whole > 1) part.lines.pop()
    const gone = whole - part.lines.length
    if (gone > 0) dropped.push(part.lines.length === 0 ? part.name : `${formatCount(gone, 'line')} of ${part.name}`)
  }
  return { text: textOf(), dropped }
}

function partsOf({ engine, products, rows, callText, interest }: ReviewMaterial, chapters: string): Part[] {
  const given = products.filter((one) => one.given.length > 0)
  return [
    {
      name: 'what was opened',
      rank: 6,
      lines: [
        `Opened for the ${engine}: ${formatList(
          products.map(({ name, specimens }) => `${name}${specimens > 1 ? ` (${specimens})` : ''}`),
          'conjunction',
        )}.`,
      ],
    },
    { name: 'who is first', rank: 7, lines: callText === '' ? [] : [callText] },
    {
      name: 'who gave what',
      rank: 9,
      lines: [
        interest.text,
        ...given.map(({ name, given: from }) => `${name}: a sample was given by ${formatList(from, 'conjunction')}.`),
      ],
    },
    { name: 'the chapters', rank: 5, lines: chapters === '' ? [] : ['Chapters', ...chapters.split('\n')] },
    {
      name: 'the prices',
      rank: 4,
      lines: headed('Prices, landed, for one', [
        ...products.flatMap(({ name, price }) =>
          price ? [`${name}: ${price.text}, ${price.shop}, ${price.seenOn}`] : [],
        ),
      ]),
    },
    {
      name: 'the figures',
      rank: 2,
      lines: headed(`Figures: ${products.map(({ name }) => name).join(' | ')}`, [
        ...rows
          .filter(({ differs }) => differs)
          .map(({ label, cells }) => `${label}: ${cells.map(saidCell).join(' | ')}`),
      ]),
    },
    { name: 'the cautions', rank: 8, lines: [notATest, fittingCaution] },
  ]
}

const headed = (heading: string, lines: readonly string[]): string[] => (lines.length === 0 ? [] : [heading, ...lines])
