import type { Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'

/** What a known cell rests on. */
export const basis = { evidence: 'observed' as const, specimen: 's', of: 1 }

export const missing: Cell = { state: 'missing' }

export const grade = (value: number, u = 0.29): Cell => ({ state: 'number', value, u, ...basis })

/** A row of a line-up, named by its key. */
export const row = (key: string, cells: Cell[], part: Row['part'] = 'can'): Row => ({
  key,
  label: key,
  part,
  kind: 'characteristic',
  cells,
  differs: true,
})
