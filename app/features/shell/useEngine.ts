import { useMatches } from 'react-router'

/** The engine that a page is of. */
export interface Engine {
  id: string
  name: string
}

/** What a page may say of its engine in its data: the application itself, or a specimen of it. */
interface OfPage {
  application?: Partial<Engine>
  specimen?: { applicationId?: string; applicationName?: string }
}

/** Without the checks of a schema: every page carries what this is made of, and it is data of our own loaders. */
function engineOf(data: unknown): Engine | undefined {
  if (typeof data !== 'object' || data === null) return undefined
  const { application, specimen } = data as OfPage
  const { id, name } = application ?? { id: specimen?.applicationId, name: specimen?.applicationName }
  return id !== undefined && name !== undefined ? { id, name } : undefined
}

/** The engine that the page is of; undefined on the pages of all engines. */
export function useEngine(): Engine | undefined {
  for (const { loaderData } of [...useMatches()].reverse()) {
    const found = engineOf(loaderData)
    if (found) return found
  }
  return undefined
}
