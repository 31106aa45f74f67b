import { createReadStream, statSync } from 'node:fs'
import { Readable } from 'node:stream'
import { backupFile } from '#app/storage/backups.ts'
import * as texts from '#app/texts/backups.ts'
import type { Route } from './+types/backup'
import { found } from './http.server.ts'

/** A backup, to be kept elsewhere. */
export function loader({ params }: Route.LoaderArgs) {
  const file = found(backupFile(params.name), texts.thisBackup)
  return new Response(Readable.toWeb(createReadStream(file)) as ReadableStream<Uint8Array>, {
    headers: {
      'Content-Type': 'application/x-tar',
      'Content-Length': String(statSync(file).size),
      'Content-Disposition': `attachment; filename="${params.name}"`,
    },
  })
}
