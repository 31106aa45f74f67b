import { evidenceRank, type Evidence } from '#core/catalogue/index.ts'
import { isKnown, type Cell, type NumberCell } from './cell.ts'
import { contradictsRelation, inverted, isAlike, numberByRelation, type Relation } from './relation.ts'
import type { RevisionColumn } from './revision-column.ts'

/** What was said of two specimens, of one characteristic or figure. */
export interface ComparisonRecord {
  id: string
  /** Key of the characteristic or figure. */
  of: string
  /** The one of which it was said. */
  specimen: string
  /** The one beside it. */
  other: string
  relation: Relation
  evidence: Evidence
}

/** The same between two columns of a line-up. */
export interface ColumnRelation {
  /** Of the record. */
  id: string
  /** Index of the column of which it was said. */
  a: number
  b: number
  relation: Relation
  evidence: Evidence
  /** A cell was filled by it: it says nothing more of the two. */
  isUsed: boolean
  /** What was read of both says otherwise: it counts for nothing. */
  isContradicted: boolean
}

/**
 * What was said of specimens, as relations of the columns that they stand in, for one row.
 *
 * @param of key of the row
 * @example columnRelations([], [], 'can.wall') // => []
 */
export function columnRelations(
  records: readonly ComparisonRecord[],
  columns: readonly RevisionColumn[],
  of: string,
): ColumnRelation[] {
  const columnOf = (specimen: string): number =>
    columns.findIndex(({ specimens }) => specimens.some(({ id }) => id === specimen))
  return records.flatMap((record): ColumnRelation[] => {
    if (record.of !== of) return []
    const [a, b] = [columnOf(record.specimen), columnOf(record.other)]
    const { id, relation, evidence } = record
    return a < 0 || b < 0 || a === b ? [] : [{ id, a, b, relation, evidence, isUsed: false, isContradicted: false }]
  })
}

/**
 * Fills what is missing by what was said of it beside one that is known, nearest first: one that was filled may fill
 * the next.
 *
 * @param cells of a row
 * @param relations between its columns
 * @returns the cells, and which relations were used up or are contradicted by what was read
 * @example relateCells([{ state: 'missing' }], []).cells // => [{ state: 'missing' }]
 */
export function relateCells(
  cells: readonly Cell[],
  relations: readonly ColumnRelation[],
): { cells: Cell[]; relations: ColumnRelation[] } {
  const filled = [...cells]
  const used = new Set<ColumnRelation>()
  for (let isNew = relations.length > 0; isNew;) {
    isNew = false
    for (const one of relations) {
      const { a, b, relation, evidence } = one
      const [to, from, way] = filled[a]?.state === 'missing' ? [a, b, relation] : [b, a, inverted(relation)]
      const cell = filled[to]?.state === 'missing' ? byRelation(way, filled[from], evidence) : undefined
      if (!cell) continue
      filled[to] = cell
      used.add(one)
      isNew = true
    }
  }
  return {
    cells: filled,
    relations: relations.map((one) => ({ ...one, isUsed: used.has(one), isContradicted: isContradicted(one, filled) })),
  }
}

function isContradicted({ a, b, relation }: ColumnRelation, cells: readonly Cell[]): boolean {
  const [one, other] = [cells[a], cells[b]]
  return one?.state === 'number' && other?.state === 'number' && contradictsRelation(relation, one, other)
}

/** A cell by what was said of it beside another; it opens to the other's specimen. */
function byRelation(relation: Relation, other: Cell | undefined, evidence: Evidence): Cell | undefined {
  if (!other || !isKnown(other)) return undefined
  const basis = {
    specimen: other.specimen,
    of: 1,
    evidence: evidenceRank(evidence) > evidenceRank(other.evidence) ? evidence : other.evidence,
  }
  if (other.state === 'words')
    return isAlike(relation) ? { state: 'words', text: other.text, answers: other.answers, ...basis } : undefined
  if (other.state !== 'number') return undefined
  const number = numberByRelation(relation, other)
  return number && { ...numberCell(other, number), ...basis, remark: 'told beside another' }
}

/** The doubt of the other with that of the relation; what of it is from unit to unit stays as large. */
function numberCell(
  { degrees, spread, unitShare, u }: NumberCell,
  number: { value: number; u: number },
): Pick<NumberCell, 'state' | 'value' | 'u' | 'degrees' | 'spread' | 'unitShare'> {
  return {
    state: 'number',
    ...number,
    ...(degrees !== undefined && { degrees }),
    ...(spread && { spread }),
    ...(unitShare !== undefined && number.u > 0 && { unitShare: unitShare * Math.min(1, (u / number.u) ** 2) }),
  }
}
