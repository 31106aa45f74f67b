import fc from 'fast-check'
import { parse, type DefaultTreeAdapterTypes as Html } from 'parse5'
import { describe, expect, test } from 'vitest'
import { hostileText } from './hostile.fixture.ts'
import { articleHtml, articleMarkdown } from './article.ts'
import { newBlock } from './block.ts'
import { composeReview } from './compose.ts'
import { escapeMarkdown, proseHtml, proseText } from './prose.ts'
import { reviewedProduct, reviewMaterial } from './review-material.fixture.ts'
import { micromark } from 'micromark'

/** Every element of a document, read by parse5: a general parser of HTML by the WHATWG standard. */
function elementsOf(html: string): Html.Element[] {
  const walk = (node: Html.Node): Html.Element[] => [
    ...('tagName' in node ? [node] : []),
    ...('childNodes' in node ? node.childNodes.flatMap(walk) : []),
  ]
  return walk(parse(html))
}

const allowed = new Set(
  'html head meta title style body main header footer section aside time h1 h2 h3 h4 h5 h6 p ul ol li div table caption'
    .concat(' thead tbody tr th td figure figcaption b mark strong em a code pre blockquote hr br')
    .split(' '),
)

/** A review in which everything that can be typed is the text. */
function reviewOf(text: string) {
  const block = { ...newBlock('b', 'opening'), heading: text, prose: `${text} {wall of N-40} ${text}` }
  const products = [
    reviewedProduct({ id: 'n', partNumber: 'N-40', name: text, given: [text], word: text }),
    ...reviewMaterial.products.slice(1),
  ]
  const blocks = [
    block,
    ...(['disclosure', 'line-up', 'parts', 'money', 'verdict', 'oil-way', 'promised'] as const).map((kind) =>
      newBlock(kind, kind),
    ),
  ]
  const promised = [{ id: 'p', product: text, label: text, text }]
  const material = { ...reviewMaterial, promised, products, engine: text, verdictWords: text }
  return composeReview({ title: text, blocks }, material, [{ day: '2026-11-27', words: text }])
}

describe('an article as HTML', () => {
  test('whatever is typed is text: no element, attribute or address of it comes in', () => {
    fc.assert(
      fc.property(hostileText, (text) => {
        for (const { tagName, attrs } of elementsOf(articleHtml(reviewOf(text), text))) {
          expect(allowed).toContain(tagName)
          for (const { name, value } of attrs) {
            expect(name).not.toMatch(/^on|^src|^style$|^srcset$/)
            if (name === 'href') expect(value).toMatch(/^https?:/i)
          }
        }
      }),
      { numRuns: 300 },
    )
  })

  test('it asks for nothing from anywhere, and its tables have captions and heads', () => {
    const html = articleHtml(reviewOf('![x](http://a.b/c.png) <img src=http://a.b>'), '')
    const elements = elementsOf(html)
    expect(elements.filter(({ tagName }) => ['img', 'script', 'link', 'iframe'].includes(tagName))).toEqual([])
    const tables = elements.filter(({ tagName }) => tagName === 'table')
    expect(tables.length).toBeGreaterThan(2)
    for (const table of tables)
      expect(table.childNodes.map((one) => one.nodeName)).toEqual(['caption', 'thead', 'tbody'])
  })

  test('a figure stands in its place; one that has moved is marked and says what it was', () => {
    expect(proseHtml('It is *{a of b}*.', [{ name: 'a of b', text: '<1 mm>', was: '"2"' }])).toBe(
      '<p>It is <em><mark title="was &quot;2&quot;">&lt;1 mm&gt;</mark></em>.</p>',
    )
    expect(proseHtml('{no such}', [{ name: 'no such', text: undefined }])).toBe('<p>{no such}</p>')
  })

  test('only a link to the web is a link, and no figure gets into an address', () => {
    const link = (to: string) => proseHtml(`[x](${to})`, [{ name: 'a of b', text: '1" onclick="y' }])
    expect(link('https://a.b/c')).toBe('<p><a rel="noreferrer" href="https://a.b/c">x</a></p>')
    for (const to of ['javascript:alert(1)', 'data:text/html,x', 'mailto:a@b', '/c', '#d', 'JAVASCRIPT:x'])
      expect(link(to)).not.toMatch(/href/)
    expect(link('https://a.b "{a of b}"')).not.toMatch(/onclick="/)
  })
})

describe('an article as Markdown', () => {
  test('read again by a general parser, what was typed in lines is the same text', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[ -~]{1,30}$/), (text) => {
        const plain = text.trim().replace(/\s+/g, ' ')
        fc.pre(plain !== '' && !/^\d+\./.test(plain))
        const html = micromark(escapeMarkdown(plain)).replace(/&amp;/g, '&').replace(/&lt;/g, '<')
        expect(html.replace(/&gt;/g, '>').replace(/&quot;/g, '"')).toBe(`<p>${plain}</p>`)
      }),
    )
  })

  test('it holds title, correction, tables and prose', () => {
    const text = articleMarkdown(reviewOf('a|b'), 'Told.')
    expect(text).toMatch(/^# a\\\|b\n/)
    expect(text).toContain('> **Correction, 2026\\-11\\-27:** a\\|b')
    expect(text).toContain('| a\\|b | 0.51 mm'.slice(0, 8))
    expect(text).toMatch(/Told\.\n$/)
  })
})

test('a prose as plain text keeps its words and figures', () => {
  expect(proseText('# Head\n\n**{a of b}** and _more_, [here](http://x.y)', [{ name: 'a of b', text: '1 mm' }])).toBe(
    'Head\n\n1 mm and more, here',
  )
})
