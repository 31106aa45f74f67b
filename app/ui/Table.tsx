import { styled } from 'styled-components'

/** A calm table for reading across: dotted rules, soft heads, no boxes. */
export const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  th,
  td {
    padding: 8px 14px 8px 0;
    border-bottom: 1px dotted var(--line-strong);
    text-align: left;
    vertical-align: top;
    overflow-wrap: anywhere;
  }
  th {
    color: var(--ink-soft);
    font: 600 15px var(--label);
  }
`
