import { Readable } from 'node:stream'

/** Pieces of text as a stream of bytes, asked for as they are taken. */
export const streamOf = (chunks: AsyncIterable<string> | Iterable<string>): ReadableStream<Uint8Array> =>
  Readable.toWeb(
    Readable.from(chunks, { objectMode: true }).map((text: string) => Buffer.from(text)),
  ) as ReadableStream<Uint8Array>
