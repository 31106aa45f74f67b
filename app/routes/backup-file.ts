import { takeInBackup } from '#app/data/backups.server.ts'
import * as texts from '#app/texts/backups.ts'
import type { Route } from './+types/backup-file'
import { accepted, refused } from './http.server.ts'

/** Takes a backup as the bare body, so that it streams to disk whatever its size. */
export async function action({ request }: Route.ActionArgs) {
  if (!request.body) return refused(texts.noFileArrivedChooseOneAnd)
  const taken = await takeInBackup(request.body)
  return taken.ok ? accepted({ name: taken.value }) : refused(taken.problem.message)
}
