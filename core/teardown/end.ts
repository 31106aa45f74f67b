import type { FilterForm } from '#core/catalogue/index.ts'
import { ok, problem, type Result } from '#core/result.ts'

/** Ends of the element: of a spin-on by what they lie at, of a cartridge by how it stands in its housing. */
export const ends = ['thread', 'dome', 'upper', 'lower'] as const

export type End = (typeof ends)[number]

/** Ends of a form, the one first that people mostly call the top of a cartridge. */
const endsByForm: Record<FilterForm, readonly [End, End]> = {
  'spin-on': ['thread', 'dome'],
  cartridge: ['upper', 'lower'],
}

/**
 * The two ends of a filter.
 *
 * @example endsOf('spin-on') // => ['thread', 'dome']
 */
export const endsOf = (form: FilterForm): readonly [End, End] => endsByForm[form]

/**
 * An end in words.
 *
 * @example endLabel('dome') // => 'dome end'
 */
export const endLabel = (end: End): string => `${end} end`

/**
 * Something that was said, with the end it was said of.
 *
 * @example atEnd('2', 'dome') // => '2 at the dome end'
 */
export const atEnd = (said: string, end: End | undefined): string =>
  end === undefined ? said : `${said} at the ${endLabel(end)}`.trim()

const thing = '(?: (?:end|disc|cap|ring|one))?'
const named = '(thread|dome|upper|lower|top|bottom)'
const behind = new RegExp(`(?:^|[,\\s]+)(?:(?:at|on|by) (?:the )?|the |, *)?${named}${thing}$`, 'i')
const before = new RegExp(`^(?:(?:at|on) )?(?:the )?${named}${thing}(?::|,|\\s)\\s*(?=\\S)`, 'i')
const both = /(?:^|[,\s]+)(?:at|on)? ?both(?: ends| discs| caps| rings)?$/i

/** What was said, without the end; the end where one was said. */
interface SaidAtEnd {
  text: string
  end?: End
}

/**
 * Takes the end out of what was said. "Top" and "bottom" mean opposite ends to different people: they are asked about,
 * unless the form settles it or {@link nameEnds} has put the reviewer's own word in place.
 *
 * @param said of a characteristic that has two ends
 * @returns what is left and the end; a problem with both readings where the end cannot be told
 * @example readEnd('2 at the dome end') // => { ok: true, value: { text: '2', end: 'dome' } }
 */
export function readEnd(said: string): Result<SaidAtEnd> {
  const plain = said.trim().replace(both, '')
  const found = behind.exec(plain) ?? before.exec(plain)
  if (!found) return ok({ text: plain })
  const text = plain.replace(found[0], ' ').trim()
  const word = (found[1] ?? '').toLowerCase()
  if (word !== 'top' && word !== 'bottom') return ok({ text, end: word as End })
  return problem(
    'which-end',
    `Which end is the ${word}? People mean opposite ends by it. What you call the top is kept once, under Reviewer.`,
    endsOf('spin-on').map((end) => ({ text: atEnd(text, end), label: `The ${endLabel(end)}` })),
  )
}

/**
 * What was said with "top" and "bottom" in the reviewer's own sense. The top of a cartridge is its upper end.
 *
 * @param said as typed
 * @param form of the filter
 * @param top what the reviewer calls the top of a spin-on; empty where it was not said
 * @example nameEnds('glue 1 at the top', 'spin-on', 'dome') // => 'glue 1 at the dome end'
 */
export function nameEnds(said: string, form: FilterForm, top: 'thread' | 'dome' | ''): string {
  const upper = form === 'cartridge' ? 'upper' : top
  if (upper === '') return said
  const lower = endsOf(form).find((end) => end !== upper)
  return said.replace(
    /\b(at|on|by) (?:the )?(top|bottom)(?: (?:end|disc|cap|ring|one))?(?=\s*(?:[,;·•|\n]|$))/gi,
    (_, at: string, word: string) => `${at} the ${word.toLowerCase() === 'top' ? upper : lower} end`,
  )
}

/**
 * What is wrong with an end of a filter that has none of that name.
 *
 * @example problemOfEnd('dome', 'spin-on') // => undefined
 */
export function problemOfEnd(end: End | null | undefined, form: FilterForm): string | undefined {
  if (!end || endsOf(form).includes(end)) return undefined
  const [first, second] = endsOf(form)
  return `A ${form} filter has a ${endLabel(first)} and a ${endLabel(second)}, no ${endLabel(end)}.`
}
