const formats = {
  disjunction: new Intl.ListFormat('en-GB', { type: 'disjunction' }),
  conjunction: new Intl.ListFormat('en-GB', { type: 'conjunction' }),
}

/**
 * Words as a list in a sentence.
 *
 * @param words in order
 * @param type `disjunction` for "or", `conjunction` for "and"
 * @example formatList(['mm', 'in', 'thou']) // => 'mm, in or thou'
 */
export const formatList = (words: readonly string[], type: keyof typeof formats = 'disjunction'): string =>
  formats[type].format(words)
