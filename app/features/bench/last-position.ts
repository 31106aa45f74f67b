const storageKey = (specimenId: string) => `plicator-at-${specimenId}`

/** Keeps in this browser where the user is at a specimen. */
export const rememberPosition = (specimenId: string, characteristic: string): void =>
  storage()?.setItem(storageKey(specimenId), characteristic)

/** Where the user was at a specimen when they left it. */
export const lastPosition = (specimenId: string): string | null => storage()?.getItem(storageKey(specimenId)) ?? null

/** The browser's storage; nothing where the user forbids it. */
function storage(): Storage | undefined {
  try {
    return window.localStorage
  } catch {
    return undefined
  }
}
