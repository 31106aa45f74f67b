import { describe, expect, test } from 'vitest'
import { blockKinds, firstBlocks, newBlock } from './block.ts'
import { blockChanges, composeReview, lookedThrough } from './compose.ts'
import { drawBlock } from './draw-block.ts'
import { pieceLines } from './review-document.ts'
import { reviewedProduct, reviewMaterial } from './review-material.fixture.ts'
import { canonicalText, documentChanges } from './review-version.ts'

const linesOf = (kind: (typeof blockKinds)[number]['key'], material = reviewMaterial) =>
  drawBlock(newBlock('b', kind), material).pieces.flatMap(pieceLines)

describe('what blocks draw', () => {
  test('only rows that differ stand in the part by part', () => {
    expect(linesOf('parts')).toEqual(['Media area: 1193 cm² | 768 cm²', 'Can wall: 0.51 mm | 0.38 mm'])
    expect(linesOf('parts', { ...reviewMaterial, rows: [] })[0]).toMatch(/Nothing is known yet/)
  })

  test('who is first is said with how sure that is', () => {
    expect(linesOf('verdict')).toEqual([
      'Norrith N-40 leads: first in 84 % of what may be.',
      'Norrith N-40: 72',
      'Merribank M-2: 60',
      'Norrith N-40: 72 (64 to 80) | 84 % | 20 of 30, 66 % of the weight | ',
      'Merribank M-2: 60 (50 to 70) | 16 % | 20 of 30, 66 % of the weight | ',
    ])
    expect(linesOf('verdict', { ...reviewMaterial, callText: '', products: [] })).toEqual(['Nobody is judged yet.'])
  })

  test('a price stands with its day and its shop; one that is not known is said', () => {
    const products = [...reviewMaterial.products, reviewedProduct({ id: 'x', partNumber: 'X-1', price: undefined })]
    expect(linesOf('money', { ...reviewMaterial, products })).toEqual([
      'Norrith N-40: 12.90 EUR landed, Harbour Chandlery, 2026-10-02',
      'Merribank M-2: 12.90 EUR landed, Harbour Chandlery, 2026-10-02',
      'Norrith X-1: no price is known',
    ])
  })

  test('claims of different tests are said not to be comparable', () => {
    const [n, m] = reviewMaterial.products.map((one, at) => ({
      ...one,
      efficiency: '95 %',
      claims: [
        {
          ...{ kind: 'Efficiency', words: '95 %', grade: 'partial' as const, lacks: ['the test'], hasShare: true },
          ...{ standard: at === 0 ? 'ISO 4548-12' : '', place: 'box, front', readOn: '2026-10-02' },
        },
      ],
    }))
    expect(linesOf('claims', { ...reviewMaterial, products: [n!, m!] }).at(-1)).toMatch(/not comparable/)
    expect(linesOf('claims').at(-1)).toMatch(/nothing can be compared/)
  })

  test('the oil of the first is followed, or of the one that is chosen', () => {
    expect(linesOf('oil-way').slice(0, 3)).toEqual([
      'Running: Runs.',
      'Stopped: Stands.',
      'Cold or clogged: Goes past.',
    ])
    const drawn = (a: string) => drawBlock({ ...newBlock('b', 'oil-way'), a }, reviewMaterial).pieces[0]
    expect(drawn('')).toMatchObject({ kind: 'oil-way', specimen: 'n-a', name: 'Norrith N-40' })
    expect(drawn('m')).toMatchObject({ kind: 'oil-way', specimen: 'm-a' })
    expect(drawn('gone')).toMatchObject({ kind: 'paragraph' })
  })

  test('what was promised stands with what is known of it', () => {
    const promise = { id: 'p', product: 'Norrith N-40', label: 'Can wall', text: '0.51 mm' }
    const promised = [promise, { ...promise, id: 'q', label: 'Seam', text: '' }]
    expect(linesOf('promised', { ...reviewMaterial, promised })).toEqual([
      'Norrith N-40, Can wall: 0.51 mm',
      'Norrith N-40, Seam: still not looked at',
    ])
    expect(linesOf('promised')).toEqual(['Nothing was promised to be shown later.'])
  })

  test('what one specimen cannot say is among what is not known', () => {
    expect(linesOf('unknown')).toEqual(['Merribank M-2: one specimen was opened.'])
  })

  test('every kind draws without fault from nothing at all', () => {
    const nothing = { ...reviewMaterial, products: [], rows: [], faceOffs: [], call: undefined, callText: '' }
    for (const { key } of blockKinds) expect(() => linesOf(key, nothing)).not.toThrow()
  })
})

describe('data that move', () => {
  const block = lookedThrough({ ...newBlock('b', 'money'), prose: '{wall of N-40}' }, reviewMaterial)
  const dearer = {
    ...reviewMaterial,
    products: reviewMaterial.products.map((one) => ({ ...one, price: { ...one.price!, text: '13.90 EUR' } })),
  }

  test('a block that was looked through says what has moved since', () => {
    expect(blockChanges(block, reviewMaterial)).toBeUndefined()
    expect(blockChanges(block, dearer)?.come).toContain('Norrith N-40: 13.90 EUR landed, Harbour Chandlery, 2026-10-02')
    expect(blockChanges(lookedThrough(block, dearer), dearer)).toBeUndefined()
  })

  test('a figure in the words counts as well', () => {
    const [wall, ...rows] = reviewMaterial.rows
    const thicker = { ...wall!, cells: [{ text: '0.60 mm' }, wall!.cells[1]!] }
    const changed = blockChanges(block, { ...reviewMaterial, rows: [thicker, ...rows] })
    expect(changed).toMatchObject({ gone: ['wall of N-40: 0.51 mm'], come: ['wall of N-40: 0.60 mm'] })
  })

  test('one that was never looked through has not moved', () => {
    expect(blockChanges(newBlock('b', 'money'), dearer)).toBeUndefined()
  })

  test('a review that was published says section by section what is different now', () => {
    let count = 0
    const review = { title: 'Skerry', blocks: firstBlocks('engine', () => `b${count++}`) }
    const before = composeReview(review, reviewMaterial, [])
    expect(documentChanges(before, composeReview(review, reviewMaterial, []))).toEqual([])
    const changes = documentChanges(before, composeReview({ ...review, title: 'Other' }, dearer, []))
    expect(changes.map(({ title }) => title)).toEqual(['Title', 'Line-up', 'Money'])
    const shorter = { ...review, blocks: review.blocks.slice(1) }
    expect(documentChanges(before, composeReview(shorter, reviewMaterial, []))[0]).toMatchObject({
      title: 'Opening',
      come: [],
    })
  })
})

test('the same content has the same text, in whatever order it was made', () => {
  expect(canonicalText({ b: [1, { d: null, c: 'x' }], a: undefined })).toBe('{"b":[1,{"c":"x","d":null}]}')
  expect(canonicalText(JSON.parse('{"y":1,"x":2}'))).toBe(canonicalText({ x: 2, y: 1 }))
})
