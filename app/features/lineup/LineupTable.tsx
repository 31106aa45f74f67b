import { useVirtualizer } from '@tanstack/react-virtual'
import { ArrowDown, ArrowUp } from 'lucide-react'
import {
  memo,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
  type CSSProperties,
  type MouseEvent,
  type RefObject,
} from 'react'
import { Link, useNavigate } from 'react-router'
import { styled } from 'styled-components'
import { characteristicOf, partLabel, type Form } from '#core/catalogue/index.ts'
import { sayUncertain } from '#core/compare/display.ts'
import type { Cell, Row as LineupRow } from '#core/compare/lineup.ts'
import { sayCell } from '#core/compare/say-cell.ts'
import { spreadWords } from '#core/compare/unit-spread.ts'
import { findFigure } from '#core/figures/index.ts'
import { rankedFrom, type Judged } from '#core/verdict/judged.ts'
import type { JudgedLineup } from '#app/data/judged.server.ts'
import { tierLabels } from '#app/features/forms/labels.ts'
import { SchoolBar } from '#app/features/verdict/SchoolBar.tsx'
import { useJudged } from '#app/features/verdict/useJudged.ts'
import { Button } from '#app/ui/Button.tsx'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Alert, Row, Small, Stack } from '#app/ui/layout.tsx'
import { sayMoney } from '#app/ui/money.ts'
import type { UnitSystem } from '#app/ui/preferences.ts'
import { useInBrowser } from '#app/ui/useInBrowser.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { ColumnsPanel } from './ColumnsPanel.tsx'
import { useColumns, type Columns } from './useColumns.ts'

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
  tr[data-tie] td,
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

