import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { captionCues, chapterCues, formatSrt, formatVtt, type Cue } from './captions.ts'
import { chapterRules, chaptersOf, formatChapters } from './chapters.ts'
import { parseEditList } from './edit-list.ts'
import { cutFilm, momentsByRun, uncutFilm, type FilmMoment, type Moment, type Take } from './film.ts'
import { frameRates, framesOf, secondsOf, timecodeOf } from './frame-rate.ts'
import { hostileText } from './hostile.fixture.ts'

describe('timecode', () => {
  /** Worked drop-frame values as handbooks of television give them; from memory. */
  test.each([
    ['29.97df', '00:00:59;29', 1799],
    ['29.97df', '00:01:00;02', 1800],
    ['29.97df', '00:02:00;02', 3598],
    ['29.97df', '00:09:59;29', 17_981],
    ['29.97df', '00:10:00;00', 17_982],
    ['29.97df', '01:00:00;00', 107_892],
    ['29.97', '01:00:00:00', 108_000],
    ['59.94df', '00:01:00;04', 3600],
    ['59.94df', '01:00:00;00', 215_784],
    ['25', '01:00:00:00', 90_000],
    ['23.976', '01:00:00:00', 86_400],
  ] as const)('%s: %s is frame %d', (rate, text, frame) => {
    expect(framesOf(text, rate)).toEqual({ ok: true, value: frame })
    expect(timecodeOf(frame, rate)).toBe(text)
  })

  test('drop-frame keeps to the clock within 0.1 s an hour, non-drop is 3.6 s late; from memory', () => {
    expect(Math.abs(secondsOf(107_892, '29.97df') - 3600)).toBeLessThan(0.1)
    expect(secondsOf(108_000, '29.97') - 3600).toBeCloseTo(3.6, 6)
  })

  test.each(['00:01:00;00', '00:01:00;01', '00:59:00;01'])('%s is left out in drop-frame', (text) => {
    expect(framesOf(text, '29.97df').ok).toBe(false)
    expect(framesOf(text, '29.97').ok).toBe(true)
  })

  test.each(['', '1:2:3:4', '00:00:00:25', '24:00:00:00', '00:60:00:00', 'x'])('%j is none at 25', (text) =>
    expect(framesOf(text, '25').ok).toBe(false),
  )

  test('there and back is the same at every rate', () => {
    fc.assert(
      fc.property(fc.constantFrom(...frameRates), fc.integer({ min: 0, max: 2_000_000 }), ({ key }, frame) => {
        expect(framesOf(timecodeOf(frame, key), key)).toEqual({ ok: true, value: frame })
      }),
    )
  })
})

const list = `TITLE: SKERRY
FCM: NON-DROP FRAME

001  AX       V     C        00:00:10:00 00:00:20:00 01:00:00:00 01:00:10:00
* FROM CLIP NAME: A001.MOV
* COMMENT: nothing
002  AX       A     C        00:00:10:00 00:00:20:00 01:00:00:00 01:00:10:00
003  BL       V     C        00:00:00:00 00:00:02:00 01:00:10:00 01:00:12:00
004  AX       V     D    012 00:00:40:00 00:01:00:00 01:00:12:00 01:00:32:00
* FROM CLIP NAME: A002.MOV
`

describe('an edit list', () => {
  test('its pictures are cuts in the order of the film; sound and black are left out', () => {
    expect(parseEditList(list, '25')).toEqual({
      ok: true,
      value: [
        { reel: 'AX', clip: 'A001.MOV', from: 250, to: 500, at: 0 },
        { reel: 'AX', clip: 'A002.MOV', from: 1000, to: 1500, at: 300 },
      ],
    })
  })

  test.each([
    ['', 'There is no event'],
    ['001  AX V C 00:00:10:00 00:00:20:00 01:00:00:00', 'Line 1:'],
    ['\n001  AX V C 00:00:10:99 00:00:20:00 01:00:00:00 01:00:10:00', 'Line 2: "00:00:10:99" is no timecode'],
    ['FCM: DROP FRAME', 'Line 1: it is drop-frame'],
  ])('%j is refused, by its line', (text, why) => {
    const read = parseEditList(text, '25')
    expect(read.ok ? '' : read.problem.message).toContain(why)
  })

  test('no text makes it throw', () => {
    fc.assert(fc.property(hostileText, (text) => void parseEditList(`001 ${text}`, '29.97df')))
  })
})

const start = Date.parse('2026-10-02T10:00:00Z')
const moment = (second: number, text: string, isChapter = false): Moment => ({
  at: new Date(start + 1000 * second).toISOString(),
  text,
  isChapter,
})
const take = (moments: Moment[], second = 0): Take => ({
  startsAt: new Date(start + 1000 * second).toISOString(),
  endsAt: null,
  moments,
  reel: '',
  firstFrame: 0,
})

