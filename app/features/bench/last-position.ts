import { browserStorage } from '#app/ui/browser-storage.ts'

const storageKey = (specimenId: string) => `plicator-at-${specimenId}`

/** Keeps in this browser where the user is at a specimen. */
export const rememberPosition = (specimenId: string, characteristic: string): void =>
  browserStorage()?.setItem(storageKey(specimenId), characteristic)

/** Where the user was at a specimen when they left it. */
export const lastPosition = (specimenId: string): string | null =>
  browserStorage()?.getItem(storageKey(specimenId)) ?? null
