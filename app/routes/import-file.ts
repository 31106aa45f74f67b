import { beginImport } from '#app/data/imports.server.ts'
import * as texts from '#app/texts/imports.ts'
import type { Route } from './+types/import-file'
import { accepted, refused } from './http.server.ts'

const longestName = 120

/** Takes the file as the bare body, so that it streams to disk whatever its size. */
export async function action({ request }: Route.ActionArgs) {
  const name = new URL(request.url).searchParams.get('name')?.slice(0, longestName) ?? 'readings.csv'
  if (!request.body) return refused(texts.noFileArrivedChooseOneAnd)
  const begun = await beginImport(name, request.body)
  return 'refused' in begun ? refused(begun.refused) : accepted({ id: begun.id })
}
