import { z } from 'zod'
import { parseJson } from '#core/parse-json.ts'
import { ok, problem, type Result } from '#core/result.ts'
import { libraryTables, type LibraryTable, type PackagedLibrary } from './library-tables.ts'
import { readTable, type Table } from './table.ts'

const descriptorSchema = z.object({
  resources: z
    .array(z.object({ name: z.string().max(100), path: z.string().regex(/^[\w-]+(\/[\w-]+)*\.csv$/) }))
    .max(60),
})

/** What a package brings: rows of the library, and its readings as CSV. */
export interface ReadPackage {
  library: PackagedLibrary
  readings: string
}

/**
 * Reads a data package that was written by {@link dataPackage}; a table of the library that it lacks is empty, what
 * only tells is not read. Nothing outside of it is asked for.
 *
 * @param files texts by their path within the package
 * @returns what it brings, or why it cannot be read
 * @example readPackage(new Map()).ok // => false
 */
export function readPackage(files: ReadonlyMap<string, string>): Result<ReadPackage> {
  const descriptor = descriptorSchema.safeParse(parseJson(files.get('datapackage.json') ?? ''))
  if (!descriptor.success)
    return problem('descriptor', 'This zip is no data package: its datapackage.json is missing or cannot be read.')
  const paths = new Map(descriptor.data.resources.map(({ name, path }) => [name, path]))
  const textOf = (name: string) => files.get(paths.get(name) ?? '')
  const readings = textOf('readings')
  if (readings === undefined) return problem('readings', 'This package has no table of readings.')
  const library: Partial<Record<LibraryTable, unknown>> = {}
  for (const [name, table] of Object.entries(libraryTables) as [LibraryTable, Table][]) {
    const text = textOf(name)
    const read = text === undefined ? ok([]) : readTable(table, text)
    if (!read.ok) return read
    library[name] = read.value
  }
  return ok({ library: library as PackagedLibrary, readings })
}
