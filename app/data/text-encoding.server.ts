import { createReadStream } from 'node:fs'

export type TextEncoding = 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252'

/** What the mark at the beginning of a text says; undefined where there is none. */
export function markedEncoding(bytes: Uint8Array): TextEncoding | undefined {
  const [first, second] = bytes
  if (first === 0xff && second === 0xfe) return 'utf-16le'
  if (first === 0xfe && second === 0xff) return 'utf-16be'
  return undefined
}

/**
 * How the text of a file is written: as the mark at its beginning says, else as UTF-8, or as Western spreadsheets write
 * where it is no UTF-8.
 */
export async function encodingOf(file: string): Promise<TextEncoding> {
  const strict = new TextDecoder('utf-8', { fatal: true })
  let isFirst = true
  try {
    for await (const chunk of createReadStream(file) as AsyncIterable<Uint8Array>) {
      const marked = isFirst ? markedEncoding(chunk) : undefined
      if (marked) return marked
      isFirst = false
      strict.decode(chunk, { stream: true })
    }
    strict.decode()
    return 'utf-8'
  } catch (error) {
    if (error instanceof TypeError) return 'windows-1252'
    throw error
  }
}
