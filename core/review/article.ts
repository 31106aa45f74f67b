import type { OilState } from '#core/figures/oil-way.ts'
import { articleStyle } from './article-style.ts'
import { escapeMarkup } from './escape-markup.ts'
import { escapeMarkdown, proseHtml, proseMarkdown } from './prose.ts'
import type { ChartBar, Piece, ReviewDocument, Section } from './review-document.ts'

/** How pieces that are pictures are drawn: as HTML, or nothing where there is none. */
export interface Drawn {
  chart: (piece: Extract<Piece, { kind: 'chart' }>) => string
  drawing: (specimen: string) => string
  oilWay: (specimen: string, state: OilState, alt: string) => string
}

const noPictures: Drawn = { chart: () => '', drawing: () => '', oilWay: () => '' }

/**
 * A review as one HTML file that asks for nothing from anywhere.
 *
 * @param document the review
 * @param told what stands below it: when and by which method it was published
 * @param drawn pictures of it
 * @param head markup that its head has besides
 * @example
 * articleHtml({ title: '<T>', engine: 'E', corrections: [], sections: [] }, '').includes('<h1>&lt;T&gt;</h1>')
 * // => true
 */
export function articleHtml(
  { title, engine, corrections, sections }: ReviewDocument,
  told: string,
  drawn: Drawn = noPictures,
  head = '',
): string {
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${escapeMarkup(title)}</title>
<style>${articleStyle}</style>
${head}
</head>
<body>
<main>
<header>
<p>${escapeMarkup(engine)}</p>
<h1>${escapeMarkup(title)}</h1>
</header>
${corrections.map(correctionHtml).join('\n')}
${sections.map((section) => sectionHtml(section, drawn)).join('\n')}
<footer><p>${escapeMarkup(told)}</p></footer>
</main>
</body>
</html>
`
}

const correctionHtml = ({ day, words }: ReviewDocument['corrections'][number]): string =>
  `<aside><h2>Correction, <time datetime="${escapeMarkup(day)}">${escapeMarkup(day)}</time></h2>` +
  `<p>${escapeMarkup(words)}</p></aside>`

/**
 * A section of a review as HTML.
 *
 * @example sectionHtml({ id: 's', title: 'Money', pieces: [] }) // => '<section><h2>Money</h2></section>'
 */
export const sectionHtml = ({ title, pieces }: Section, drawn: Drawn = noPictures): string =>
  `<section>${title === '' ? '' : `<h2>${escapeMarkup(title)}</h2>`}` +
  `${pieces.map((piece) => pieceHtml(piece, drawn)).join('\n')}</section>`

function pieceHtml(piece: Piece, drawn: Drawn): string {
  switch (piece.kind) {
    case 'heading':
      return `<h3>${escapeMarkup(piece.text)}</h3>`
    case 'prose':
      return proseHtml(piece.markdown, piece.values)
    case 'paragraph':
      return `<p>${escapeMarkup(piece.text)}</p>`
    case 'caution':
      return `<p class="caution">${escapeMarkup(piece.text)}</p>`
    case 'list':
      return `<ul>${piece.items.map((item) => `<li>${escapeMarkup(item)}</li>`).join('')}</ul>`
    case 'table':
      return tableHtml(piece)
    case 'chart':
      return figureHtml(drawn.chart(piece), piece.title)
    case 'oil-way':
      return oilWayHtml(piece, drawn)
    case 'drawings':
      return `<div class="drawings">${piece.items
        .map(({ specimen, caption }) => figureHtml(drawn.drawing(specimen), caption))
        .join('')}</div>`
  }
}

const oilWayHtml = ({ specimen, name, states }: Extract<Piece, { kind: 'oil-way' }>, drawn: Drawn): string =>
  `<div class="oil-way">${states
    .map(({ state, label, says }) => {
      const words = `${name}, ${label.toLowerCase()}: ${says}`
      return figureHtml(drawn.oilWay(specimen, state, words), words) || `<p>${escapeMarkup(words)}</p>`
    })
    .join('')}</div>`

/**
 * A chart in words, for those who cannot see it.
 *
 * @example chartAlt({ title: 'Score', bars: [{ label: 'N-40', value: 71.6, low: 64, high: 80 }] })
 * // => 'Score: N-40 72 (64 to 80)'
 */
export const chartAlt = ({ title, bars }: { title: string; bars: readonly ChartBar[] }): string =>
  `${title}: ${bars
    .map(({ label, value, low, high }) => `${label} ${Math.round(value)} (${Math.round(low)} to ${Math.round(high)})`)
    .join('; ')}`

const figureHtml = (picture: string, caption: string): string =>
  picture === '' ? '' : `<figure>${picture}<figcaption>${escapeMarkup(caption)}</figcaption></figure>`

function tableHtml({ caption, head, rows }: Extract<Piece, { kind: 'table' }>): string {
  const headCells = head.map((text) => `<th scope="col">${escapeMarkup(text)}</th>`).join('')
  const body = rows.map(({ label, cells }) => {
    const own = cells.map(({ text, mark }) => `<td${mark ? ` class="${mark}"` : ''}>${escapeMarkup(text)}</td>`)
    return `<tr><th scope="row">${escapeMarkup(label)}</th>${own.join('')}</tr>`
  })
  return (
    `<div class="table" tabindex="0" role="region" aria-label="${escapeMarkup(caption)}">` +
    `<table><caption>${escapeMarkup(caption)}</caption><thead><tr>${headCells}</tr></thead>` +
    `<tbody>${body.join('')}</tbody></table></div>`
  )
}

/**
 * A review as Markdown.
 *
 * @example
 * articleMarkdown({ title: 'T', engine: 'E', corrections: [], sections: [] }, 'Told.') // => '# T\n\nE\n\nTold.\n'
 */
export const articleMarkdown = ({ title, engine, corrections, sections }: ReviewDocument, told: string): string =>
  [
    `# ${escapeMarkdown(title)}`,
    escapeMarkdown(engine),
    ...corrections.map(({ day, words }) => `> **Correction, ${escapeMarkdown(day)}:** ${escapeMarkdown(words)}`),
    ...sections.flatMap((section) => [
      ...(section.title === '' ? [] : [`## ${escapeMarkdown(section.title)}`]),
      ...section.pieces.map(pieceMarkdown).filter((text) => text !== ''),
    ]),
    told,
  ]
    .join('\n\n')
    .concat('\n')

