import * as texts from '#app/texts/review.ts'
/** Files that a review leaves as, by the name that the address has. */
export const reviewFiles = [
  {
    name: 'article.html',
    label: texts.articleHtml,
    description: texts.oneFileThatAsksForNothing,
    type: 'text/html',
  },
  { name: 'article.md', label: texts.articleMarkdown, description: texts.theSameWordsAndTables, type: 'text/markdown' },
] as const

export type ReviewFileName = (typeof reviewFiles)[number]['name']
