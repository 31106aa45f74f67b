import type { ReviewedFacts } from './linked-data.ts'
import { pieceLines, type ReviewDocument, type Section } from './review-document.ts'

/** A review as it was published: it does not change any more. */
export interface PublishedContent {
  document: ReviewDocument
  /** Version of the method that it was judged by. */
  method: number
  /** Names of what it is about, and who is first, in words. */
  products: string[]
  callText: string
  /** What is known of each product, for machines; versions of the first edition do not say it. */
  facts?: ReviewedFacts[]
  /** Checks that stood against it, and what the reviewer said to them. */
  overridden: { checks: string[]; reason: string }
}

/** What one section says now that it did not say, and the other way round. */
export interface SectionChange {
  title: string
  gone: string[]
  come: string[]
}

/**
 * What a review says now that it did not say when it was published, section by section.
 *
 * @param before as it was published
 * @param now as it would be written
 * @example
 * documentChanges({ title: 'A', engine: '', corrections: [], sections: [] },
 *   { title: 'B', engine: '', corrections: [], sections: [] }) // => [{ title: 'Title', gone: ['A'], come: ['B'] }]
 */
export function documentChanges(before: ReviewDocument, now: ReviewDocument): SectionChange[] {
  const ids = [...new Set([...before.sections, ...now.sections].map(({ id }) => id))]
  const titles = lineChanges('Title', [before.title], [now.title])
  return [
    ...titles,
    ...ids.flatMap((id) => {
      const [old, fresh] = [before, now].map(({ sections }) => sections.find((one) => one.id === id))
      return lineChanges(fresh?.title || old?.title || 'Own words', linesOf(old), linesOf(fresh))
    }),
  ]
}

/**
 * Lines that are gone and lines that have come.
 *
 * @param title of what they belong to
 * @returns none where they are the same
 * @example lineChanges('Money', ['a'], ['b', 'a']) // => [{ title: 'Money', gone: [], come: ['b'] }]
 */
export function lineChanges(title: string, before: readonly string[], now: readonly string[]): SectionChange[] {
  const [gone, come] = [before.filter((line) => !now.includes(line)), now.filter((line) => !before.includes(line))]
  return gone.length + come.length === 0 ? [] : [{ title, gone, come }]
}

const linesOf = (section: Section | undefined): string[] =>
  (section?.pieces ?? []).flatMap((piece) => [
    ...pieceLines(piece),
    ...(piece.kind === 'prose' ? [piece.markdown] : []),
  ])

/**
 * What is published, letter by letter, so that a hash of it shows whether anything was changed: keys in their order.
 *
 * @example canonicalText({ b: 1, a: [2] }) // => '{"a":[2],"b":1}'
 */
export function canonicalText(content: unknown): string {
  if (Array.isArray(content)) return `[${content.map(canonicalText).join(',')}]`
  if (content === null || typeof content !== 'object') return JSON.stringify(content) ?? 'null'
  const entries = Object.entries(content)
    .filter(([, value]) => value !== undefined)
    .sort(([a], [b]) => (a < b ? -1 : 1))
  return `{${entries.map(([key, value]) => `${JSON.stringify(key)}:${canonicalText(value)}`).join(',')}}`
}
