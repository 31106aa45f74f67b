const place = (specimen: string) => `plicator-at-${specimen}`

/** Keeps in this browser where the user is at a specimen. */
export const rememberPlace = (specimen: string, characteristic: string): void =>
  storage()?.setItem(place(specimen), characteristic)

/** Where the user was at a specimen when they left it. */
export const rememberedPlace = (specimen: string): string | null => storage()?.getItem(place(specimen)) ?? null

/** The browser's storage; nothing where the user forbids it. */
function storage(): Storage | undefined {
  try {
    return window.localStorage
  } catch {
    return undefined
  }
}
