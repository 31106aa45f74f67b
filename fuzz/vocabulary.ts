import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const root = join(import.meta.dirname, '../app')

/** Names of fields and words for what is asked, as the sources of the app know them. */
export interface Vocabulary {
  fields: string[]
  intents: string[]
}

/** Read off the schemas of what is sent: a new field joins by itself. */
export function readVocabulary(): Vocabulary {
  const sources = ['features/forms', 'routes', 'data'].flatMap((folder) =>
    readdirSync(join(root, folder))
      .filter((name) => /\.tsx?$/.test(name) && !name.includes('.test.'))
      .map((name) => readFileSync(join(root, folder, name), 'utf8')),
  )
  const text = sources.join('\n')
  const found = (pattern: RegExp) => [...new Set([...text.matchAll(pattern)].map(([, name = '']) => name))].sort()
  return {
    fields: [
      ...new Set([...found(/^ {2,6}(\w+): (?:z\.|optional|line|oneOf|keyOf|id\b|thread|day|amount)/gm), 'intent']),
    ],
    intents: found(/(?:intent: z\.literal\(|case |intent: )'([\w-]+)'/g),
  }
}
