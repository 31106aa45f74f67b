import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { cardKinds, cardSizes, layOutCard } from './card.ts'
import { fitLine, fitLines, type Measure } from './card-text.ts'
import { hostileText } from './hostile.fixture.ts'
import { reviewedProduct, reviewMaterial } from './review-material.fixture.ts'

/** Letters as wide as half their height, but some. */
const measure: Measure = (text, { size }) =>
  [...text].reduce((sum, letter) => sum + size * (letter === 'W' ? 1 : letter === 'i' ? 0.2 : 0.5), 0)
const style = { face: 'text', size: 40 } as const

describe('a text that is fitted', () => {
  test('whatever it is, never is wider than its room', () => {
    fc.assert(
      fc.property(hostileText, fc.integer({ min: 20, max: 600 }), (text, width) => {
        const line = fitLine(text, width, style, 12, measure)
        expect(measure(line.text, { ...style, size: line.size })).toBeLessThanOrEqual(width)
        const { lines, size } = fitLines(text, width, 3, style, 12, measure)
        expect(lines.length).toBeLessThanOrEqual(3)
        for (const one of lines) expect(measure(one, { ...style, size })).toBeLessThanOrEqual(width)
      }),
    )
  })

  test('has smaller letters before its end is cut off', () => {
    expect(fitLine('Norrith N-40', 200, style, 12, measure)).toMatchObject({ text: 'Norrith N-40' })
    expect(fitLine('W'.repeat(100), 200, style, 12, measure).text).toMatch(/^W+…$/)
    expect(fitLines('one two three', 1000, 3, style, 12, measure)).toEqual({ lines: ['one two three'], size: 40 })
  })
})

const long = 'Extraordinarily-long-winded brand name of the northern islands W-1234567890'
const eight = Array.from({ length: 8 }, (_, at) =>
  reviewedProduct({ id: `p${at}`, partNumber: `P-${at}`, name: at % 2 ? long : `P-${at}` }),
)
const crowded = {
  ...reviewMaterial,
  callText: `${long} leads: first in 84 % of what may be.`,
  engine: long,
  products: eight,
  rows: Array.from({ length: 60 }, (_, at) => ({
    ...{ key: `row${at}`, label: at % 3 ? 'Wall' : long, part: 'can' as const, differs: true },
    cells: eight.map((__, of) => ({
      ...{ text: `${of} ${at % 5 ? 'mm' : long}`, evidence: 'inferred' as const, value: of },
    })),
  })),
}

describe.each(cardSizes)('a card of $label', (size) => {
  test.each(cardKinds)('$label: eight products with long names stay within it, and no text in another', ({ key }) => {
    const { items, alt } = layOutCard(key, size, crowded, measure)
    const texts = items.flatMap((item) => (item.kind === 'text' ? [item] : []))
    expect(texts.length).toBeGreaterThan(5)
    for (const item of items) {
      const isEnd = item.kind === 'text' && item.end
      const left = isEnd ? item.x - item.width : item.x
      expect(left).toBeGreaterThanOrEqual(0)
      expect(left + item.width).toBeLessThanOrEqual(size.width)
      expect(item.y).toBeLessThanOrEqual(size.height)
      if (item.kind === 'text') expect(measure(item.text, item.style)).toBeLessThanOrEqual(item.width)
    }
    for (const [at, one] of texts.entries())
      for (const other of texts.slice(at + 1)) {
        const [a, b] = [one, other].map((text) => (text.end ? text.x - text.width : text.x)) as [number, number]
        const isBeside = a + one.width <= b || b + other.width <= a
        expect(isBeside || Math.abs(one.y - other.y) >= 0.8 * Math.min(one.style.size, other.style.size)).toBe(true)
      }
    expect(alt.length).toBeGreaterThan(20)
  })
})

test('what was not looked at is said not to have been', () => {
  const rows = reviewMaterial.rows.map((row) => ({
    ...row,
    cells: row.cells.map((cell) => ({ ...cell, evidence: 'claimed' as const })),
  }))
  const { items } = layOutCard('parts', cardSizes[0], { ...reviewMaterial, rows }, measure)
  const texts = items.flatMap((item) => (item.kind === 'text' ? [item.text] : []))
  expect(texts).toContain('0.51 mm (told)')
  expect(texts.at(-1)).toContain('told: by the maker')
})

test('of nobody there is a card, too', () => {
  const nothing = { ...reviewMaterial, products: [], rows: [], callText: '' }
  for (const { key } of cardKinds)
    expect(layOutCard(key, cardSizes[0], nothing, measure).items.length).toBeGreaterThan(2)
})
