import { readableArchive } from '#app/data/readable-archive.server.ts'

/** What can still be read of the database, when it is damaged. */
export const loader = async () =>
  new Response(await readableArchive(), {
    headers: {
      'Content-Type': 'application/zip',
      'Content-Disposition': 'attachment; filename="plicator-readable.zip"',
    },
  })
