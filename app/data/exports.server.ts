import Papa from 'papaparse'
import { figureRows, type FigureRow } from '#core/exchange/figures-table.ts'
import { readingColumns, readingRow, type SpecimenPath } from '#core/exchange/readings-csv.ts'
import { assessSpecimens } from './assessments.server.ts'
import { listReadingsBySpecimen } from './readings.server.ts'
import type { Specimen } from './specimens.server.ts'

export const pathOf = ({ applicationName, brand, partNumber, revisionLabel, form, label }: Specimen): SpecimenPath => ({
  application: applicationName,
  brand,
  partNumber,
  revision: revisionLabel,
  form,
  specimen: label,
})

const atOnce = 25

/** Readings of the given specimens as tidy CSV, a chunk of specimens at a time. */
export function streamReadings(specimens: readonly Specimen[]): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder()
  async function* lines() {
    yield `${readingColumns.join(',')}\r\n`
    for (let start = 0; start < specimens.length; start += atOnce) {
      const some = specimens.slice(start, start + atOnce)
      const readings = await listReadingsBySpecimen(some.map(({ id }) => id))
      const rows = some.flatMap((specimen) =>
        readings.get(specimen.id)!.map((reading) => readingRow(pathOf(specimen), reading)),
      )
      if (rows.length > 0) yield `${Papa.unparse(rows, { columns: [...readingColumns], header: false })}\r\n`
    }
  }
  const all = lines()
  return new ReadableStream({
    async pull(controller) {
      const { value, done } = await all.next()
      if (done) controller.close()
      else controller.enqueue(encoder.encode(value))
    },
  })
}

/** Every known figure of the given specimens. */
export const listFigures = async (specimens: readonly Specimen[]): Promise<FigureRow[]> =>
  (await assessSpecimens(specimens)).flatMap(({ specimen, assessment }) => figureRows(pathOf(specimen), assessment))
