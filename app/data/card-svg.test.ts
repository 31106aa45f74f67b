import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { XMLParser, XMLValidator } from 'fast-xml-parser'
import fc from 'fast-check'
import sharp from 'sharp'
import { describe, expect, test } from 'vitest'
import { cardKinds, cardSizes, layOutCard } from '#core/review/card.ts'
import { hostileText } from '#core/review/hostile.fixture.ts'
import { reviewedProduct, reviewMaterial } from '#core/review/review-material.fixture.ts'
import { measureText, outlineOf, unitsOfHeight } from './card-faces.server.ts'
import { cardSvg } from './card-svg.server.ts'

const drawing = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 4 2"><rect width="4" height="2"/></svg>'

describe('a card as SVG', () => {
  test('whatever is typed it is well-formed by a general parser, and holds nothing but shapes', () => {
    fc.assert(
      fc.property(hostileText, fc.constantFrom(...cardKinds), (text, { key }) => {
        const products = [reviewedProduct({ id: 'n', partNumber: 'N', name: text }), reviewMaterial.products[1]!]
        const material = { ...reviewMaterial, engine: text, callText: text, products }
        const svg = cardSvg(layOutCard(key, cardSizes[0], material, measureText), () => drawing)
        expect(XMLValidator.validate(svg)).toBe(true)
        expect(svg).not.toMatch(/NaN|Infinity/)
        const { svg: read } = new XMLParser({ ignoreAttributes: false }).parse(svg) as { svg: Record<string, unknown> }
        for (const name of Object.keys(read))
          expect(name.startsWith('@_') || ['title', 'rect', 'path', 'image'].includes(name)).toBe(true)
      }),
      { numRuns: 60 },
    )
  })

  test.each(cardSizes)('it becomes a PNG of $label', async (size) => {
    const svg = cardSvg(layOutCard('pair', size, reviewMaterial, measureText), () => drawing)
    const { width, height, format } = await sharp(await sharp(Buffer.from(svg)).png().toBuffer()).metadata()
    expect({ width, height, format }).toEqual({ width: size.width, height: size.height, format: 'png' })
  })
})

test('an outline is as wide as it was measured, and lies where it is put', async () => {
  const style = { face: 'bold', size: 60 } as const
  const width = measureText('Norrith N-40: 0.51 mm², 99 %', style)
  const outline = outlineOf('Norrith N-40: 0.51 mm², 99 %', style.face)
  const path = `<path transform="translate(20 80) scale(${style.size / unitsOfHeight})" d="${outline}"/>`
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="900" height="120">${path}</svg>`
  const { info } = await sharp(Buffer.from(svg))
    .flatten({ background: '#fff' })
    .trim()
    .toBuffer({ resolveWithObject: true })
  expect(Math.abs(info.width - width)).toBeLessThan(8)
  expect(-(info.trimOffsetLeft ?? 0)).toBeGreaterThanOrEqual(19)
})

test('letters are drawn as the package that reads the face draws them', async () => {
  const require = createRequire(import.meta.url)
  const { parse } = require('opentype.js') as typeof import('opentype.js')
  const bytes = readFileSync(require.resolve('@fontsource/public-sans/files/public-sans-latin-400-normal.woff'))
  const font = parse(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength))
  const text = 'AVOID: 8 × 6.6 mm & „Größe“ gjy?'
  const size = 48
  const drawn = async (path: string) =>
    sharp(Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg" width="900" height="120">${path}</svg>`))
      .flatten({ background: '#fff' })
      .greyscale()
      .raw()
      .toBuffer()
  const place = `translate(20 80) scale(${size / unitsOfHeight})`
  const own = await drawn(`<path transform="${place}" d="${outlineOf(text, 'text')}"/>`)
  const theirs = await drawn(font.getPath(text, 20, 80, size).toSVG(3))
  const apart = own.map((value, at) => Math.abs(value - theirs[at]!))
  expect(Math.max(...apart)).toBeLessThan(40)
  expect(own.filter((value) => value < 128).length).toBeGreaterThan(3000)
})

test('letters that no face has stand as a question mark, those of other files are found', () => {
  const style = { face: 'text', size: 20 } as const
  expect(measureText('ő', style)).toBeGreaterThan(5)
  expect(measureText('ő', style)).not.toBe(measureText('?', style))
  expect(measureText('漢', style)).toBe(measureText('?', style))
})
