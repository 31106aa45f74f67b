import { href } from 'react-router'
import type { Glance } from '#app/data/glance.server.ts'
import { useEachJson } from '#app/ui/useEachJson.ts'

/** Line-ups at a glance by application. */
export const useGlances = (ids: readonly string[], known: Readonly<Record<string, Glance>>) =>
  useEachJson(ids, known, (application) => href('/lineups/:application/glance', { application }))
