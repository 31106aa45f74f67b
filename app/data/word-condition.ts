import type { StoredWord } from './absolute-words.server.ts'

/** Under what a word holds, in one phrase; empty when it holds under anything. */
export const conditionOf = ({
  interval,
  oil,
  duty,
  position,
}: Pick<StoredWord, 'interval' | 'oil' | 'duty' | 'position'>): string =>
  [interval && `changed every ${interval}`, oil && `with ${oil}`, duty, position].filter(Boolean).join(', ')
