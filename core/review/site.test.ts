import { XMLParser, XMLValidator } from 'fast-xml-parser'
import fc from 'fast-check'
import { parse, type DefaultTreeAdapterTypes as Html } from 'parse5'
import { describe, expect, test } from 'vitest'
import { hostileText } from './hostile.fixture.ts'
import { articlePath, siteFiles, slugOf, type SiteReview } from './site.ts'

const review = (of: Partial<SiteReview> = {}): SiteReview => ({
  slug: 'skerry-abc',
  title: 'Skerry',
  engine: 'Skerry 1.1 D',
  products: ['Norrith N-40'],
  publishedAt: '2026-10-02T10:00:00.000Z',
  updatedAt: '2026-11-27T10:00:00.000Z',
  summary: 'Norrith N-40 leads.',
  ...of,
})

/** Addresses that a page leads to, by parse5. */
function linksOf(html: string): string[] {
  const walk = (node: Html.Node): string[] => [
    ...('attrs' in node ? node.attrs.filter(({ name }) => name === 'href').map(({ value }) => value) : []),
    ...('childNodes' in node ? node.childNodes.flatMap(walk) : []),
  ]
  return walk(parse(html))
}

describe('a site', () => {
  test('every link of its index leads to a file of it, and every article is linked by engine and by product', () => {
    const reviews = [review(), review({ slug: 'brae-def', title: 'Brae', engine: 'Brae 16P', products: ['A', 'B'] })]
    const files = siteFiles('Filters', 'https://example.org/', reviews)
    const links = linksOf(files.get('index.html')!)
    const there = [...files.keys(), ...reviews.map(articlePath)]
    for (const link of links) expect(there).toContain(link)
    expect(links.filter((link) => link === 'reviews/skerry-abc.html')).toHaveLength(2)
    expect(links.filter((link) => link === 'reviews/brae-def.html')).toHaveLength(3)
  })

  test('its feeds and its map hold whatever was typed, by general parsers', () => {
    fc.assert(
      fc.property(hostileText, (text) => {
        const files = siteFiles(text, 'https://example.org', [review({ title: text, summary: text, engine: text })])
        for (const name of ['atom.xml', 'sitemap.xml']) expect(XMLValidator.validate(files.get(name)!)).toBe(true)
        const { feed } = new XMLParser({ processEntities: true }).parse(files.get('atom.xml')!) as {
          feed: { entry: { id: string; updated: string } }
        }
        expect(feed.entry).toMatchObject({
          id: 'https://example.org/reviews/skerry-abc.html',
          updated: '2026-11-27T10:00:00.000Z',
        })
        const json = JSON.parse(files.get('feed.json')!) as { items: { title: string }[] }
        expect(json.items[0]!.title).toBe(text)
        expect(linksOf(files.get('index.html')!).sort()).toEqual(
          ['atom.xml', 'feed.json', 'reviews/skerry-abc.html', 'reviews/skerry-abc.html'].sort(),
        )
      }),
      { numRuns: 200 },
    )
  })

  test('without an address it has no map, and its feeds are of names that stay', () => {
    const files = siteFiles('Filters', '', [review()])
    expect(files.has('sitemap.xml')).toBe(false)
    expect(files.get('atom.xml')).toContain('<id>urn:plicator:skerry-abc</id>')
    expect(files.get('robots.txt')).toBe('User-agent: *\nAllow: /\n')
  })

  test('a place on it is of plain letters, whatever the title, and no two are the same', () => {
    fc.assert(
      fc.property(hostileText, (title) => {
        expect(slugOf(title, 'Abc_12')).toMatch(/^[a-z0-9]+(-[a-z0-9]+)*$/)
      }),
    )
    expect(slugOf('Øl', 'a1')).not.toBe(slugOf('Øl', 'a2'))
  })
})
