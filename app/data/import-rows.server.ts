import { createReadStream } from 'node:fs'
import { stat } from 'node:fs/promises'
import Papa from 'papaparse'
import type { ImportJob } from './import-job.ts'

/** Rows of the file of an import, as it is read; the job says how far. */
export async function* importRows(job: ImportJob): AsyncGenerator<Record<string, string>> {
  const { size } = await stat(job.file)
  const source = createReadStream(job.file)
  const parsed = source.pipe(
    Papa.parse(Papa.NODE_STREAM_INPUT, {
      header: true,
      skipEmptyLines: 'greedy',
      transformHeader: (head: string) => head.trim().replace(/^\ufeff/, ''),
    }),
  )
  for await (const row of parsed as AsyncIterable<Record<string, string>>) {
    job.progress = size === 0 ? 1 : source.bytesRead / size
    yield row
  }
}
