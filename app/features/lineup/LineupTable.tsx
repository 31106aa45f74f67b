import { useMemo, useRef, useState, type MouseEvent } from 'react'
import { useNavigate } from 'react-router'
import { partLabel, type FilterPartKey } from '#core/catalogue/index.ts'
import type { Row } from '#core/compare/lineup.ts'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { cellPointsBy } from '#core/score/row-judgement.ts'
import type { JudgedRevision } from '#core/verdict/judgement.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import type { EvaluatedColumn } from '#app/data/lineup-evaluation.server.ts'
import { CallLine } from '#app/features/verdict/CallLine.tsx'
import { SchoolBar } from '#app/features/verdict/SchoolBar.tsx'
import { useEvaluation } from '#app/features/verdict/useEvaluation.ts'
import { Alert, Stack } from '#app/ui/layout.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { useInBrowser } from '#app/ui/useInBrowser.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { ColumnHeads } from './ColumnHeads.tsx'
import { ColumnsPanel } from './ColumnsPanel.tsx'
import { LineupRow } from './LineupRow.tsx'
import { LineupTools } from './LineupTools.tsx'
import { SummaryRows } from './SummaryRows.tsx'
import { Group, Scroll, Strip, Table } from './table-style.ts'
import { useColumns } from './useColumns.ts'
import { useLineup } from './useLineup.ts'
import { useLinesInSight } from './useLinesInSight.ts'

/** Products across, what is known of them down; each number opens to its readings and formula. */
export function LineupTable() {
  const { rows, columns, method } = useLineup().evaluation
  const judged = useEvaluation()
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
  const wanted = wantedRows(rows, { only: get('only'), rows: get('rows'), find: get('find') })
  const unread = rows.filter((row) => !isLookedAt(row) && isPossible(row)).length
  const shown = useRowsBelowTheFold(wanted)
  const lines = useMemo(() => linesOf(shown), [shown])
  const box = useRef<HTMLDivElement>(null)
  const { from, to, above, below } = useLinesInSight(box, lines.length, view.shown.length)
  return (
    <>
      <Stack $gap={6}>
        <Strip>
          <SchoolBar judged={judged} isTerse />
          <CallLine judged={judged} />
        </Strip>
        <LineupTools
          view={view}
          rows={wanted.length}
          unread={unread}
          isArranging={isArranging}
          onArrange={() => arrange(!isArranging)}
        />
      </Stack>
      {isArranging && <ColumnsPanel view={view} />}
      {view.problem && <Alert role="alert">{view.problem}</Alert>}
      <Scroll ref={box} tabIndex={0} role="region" aria-label="Line-up table">
        <Table onClick={(event) => followLink(event, (address) => void navigate(address))}>
          <ColumnHeads view={view} />
          <SummaryRows view={view} judged={judged} />
          <tbody>
            {above > 0 && <tr aria-hidden style={{ height: above }} />}
            {lines.slice(from, to).map((line) =>
              'part' in line ? (
                <tr key={`part ${line.part}`}>
                  <Group scope="rowgroup" colSpan={view.shown.length + 1}>
                    {partLabel(line.part)}
                  </Group>
                </tr>
              ) : (
                <LineupRow
                  key={line.row.key}
                  row={line.row}
                  view={view}
                  system={system}
                  showsUncertainty={get('doubt') === 'shown'}
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
const isPossible = ({ cells }: Row): boolean => cells.some(({ state }) => state !== 'not-applicable')

/** Whether somebody has looked at it, of any product. */
const isLookedAt = ({ cells }: Row): boolean =>
  cells.some(({ state }) => state !== 'missing' && state !== 'not-applicable')

/**
 * Rows that somebody has looked at, or that differ; all that are possible when they are asked for. What is sought by name
 * or part is found whether anybody has looked at it or not.
 */
function wantedRows(rows: readonly Row[], shows: Record<'only' | 'rows' | 'find', string | null>): Row[] {
  const words = (shows.find ?? '').trim().toLowerCase()
  const isShown = (row: Row): boolean => {
    if (shows.only === 'differences') return row.differs
    return shows.rows === 'all' || words !== '' ? isPossible(row) : isLookedAt(row)
  }
  return rows.filter((row) => isShown(row) && `${row.label} ${partLabel(row.part)}`.toLowerCase().includes(words))
}

type Line = { part: FilterPartKey } | { row: Row }

/** Rows with the head of each part before its first. */
const linesOf = (rows: readonly Row[]): Line[] =>
  rows.flatMap((row, index): Line[] => (row.part === rows[index - 1]?.part ? [{ row }] : [{ part: row.part }, { row }]))

const rowsAtFirst = 16

/** The first rows are sent with the page; those below the fold follow once it is alive. */
function useRowsBelowTheFold(rows: Row[]): Row[] {
  const isAlive = useInBrowser(() => true, false)
  return isAlive ? rows : rows.slice(0, rowsAtFirst)
}

/** A thousand cells link to their readings: one listener follows them without loading the page anew. */
function followLink(event: MouseEvent<HTMLElement>, go: (address: string) => void): void {
  const address = (event.target as HTMLElement).closest('td a')?.getAttribute('href')
  const isModified = event.metaKey || event.ctrlKey || event.shiftKey || event.altKey
  if (!address || event.defaultPrevented || event.button !== 0 || isModified) return
  event.preventDefault()
  go(address)
}
