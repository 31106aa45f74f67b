import type { Problem } from '#core/result.ts'

/** What an action says when it takes nothing of what was sent. */
export interface Refusal {
  ok: false
  /** What is wrong, beside each field. */
  fields: Record<string, string[]>
  /** What is wrong with the whole. */
  form: string[]
  /** The problem behind it, where it offers ways to mend it. */
  problem?: Problem
  /** What another has saved since the form was opened, and the version that it now has. */
  meanwhile?: { version: number; values: Record<string, string> }
}

/** What every action of the app answers. */
export type ActionResult<More extends object = object> = ({ ok: true } & More) | Refusal

/** What another has saved meanwhile, when that is why nothing was taken. */
export const meanwhileOf = (result: ActionResult | null | undefined): Refusal['meanwhile'] =>
  result?.ok === false ? result.meanwhile : undefined

/** All that is wrong, as one text; empty when nothing is. */
export const refusalText = (result: ActionResult | null | undefined): string =>
  result?.ok === false ? [...result.form, ...Object.values(result.fields).flat()].join(' ') : ''
