import { formatList } from '#core/quantity/format-list.ts'
import { spelt } from '#core/named-product.ts'
import type { Block, BlockKind } from './block.ts'
import { insertedValues } from './inserted-values.ts'
import type { MaterialClaim, ReviewMaterial } from './review-material.ts'

/** Where the one action of a check leads. */
export type CheckAction =
  | { to: 'block'; block: string }
  | { to: 'add'; kind: BlockKind }
  | { to: 'first'; block: string }
  | { to: 'findings'; specimen: string }
  | { to: 'claims' | 'reviewer' | 'line-up' }

/** What should not be published so, with the one thing to do about it. */
export interface PublishingCheck {
  /** The same as long as it is about the same. */
  key: string
  text: string
  action: CheckAction
}

interface Checked {
  blocks: readonly Block[]
  material: ReviewMaterial
}

type Check = (checked: Checked) => PublishingCheck[]

/**
 * What should be looked at before a review is published: each with its one action. None of them is a wall.
 *
 * Source: common practice, no published source. Words are found by patterns of English; what is said in other words is
 * not found.
 *
 * @param checked blocks and what they draw from
 * @example publishingChecks({ blocks: [], material: reviewMaterial }).map(({ text }) => text)
 * // => ['There is no disclosure.']
 */
export const publishingChecks = (checked: Checked): PublishingCheck[] => checks.flatMap((check) => check(checked))

/** Sentences of what the reviewer wrote, each with its block. */
const sentencesOf = (blocks: readonly Block[]): { block: string; sentence: string }[] =>
  blocks.flatMap(({ id, prose }) =>
    prose
      .split(/(?<=[.!?])\s+|\n+/)
      .map((sentence) => ({ block: id, sentence: sentence.trim() }))
      .filter(({ sentence }) => sentence !== ''),
  )

const quoted = (sentence: string): string => `“${sentence.length > 90 ? `${sentence.slice(0, 89)}…` : sentence}”`

/** A check of each sentence that is written. */
const inSentences =
  (key: string, holds: (sentence: string, material: ReviewMaterial) => boolean, why: string): Check =>
  ({ blocks, material }) =>
    sentencesOf(blocks)
      .filter(({ sentence }) => holds(sentence, material))
      .map(({ block, sentence }) => ({
        key: `${key} ${block} ${sentence}`,
        text: `${quoted(sentence)}: ${why}`,
        action: { to: 'block', block },
      }))

const names = (sentence: string, { products }: ReviewMaterial) =>
  products.filter(
    ({ partNumber, nickname, brand }) =>
      spelt(partNumber).test(sentence) || spelt(nickname).test(sentence) || spelt(brand).test(sentence),
  )

const pattern =
  /\b(always|every (one|single|time|unit)|each time|all of (them|theirs)|consistently|they all|quality control|typical(ly)?)\b/i
const percent = /\d\s?(%|per ?cent)/i
const size = /\d\s?(µm|μm|um\b|microns?\b|micromet)/i
const test = /\b(ISO\s?\d|multi-?pass|single-?pass|SAE\s?J?\d|test standard)/i
const amount = /([€$£]\s?\d|\d\s?(€|euros?\b|dollars?\b|pounds? sterling|EUR\b|USD\b|GBP\b))/i
const day = /\b(\d{4}|jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec|today|this (week|month))/i
const best = /\b(the best|winner|wins|won|number one|beats (them|everything|all))\b/i
const fitting =
  /\b(tighten|screw (it|them) on|fit (it|them|the filter)|install|hand-?tight|a third of a turn|oil the gasket)\b/i
const filtration =
  /\b(filters? (better|best|more|finer)|cleans? better|filtration (score|result|rating)|better filtration|catches more|traps more)\b/i

const checks: readonly Check[] = [
  inSentences(
    'pattern',
    (sentence, material) =>
      pattern.test(sentence) && names(sentence, material).some(({ specimens }) => specimens === 1),
    'one specimen was opened, which is no pattern.',
  ),
  inSentences(
    'claim',
    (sentence) =>
      percent.test(sentence) &&
      /effic|stops|catch|captur|particles/i.test(sentence) &&
      !(size.test(sentence) && test.test(sentence)),
    'a percentage says nothing without the size of the particles and the test.',
  ),
  claimsWithout,
  inSentences(
    'price',
    (sentence) => amount.test(sentence) && !day.test(sentence),
    'a price needs the day it was seen.',
  ),
  differentTests,
  ({ material }) =>
    material.products.flatMap(({ id, specimenId, contradictions }) =>
      contradictions.map(({ text, of }) => ({
        key: `contradiction ${id} ${text}`,
        text: `Open: ${text}`,
        action: of === 'claims' ? { to: 'claims' } : { to: 'findings', specimen: specimenId },
      })),
    ),
  disclosure,
  faultOfOne,
  unitsMixed,
  tieCalledBest,
  ({ blocks, material }) =>
    blocks.some(({ kind }) => kind === 'cautions')
      ? []
      : inSentences(
          'fitting',
          (sentence) => fitting.test(sentence),
          'where fitting is shown, the cautions stand beside it.',
        )({ blocks, material }).map((one) => ({ ...one, action: { to: 'add', kind: 'cautions' } })),
  inSentences(
    'filtration',
    (sentence) => filtration.test(sentence),
    'what was judged is construction and value; nothing was filtered.',
  ),
  promisedAtBench,
  ({ blocks, material }) =>
    blocks.flatMap(({ id, prose, values }) =>
      insertedValues(prose, material, values)
        .filter(({ text }) => text === undefined || text === 'not known')
        .map(({ name, text }) => ({
          key: `figure ${id} ${name}`,
          text: text === undefined ? `Nothing is called {${name}}.` : `{${name}} is not known.`,
          action: { to: 'block', block: id },
        })),
    ),
]