const HeadDrawing = styled.img`
  display: block;
  margin: 0 0 6px auto;
  border-radius: 6px;
  max-width: 100%;
  height: auto;
  @media print {
    display: none;
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

interface Props {
  application: { id: string; form: Form }
  lineup: JudgedLineup
}

/** Products across, what is known of them down; each number opens to its readings and formula. */
export function LineupTable({ application, lineup }: Props) {
  const { rows } = lineup
  const judged = useJudged(application.form, lineup)
  const columns = useMemo(
    () => lineup.columns.map((column, at) => scoredBy(column, judged.all[at]!)),
    [lineup, judged.all],
  )
  const navigate = useNavigate()
  const { units: system } = usePreferences()
  const [arranging, arrange] = useState(false)
  const view = useColumns(columns, rows)
  const { search, set, shown: order, problem, hidden } = view
  const differences = search.get('only') === 'differences'
  const doubtful = search.get('doubt') === 'shown'
  const [sought, seek] = useState(search.get('find') ?? '')
  const words = sought.trim().toLowerCase()

  const wanted = rows.filter(
    (row) =>
      (differences ? row.differs : row.cells.some(({ state }) => state !== 'not-applicable')) &&
      (words === '' || `${row.label} ${partLabel(row.part)}`.toLowerCase().includes(words)),
  )
  const shown = useRowsBelowTheFold(wanted)
  const lines = useMemo(
    () =>
      shown.flatMap((row, index): Line[] =>
        row.part === shown[index - 1]?.part ? [{ row }] : [{ part: row.part }, { row }],
      ),
    [shown],
  )
  const box = useRef<HTMLDivElement>(null)
  const { from, to, above, below } = useLinesInSight(box, lines.length, order.length)

  const query = `?school=${judged.school.id}${judged.driver ? `&driver=${judged.driver.id}` : ''}`

  return (
    <>
      <Stack $gap={10}>
        <SchoolBar data={lineup} judged={judged} />
        <Row data-print="no">
          <Button
            onPress={() => set({ only: differences ? undefined : 'differences' })}
            aria-pressed={differences}
            $kind={differences ? 'primary' : 'plain'}
          >
            Differences only
          </Button>
          <Button
            onPress={() => set({ doubt: doubtful ? undefined : 'shown' })}
            aria-pressed={doubtful}
            $kind={doubtful ? 'primary' : 'plain'}
          >
            Show ±
          </Button>
          <Button onPress={() => arrange(!arranging)} aria-expanded={arranging}>
            Columns
          </Button>
          <InputBox
            type="search"
            style={{ width: 170 }}
            aria-label="Find a row"
            placeholder="Find a row"
            value={sought}
            onChange={(event) => (seek(event.target.value), set({ find: event.target.value }))}
          />
          <Button onPress={() => window.print()}>Print</Button>
          <Small>
            {order.length} {order.length === 1 ? 'product' : 'products'}
            {hidden.size > 0 && `, ${hidden.size} hidden`}, {wanted.length} rows. Click a row's name to sort by it.
          </Small>
        </Row>
      </Stack>
      {arranging && <ColumnsPanel columns={columns} view={view} />}
      {problem && <Alert role="alert">{problem}</Alert>}
      <Scroll ref={box} tabIndex={0} role="region" aria-label="Line-up table">
        <Table onClick={(event) => followLink(event, (to) => void navigate(to))}>
          <thead>
            <tr>
              <th scope="col">
                <SortHead view={view} by="name" label="Product" />
              </th>
              {order.map((at) => {
                const { id, product, specimen, name, revision, tier, specimens, given } = columns[at]!
                return (
                  <th key={id} scope="col" style={headPin(view, columns, at)}>
                    <HeadDrawing
                      src={`/specimens/${specimen}/drawing.svg?head`}
                      alt=""
                      loading="lazy"
                      width={180}
                      height={52}
                    />
                    <Link to={`/products/${product}`}>{name}</Link>
                    <small>
                      {[revision, tierLabels[tier], specimens > 1 && `${specimens} specimens`]
                        .filter(Boolean)
                        .join(' · ')}
                    </small>
                    {given.length > 0 && <small>sample given by {given.join(', ')}</small>}
                  </th>
                )
              })}
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">
                <SortHead
                  view={view}
                  by="score"
                  label={
                    judged.school.id === 'build' && !judged.driver
                      ? 'Construction score'
                      : `Score: ${judged.school.name}`
                  }
                />
              </th>
              {order.map((at) => {
                const { id, score, misfits } = columns[at]!
                const tied = judged.leaders.length > 1 && judged.leaders.some((one) => one.id === id)
                return (
                  <td key={id} style={pinStyle(view, columns, at)}>
                    <Link
                      to={`/lineups/${application.id}/score/${id}${query}`}
                      style={{ font: '600 24px/1 var(--label)' }}
                    >
                      {score.value === undefined ? '–' : Math.round(score.value)}
                    </Link>
                    {tied && <small>tied for first</small>}
                    {score.coverage < 0.995 && (
                      <small>
                        {Math.round(score.low)} to {Math.round(score.high)}, {Math.round(score.coverage * 100)} % known
                        {score.coverage < rankedFrom && ', not ranked'}
                      </small>
                    )}
                    {score.veto && <Veto>{score.veto}</Veto>}
                    {misfits.length > 0 && <Veto>does not fit: {misfits.join(', ')}</Veto>}
                  </td>
                )
              })}
            </tr>
            <tr>
              <th scope="row">
                <SortHead view={view} by="price" label="Price paid" />
              </th>
              {order.map((at) => {
                const { id, product, price } = columns[at]!
                return (
                  <td key={id} style={pinStyle(view, columns, at)}>
                    {price ? <Link to={`/products/${product}`}>{sayMoney(price.minor, price.currency)}</Link> : '–'}
                  </td>
                )
              })}
            </tr>
            {columns.some(({ findings }) => findings > 0) && (
              <tr>
                <th scope="row">Contradictions found</th>
                {order.map((at) => {
                  const { id, specimen, findings } = columns[at]!
                  return (
                    <td key={id} style={pinStyle(view, columns, at)}>
                      {findings > 0 ? <Link to={`/specimens/${specimen}/findings`}>{findings}</Link> : '0'}
                    </td>
                  )
                })}
              </tr>
            )}
          </tbody>
          <tbody>
            {above > 0 && <tr aria-hidden style={{ height: above }} />}
            {lines.slice(from, to).map((line) =>
              'part' in line ? (
                <tr key={`part ${line.part}`}>
                  <Group scope="rowgroup" colSpan={order.length + 1}>
                    {partLabel(line.part)}
                  </Group>
                </tr>
              ) : (
                <LineView
                  key={line.row.key}
                  row={line.row}
                  columns={columns}
                  view={view}
                  system={system}
                  doubtful={doubtful}
                />
              ),
            )}
            {below > 0 && <tr aria-hidden style={{ height: below }} />}
          </tbody>
        </Table>
      </Scroll>
    </>
  )
}

interface LineProps {
  row: LineupRow
  columns: JudgedLineup['columns']
  view: Columns
  system: UnitSystem
  doubtful: boolean
}

/** One row; drawn again only when it would look different, so that scrolling draws what comes in sight alone. */
const LineView = memo(function LineView({ row, columns, view, system, doubtful }: LineProps) {
  const tie = isTie(row)
  return (
    <tr data-tie={tie || undefined}>
      <th scope="row">
        <SortHead view={view} by={row.key} label={row.label} />
        {tie && <small>a tie</small>}
      </th>
      {view.shown.map((at) => (
        <CellView
          key={columns[at]!.id}
          row={row}
          cell={row.cells[at]!}
          specimens={columns[at]!.specimens}
          system={system}
          doubtful={doubtful}
          style={pinStyle(view, columns, at)}
        />
      ))}
    </tr>
  )
})

function SortHead({ view: { sort, rising, sortBy }, by, label }: { view: Columns; by: string; label: string }) {
  return (
    <Sort type="button" onClick={() => sortBy(by)} aria-label={`Sort by ${label}`}>
      <span>{label}</span>
      {sort === by &&
        (rising ? <ArrowUp size={14} aria-label="rising" /> : <ArrowDown size={14} aria-label="falling" />)}
    </Sort>
  )
}

/** A pinned column stays beside the names of the rows. */
function pinStyle(
  { pinned, hidden }: Columns,
  columns: JudgedLineup['columns'],
  at: number,
): CSSProperties | undefined {
  if (pinned.length === 0) return undefined
  const place = pinned.filter((id) => !hidden.has(id)).indexOf(columns[at]!.id)
  return place < 0
    ? undefined
    : {
        position: 'sticky',
        left: 228 + place * pinnedWidth,
        width: pinnedWidth,
        minWidth: pinnedWidth,
        zIndex: 1,
        borderRight: '1px solid var(--line-strong)',
      }
}

function headPin(view: Columns, columns: JudgedLineup['columns'], at: number): CSSProperties | undefined {
  const style = pinStyle(view, columns, at)
  return style && { ...style, zIndex: 3 }
}

type Line = { part: LineupRow['part'] } | { row: LineupRow }

const pinnedWidth = 160

/** A column with its score by the school that judges. */
const scoredBy = (
  column: JudgedLineup['columns'][number],
  { score, excluded }: Judged,
): JudgedLineup['columns'][number] => ({
  ...column,
  score: {
    value: excluded === undefined ? score.value : undefined,
    low: score.low,
    high: score.high,
    coverage: score.coverage,
    veto: score.vetoes[0]?.because,
  },
})

/** Several numbers are known and none is apart from the others. */
const isTie = ({ cells, differs }: LineupRow): boolean =>
  !differs && cells.filter(({ state }) => state === 'number').length > 1

const rowsAtFirst = 16

/** The first rows are sent with the page; those below the fold follow once it is alive. */
function useRowsBelowTheFold(rows: LineupRow[]): LineupRow[] {
  const alive = useInBrowser(() => true, false)
  return alive ? rows : rows.slice(0, rowsAtFirst)
}

const lineHeight = 36
/** Up to so many cells are all drawn; beyond, only the lines in sight. */
const allDrawn = 2400

/** Which lines are in sight of the scrolled box, where there are too many cells to draw them all; on paper all are. */
function useLinesInSight(box: RefObject<HTMLDivElement | null>, count: number, columns: number) {
  const printing = useSyncExternalStore(
    onPrint,
    () => window.matchMedia('print').matches,
    () => false,
  )
  const many = count * columns > allDrawn && !printing
  // eslint-disable-next-line react-hooks/incompatible-library -- what it returns is read in this render only
  const virtual = useVirtualizer({
    count,
    getScrollElement: () => box.current,
    estimateSize: () => lineHeight,
    overscan: 14,
    enabled: many,
  })
  const items = many ? virtual.getVirtualItems() : []
  const [first, last] = [items[0], items.at(-1)]
  if (!many || !first || !last)
    return { from: 0, to: many ? 40 : count, above: 0, below: many ? Math.max(0, count - 40) * lineHeight : 0 }
  return { from: first.index, to: last.index + 1, above: first.start, below: virtual.getTotalSize() - last.end }
}

function onPrint(listener: () => void): () => void {
  const query = window.matchMedia('print')
  query.addEventListener('change', listener)
  return () => query.removeEventListener('change', listener)
}

/** A thousand cells link to their readings: one listener follows them without loading the page anew. */
function followLink(event: MouseEvent<HTMLElement>, go: (to: string) => void): void {
  const link = (event.target as HTMLElement).closest('td a')
  if (
    !link ||
    event.defaultPrevented ||
    event.button !== 0 ||
    event.metaKey ||
    event.ctrlKey ||
    event.shiftKey ||
    event.altKey
  )
    return
  event.preventDefault()
  go(link.getAttribute('href')!)
}

function CellView({
  row,
  cell,
  specimens,
  system,
  doubtful,
  style,
}: {
  row: LineupRow
  cell: Cell
  specimens: number
  system: UnitSystem
  doubtful: boolean
  style: CSSProperties | undefined
}) {
  if (cell.state === 'missing')
    return (
      <td data-empty style={style}>
        missing
      </td>
    )
  if (cell.state === 'not-applicable')
    return (
      <td data-empty style={style} title={cell.reason}>
        –
      </td>
    )
  if (cell.state === 'impossible') {
    return (
      <td title={cell.message} style={style}>
        <a href={`/specimens/${cell.specimen}/values/${row.key}`}>cannot be</a>
      </td>
    )
  }
  const of = findFigure(row.key) ?? characteristicOf(row.key)
  const words = sayCell(row.key, cell, system)
  const doubt = cell.state === 'number' && cell.u > 0 ? sayUncertain(of, cell.value, cell.u, system) : words
  const spread = cell.state === 'number' && cell.spread ? `unit to unit ${spreadWords[cell.spread]}` : ''
  const mark = 'mark' in cell ? cell.mark : undefined
  return (
    <td data-mark={mark} style={style}>
      {cell.evidence !== 'measured' && cell.evidence !== 'observed' && <EvidenceGlyph evidence={cell.evidence} />}
      <a href={`/specimens/${cell.specimen}/values/${row.key}`} title={[doubt, spread].filter(Boolean).join('; ')}>
        {doubtful ? doubt : words}
      </a>
      {mark && <small>{mark}</small>}
      {cell.state === 'number' && cell.remark && <small>{cell.remark}</small>}
      {specimens > 1 && cell.of < specimens && (
        <small>
          {cell.of} of {specimens} specimens
        </small>
      )}
    </td>
  )
}
