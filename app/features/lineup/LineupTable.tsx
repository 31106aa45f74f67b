import { ArrowDown, ArrowUp } from 'lucide-react'
import { useMemo, type MouseEvent } from 'react'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { styled } from 'styled-components'
import { characteristicOf, partLabel } from '#core/catalogue/index.ts'
import { spreadWords } from '#core/compare/unit-spread.ts'
import { displayUnit, sayNumber, sayUncertain } from '#core/compare/display.ts'
import type { Cell, Row as LineupRow } from '#core/compare/lineup.ts'
import { findFigure } from '#core/figures/index.ts'
import { formatOpenings } from '#core/teardown/openings.ts'
import { tierLabels } from '#app/features/forms/labels.ts'
import { Button } from '#app/ui/Button.tsx'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Alert, Row, Small } from '#app/ui/layout.tsx'
import { sayMoney } from '#app/ui/money.ts'
import type { UnitSystem } from '#app/ui/preferences.ts'
import { useInBrowser } from '#app/ui/useInBrowser.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Column } from '#app/data/lineup.server.ts'
import { rankedFrom } from '#core/verdict/judged.ts'
import { sortColumns } from './sort.ts'

const Scroll = styled.div`
  overflow: auto;
  max-height: calc(100vh - 190px);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--card);
  @media print {
    max-height: none;
    overflow: visible;
    border: 0;
  }
`

const Table = styled.table`
  border-collapse: separate;
  border-spacing: 0;
  min-width: 100%;
  font-size: 14px;

  th,
  td {
    padding: 7px 12px;
    border-bottom: 1px solid var(--line);
    text-align: right;
    vertical-align: top;
    background: var(--card);
  }
  td {
    min-width: 142px;
    max-width: 210px;
    overflow-wrap: anywhere;
  }
  thead th {
    position: sticky;
    top: 0;
    z-index: 2;
    vertical-align: bottom;
    font: 600 17px/1.15 var(--label);
    border-bottom: 2px solid var(--line-strong);
    max-width: 210px;
    overflow-wrap: anywhere;
  }
  tbody th[scope='row'],
  thead th:first-child {
    position: sticky;
    left: 0;
    z-index: 1;
    width: 228px;
    min-width: 228px;
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
  thead small {
    display: block;
    font: 400 12px/1.35 var(--text);
    color: var(--ink-soft);
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
  td small {
    display: block;
    color: var(--ink-soft);
    font-size: 12px;
  }
  @media print {
    font-size: 10px;
    th,
    td {
      position: static !important;
      min-width: 0 !important;
      padding: 2px 4px;
    }
  }
`

const Group = styled.th`
  && {
    position: sticky;
    left: 0;
    padding-top: 18px;
    background: var(--paper);
    font: 600 19px/1.1 var(--label);
    text-align: left;
  }
`

const Sort = styled.button`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 6px;
  width: 100%;
  min-height: 26px;
  padding: 0;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
  &:hover {
    text-decoration: underline;
  }
`

const Veto = styled.span`
  display: block;
  color: var(--red);
  font: 600 13px/1.25 var(--text);
`

