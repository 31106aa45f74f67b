import { listApplications } from '#app/data/applications.server.ts'

/** All engines, by name, for the menu that picks one. */
export const loader = async () => ({
  engines: (await listApplications()).map(({ id, name }) => ({ id, name })),
})
