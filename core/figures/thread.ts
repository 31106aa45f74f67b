import { ok, problem, type Result } from '#core/result.ts'
import { clip, readNumber } from '#core/quantity/number.ts'

export interface Thread {
  /** As written on a drawing: `M20 x 1.5`, `3/4-16 UN`. */
  designation: string
  /** Nominal diameter, m. */
  diameter: number
  /** m */
  pitch: number
}

const metric = /^M\s*(\d+(?:[.,]\d+)?)(?:\s*[x×*-]\s*(\d+(?:[.,]\d+)?))?$/i
const unified =
  /^((?:\d+\s*[- ]\s*)?\d+\s*\/\s*\d+|\d+(?:\.\d+)?)\s*(?:"|in)?\s*[-–x× ]\s*(\d{1,2})(?:\s*(UNC|UNF|UNEF|UNS|UN)(?:-?\d[AB])?)?$/i

/**
 * Reads the designation of an ISO metric or a unified inch thread.
 *
 * @param text such as `M20 x 1.5` or `3/4-16 UNF`
 * @returns nominal diameter and pitch in metres, or a problem in the user's words
 * @example readThread('m20x1,5') // => { ok: true, value: { designation: 'M20 x 1.5', diameter: 0.02, pitch: 0.0015 } }
 */
export function readThread(text: string): Result<Thread> {
  const said = text.trim().replace(/\s+/g, ' ')
  if (said === '') return problem('empty', 'Type the thread first, such as M20 x 1.5 or 3/4-16 UNF.')

  const m = metric.exec(said)
  if (m) {
    const diameter = Number(m[1]!.replace(',', '.'))
    if (!m[2]) {
      const offers = [1.5, 2, 2.5].map((pitch) => ({
        text: `M${diameter} x ${pitch}`,
        label: `M${diameter} x ${pitch}`,
      }))
      return problem('pitch-missing', `M${diameter} needs its pitch. Lay a thread gauge in: which one?`, offers)
    }
    const pitch = Number(m[2].replace(',', '.'))
    if (diameter < 6 || diameter > 100)
      return problem('absurd', `M${diameter} is no thread for a filter: they run from M12 to M42.`)
    if (!(pitch >= 0.5 && pitch <= 6))
      return problem('absurd', `A pitch of ${pitch} mm is no thread pitch: filters have 1 to 3 mm.`)
    return ok({ designation: `M${diameter} x ${pitch}`, diameter: diameter / 1000, pitch: pitch / 1000 })
  }

  const u = unified.exec(said)
  if (u) {
    const size = u[1]!.replace(/\s*\/\s*/, '/').replace(/\s*-\s*|\s+/, ' ')
    const inches = readNumber(size)
    const perInch = Number(u[2])
    if (inches.ok && inches.value >= 0.25 && inches.value <= 3 && perInch >= 4 && perInch <= 40) {
      return ok({
        designation: `${size}-${perInch} ${(u[3] ?? 'UN').toUpperCase()}`,
        diameter: inches.value * 0.0254,
        pitch: 0.0254 / perInch,
      })
    }
    return problem(
      'absurd',
      `"${clip(said)}" is no thread for a filter: ${inches.ok ? `${size} in with ${perInch} to the inch` : 'the size cannot be read'}.`,
    )
  }
  return problem('not-a-thread', `"${clip(said)}" is no thread I can read. Write M20 x 1.5 or 3/4-16 UNF.`)
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
