import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { LRUCache } from 'lru-cache'
import type { Font, Glyph, PathCommand } from 'opentype.js'
import type { Measure, TextStyle } from '#core/review/card-text.ts'

const files = {
  label: ['barlow-condensed', '500'],
  bold: ['barlow-condensed', '600'],
  text: ['public-sans', '400'],
} as const satisfies Record<TextStyle['face'], readonly [string, string]>

/** Letters of a face are in several files, by script. */
const subsets = ['latin', 'latin-ext']

const require = createRequire(import.meta.url)
const { parse } = require('opentype.js') as typeof import('opentype.js')
const faces = new Map<TextStyle['face'], Font[]>()

function facesOf(face: TextStyle['face']): Font[] {
  const known = faces.get(face)
  if (known) return known
  const [family, weight] = files[face]
  const loaded = subsets.map((subset) => {
    const bytes = readFileSync(require.resolve(`@fontsource/${family}/files/${family}-${subset}-${weight}-normal.woff`))
    return parse(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength))
  })
  faces.set(face, loaded)
  return loaded
}

/** A text in runs, each in the file that has its letters; what none has stands as a question mark. */
function runsOf(text: string, face: TextStyle['face']): { font: Font; text: string }[] {
  const fonts = facesOf(face)
  const runs: { font: Font; text: string }[] = []
  for (const letter of text) {
    const font = fonts.find((one) => one.charToGlyphIndex(letter) > 0)
    const [first] = fonts
    if (!first) continue
    const last = runs.at(-1)
    const own = font ?? first
    if (last?.font === own) last.text += font ? letter : '?'
    else runs.push({ font: own, text: font ? letter : '?' })
  }
  return runs
}

/** What outlines and widths are counted in: thousandths of the height of the letters. */
export const unitsOfHeight = 1000

/** A text as it is set: each letter's outline and where it stands, and how wide all of it is. */
interface SetLine {
  letters: { outline: string; x: number }[]
  width: number
}

/** A text is measured at several sizes before it is drawn; so many letters are kept. */
const setLines = new LRUCache<string, SetLine>({
  maxSize: 50_000,
  sizeCalculation: ({ letters }) => letters.length + 1,
})

function setLine(text: string, face: TextStyle['face']): SetLine {
  const key = `${face} ${text}`
  const known = setLines.get(key)
  if (known) return known
  const letters: SetLine['letters'] = []
  let width = 0
  for (const { font, text: own } of runsOf(text, face))
    width = font.forEachGlyph(own, width, 0, unitsOfHeight, undefined, (glyph, x) => {
      letters.push({ outline: outlineOfLetter(glyph), x: rounded(x) })
    })
  const line = { letters, width }
  setLines.set(key, line)
  return line
}

/** How wide a text is in the faces of the house. */
export const measureText: Measure = (text, { face, size }) => (setLine(text, face).width * size) / unitsOfHeight

/** A text as outlines, so that it looks the same wherever it goes: data of an SVG path that begins at 0, 0. */
export const outlineOf = (text: string, face: TextStyle['face']): string =>
  setLine(text, face)
    .letters.map(({ outline, x }) => (outline === '' ? '' : `M${x} 0${outline}`))
    .join('')

const outlines = new WeakMap<Glyph, string>()

/** The outline of a letter from where the pen stands. */
function outlineOfLetter(glyph: Glyph): string {
  const known = outlines.get(glyph)
  if (known !== undefined) return known
  let [pen, start] = [
    { x: 0, y: 0 },
    { x: 0, y: 0 },
  ]
  let outline = ''
  for (const command of glyph.getPath(0, 0, unitsOfHeight).commands) {
    const points = pointsOf(command)
    const { x, y } = pen
    outline += command.type.toLowerCase() + points.map((one) => `${rounded(one.x - x)} ${rounded(one.y - y)}`).join(' ')
    pen = points.at(-1) ?? start
    if (command.type === 'M') start = pen
  }
  outlines.set(glyph, outline)
  return outline
}

const rounded = (value: number): number => Math.round(10 * value) / 10

/** The points that a command of an outline goes by, the last one where it ends. */
function pointsOf(command: PathCommand): { x: number; y: number }[] {
  if (command.type === 'Z') return []
  const points = [{ x: command.x, y: command.y }]
  if ('x2' in command) points.unshift({ x: command.x2, y: command.y2 })
  if ('x1' in command) points.unshift({ x: command.x1, y: command.y1 })
  return points.map(({ x, y }) => ({ x: rounded(x), y: rounded(y) }))
}