/** Efficiencies that a box claims by halves, where the claims are shown. */
function claimsWithout({ blocks, material }: Checked): PublishingCheck[] {
  const block = blocks.find(({ kind }) => kind === 'claims')
  if (!block) return []
  return material.products.flatMap(({ id, name, claims }) => {
    const lacking = claims.filter(({ hasShare, lacks }) => hasShare && lacks.length > 0)
    if (lacking.length === 0) return []
    const lacks = [...new Set(lacking.flatMap((claim) => claim.lacks))]
    return [
      {
        key: `lacks ${id}`,
        text: `${name} claims an efficiency without ${formatList(lacks, 'conjunction')}: look whether it says so somewhere.`,
        action: { to: 'claims' as const },
      },
    ]
  })
}

const shares = ({ claims }: { claims: readonly MaterialClaim[] }) => claims.filter(({ hasShare }) => hasShare)

/** A sentence that sets percentages of two filters against each other that are from different tests. */
function differentTests({ blocks, material }: Checked): PublishingCheck[] {
  return sentencesOf(blocks).flatMap(({ block, sentence }) => {
    const told = names(sentence, material).filter((product) => shares(product).length > 0)
    const standards = new Set(told.map((product) => shares(product)[0]?.standard ?? ''))
    const isOne = standards.size === 1 && !standards.has('')
    if (told.length < 2 || isOne || !percent.test(sentence)) return []
    return [
      {
        key: `tests ${block} ${sentence}`,
        text: `${quoted(sentence)}: these are from different tests, or none is named. They cannot be compared.`,
        action: { to: 'block' as const, block },
      },
    ]
  })
}

/** What somebody waits for who heard at the bench that it would be shown. */
function promisedAtBench({ blocks, material: { promised } }: Checked): PublishingCheck[] {
  if (promised.length === 0 || blocks.some(({ kind }) => kind === 'promised')) return []
  const owed = promised.map(({ product, label }) => `${label.toLowerCase()} of ${product}`)
  const text = `Promised at the bench to be shown later: ${formatList(owed, 'conjunction')}.`
  return [{ key: 'promised', text, action: { to: 'add', kind: 'promised' } }]
}

/** So many blocks are the first screen. */
const firstScreen = 2

function disclosure({ blocks, material: { interest, products } }: Checked): PublishingCheck[] {
  const at = blocks.findIndex(({ kind }) => kind === 'disclosure')
  const given = products.filter((product) => product.given.length > 0)
  const [block] = at < 0 ? [] : [blocks[at]]
  return [
    ...(block
      ? []
      : [{ key: 'disclosure', text: 'There is no disclosure.', action: { to: 'add', kind: 'disclosure' } as const }]),
    ...(interest.isSaid ? [] : [{ key: 'interest', text: interest.text, action: { to: 'reviewer' } as const }]),
    ...(block && given.length > 0 && at >= firstScreen
      ? [
          {
            key: 'first screen',
            text: `A sample of ${formatList(
              given.map(({ name }) => name),
              'conjunction',
            )} was given: say so on the first screen.`,
            action: { to: 'first', block: block.id } as const,
          },
        ]
      : []),
  ]
}

function faultOfOne({ material: { products } }: Checked): PublishingCheck[] {
  return products.flatMap(({ id, name, fault }) => {
    if (fault?.lookedAt !== 1) return []
    const text = `${name}: ${fault.description} was found in one, and no second was looked at. Open another, or say so.`
    return [{ key: `fault ${id}`, text, action: { to: 'line-up' as const } }]
  })
}

/** Units that mean the same kind of thing, a pattern a system. */
const unitPairs = [
  [/[\d.]+\s?(mm|cm)\b/, /[\d.]+\s?(in\b|inch(es)?\b|")/],
  [/[\d.]+\s?(g|kg)\b/, /[\d.]+\s?(oz|lbs?)\b/],
  [/[\d.]+\s?km\b/, /[\d.]+\s?(miles?|mi)\b/],
  [/[\d.]+\s?(bar|kPa)\b/, /[\d.]+\s?psi\b/],
] as const

function unitsMixed({ blocks }: Checked): PublishingCheck[] {
  const written = blocks.map(({ id, prose }) => ({ id, prose }))
  return unitPairs.flatMap(([one, other]) => {
    const [first, second] = [one, other].map((unit) => written.find(({ prose }) => unit.test(prose)))
    if (!first || !second) return []
    const said = [one.exec(first.prose)?.[0], other.exec(second.prose)?.[0]]
    return [
      {
        key: `units ${said.join(' ')}`,
        text: `Units are mixed: “${said.join('” and “')}”.`,
        action: { to: 'block' as const, block: second.id },
      },
    ]
  })
}

function tieCalledBest({ blocks, material }: Checked): PublishingCheck[] {
  const { call } = material
  const nameOf = (id: string | undefined) => material.products.find((one) => one.id === id)
  const isSure = call?.word === 'wins' || call?.word === 'leads'
  return sentencesOf(blocks)
    .filter(({ sentence }) => best.test(sentence))
    .flatMap(({ block, sentence }) => {
      const named = names(sentence, material)
      const first = nameOf(call?.named[0]?.id)
      if (isSure && (named.length === 0 || named.some(({ id }) => id === first?.id))) return []
      const why = isSure
        ? `${first?.name ?? 'another'} is first by what is known.`
        : 'by what is known it is too close to call.'
      return [
        {
          key: `best ${block} ${sentence}`,
          text: `${quoted(sentence)}: ${why}`,
          action: { to: 'block' as const, block },
        },
      ]
    })
}
