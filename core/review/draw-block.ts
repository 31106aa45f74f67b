import { cautions, filterParts, partLabel } from '#core/catalogue/index.ts'
import { oilStates } from '#core/figures/oil-way.ts'
import { formatChance } from '#core/verdict/call.ts'
import { formatCount } from '#core/quantity/format.ts'
import { formatList } from '#core/quantity/format-list.ts'
import { blockLabel, type Block, type BlockKind } from './block.ts'
import { insertedValues, saidCell } from './inserted-values.ts'
import { pieceLines, type Piece, type Section } from './review-document.ts'
import type { MaterialRow, ReviewedProduct, ReviewMaterial } from './review-material.ts'
import { talkingKinds } from './talking-points.ts'

/**
 * What a block comes to: what the reviewer wrote, then what it draws from what is known.
 *
 * @param block as it is kept
 * @param material what is known
 * @example drawBlock(newBlock('b', 'money'), reviewMaterial).title // => 'Money'
 */
export function drawBlock(block: Block, material: ReviewMaterial): Section {
  const values = insertedValues(block.prose, material, block.values)
  return {
    id: block.id,
    title: block.heading || (block.kind === 'words' ? '' : blockLabel(block.kind)),
    pieces: [
      ...(block.prose.trim() === '' ? [] : [{ kind: 'prose' as const, markdown: block.prose, values }]),
      ...draws[block.kind](material, block),
    ],
  }
}

/**
 * What a block draws, line by line, without the reviewer's words.
 *
 * @param block as it is kept
 * @param material what is known
 * @example drawnLines(newBlock('b', 'face-off'), reviewMaterial) // => ['Norrith N-40 leads against Merribank M-2.']
 */
export const drawnLines = (block: Block, material: ReviewMaterial): string[] =>
  draws[block.kind](material, block).flatMap(pieceLines)

type Draw = (material: ReviewMaterial, block: Block) => Piece[]

const paragraph = (text: string): Piece => ({ kind: 'paragraph', text })
const listOf = (items: string[]): Piece[] => (items.length === 0 ? [] : [{ kind: 'list', items }])

const draws: Record<BlockKind, Draw> = {
  opening: ({ engine, trouble, products }) => [
    paragraph(
      `${formatCount(products.length, 'filter')} for the ${engine}: ` +
        `${
          formatList(
            products.map(({ name }) => name),
            'conjunction',
          ) || 'none yet'
        }.`,
    ),
    ...(trouble === '' ? [] : [paragraph(`Known trouble of this engine: ${trouble}`)]),
  ],
  disclosure: ({ interest, products }) => [
    paragraph(interest.text),
    ...listOf([
      ...products
        .filter(({ given }) => given.length > 0)
        .map(({ name, given }) => `${name}: a sample was given by ${formatList(given, 'conjunction')}.`),
      ...products
        .filter(({ maker }) => maker.startsWith('maker guessed'))
        .map(({ name, maker }) => `${name}: ${maker}.`),
      ...products.flatMap(({ name, remarks }) => remarks.map((remark) => `${name}: ${remark}.`)),
    ]),
  ],
  'line-up': ({ products }) => [
    {
      kind: 'table',
      caption: 'What was opened',
      head: ['Filter', 'Opened', 'Price, landed', 'Seen'],
      rows: products.map(({ name, specimens, price }) => ({
        label: name,
        cells: [String(specimens), price?.text ?? 'not known', price ? priceSeen(price) : ''].map((text) => ({ text })),
      })),
    },
    {
      kind: 'drawings',
      items: products.map(({ specimenId, name }) => ({ specimen: specimenId, caption: name })),
    },
  ],
  talking: ({ products }) =>
    products.flatMap(({ name, points }): Piece[] =>
      points.length === 0
        ? []
        : [
            { kind: 'heading', text: name },
            { kind: 'list', items: points.map(({ kind, text }) => `${labelOf(kind)}: ${text}`) },
          ],
    ),
  'oil-way': ({ products }, { a }) => {
    const product = products.find(({ id }) => a === '' || id === a)
    if (!product) return [paragraph('Choose one that is in the line-up.')]
    const { name, specimenId: specimen, oilWay } = product
    return [
      {
        ...{ kind: 'oil-way', specimen, name },
        states: oilStates.map(({ key, label }) => ({ state: key, label, says: oilWay.says[key] })),
      },
      ...listOf(oilWay.parts.map(({ label, job, has }) => `${label}: ${job} In this one: ${has || 'not looked at'}.`)),
      { kind: 'heading', text: 'What is often believed' },
      ...listOf(oilWay.beliefs.map(({ belief, answer }) => `“${belief}” ${answer}`)),
    ]
  },
  parts: (material) => partTables(material, ({ differs }) => differs),
  'face-off': ({ faceOffs }, { a, b }) => {
    const found = faceOffs.find((one) => (a === '' || one.a === a) && (b === '' || one.b === b))
    return found ? found.sentences.map(paragraph) : [paragraph('Choose two that are in the line-up.')]
  },
  claims: ({ products }) => [
    ...products.flatMap(({ name, claims }): Piece[] =>
      claims.length === 0
        ? []
        : [
            { kind: 'heading', text: name },
            {
              kind: 'list',
              items: claims.map(
                ({ kind, words, lacks, place, readOn }) =>
                  `${kind}: “${words}” (${place}, ${readOn})` +
                  (lacks.length > 0 ? `; it does not say ${formatList(lacks, 'conjunction')}` : ''),
              ),
            },
          ],
    ),
    paragraph(comparableClaims(products)),
  ],
  money: ({ products }) =>
    listOf(
      products.map(({ name, price, availability }) =>
        [
          `${name}: ${price ? `${price.text} landed, ${priceSeen(price)}` : 'no price is known'}`,
          price && !price.freightKnown ? 'freight not counted' : '',
          availability,
        ]
          .filter(Boolean)
          .join('; '),
      ),
    ),
  verdict: ({ callText, verdictWords, school, method, products }) => {
    const ranked = products.flatMap(({ name, score, judgedOn, word }) =>
      score ? [{ name, score, judgedOn, word }] : [],
    )
    return [
      paragraph(callText || 'Nobody is judged yet.'),
      ...(verdictWords === '' ? [] : [paragraph(verdictWords)]),
      ...(ranked.length === 0
        ? []
        : [
            {
              kind: 'chart' as const,
              title: 'Construction score, with what it may be',
              bars: ranked.map(({ name, score: { mean: value, low, high } }) => ({ label: name, value, low, high })),
            },
            {
              kind: 'table' as const,
              caption: `Judged by ${school}, method ${method}`,
              head: ['Filter', 'Score of 100', 'First in', 'Judged on', 'In a word'],
              rows: ranked.map(({ name, score, judgedOn, word }) => ({
                label: name,
                cells: [
                  `${Math.round(score.mean)} (${Math.round(score.low)} to ${Math.round(score.high)})`,
                  formatChance(score.chance),
                  judgedOn,
                  word,
                ].map((text) => ({ text })),
              })),
            },
          ]),
      ...listOf(
        products.filter(({ excluded }) => excluded).map(({ name, excluded }) => `${name} is not ranked: ${excluded}.`),
      ),
    ]
  },
  unknown: ({ products }) =>
    listOf(
      products.flatMap(({ name, specimens, notLookedAt, contradictions, fault }) => [
        ...(specimens === 1 ? [`${name}: one specimen was opened.`] : []),
        ...(fault && fault.lookedAt === 1
          ? [`${name}: ${fault.description} was found in the only one that was looked at.`]
          : []),
        ...(notLookedAt.length > 0
          ? [
              `${name}: nobody has looked at ${formatList(
                notLookedAt.map((one) => one.toLowerCase()),
                'conjunction',
              )}.`,
            ]
          : []),
        ...contradictions.map(({ text }) => text),
      ]),
    ),
  promised: ({ promised }) =>
    promised.length === 0
      ? [paragraph('Nothing was promised to be shown later.')]
      : listOf(promised.map(({ product, label, text }) => `${product}, ${label}: ${text || 'still not looked at'}`)),
  cautions: () => [
    { kind: 'caution', text: notATest },
    ...[cautions.cut, cautions.opened].map(({ summary }): Piece => ({ kind: 'caution', text: summary })),
    { kind: 'caution', text: fittingCaution },
  ],
  words: () => [],
}

