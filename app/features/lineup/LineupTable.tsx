import {
  useCallback,
  useDeferredValue,
  useMemo,
  useRef,
  useState,
  type CSSProperties,
  type MouseEvent,
  type ReactNode,
} from 'react'
import { useNavigate } from 'react-router'
import { styled } from 'styled-components'
import { partLabel, type FilterPartKey } from '#core/catalogue/index.ts'
import type { Row as LineupLine } from '#core/compare/lineup.ts'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { cellPointsBy } from '#core/score/row-judgement.ts'
import type { JudgedRevision } from '#core/verdict/judgement.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import type { EvaluatedColumn } from '#app/data/lineup-evaluation.server.ts'
import type { EvaluationView } from '#app/features/verdict/useEvaluation.ts'
import * as texts from '#app/texts/line-up.ts'
import { Alert, Row, Small } from '#app/ui/layout.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { useInBrowser } from '#app/ui/useInBrowser.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { ColumnsInSight } from './columns-in-sight.ts'
import { ColumnHeads } from './ColumnHeads.tsx'
import { ColumnsPanel } from './ColumnsPanel.tsx'
import { LineupRow } from './LineupRow.tsx'
import { LineupTools } from './LineupTools.tsx'
import { rowsOnTop, SummaryRows } from './SummaryRows.tsx'
import { Group, Scroll, Table } from './table-style.ts'
import { columnWidths, namesWidth, pinnedWidth } from './pin-style.ts'
import { useColumns, type Columns } from './useColumns.ts'
import { useLineup } from './useLineup.ts'
import { moveInGrid } from './grid-keys.ts'
import { useInSight } from './useInSight.ts'
import { ValuePanel } from './ValuePanel.tsx'

/** The table and what was opened of it. */
const Sides = styled.div`
  display: flex;
  flex: 1;
  gap: 12px;
  min-height: 0;
`

/** Products across, what is known of them down; each number opens to its readings and formula. */
export function LineupTable({ judged, children }: { judged: EvaluationView; children: ReactNode }) {
  const { rows, columns, method } = useLineup().evaluation
  const { all, judgedOf } = judged
  const scored = useMemo(
    () => columns.flatMap((column, at) => scoredColumn(column, all[at], judgedOf(column.id))),
    [columns, all, judgedOf],
  )
  const pointsOf = useMemo(() => cellPointsBy(effectiveCriteria(method)), [method])
  const view = useColumns(scored, rows, pointsOf)
  const [isArranging, arrange] = useState(false)
  const { get } = useAddress()
  const { units: system } = usePreferences()
  const navigate = useNavigate()
  const [opened, setOpened] = useState<{ address: string; from: HTMLElement }>()
  const open = (address: string, from: HTMLElement) =>
    address.includes('/values/') ? setOpened({ address, from }) : void navigate(address)
  const close = useCallback(() => {
    opened?.from.focus()
    setOpened(undefined)
  }, [opened])
  const wanted = wantedRows(rows, { only: get('only'), rows: get('rows'), find: get('find') })
  const unread = rows.filter((row) => !isLookedAt(row) && isPossible(row)).length
  const shown = useRowsBelowTheFold(wanted)
  const lines = useMemo(() => linesOf(shown), [shown])
  const box = useRef<HTMLDivElement>(null)
  const { shown: heads, pins } = view
  const showsUncertainty = get('doubt') === 'shown'
  const columnWidth = columnWidths[showsUncertainty ? 'uncertain' : 'plain']
  const {
    from,
    to,
    above,
    below,
    columns: sight,
  } = useInSight(box, {
    lines: lines.length,
    columns: heads.length,
    columnWidth,
    pinned: pins,
  })
  const columnsInSight = useMemo(() => ({ from: sight.from, to: sight.to }), [sight.from, sight.to])
  const rowView = useRowView(view, columns)
  return (
    <>
      <LineupTools judged={judged} unread={unread} isArranging={isArranging} onArrange={() => arrange(!isArranging)} />
      {isArranging && <ColumnsPanel view={view} />}
      {view.problem && <Alert role="alert">{view.problem}</Alert>}
      <Sides>
        <Scroll ref={box} tabIndex={0} role="region" aria-label={texts.lineUpTable}>
          <Table
            style={widthOf(view, columnWidth)}
            aria-rowcount={rowsOnTop + lines.length}
            onClick={(event) => followLink(event, open)}
            onKeyDown={moveInGrid}
          >
            <colgroup>
              <col style={{ width: namesWidth }} />
              {view.shown.map(({ column: { id } }, at) => (
                <col key={id} style={{ width: at < pins ? pinnedWidth : columnWidth }} />
              ))}
            </colgroup>
            <ColumnsInSight value={columnsInSight}>
              <ColumnHeads view={view} />
              <SummaryRows view={view} judged={judged} />
              <tbody>
                {above > 0 && <tr aria-hidden style={{ height: above }} />}
                {lines.slice(from, to).map((line, at) =>
                  'part' in line ? (
                    <tr key={`part ${line.part}`} aria-rowindex={rowsOnTop + from + at + 1}>
                      <Group scope="rowgroup" colSpan={view.shown.length + 1}>
                        <span>{partLabel(line.part)}</span>
                      </Group>
                    </tr>
                  ) : (
                    <LineupRow
                      key={line.row.key}
                      row={line.row}
                      index={rowsOnTop + from + at + 1}
                      view={rowView}
                      system={system}
                      showsUncertainty={showsUncertainty}
                    />
                  ),
                )}
                {below > 0 && <tr aria-hidden style={{ height: below }} />}
              </tbody>
            </ColumnsInSight>
          </Table>
        </Scroll>
        {opened && <ValuePanel address={opened.address} onClose={close} />}
      </Sides>
      <Row $between $gap={16}>
        <Small>
          {children} {texts.products(view.shown.length)}
          {view.hidden.size > 0 && texts.hidden(view.hidden.size)}
          {texts.rows(wanted.length)}
        </Small>
        <Small>{texts.constructionIsJudgedNotFiltration}</Small>
      </Row>
    </>
  )
}

