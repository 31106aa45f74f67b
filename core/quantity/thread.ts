import { ok, problem, type Result } from '#core/result.ts'
import { clip, parseNumber } from './number.ts'

export interface Thread {
  /** As written on a drawing: `M20 x 1.5`, `3/4-16 UN`. */
  designation: string
  /** Nominal diameter, m. */
  diameter: number
  /** m */
  pitch: number
}

const metric = /^M\s*(\d+(?:[.,]\d+)?)(?:\s*(?:[x×*-]|by)\s*(\d+(?:[.,]\d+)?))?$/i
const unified =
  /^((?:\d+\s*[- ]\s*)?\d+\s*\/\s*\d+|\d+(?:\.\d+)?)\s*(?:"|in)?\s*(?:[-–x× ]|by)\s*(\d{1,2})(?:\s*(UNC|UNF|UNEF|UNS|UN)(?:-?\d[AB])?)?$/i

/**
 * Reads the designation of an ISO metric or a unified inch thread.
 *
 * @param text such as `M20 x 1.5` or `3/4-16 UNF`
 * @returns nominal diameter and pitch in metres, or a problem in the user's words
 * @example parseThread('m20x1,5')
 * // => { ok: true, value: { designation: 'M20 x 1.5', diameter: 0.02, pitch: 0.0015 } }
 */
export function parseThread(text: string): Result<Thread> {
  const typed = text.trim().replace(/\s+/g, ' ')
  if (typed === '') return problem('empty', 'Type the thread first, such as M20 x 1.5 or 3/4-16 UNF.')
  return (
    parseMetricThread(typed) ??
    parseUnifiedThread(typed) ??
    problem('not-a-thread', `"${clip(typed)}" is no thread I can read. Write M20 x 1.5 or 3/4-16 UNF.`)
  )
}

/** An ISO metric thread; undefined when it is none. */
function parseMetricThread(typed: string): Result<Thread> | undefined {
  const [, size, spacing] = metric.exec(typed) ?? []
  if (size === undefined) return undefined
  const diameter = Number(size.replace(',', '.'))
  if (spacing === undefined) {
    const suggestions = [1.5, 2, 2.5].map((pitch) => `M${diameter} x ${pitch}`)
    return problem(
      'pitch-missing',
      `M${diameter} needs its pitch. Lay a thread gauge in: which one?`,
      suggestions.map((designation) => ({ text: designation, label: designation })),
    )
  }
  const pitch = Number(spacing.replace(',', '.'))
  if (diameter < 6 || diameter > 100)
    return problem('absurd', `M${diameter} is no thread for a filter: they run from M12 to M42.`)
  if (!(pitch >= 0.5 && pitch <= 6))
    return problem('absurd', `A pitch of ${pitch} mm is no thread pitch: filters have 1 to 3 mm.`)
  return ok({ designation: `M${diameter} x ${pitch}`, diameter: diameter / 1000, pitch: pitch / 1000 })
}

/** A unified inch thread; undefined when it is none. */
function parseUnifiedThread(typed: string): Result<Thread> | undefined {
  const [, written, threads, series = 'UN'] = unified.exec(typed) ?? []
  if (written === undefined) return undefined
  const size = written.replace(/\s*\/\s*/, '/').replace(/\s*-\s*|\s+/, ' ')
  const inches = parseNumber(size)
  const perInch = Number(threads)
  if (!inches.ok) return problem('absurd', `"${clip(typed)}" is no thread for a filter: the size cannot be read.`)
  if (inches.value < 0.25 || inches.value > 3 || perInch < 4 || perInch > 40)
    return problem('absurd', `"${clip(typed)}" is no thread for a filter: ${size} in with ${perInch} to the inch.`)
  return ok({
    designation: `${size}-${perInch} ${series.toUpperCase()}`,
    diameter: inches.value * 0.0254,
    pitch: 0.0254 / perInch,
  })
}

/**
 * Basic minor diameter of an internal thread: D1 = D - 2 (5/8) H with H = (√3 / 2) P.
 *
 * Source: ISO 724 for metric threads and ASME B1.1 for unified ones; both share the 60° profile of
 * ISO 68-1.
 *
 * @returns metres
 * @example minorDiameter({ designation: 'M20 x 1.5', diameter: 0.02, pitch: 0.0015 }) // => 0.018376
 */
export const minorDiameter = ({ diameter, pitch }: Thread): number =>
  diameter - 2 * (5 / 8) * (Math.sqrt(3) / 2) * pitch
