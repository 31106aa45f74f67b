/** What of a line has not been read yet. */
export interface Said {
  text: string
}

/**
 * The first place in what is left that a pattern meets; it is taken out, so that nothing is read twice.
 *
 * @param said what is left; changed
 * @param pattern to meet
 * @param holds whether what was met is meant
 * @example takeFirst({ text: 'holds 21 g of dirt' }, /(\d+) g/)?.[1] // => '21'
 */
export function takeFirst(
  said: Said,
  pattern: RegExp,
  holds: (match: RegExpExecArray) => boolean = () => true,
): RegExpExecArray | undefined {
  const match = pattern.exec(said.text)
  if (!match || !holds(match)) return undefined
  said.text = `${said.text.slice(0, match.index)} ${said.text.slice(match.index + match[0].length)}`
  return match
}