describe('a film', () => {
  test('of several takes runs from one to the next, without the pause between', () => {
    const film = uncutFilm([
      take([moment(-5, 'before'), moment(5, 'Box', true), moment(20, 'Wall')]),
      take([moment(3600, 'Cut', true)], 3590),
    ])
    expect(film.map(({ at, text }) => [at, text])).toEqual([
      [5, 'Box'],
      [20, 'Wall'],
      [40, 'Cut'],
    ])
  })

  test('a take that was stopped is as long as it ran; a chapter of the pause begins with the next', () => {
    const at = (second: number) => new Date(start + 1000 * second).toISOString()
    const runs = [
      { startsAt: at(0), endsAt: at(60) },
      { startsAt: at(600), endsAt: null },
    ]
    const moments = [moment(5, 'Box', true), moment(100, 'lost'), moment(300, 'Cut', true), moment(610, 'Wall')]
    const takes = momentsByRun(runs, moments).map((own, index) => ({
      ...{ ...runs[index]!, moments: own, reel: '', firstFrame: 0 },
    }))
    expect(uncutFilm(takes).map(({ at: second, text }) => [second, text])).toEqual([
      [5, 'Box'],
      [60, 'Cut'],
      [70, 'Wall'],
    ])
  })

  test('that was cut loses what was cut away; a chapter begins with what is left of it', () => {
    const cuts = parseEditList(list, '25')
    if (!cuts.ok) throw new Error('no list')
    const film = cutFilm(
      [take([moment(2, 'Box', true), moment(5, 'gone'), moment(12, 'Wall')]), take([moment(45, 'Cut', true)])],
      cuts.value,
      '25',
    )
    expect(film.map(({ at, text }) => [at, text])).toEqual([
      [0, 'Box'],
      [2, 'Wall'],
      [17, 'Cut'],
    ])
  })

  test('its moments stay in their order and within it, whatever is cut', () => {
    const cutAt = fc.record({ from: fc.nat(2000), length: fc.integer({ min: 1, max: 500 }), gap: fc.nat(50) })
    fc.assert(
      fc.property(fc.array(fc.nat(100), { maxLength: 20 }), fc.array(cutAt, { maxLength: 8 }), (seconds, pieces) => {
        let at = 0
        const cuts = pieces.map(({ from, length, gap }) => {
          const cut = { reel: 'AX', clip: '', from, to: from + length, at: at + gap }
          at = cut.at + length
          return cut
        })
        const film = cutFilm([take(seconds.map((one) => moment(one, String(one), one % 3 === 0)))], cuts, '25')
        for (const [index, one] of film.entries()) {
          expect(one.at).toBeGreaterThanOrEqual(film[index - 1]?.at ?? 0)
          expect(one.at).toBeLessThanOrEqual(secondsOf(at, '25'))
        }
      }),
    )
  })
})

const momentsInOrder = fc
  .array(fc.tuple(fc.float({ min: 0, max: 20_000, noNaN: true }), hostileText, fc.boolean()), { maxLength: 200 })
  .map((all): FilmMoment[] => all.map(([at, text, isChapter]) => ({ at, text, isChapter })).sort((a, b) => a.at - b.at))

describe('chapters', () => {
  test('begin at the beginning, ten seconds apart at least, a hundred at most', () => {
    fc.assert(
      fc.property(momentsInOrder, (moments) => {
        const chapters = chaptersOf(moments, 'Opening')
        expect(chapters.length).toBeLessThanOrEqual(chapterRules.most)
        if (moments.some(({ isChapter }) => isChapter)) expect(chapters[0]?.at).toBe(0)
        for (const [index, { at }] of chapters.entries())
          if (index > 0) expect(at - chapters[index - 1]!.at).toBeGreaterThanOrEqual(chapterRules.apart)
        expect(formatChapters(chapters).split('\n').length).toBe(Math.max(1, chapters.length))
      }),
    )
  })

  test('of too many the shortest go', () => {
    const many = Array.from({ length: 130 }, (_, at) => ({ at: 20 * at, text: `c${at}`, isChapter: true }))
    expect(chaptersOf(many, 'Opening')).toHaveLength(100)
  })

  test('an hour is written only where there is one', () => {
    expect(
      formatChapters([
        { at: 0, title: 'Box' },
        { at: 65, title: 'Cut' },
      ]),
    ).toBe('0:00 Box\n1:05 Cut')
  })
})

/** Cues as a reader of WebVTT finds them: blocks between empty lines, times before words. */
const readCues = (text: string, comma: boolean): { from: number; to: number; words: string }[] =>
  text
    .trim()
    .split('\n\n')
    .filter((block) => block.includes(' --> '))
    .map((block) => {
      const [, times = '', ...words] = block.split('\n')
      const ms = (time: string) => {
        const [h = 0, m = 0, s = 0] = time
          .replace(comma ? ',' : '.', '.')
          .split(':')
          .map(Number)
        return Math.round(1000 * (3600 * h + 60 * m + s))
      }
      const [from = '', to = ''] = times.split(' --> ')
      return { from: ms(from), to: ms(to), words: words.join('\n') }
    })

describe('captions', () => {
  test('one after the other, none over another, and whatever is said stays in its own', () => {
    fc.assert(
      fc.property(momentsInOrder, (moments) => {
        const cues = captionCues(moments)
        for (const [format, comma] of [
          [formatVtt, false],
          [formatSrt, true],
        ] as const) {
          const read = readCues(format(cues), comma)
          expect(read.map(({ from, to }) => ({ from, to }))).toEqual(cues.map(({ from, to }) => ({ from, to })))
          for (const { words } of read) expect(words).not.toMatch(/\n|-->|<|^$/)
        }
        for (const [index, { from, to }] of cues.entries()) {
          expect(to).toBeGreaterThan(from)
          if (index > 0) expect(from).toBeGreaterThanOrEqual(cues[index - 1]!.to)
        }
      }),
    )
  })

  test('chapters reach from each to the next', () => {
    const cues: Cue[] = chapterCues(
      [
        { at: 0, title: 'Box' },
        { at: 30, title: 'Cut' },
      ],
      90,
    )
    expect(cues).toEqual([
      { from: 0, to: 30_000, text: 'Box' },
      { from: 30_000, to: 90_000, text: 'Cut' },
    ])
  })
})