/** Products across, what is known of them down; each number opens to its readings and formula. */
export function LineupTable({ columns, rows }: { columns: Column[]; rows: LineupRow[] }) {
  const [search, setSearch] = useSearchParams()
  const navigate = useNavigate()
  const { units: system } = usePreferences()
  const sort = search.get('sort') ?? 'score'
  const rising = search.get('order') === 'rising'
  const differences = search.get('only') === 'differences'
  const doubtful = search.get('doubt') === 'shown'

  const { order, problem } = useMemo(() => sortColumns(columns, rows, sort, rising), [columns, rows, sort, rising])
  const wanted = differences ? rows.filter((row) => row.differs) : rows.filter((row) => row.cells.some(({ state }) => state !== 'not-applicable'))
  const shown = useRowsBelowTheFold(wanted)
  const groups = [...new Set(shown.map(({ part }) => part))]

  const set = (changes: Record<string, string | undefined>) =>
    setSearch(
      (now) => {
        const next = new URLSearchParams(now)
        for (const [key, value] of Object.entries(changes)) value === undefined ? next.delete(key) : next.set(key, value)
        return next
      },
      { replace: true, preventScrollReset: true },
    )
  const sortBy = (key: string) => set({ sort: key, order: sort === key && !rising ? 'rising' : undefined })
  const sortHead = (key: string, label: string) => (
    <Sort type="button" onClick={() => sortBy(key)} aria-label={`Sort by ${label}`}>
      <span>{label}</span>
      {sort === key && (rising ? <ArrowUp size={14} aria-label="rising" /> : <ArrowDown size={14} aria-label="falling" />)}
    </Sort>
  )

  return (
    <>
      <Row data-print="no">
        <Button onPress={() => set({ only: differences ? undefined : 'differences' })} aria-pressed={differences} $kind={differences ? 'primary' : 'plain'}>
          Differences only
        </Button>
        <Button onPress={() => set({ doubt: doubtful ? undefined : 'shown' })} aria-pressed={doubtful} $kind={doubtful ? 'primary' : 'plain'}>
          Show ±
        </Button>
        <Button onPress={() => window.print()}>Print</Button>
        <Small>
          {columns.length} {columns.length === 1 ? 'product' : 'products'}, {wanted.length} rows. Click a row's name to sort by it.
        </Small>
      </Row>
      {problem && <Alert role="alert">{problem}</Alert>}
      <Scroll tabIndex={0} role="region" aria-label="Line-up table">
        <Table onClick={(event) => followLink(event, (to) => void navigate(to))}>
          <thead>
            <tr>
              <th scope="col">{sortHead('name', 'Product')}</th>
              {order.map((at) => {
                const { id, product, name, revision, tier, specimens, given } = columns[at]!
                return (
                  <th key={id} scope="col">
                    <Link to={`/products/${product}`}>{name}</Link>
                    <small>{[revision, tierLabels[tier], specimens > 1 && `${specimens} specimens`].filter(Boolean).join(' · ')}</small>
                    {given.length > 0 && <small>sample given by {given.join(', ')}</small>}
                  </th>
                )
              })}
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">{sortHead('score', 'Construction score')}</th>
              {order.map((at) => {
                const { id, specimen, score } = columns[at]!
                return (
                  <td key={id}>
                    <Link to={`/specimens/${specimen}/score`} style={{ font: '600 24px/1 var(--label)' }}>
                      {score.value === undefined ? '–' : Math.round(score.value)}
                    </Link>
                    {score.coverage < 1 && (
                      <small>
                        {Math.round(score.low)} to {Math.round(score.high)}, {Math.round(score.coverage * 100)} % known{score.coverage < rankedFrom && ', not ranked'}
                      </small>
                    )}
                    {score.veto && <Veto>{score.veto}</Veto>}
                  </td>
                )
              })}
            </tr>
            <tr>
              <th scope="row">{sortHead('price', 'Price paid')}</th>
              {order.map((at) => {
                const { id, product, price } = columns[at]!
                return <td key={id}>{price ? <Link to={`/products/${product}`}>{sayMoney(price.minor, price.currency)}</Link> : '–'}</td>
              })}
            </tr>
            {columns.some(({ findings }) => findings > 0) && (
              <tr>
                <th scope="row">Contradictions found</th>
                {order.map((at) => {
                  const { id, specimen, findings } = columns[at]!
                  return <td key={id}>{findings > 0 ? <Link to={`/specimens/${specimen}/findings`}>{findings}</Link> : '0'}</td>
                })}
              </tr>
            )}
          </tbody>
          {groups.map((part) => (
            <tbody key={part}>
              <tr>
                <Group scope="rowgroup" colSpan={columns.length + 1}>
                  {partLabel(part)}
                </Group>
              </tr>
              {shown
                .filter((row) => row.part === part)
                .map((row) => (
                  <tr key={row.key}>
                    <th scope="row">{sortHead(row.key, row.label)}</th>
                    {order.map((at) => (
                      <CellView key={columns[at]!.id} row={row} cell={row.cells[at]!} specimens={columns[at]!.specimens} system={system} doubtful={doubtful} />
                    ))}
                  </tr>
                ))}
            </tbody>
          ))}
        </Table>
      </Scroll>
    </>
  )
}

const rowsAtFirst = 16

/** The first rows are sent with the page; those below the fold follow once it is alive. */
function useRowsBelowTheFold(rows: LineupRow[]): LineupRow[] {
  const alive = useInBrowser(() => true, false)
  return alive ? rows : rows.slice(0, rowsAtFirst)
}

/** A thousand cells link to their readings: one listener follows them without loading the page anew. */
function followLink(event: MouseEvent<HTMLElement>, go: (to: string) => void): void {
  const link = (event.target as HTMLElement).closest('td a')
  if (!link || event.defaultPrevented || event.button !== 0 || event.metaKey || event.ctrlKey || event.shiftKey || event.altKey) return
  event.preventDefault()
  go(link.getAttribute('href')!)
}

function CellView({ row, cell, specimens, system, doubtful }: { row: LineupRow; cell: Cell; specimens: number; system: UnitSystem; doubtful: boolean }) {
  if (cell.state === 'missing') return <td data-empty>missing</td>
  if (cell.state === 'not-applicable') return <td data-empty title={cell.reason}>–</td>
  if (cell.state === 'impossible') {
    return (
      <td title={cell.message}>
        <a href={`/specimens/${cell.specimen}/values/${row.key}`}>cannot be</a>
      </td>
    )
  }
  const of = findFigure(row.key) ?? characteristicOf(row.key)
  const words = cell.state === 'number' ? sayNumber(of, cell.value, system) : cell.state === 'openings' ? formatOpenings(cell.groups, displayUnit(of, system)) : cell.text
  const doubt = cell.state === 'number' && cell.u > 0 ? sayUncertain(of, cell.value, cell.u, system) : words
  const spread = cell.state === 'number' && cell.spread ? `unit to unit ${spreadWords[cell.spread]}` : ''
  const mark = 'mark' in cell ? cell.mark : undefined
  return (
    <td data-mark={mark}>
      {cell.evidence !== 'measured' && cell.evidence !== 'observed' && <EvidenceGlyph evidence={cell.evidence} />}
      <a href={`/specimens/${cell.specimen}/values/${row.key}`} title={[doubt, spread].filter(Boolean).join('; ')}>
        {doubtful ? doubt : words}
      </a>
      {mark && <small>{mark}</small>}
      {cell.state === 'number' && cell.remark && <small>{cell.remark}</small>}
      {specimens > 1 && cell.of < specimens && <small>{cell.of} of {specimens} specimens</small>}
    </td>
  )
}
