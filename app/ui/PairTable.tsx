import { styled } from 'styled-components'
import { Table } from './Table.tsx'

/** Two things on one grid: the one at the left, what is compared in the middle, the other at the right of it. */
export const PairTable = styled(Table)`
  table-layout: fixed;
  thead th {
    position: static;
  }
  td,
  th[scope='row'] {
    padding: 5px 12px;
    overflow-wrap: anywhere;
  }
  td:first-child,
  thead th:first-child {
    text-align: right;
  }
  th[scope='row'],
  thead th:nth-child(2) {
    color: var(--ink);
    text-align: center;
  }
  th[scope='rowgroup'] {
    padding: 12px 0 2px;
    border: 0;
    color: var(--ink);
    font: 600 18px/1.2 var(--label);
    text-align: center;
  }
`
