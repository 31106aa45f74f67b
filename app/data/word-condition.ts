import * as texts from '#app/texts/absolute-words.ts'
import type { StoredWord } from './absolute-words.server.ts'

/** Under what a word holds, in one phrase; empty when it holds under anything. */
export const conditionOf = ({
  interval,
  oil,
  duty,
  position,
}: Pick<StoredWord, 'interval' | 'oil' | 'duty' | 'position'>): string =>
  [interval && texts.changedEveryOfInterval(interval), oil && texts.withLabel(oil), duty, position]
    .filter(Boolean)
    .join(', ')