function pieceMarkdown(piece: Piece): string {
  switch (piece.kind) {
    case 'heading':
      return `### ${escapeMarkdown(piece.text)}`
    case 'prose':
      return proseMarkdown(piece.markdown, piece.values)
    case 'paragraph':
      return escapeMarkdown(piece.text)
    case 'caution':
      return `> ${escapeMarkdown(piece.text)}`
    case 'list':
      return piece.items.map((item) => `- ${escapeMarkdown(item)}`).join('\n')
    case 'table':
      return tableMarkdown(piece)
    case 'chart':
      return piece.bars
        .map(
          ({ label, value, low, high }) =>
            `- ${escapeMarkdown(label)}: ${[value, low, high].map(Math.round).join(' / ')}`,
        )
        .join('\n')
    case 'oil-way':
      return piece.states
        .map(({ label, says }) => `- ${escapeMarkdown(`${piece.name}, ${label.toLowerCase()}: ${says}`)}`)
        .join('\n')
    case 'drawings':
      return ''
  }
}

function tableMarkdown({ caption, head, rows }: Extract<Piece, { kind: 'table' }>): string {
  const line = (cells: readonly string[]) =>
    `| ${cells.map((cell) => escapeMarkdown(cell).replace(/\s+/g, ' ')).join(' | ')} |`
  return [
    `**${escapeMarkdown(caption)}**`,
    '',
    line(head),
    `|${head.map(() => '---|').join('')}`,
    ...rows.map(({ label, cells }) => line([label, ...cells.map(({ text }) => text)])),
  ].join('\n')
}
