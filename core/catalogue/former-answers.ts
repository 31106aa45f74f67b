/** Answers that were once given of one characteristic and now are of another, by `key=answer`. */
const movedAnswers: Readonly<Record<string, string>> = { 'core.type=spiral': 'core.seam' }

/**
 * The characteristic that an answer is of by now: old files and notes stay readable.
 *
 * @param key as it was recorded
 * @param answer that was given
 * @example currentKey('core.type', 'spiral') // => 'core.seam'
 * @example currentKey('core.type', 'cage') // => 'core.type'
 */
export const currentKey = (key: string, answer: string): string => movedAnswers[`${key}=${answer}`] ?? key
