import { listThings } from '#app/data/find-index.server.ts'

/** All that can be found by name. */
export const loader = async () => ({ things: await listThings() })
