import { byKey } from '#core/by-key.ts'
import { ok, problem, type Result } from '#core/result.ts'

/**
 * Rates of films: frames counted in a second, and how long a second of them lasts. In drop-frame timecode numbers are
 * left out so that it keeps to the clock: two of each minute but every tenth, four where 60 are counted.
 *
 * Source: SMPTE ST 12-1, from memory.
 */
export const frameRates = [
  { key: '23.976', label: '23.976', counted: 24, slower: true, drops: 0 },
  { key: '24', label: '24', counted: 24, slower: false, drops: 0 },
  { key: '25', label: '25', counted: 25, slower: false, drops: 0 },
  { key: '29.97', label: '29.97 non-drop', counted: 30, slower: true, drops: 0 },
  { key: '29.97df', label: '29.97 drop-frame', counted: 30, slower: true, drops: 2 },
  { key: '30', label: '30', counted: 30, slower: false, drops: 0 },
  { key: '50', label: '50', counted: 50, slower: false, drops: 0 },
  { key: '59.94', label: '59.94 non-drop', counted: 60, slower: true, drops: 0 },
  { key: '59.94df', label: '59.94 drop-frame', counted: 60, slower: true, drops: 4 },
  { key: '60', label: '60', counted: 60, slower: false, drops: 0 },
] as const

export type FrameRateKey = (typeof frameRates)[number]['key']

const rateOf = (key: FrameRateKey) => byKey(frameRates, key)

/** Frames a second, as they run. */
const speedOf = (key: FrameRateKey): number => {
  const { counted, slower } = rateOf(key)
  return slower ? (counted * 1000) / 1001 : counted
}

/**
 * How long so many frames last, in seconds.
 *
 * @example secondsOf(30_000, '29.97') // => 1001
 */
export const secondsOf = (frames: number, rate: FrameRateKey): number => frames / speedOf(rate)

/**
 * Number of the frame that is shown at a time.
 *
 * @param seconds from the first frame
 * @example frameAt(1001, '29.97') // => 30000
 */
export const frameAt = (seconds: number, rate: FrameRateKey): number => Math.round(seconds * speedOf(rate))

const written = /^(\d{1,2})[:;.](\d{2})[:;.](\d{2})([:;.,])(\d{2})$/

/**
 * Frames from zero that a timecode stands for.
 *
 * @param text hours, minutes, seconds and frames; a semicolon before the frames is that of drop-frame
 * @returns a problem in words where it is none, or its number was left out
 * @example framesOf('00:10:00;00', '29.97df').value // => 17982
 */
export function framesOf(text: string, rate: FrameRateKey): Result<number> {
  const { counted, drops } = rateOf(rate)
  const [, ...parts] = written.exec(text.trim()) ?? []
  const [hours = 0, minutes = 0, seconds = 0, , frames = 0] = parts.map(Number)
  if (parts.length === 0 || hours > 23 || minutes > 59 || seconds > 59 || frames >= counted)
    return problem('timecode', `"${text}" is no timecode of ${counted} frames a second. Write 01:02:03:04.`)
  if (drops > 0 && seconds === 0 && frames < drops && minutes % 10 !== 0)
    return problem('dropped', `"${text}" is left out in drop-frame timecode.`)
  const allMinutes = 60 * hours + minutes
  const dropped = drops * (allMinutes - Math.floor(allMinutes / 10))
  return ok((60 * allMinutes + seconds) * counted + frames - dropped)
}

/**
 * The timecode of a frame.
 *
 * @param frame from zero
 * @example timecodeOf(1800, '29.97df') // => '00:01:00;02'
 */
export function timecodeOf(frame: number, rate: FrameRateKey): string {
  const { counted, drops } = rateOf(rate)
  const perMinute = 60 * counted - drops
  const perTen = 10 * perMinute + drops
  const [tens, rest] = [Math.floor(frame / perTen), frame % perTen]
  const more = rest < perMinute + drops ? 0 : Math.floor((rest - drops) / perMinute)
  const number = frame + drops * (9 * tens + more)
  const two = (value: number) => String(value).padStart(2, '0')
  const [frames, seconds] = [number % counted, Math.floor(number / counted)]
  const clock = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60].map(two).join(':')
  return `${clock}${drops > 0 ? ';' : ':'}${two(frames)}`
}