const labelOf = (key: string): string => talkingKinds.find((one) => one.key === key)?.label ?? key

const priceSeen = ({ shop, seenOn }: { shop: string; seenOn: string }): string => `${shop}, ${seenOn}`

/** What a construction score is not. */
export const notATest =
  'A judgement of construction and value, no filtration test. Efficiency, capacity and burst figures are the makers’ ' +
  'or estimates. The engine maker’s manual and a qualified mechanic come first.'

/** What comes with any words on fitting. Common practice, no published source. */
export const fittingCaution =
  'When a filter is fitted: oil the gasket, see that the old gasket came off, turn it on by hand as the can or the ' +
  'manual says, run the engine and look for leaks.'

/** Rows that differ, a table a part. */
function partTables({ rows, products }: ReviewMaterial, holds: (row: MaterialRow) => boolean): Piece[] {
  const chosen = rows.filter(holds)
  const tables = filterParts.flatMap(({ key: part }): Piece[] => {
    const own = chosen.filter((row) => row.part === part)
    if (own.length === 0) return []
    return [
      {
        kind: 'table',
        caption: partLabel(part),
        head: ['', ...products.map(({ name }) => name)],
        rows: own.map(({ label, cells }) => ({
          label,
          cells: cells.map((cell) => ({ text: saidCell(cell), ...(cell.mark && { mark: cell.mark }) })),
        })),
      },
    ]
  })
  return tables.length > 0 ? tables : [paragraph('Nothing is known yet in which they differ by more than their doubt.')]
}

/** What of the efficiencies that are claimed can be compared. */
function comparableClaims(products: readonly ReviewedProduct[]): string {
  const said = products.filter(({ efficiency }) => efficiency !== '' && !efficiency.startsWith('0 %'))
  if (said.length === 0) return 'No box says how much of what size is stopped, by which test: nothing can be compared.'
  const standards = new Set(
    said.flatMap(({ claims }) =>
      claims.filter(({ hasShare }) => hasShare).map(({ standard }) => standard || 'no test named'),
    ),
  )
  const bounds = `What the claims allow to say of 20 µm: ${formatList(
    said.map(({ name, efficiency }) => `${name} ${efficiency}`),
    'conjunction',
  )}.`
  return standards.size > 1 ? `${bounds} They are from different tests, or none is named: not comparable.` : bounds
}
