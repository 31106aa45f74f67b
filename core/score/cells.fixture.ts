import type { Cell } from '#core/compare/cell.ts'

/** A number as it stands in a cell of a line-up. */
export const number = (value: number, u = 0, evidence: 'measured' | 'inferred' = 'measured'): Cell => ({
  state: 'number',
  value,
  u,
  evidence,
  specimen: 's',
  of: 1,
})
/** An answer as it stands in a cell of a line-up. */
export const words = (answer: string): Cell => ({
  state: 'words',
  text: answer,
  answers: [answer],
  evidence: 'observed',
  specimen: 's',
  of: 1,
})
/** Cells of a revision with a can wall, and more. */
export const full = (wall: number, more: [string, Cell][] = []) =>
  new Map<string, Cell>([
    ['can.wall', number(wall, 0.000005)],
    ['glue.grade', number(3)],
    ['adbv.material', words('silicone')],
    ['media.type', words('blend')],
    ['media.area', number(0.09, 0.001)],
    ...more,
  ])
