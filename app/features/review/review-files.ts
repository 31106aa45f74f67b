/** Files that a review leaves as, by the name that the address has. */
export const reviewFiles = [
  {
    name: 'article.html',
    label: 'Article, HTML',
    description: 'One file that asks for nothing from anywhere.',
    type: 'text/html',
  },
  { name: 'article.md', label: 'Article, Markdown', description: 'The same words and tables.', type: 'text/markdown' },
] as const

export type ReviewFileName = (typeof reviewFiles)[number]['name']
