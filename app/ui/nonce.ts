import { createContext } from 'react'

/** The word by which the browser knows that a script of the page is ours; the server gives each page its own. */
export const NonceContext = createContext<string | undefined>(undefined)
