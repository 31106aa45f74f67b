import { createGlobalStyle, styled } from 'styled-components'

/** A line of tools, lower than those of a bench. */
export const Strip = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
  label select {
    max-width: 140px;
  }
  button,
  select,
  input {
    min-height: 34px;
    padding-top: 3px;
    padding-bottom: 3px;
    font-size: 15px;
  }
`

export const Scroll = styled.div`
  flex: 1;
  min-height: 340px;
  scroll-padding: 112px 0 24px 232px;
  overflow: auto;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--card);
  @media print {
    max-height: none;
    overflow: visible;
    border: 0;
  }
`

export const Table = styled.table`
  border-collapse: separate;
  border-spacing: 0;
  /* Of one width by rule: else each row that comes in sight has all of them measured anew. */
  table-layout: fixed;
  width: var(--columns-width);
  min-width: 100%;
  font-size: 14px;
  line-height: 1.25;

  th,
  td {
    padding: 2px 10px 1px;
    border-bottom: 1px solid var(--line);
    text-align: right;
    vertical-align: top;
  }
  /* What others are scrolled under; any other ground or clip is painted a thousand times. A pinned cell has a style. */
  th,
  td[style] {
    background: var(--card);
  }
  td {
    overflow-wrap: anywhere;
  }
  thead {
    position: sticky;
    top: 0;
    z-index: 2;
  }
  thead th {
    vertical-align: bottom;
    padding: 6px 10px 4px;
    font: 600 17px/1.15 var(--label);
    border-bottom: 2px solid var(--line-strong);
  }
  tbody th[scope='row'],
  thead th:first-child {
    position: sticky;
    left: 0;
    z-index: 1;
    width: 228px;
    text-align: left;
    font-weight: 400;
    border-right: 1px solid var(--line);
  }
  thead th:first-child {
    z-index: 3;
  }
  td[data-mark='best'] {
    background: var(--best);
  }
  td[data-mark='worst'] {
    background: var(--worst);
  }
  thead a,
  thead small,
  tr[data-brief] td > * {
    display: block;
    overflow: clip;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  tr:not([data-brief]) td {
    white-space: nowrap;
  }
  tr:not([data-brief]) td small {
    float: left;
    max-width: 56px;
    margin-right: 6px;
  }
  /* What is cut off is painted apart: a thousand cells that are never too long would hold the scrolling up. */
  tr:not([data-brief]) td[data-long],
  tr:not([data-brief]) td[data-long] small {
    overflow: clip;
    text-overflow: ellipsis;
  }
  thead small {
    font: 400 12px/1.35 var(--text);
    color: var(--ink-soft);
  }
  tr[data-tie],
  tr[data-tie] td[style],
  tr[data-tie] th[scope='row'] {
    background: color-mix(in srgb, var(--line) 34%, var(--card));
  }
  tbody th small {
    color: var(--ink-soft);
    font-size: 12px;
  }
  td[data-empty] {
    color: var(--ink-soft);
  }
  td a {
    text-decoration: none;
    &:hover {
      text-decoration: underline;
    }
  }
  td:focus-visible,
  th:focus-visible {
    outline-offset: -3px;
  }
  td small {
    display: block;
    color: var(--ink-soft);
    font-size: 12px;
  }
  /* On paper all columns share its width, lying. */
  @media print {
    width: 100%;
    font-size: 8px;
    th,
    td,
    thead th:first-child,
    tbody th[scope='row'] {
      position: static !important;
      width: auto;
      min-width: 0;
      max-width: none;
      padding: 1px 3px;
      font-size: 8px;
      overflow-wrap: anywhere;
    }
    col {
      width: auto !important;
    }
    thead th:first-child {
      width: 15%;
    }
    tr {
      break-inside: avoid;
    }
    &&& td,
    &&& td small,
    thead a,
    thead small,
    td small,
    tbody th small {
      font-size: 7.5px;
      white-space: normal;
    }
    && td small {
      float: none;
      max-width: none;
    }
  }
`

/** The page on which a line-up is printed. */
export const Landscape = createGlobalStyle`
  @page { size: landscape; margin: 8mm; }
`

export const HeadDrawing = styled.img`
  display: block;
  margin: 0 0 4px auto;
  border-radius: 6px;
  max-width: 100%;
  height: auto;
  @media print {
    display: none;
  }
`

export const Group = styled.th`
  && {
    padding-top: 4px;
    background: var(--paper);
    font: 600 15px/1.1 var(--label);
    text-align: left;
  }
  /* The head of a part is as wide as the table: its words stay in sight. */
  > span {
    position: sticky;
    left: 10px;
  }
`

export const Sort = styled.button`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 6px;
  width: 100%;
  min-height: 18px;
  padding: 0;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
  &:hover {
    text-decoration: underline;
  }
`

export const Warning = styled.span`
  display: block;
  color: var(--red);
  font: 600 13px/1.25 var(--text);
`
