import { href } from 'react-router'
import { styled } from 'styled-components'
import { sectionHtml, type Drawn } from '#core/review/article.ts'
import { escapeMarkup } from '#core/review/escape-markup.ts'
import type { ReviewDocument } from '#core/review/review-document.ts'
import * as texts from '#app/texts/review.ts'

const Sheet = styled.article`
  > div {
    scroll-margin-top: 60px;
  }
  overflow-wrap: anywhere;
  h2 {
    margin: 28px 0 8px;
    padding-bottom: 4px;
    border-bottom: 1px solid var(--line);
    font-size: 22px;
  }
  h3 {
    margin: 16px 0 4px;
  }
  p,
  ul {
    margin: 0 0 10px;
  }
  ul {
    padding-left: 22px;
  }
  .table {
    overflow-x: auto;
    margin-bottom: 14px;
  }
  table {
    border-collapse: collapse;
    min-width: 100%;
    font-variant-numeric: tabular-nums;
    overflow-wrap: normal;
  }
  caption {
    padding: 6px 0;
    color: var(--ink-soft);
    font-size: 13px;
    text-align: left;
  }
  th,
  td {
    min-width: 84px;
    padding: 5px 10px 5px 0;
    border-bottom: 1px solid var(--line);
    text-align: left;
    vertical-align: top;
  }
  th[scope='row'] {
    position: sticky;
    left: 0;
    min-width: 130px;
    background: var(--card);
  }
  td.best {
    background: var(--green-soft);
    font-weight: 600;
  }
  .caution {
    padding: 8px 12px;
    border-left: 4px solid var(--amber);
    background: var(--amber-soft);
  }
  .drawings {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
    gap: 10px;
  }
  figure {
    margin: 0 0 10px;
  }
  figure img {
    display: block;
    width: 100%;
    height: auto;
    border-radius: 6px;
  }
  figcaption {
    color: var(--ink-soft);
    font-size: 13px;
  }
  mark {
    background: var(--amber-soft);
    color: inherit;
    font-weight: 700;
  }
  aside {
    margin-bottom: 14px;
    padding: 10px 14px;
    border-left: 4px solid var(--amber);
    background: var(--amber-soft);
  }
`

interface Props {
  document: ReviewDocument
  /** Where its chart is drawn. */
  chart: string
}

/** A review as its article will look: the same markup that leaves, in which all that was typed is text. */
export function ArticlePreview({ document: { title, engine, corrections, sections }, chart }: Props) {
  const drawn: Drawn = {
    chart: (piece) => `<img src="${escapeMarkup(chart)}" alt="${escapeMarkup(piece.title)}" loading="lazy">`,
    drawing: (specimen) =>
      `<img src="${escapeMarkup(href('/specimens/:specimen/drawing.svg', { specimen }))}?head" alt="" loading="lazy">`,
    oilWay: (specimen, state, alt) =>
      `<img src="${escapeMarkup(href('/specimens/:specimen/oil-way.svg', { specimen }))}?state=${state}" ` +
      texts.altLoadingLazy(escapeMarkup(alt)),
  }
  return (
    <Sheet aria-label={texts.article}>
      <p>{engine}</p>
      <h1 style={{ margin: '0 0 12px' }}>{title}</h1>
      {corrections.map(({ day, words }) => (
        <aside key={`${day} ${words}`}>
          <strong>
            {texts.correction} <time dateTime={day}>{day}</time>
          </strong>
          <p>{words}</p>
        </aside>
      ))}
      {sections.map((section) => (
        <div
          key={section.id}
          id={`section-${section.id}`}
          dangerouslySetInnerHTML={{ __html: sectionHtml(section, drawn) }}
        />
      ))}
    </Sheet>
  )
}
