import { byKey } from '#core/by-key.ts'

/** What a review is made of: each draws from what is known, and takes words beside it. */
export const blockKinds = [
  { key: 'opening', label: 'Opening', description: 'Why these, and what is special about the engine.' },
  { key: 'disclosure', label: 'Disclosure', description: 'Who gave what, and what the reviewer may gain.' },
  { key: 'line-up', label: 'Line-up', description: 'What was opened, how many of each, what it costs.' },
  { key: 'talking', label: 'Talking points', description: 'What is worth saying of each.' },
  { key: 'oil-way', label: 'How it works', description: 'The oil’s way through one of them, and each part’s job.' },
  { key: 'parts', label: 'Part by part', description: 'Where they differ, part by part.' },
  { key: 'face-off', label: 'Face-off', description: 'Two of them against each other.' },
  { key: 'claims', label: 'Claims', description: 'What the boxes say, and what of it can be compared.' },
  { key: 'money', label: 'Money', description: 'What each costs, where and when.' },
  { key: 'verdict', label: 'Verdict', description: 'Who is first, and how sure that is.' },
  {
    key: 'unknown',
    label: 'What is not known',
    description: 'What nobody has looked at, and what contradicts itself.',
  },
  {
    key: 'promised',
    label: 'Promised',
    description: 'What you said at the bench would be shown later. Publishing it here settles it.',
  },
  { key: 'cautions', label: 'Cautions', description: 'What this is not, and what is dangerous.' },
  { key: 'words', label: 'Own words', description: 'A heading and what you like.' },
] as const

export type BlockKind = (typeof blockKinds)[number]['key']

/** A block of a review as it is kept. */
export interface Block {
  id: string
  kind: BlockKind
  /** Instead of the name of its kind; empty for that. */
  heading: string
  /** Markdown, with figures by their names between braces. */
  prose: string
  /** The two of a face-off, or the one whose oil is followed, by column; empty for the first. */
  a: string
  b: string
  /** What was drawn when it was last looked through, line by line; none where it never was. */
  seen: string[] | null
  /** Its figures then, by name. */
  values: Record<string, string>
}

/**
 * What a kind of block is called.
 *
 * @example blockLabel('line-up') // => 'Line-up'
 */
export const blockLabel = (kind: BlockKind): string => byKey(blockKinds, kind).label

/**
 * A block that nothing was written into.
 *
 * @example newBlock('b1', 'money').prose // => ''
 */
export const newBlock = (id: string, kind: BlockKind): Block => ({
  id,
  kind,
  heading: '',
  prose: '',
  a: '',
  b: '',
  seen: null,
  values: {},
})

/** What a review is about: an engine, or two of its products or revisions. */
export const subjectKinds = [
  { key: 'engine', label: 'All that fit the engine' },
  { key: 'pair', label: 'Two products' },
  { key: 'revisions', label: 'One revision against another' },
] as const

export type SubjectKind = (typeof subjectKinds)[number]['key']

/** Kinds of blocks that a new review begins with, in their order. */
const firstKinds: readonly BlockKind[] = [
  'opening',
  'disclosure',
  'line-up',
  'talking',
  'parts',
  'claims',
  'money',
  'verdict',
  'unknown',
  'cautions',
]

/**
 * The blocks that a new review begins with: of two products they have a face-off, too.
 *
 * @param subject what it is about
 * @param newId gives each its id
 * @example firstBlocks('pair', () => 'b').some(({ kind }) => kind === 'face-off') // => true
 */
export const firstBlocks = (subject: SubjectKind, newId: () => string): Block[] =>
  firstKinds
    .flatMap((kind): BlockKind[] => (kind === 'parts' && subject !== 'engine' ? ['face-off', 'parts'] : [kind]))
    .map((kind) => newBlock(newId(), kind))
