import { beginImport } from '#app/data/imports.server.ts'
import type { Route } from './+types/import-file'

/** Takes the file as the bare body, so that it streams to disk whatever its size. */
export async function action({ request }: Route.ActionArgs) {
  const name = new URL(request.url).searchParams.get('name')?.slice(0, 120) ?? 'readings.csv'
  if (!request.body)
    return Response.json({ refused: 'No file arrived. Choose one and send it again.' }, { status: 400 })
  const begun = await beginImport(name, request.body)
  return typeof begun === 'string' ? Response.json({ id: begun }) : Response.json(begun, { status: 413 })
}
