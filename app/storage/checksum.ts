import type { Hash } from 'node:crypto'

/** A step of a pipeline that takes the checksum of what passes. */
export const checksumming = (hash: Hash) =>
  async function* (chunks: AsyncIterable<Buffer>): AsyncGenerator<Buffer> {
    for await (const chunk of chunks) {
      hash.update(chunk)
      yield chunk
    }
  }
