import { formatCsv } from '#core/exchange/csv.ts'
import { figureRows, type FigureRow } from '#core/exchange/figures-table.ts'
import { readingColumns, readingRow, type SpecimenPath } from '#core/exchange/readings-csv.ts'
import { assessSpecimens } from './assessments.server.ts'
import { instrumentsById } from './instruments.server.ts'
import { listReadingsBySpecimen } from './readings.server.ts'
import { lineupQuery } from './lineup-query.server.ts'
import { listSpecimens, type Specimen } from './specimens.server.ts'
import { streamOf } from './stream.server.ts'

export const pathOf = ({ applicationName, brand, partNumber, revisionLabel, form, label }: Specimen): SpecimenPath => ({
  application: applicationName,
  brand,
  partNumber,
  revision: revisionLabel,
  form,
  specimen: label,
})

const specimensAtOnce = 25

/** Readings of the given specimens as tidy CSV, a chunk of specimens at a time. */
export function streamReadings(specimens: readonly Specimen[]): ReadableStream<Uint8Array> {
  async function* chunks() {
    const instruments = await instrumentsById()
    yield formatCsv([readingColumns])
    for (let start = 0; start < specimens.length; start += specimensAtOnce) {
      const some = specimens.slice(start, start + specimensAtOnce)
      const readings = await listReadingsBySpecimen(some.map(({ id }) => id))
      const rows = some.flatMap((specimen) =>
        (readings.get(specimen.id) ?? []).map((reading) => {
          const instrument = instruments.get(reading.instrumentId ?? '')?.name ?? ''
          const row = readingRow(pathOf(specimen), reading, instrument)
          return readingColumns.map((column) => row[column])
        }),
      )
      yield formatCsv(rows)
    }
  }
  return streamOf(chunks())
}

/** Every known figure of the specimens of a line-up. */
export const listFigures = lineupQuery('figures', async (application: string): Promise<FigureRow[]> => {
  const assessed = await assessSpecimens(await listSpecimens(application))
  return assessed.flatMap(({ specimen, assessment }) => figureRows(pathOf(specimen), assessment))
})
