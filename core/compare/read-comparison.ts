import { catalogueFor, findCharacteristic, partWordsOf, type FilterForm } from '#core/catalogue/index.ts'
import { figures } from '#core/figures/index.ts'
import { problem, type Result } from '#core/result.ts'
import { namedIn } from '#core/teardown/quick-entry.ts'
import { relationFieldOf } from './format-relation.ts'
import { isAlike } from './relation.ts'
import { readRelation, type SaidRelation } from './said-relation.ts'

/** What a comparison may be of, and what it says then. */
export interface ComparisonCandidate {
  /** Key of the characteristic or figure. */
  of: string
  label: string
  /** The words without the name. */
  said: string
  read: Result<SaidRelation>
}

/** What is meant by a word when nothing else is named; of a can its height, of a cartridge that of its element. */
const meant: readonly (readonly [RegExp, readonly string[]])[] = [
  [/\b(?:taller|shorter|as tall)\b/, ['can.height']],
  [/\b(?:heavier|lighter|as heavy)\b/, ['whole.weight']],
  [
    /\b(?:thicker|thinner|as thick|gauge)\b/,
    ['can.wall', 'plate.thickness', 'media.thickness', 'gasket.thickness', 'adbv.thickness'],
  ],
  [/\bpleats?\b/, ['pleats.count']],
  [/\b(?:threads?|turns?)\b/, ['thread.turns']],
]

/**
 * Reads a comparison of two filters in a line: what is compared by its name, before or behind, or by a word that leaves
 * it in no doubt; and how the one stands to the other.
 *
 * @param line as typed, of the one beside the other
 * @param form of the filters
 * @returns what it may be, the likeliest first; empty when nothing is named
 * @example readComparison('wall: a hair thicker', 'spin-on')[0]?.of // => 'can.wall'
 * @example readComparison('8 to 9 g lighter', 'spin-on')[0]?.of // => 'whole.weight'
 */
export function readComparison(line: string, form: FilterForm): ComparisonCandidate[] {
  const low = line.trim().toLowerCase()
  const named = [...characteristicsIn(line.trim(), form), ...figuresIn(low, form)].sort(
    (a, b) => b.name.length - a.name.length,
  )
  const readable = named.filter((one) => isReadable(candidate(one)))
  const [longest] = readable
  const found = [
    ...readable.filter(({ name }) => name.length === longest?.name.length),
    ...answersOfPart(low, form).filter(({ name }) => name.length >= (longest?.name.length ?? 0)),
  ]
    .map(candidate)
    .filter(isReadable)
  if (found.length > 0) return distinct(found)
  if (named.length > 0) return named.slice(0, 1).map(candidate)
  const all = new Set(catalogueFor(form).map(({ key }) => key))
  const byWord = meant.flatMap(([word, keys]) => (word.test(low) ? keys.map((key) => ofForm(key, form)) : []))
  const meantBy = byWord.filter((key) => all.has(key)).map((of) => candidate({ of, rest: low }))
  return meantBy.some(isReadable) ? meantBy.filter(isReadable) : meantBy.slice(0, 1)
}

const distinct = (candidates: readonly ComparisonCandidate[]): ComparisonCandidate[] => [
  ...new Map(candidates.map((one) => [one.of, one])).values(),
]

/** Answers of a part that is named as such: "bypass: the same part". */
const answersOfPart = (low: string, form: FilterForm): NamedRow[] =>
  catalogueFor(form).flatMap((characteristic): NamedRow[] => {
    if (characteristic.kind !== 'choice') return []
    const name = partWordsOf(characteristic).find((word) => low.startsWith(`${word} `) || low.startsWith(`${word}:`))
    return name ? [{ of: characteristic.key, name, rest: low.slice(name.length).replace(/^[:\s]+/, '') }] : []
  })

const ofForm = (key: string, form: FilterForm): string =>
  form === 'cartridge' && key === 'can.height' ? 'element.height' : key

interface NamedRow {
  of: string
  name: string
  rest: string
}

const isReadable = ({ read }: ComparisonCandidate): boolean => read.ok || read.problem.code === 'which-unit'

const characteristicsIn = (line: string, form: FilterForm): NamedRow[] =>
  namedIn(line, catalogueFor(form)).flatMap(({ characteristic, name, rest }): NamedRow[] => {
    const of = rowOf(characteristic.key)
    return relationFieldOf(of) ? [{ of, name, rest }] : []
  })

const figuresIn = (low: string, form: FilterForm): NamedRow[] =>
  figures.flatMap(({ key, label, forms }): NamedRow[] => {
    const name = label.toLowerCase()
    if (!forms.includes(form)) return []
    if (low.startsWith(`${name} `) || low.startsWith(`${name}:`))
      return [{ of: key, name, rest: low.slice(name.length).replace(/^[:\s]+/, '') }]
    return low.endsWith(` ${name}`)
      ? [{ of: key, name, rest: low.slice(0, -name.length).replace(/ (?:the|as much)? *$/, '') }]
      : []
  })

function candidate({ of, rest }: Pick<NamedRow, 'of' | 'rest'>): ComparisonCandidate {
  const field = relationFieldOf(of) ?? { label: of, dimension: undefined, units: [] }
  const read = readRelation(rest.replace(/^is\s+/, ''), field)
  return { of, label: field.label, said: rest, read: onlyTheSameOf(of, read) }
}

/**
 * What was said of two, refused where there are answers and no more and less: they can only be the same.
 *
 * @param of key of the row
 * @param read what was said
 * @example onlyTheSameOf('adbv.material', readRelation('thicker', { dimension: undefined, units: [] })).ok // => false
 */
export function onlyTheSameOf(of: string, read: Result<SaidRelation>): Result<SaidRelation> {
  const found = findCharacteristic(of)
  const isAnswer = found?.kind === 'choice'
  if (!isAnswer || !read.ok || ('relation' in read.value && isAlike(read.value.relation))) return read
  return problem('no-comparison', `${found.label} has answers, no more and less. It can only be said to be the same.`)
}

/**
 * The row that a characteristic is compared in: that of its figure, where it was told as such.
 *
 * @example rowOf('can.wall') // => 'can.wall'
 */
export function rowOf(key: string): string {
  const found = findCharacteristic(key)
  return found?.kind === 'quantity' ? (found.figure ?? key) : key
}