/** The table is as wide as its columns are together. */
const widthOf = ({ shown, pins }: Columns, columnWidth: number): CSSProperties => {
  const width = namesWidth + pins * pinnedWidth + (shown.length - pins) * columnWidth
  return { '--columns-width': `${width}px` } as CSSProperties
}

/** A column with its score by the school that judges. */
function scoredColumn(
  column: EvaluatedColumn,
  evaluated: EvaluatedRevision | undefined,
  judged: JudgedRevision | undefined,
): EvaluatedColumn[] {
  if (!evaluated) return []
  const { low, high, coverage, fatalFaults } = evaluated.score
  return [
    {
      ...column,
      score: {
        value: judged?.chances.mean,
        low: judged?.chances.low ?? low,
        high: judged?.chances.high ?? high,
        coverage,
        fatalFault: fatalFaults[0]?.description,
      },
    },
  ]
}

/** Whether some product can have it. */
const isPossible = ({ cells }: LineupLine): boolean => cells.some(({ state }) => state !== 'not-applicable')

/** Whether somebody has looked at it, of any product. */
const isLookedAt = ({ cells }: LineupLine): boolean =>
  cells.some(({ state }) => state !== 'missing' && state !== 'not-applicable')

/**
 * Rows that somebody has looked at, or that differ; all that are possible when they are asked for. What is sought by
 * name or part is found whether anybody has looked at it or not.
 */
function wantedRows(rows: readonly LineupLine[], shows: Record<'only' | 'rows' | 'find', string | null>): LineupLine[] {
  const words = (shows.find ?? '').trim().toLowerCase()
  const isShown = (row: LineupLine): boolean => {
    if (shows.only === 'differences') return row.differs
    return shows.rows === 'all' || words !== '' ? isPossible(row) : isLookedAt(row)
  }
  return rows.filter((row) => isShown(row) && `${row.label} ${partLabel(row.part)}`.toLowerCase().includes(words))
}

/** What rows are drawn by: another one only when their columns are others, or stand otherwise. Scores are not. */
function useRowView(view: Columns, columns: readonly EvaluatedColumn[]): Columns {
  const { sort, rising, shown, pins } = view
  const order = shown.map(({ column: { id } }) => id).join(' ')
  // eslint-disable-next-line react-hooks/exhaustive-deps -- what else is in the view changes nothing in a row
  return useMemo(() => view, [columns, order, sort, rising, pins])
}

type Line = { part: FilterPartKey } | { row: LineupLine }

/** Rows with the head of each part before its first. */
const linesOf = (rows: readonly LineupLine[]): Line[] =>
  rows.flatMap((row, index): Line[] => (row.part === rows[index - 1]?.part ? [{ row }] : [{ part: row.part }, { row }]))

const rowsAtFirst = 16

/** The first rows are sent with the page; those below the fold follow once it is alive, behind what is pressed. */
function useRowsBelowTheFold(rows: LineupLine[]): LineupLine[] {
  const isAlive = useDeferredValue(useInBrowser(() => true, false))
  return isAlive ? rows : rows.slice(0, rowsAtFirst)
}

/** A thousand cells link to their readings: one listener opens them beside the table. */
function followLink(event: MouseEvent<HTMLElement>, go: (address: string, from: HTMLElement) => void): void {
  const link = (event.target as HTMLElement).closest<HTMLAnchorElement>('td a')
  const address = link?.getAttribute('href')
  const isModified = event.metaKey || event.ctrlKey || event.shiftKey || event.altKey
  if (!link || !address || event.defaultPrevented || event.button !== 0 || isModified) return
  event.preventDefault()
  go(address, link)
}
