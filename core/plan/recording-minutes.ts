import { findCharacteristic, minutesOf } from '#core/catalogue/index.ts'
import { isKnown } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'

/** Minutes for one of which it is not known how far such filters are recorded. Common practice, no published source. */
const usual = 45

/**
 * Minutes that it takes to record one more filter as far as those of a line-up are.
 *
 * @param rows of the line-up
 * @returns the middle one of its columns that are recorded at all; three quarters of an hour where none is
 * @example recordingMinutes([]) // => 45
 */
export function recordingMinutes(rows: readonly Row[]): number {
  const columns = rows[0]?.cells.length ?? 0
  const minutes = Array.from({ length: columns }, (_, at) => minutesOfColumn(rows, at)).filter((sum) => sum > 0)
  minutes.sort((a, b) => a - b)
  return minutes[Math.floor(minutes.length / 2)] ?? usual
}

const minutesOfColumn = (rows: readonly Row[], at: number): number =>
  rows.reduce((sum, { key, cells }) => {
    const [cell, characteristic] = [cells[at], findCharacteristic(key)]
    return cell && characteristic && isKnown(cell) ? sum + minutesOf(characteristic) : sum
  }, 0)
