import { createReadStream } from 'node:fs'
import { stat } from 'node:fs/promises'
import { pipeline, Readable } from 'node:stream'
import Papa from 'papaparse'
import { delimiterOf, watchTable } from '#core/exchange/table-limits.ts'
import { encodingOf } from './text-encoding.server.ts'

/** A file that is no table of readings, in the user's words. */
export class NoTable extends Error {}

/**
 * Rows of a file as it is read.
 *
 * @throws NoTable where it has more rows, columns or letters in a cell than a table has
 */
export async function* importRows(
  file: string,
  onProgress: (share: number) => void,
): AsyncGenerator<Record<string, string>> {
  const { size } = await stat(file)
  const source = createReadStream(file)
  try {
    for await (const row of await parsedRows(source, await encodingOf(file))) {
      onProgress(size === 0 ? 1 : source.bytesRead / size)
      yield row
    }
  } finally {
    // Whoever needs no more rows has not read to the end, where a file is closed by itself.
    source.destroy()
  }
}

async function parsedRows(
  source: AsyncIterable<Uint8Array>,
  encoding: string,
): Promise<AsyncIterable<Record<string, string>>> {
  const texts = decoded(source, encoding)
  const { value: head = '' } = await texts.next()
  const delimiter = delimiterOf(head)
  const parsed = Papa.parse(Papa.NODE_STREAM_INPUT, {
    header: true,
    delimiter,
    skipEmptyLines: 'greedy',
    transformHeader: (name: string) => name.trim(),
  })
  // What goes wrong before it ends the parser, which says so where its rows are asked for.
  pipeline(Readable.from(watched(head, texts, watchTable(delimiter))), parsed, () => undefined)
  return parsed as AsyncIterable<Record<string, string>>
}

/** Text as it is read, without the mark at its beginning. */
async function* decoded(source: AsyncIterable<Uint8Array>, encoding: string): AsyncGenerator<string> {
  const decoder = new TextDecoder(encoding)
  for await (const chunk of source) yield decoder.decode(chunk, { stream: true })
  yield decoder.decode()
}

async function* watched(
  head: string,
  rest: AsyncIterable<string>,
  watch: (text: string) => string | undefined,
): AsyncGenerator<Buffer> {
  const pass = (text: string): Buffer => {
    const tooMuch = watch(text)
    if (tooMuch) throw new NoTable(tooMuch)
    return Buffer.from(text)
  }
  yield pass(head)
  for await (const text of rest) yield pass(text)
}
