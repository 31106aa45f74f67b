import { ok, problem, type Result } from '#core/result.ts'
import { framesOf, type FrameRateKey } from './frame-rate.ts'

/** A piece of a take as it stands in the film; frames from zero, the end not included. */
export interface Cut {
  reel: string
  /** Name of its clip, where the list tells it; empty else. */
  clip: string
  from: number
  to: number
  /** Where it begins in the film. */
  at: number
}

const eventLine =
  /^(\d{1,6})\s+(\S+)\s+(\S+)\s+(C|D|K\s?B?|W\d{3})\s+(?:(\d{1,4})\s+)?(\d\d[:;.]\d\d[:;.]\d\d[:;.,]\d\d)\s+(\d\d[:;.]\d\d[:;.]\d\d[:;.,]\d\d)\s+(\d\d[:;.]\d\d[:;.]\d\d[:;.,]\d\d)\s+(\d\d[:;.]\d\d[:;.]\d\d[:;.,]\d\d)\s*$/

/** Longer lists are none of a review. */
const mostLines = 20_000

/**
 * The cuts of an edit list in CMX 3600, in the order of the film. Sound alone is left out where there are pictures,
 * black
 * always. The film begins at the first record time of the list.
 *
 * Source: CMX 3600 edit decision list, from memory.
 *
 * @param text of the list
 * @param rate of the project; a list that says DROP FRAME of a rate that has none is refused
 * @returns a problem that names the line where it cannot be read
 * @example
 * parseEditList('001 AX V C 00:00:10:00 00:00:12:00 01:00:00:00 01:00:02:00', '25').value
 * // => [{ reel: 'AX', clip: '', from: 250, to: 300, at: 0 }]
 */
export function parseEditList(text: string, rate: FrameRateKey): Result<Cut[]> {
  const lines = text.split(/\r\n|\r|\n/)
  if (lines.length > mostLines) return problem('long', `The list has more than ${mostLines} lines.`)
  const cuts: (Cut & { isPicture: boolean; record: number })[] = []
  for (const [index, line] of lines.entries()) {
    const fault = (why: string) => problem('edit-list', `Line ${index + 1}: ${why}`)
    if (/^FCM:\s*DROP/i.test(line) && !rate.endsWith('df'))
      return fault('it is drop-frame, and the rate chosen is not.')
    if (/^FCM:\s*NON/i.test(line) && rate.endsWith('df')) return fault('it is not drop-frame, and the rate chosen is.')
    const clip = /^\*\s*FROM CLIP NAME:\s*(.+?)\s*$/i.exec(line)?.[1]
    const last = cuts.at(-1)
    if (clip !== undefined && last) last.clip = clip
    if (!/^\d{1,6}\s/.test(line)) continue
    const event = eventLine.exec(line)
    if (!event) return fault(`"${line.slice(0, 60)}" is no event of an edit list.`)
    const [, , reel = '', track = '', , , ...codes] = event
    const times = codes.map((code) => framesOf(code, rate))
    for (const time of times) if (!time.ok) return fault(time.problem.message)
    const [from = 0, to = 0, record = 0] = times.map((time) => (time.ok ? time.value : 0))
    if (to <= from || reel === 'BL') continue
    cuts.push({ reel, clip: '', from, to, at: 0, record, isPicture: /^(V|B|AA\/V|A\/V|.*\/V)/.test(track) })
  }
  if (cuts.length === 0) return problem('empty', 'There is no event in this list. Export it as CMX 3600.')
  const pictures = cuts.some(({ isPicture }) => isPicture) ? cuts.filter(({ isPicture }) => isPicture) : cuts
  const start = Math.min(...pictures.map(({ record }) => record))
  return ok(
    pictures.map(({ isPicture: _, record, ...cut }) => ({ ...cut, at: record - start })).sort((a, b) => a.at - b.at),
  )
}
