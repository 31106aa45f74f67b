import { customAlphabet } from 'nanoid'

/** A short id: twelve letters and digits, safe in a URL. */
export const newId = customAlphabet('0123456789abcdefghijklmnopqrstuvwxyz', 12)
