import { describe, expect, it } from 'vitest'
import { groupBy } from '#core/group-by.ts'

type Texts = Record<string, string | ((...values: never[]) => string)>

const pages = Object.entries(import.meta.glob<Texts>('./*.ts', { eager: true })).filter(
  ([file]) => !file.endsWith('.test.ts'),
)

/** Each text with the source of those that are filled in. */
const all = pages.flatMap(([file, texts]) =>
  Object.entries(texts).map(([name, text]) => ({
    of: `${file} ${name}`,
    text: String(text),
    isFilledIn: typeof text !== 'string',
  })),
)

const sources = Object.values(
  import.meta.glob<string>(['../**/*.{ts,tsx}', '!./**'], { eager: true, query: '?raw', import: 'default' }),
)

const withOut = (pattern: RegExp) => all.filter(({ text }) => pattern.test(text)).map(({ of }) => of)

describe('what the interface says', () => {
  it('stands in a file a page', () => {
    expect(pages.length).toBeGreaterThan(30)
    expect(all.length).toBeGreaterThan(2500)
  })

  it('is said somewhere, each text of it', () => {
    const saidOf = groupBy(
      sources.filter((source) => source.includes('import * as texts')),
      (source) => /#app\/texts\/([\w-]+)\.ts/.exec(source)?.[1],
    )
    const isSaid = (page: string, name: string) =>
      (saidOf.get(page) ?? []).some((source) => new RegExp(`\\btexts\\.${name}\\b`).test(source))
    const unsaid = pages.flatMap(([file, texts]) =>
      Object.keys(texts).filter((name) => !isSaid(/([\w-]+)\.ts$/.exec(file)?.[1] ?? '', name)),
    )
    expect(unsaid).toEqual([])
  })

  it('has signs of its own for an omission and a dash, and one space between words', () => {
    expect(withOut(/\w\.\.\.|\w -- \w/)).toEqual([])
    expect(all.filter(({ text, isFilledIn }) => !isFilledIn && /\S {2,}\S/.test(text)).map(({ of }) => of)).toEqual([])
  })

  it('has one term for one thing', () => {
    expect(withOut(/['"` ](lineups?|line ups?|Lineups?)\b/)).toEqual([])
    expect(withOut(/\b(drainback|antidrainback|by-pass|faceoff)\b/i)).toEqual([])
  })

  it('says no word twice in a row', () => {
    expect(withOut(/\b(the|a|an|of|to|is|in|and|it|for|with) \1\b/i)).toEqual([])
  })
})
