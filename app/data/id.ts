import { customAlphabet } from 'nanoid'

/** A short id: twelve letters and digits, safe in a URL. */
export const newId = customAlphabet('0123456789abcdefghijklmnopqrstuvwxyz', 12)

/** What an id looks like; those of what ships with the app are words. */
export const idPattern = /^[0-9a-z]{2,24}$/
