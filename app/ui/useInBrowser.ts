import { useSyncExternalStore } from 'react'

const nothingChanges = () => () => undefined

/** What only the browser knows: the stand-in until the page is alive, so that both draw the same at first. */
export const useInBrowser = <T>(read: () => T, until: T): T => useSyncExternalStore(nothingChanges, read, () => until)
