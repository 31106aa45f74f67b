import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { Font, PathCommand } from 'opentype.js'
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

/** How wide a text is in the faces of the house. */
export const measureText: Measure = (text, { face, size }) =>
  runsOf(text, face).reduce((sum, run) => sum + run.font.getAdvanceWidth(run.text, size), 0)

/** A text as outlines, so that it looks the same wherever it goes: data of an SVG path. */
export function outlineOf(text: string, x: number, y: number, { face, size }: TextStyle): string {
  let at = x
  return runsOf(text, face)
    .map(({ font, text: own }) => {
      const path = font.getPath(own, at, y, size).commands.map(commandText).join('')
      at += font.getAdvanceWidth(own, size)
      return path
    })
    .join('')
}

/** Tenths of a pixel are as fine as anybody sees. */
const rounded = (value: number): string => String(Math.round(10 * value) / 10)

/** A command of an outline as SVG writes it; the package's own writing makes no number of some. */
function commandText(command: PathCommand): string {
  const points = (['x1', 'y1', 'x2', 'y2', 'x', 'y'] as const).flatMap((name) => {
    const value = (command as Partial<Record<typeof name, number>>)[name]
    return value === undefined ? [] : [rounded(value)]
  })
  return command.type + points.join(' ')
}
