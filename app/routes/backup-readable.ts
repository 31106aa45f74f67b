import { salvage } from '#app/storage/salvage.ts'

/** What can still be read of the database, when it is damaged. */
export const loader = () =>
  new Response(salvage(), {
    headers: {
      'Content-Type': 'application/zip',
      'Content-Disposition': 'attachment; filename="plicator-readable.zip"',
    },
  })
