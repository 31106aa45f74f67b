import type { Chapter } from './chapters.ts'
import type { FilmMoment } from './film.ts'

/** A text over a film, ms from its beginning. */
export interface Cue {
  from: number
  to: number
  text: string
}

/** How long a reading stays, ms, and how long the least of it. Common practice, no published source. */
const stays = 4000
const least = 500

/**
 * Readings as texts over the film: each until the next, four seconds at most.
 *
 * @param moments of the film, in its order
 * @example captionCues([{ at: 1.5, text: 'Wall 0.51 mm', isChapter: false }])
 * // => [{ from: 1500, to: 5500, text: 'Wall 0.51 mm' }]
 */
export function captionCues(moments: readonly FilmMoment[]): Cue[] {
  const cues: Cue[] = []
  for (const { at, text } of moments.filter(({ isChapter }) => !isChapter)) {
    const from = Math.max(Math.round(1000 * at), (cues.at(-1)?.from ?? -least) + least)
    const last = cues.at(-1)
    if (last) last.to = Math.min(last.to, from)
    cues.push({ from, to: from + stays, text })
  }
  return cues
}

/**
 * Chapters as texts from each to the next.
 *
 * @param end of the film, s
 * @example chapterCues([{ at: 0, title: 'Box' }], 20) // => [{ from: 0, to: 20000, text: 'Box' }]
 */
export const chapterCues = (chapters: readonly Chapter[], end: number): Cue[] =>
  chapters.map(({ at, title }, index) => ({
    from: 1000 * at,
    to: 1000 * (chapters[index + 1]?.at ?? Math.max(end, at + 1)),
    text: title,
  }))

const two = (value: number, digits = 2): string => String(value).padStart(digits, '0')

const clock = (ms: number, separator: string): string =>
  [Math.floor(ms / 3_600_000), Math.floor(ms / 60_000) % 60, Math.floor(ms / 1000) % 60]
    .map((one) => two(one))
    .join(':') +
  separator +
  two(ms % 1000, 3)

/** A text on one line; a cue ends with an empty one. */
const oneLine = (text: string): string => text.replace(/[\s\u0000-\u001F\u0085\u2028\u2029]+/g, ' ').trim()

/**
 * Texts over a film as WebVTT.
 *
 * Source: W3C, WebVTT: The Web Video Text Tracks Format, 4 (escapes of cue text), from memory.
 *
 * @example formatVtt([{ from: 0, to: 1500, text: 'a < b' }])
 * // => 'WEBVTT\n\n1\n00:00:00.000 --> 00:00:01.500\na &lt; b\n'
 */
export const formatVtt = (cues: readonly Cue[]): string =>
  [
    'WEBVTT',
    ...cues.map(({ from, to, text }, at) => {
      const words = oneLine(text).replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;')
      return `${at + 1}\n${clock(from, '.')} --> ${clock(to, '.')}\n${words || '…'}`
    }),
  ]
    .join('\n\n')
    .concat('\n')

/**
 * Texts over a film as SubRip; what some players take for a tag is written with other signs.
 *
 * Source: SubRip as it is commonly written, no standard; from memory.
 *
 * @example formatSrt([{ from: 0, to: 1500, text: 'Box' }]) // => '1\n00:00:00,000 --> 00:00:01,500\nBox\n'
 */
export const formatSrt = (cues: readonly Cue[]): string =>
  cues
    .map(({ from, to, text }, at) => {
      const words = oneLine(text).replace(/</g, '‹').replace(/>/g, '›').replace(/\{/g, '(').replace(/\}/g, ')')
      return `${at + 1}\n${clock(from, ',')} --> ${clock(to, ',')}\n${words || '…'}`
    })
    .join('\n\n')
    .concat('\n')
