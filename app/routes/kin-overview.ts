import { kinSoon } from '#app/data/kin.server.ts'

/** Relatives over all engines, or how far they are. */
export const loader = () => kinSoon()
