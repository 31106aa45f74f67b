import { useMatches } from 'react-router'
import { z } from 'zod'

/** The engine that a page is of. */
export interface Engine {
  id: string
  name: string
}

/** What a page may say of its engine in its data: the application itself, or a specimen of it. */
const ofPage = z.union([
  z.object({ application: z.object({ id: z.string(), name: z.string() }) }).transform(({ application }) => application),
  z
    .object({ specimen: z.object({ applicationId: z.string(), applicationName: z.string() }) })
    .transform(({ specimen }): Engine => ({ id: specimen.applicationId, name: specimen.applicationName })),
])

/** The engine that the page is of; undefined on the pages of all engines. */
export function useEngine(): Engine | undefined {
  for (const { loaderData } of [...useMatches()].reverse()) {
    const found = ofPage.safeParse(loaderData)
    if (found.success) return found.data
  }
  return undefined
}
