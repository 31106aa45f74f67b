import { data } from 'react-router'
import type { Added, Changed } from '#app/data/records.server.ts'
import type { Refusal } from '#app/features/forms/action-result.ts'
import type { FieldValues } from '#app/features/forms/field-values.ts'
import { refused, refusedField } from './http.server.ts'

/** What is said when another has the name, and beside which field. */
interface Taken {
  field?: string
  message: string
}

const nameTaken = ({ field, message }: Taken) => (field === undefined ? refused(message) : refusedField(field, message))

const idInUse = () =>
  refused('This form was sent before, with other content. Open it anew: what was made then stays as it is.')

/** Why what was to be added was not; undefined when it was. */
export function additionRefusal(added: Added, taken: Taken) {
  if (added === 'added') return undefined
  return added === 'taken' ? nameTaken(taken) : idInUse()
}

/** What there is now of a thing that two have changed, as its form writes it. */
interface SavedMeanwhile {
  version: number
  values: FieldValues
}

/** Why a change was not saved; undefined when it was. */
export function changeRefusal(changed: Changed, taken: Taken, meanwhile: SavedMeanwhile) {
  if (changed === 'saved') return undefined
  if (changed === 'taken') return nameTaken(taken)
  if (changed === 'gone') return refused('It is not here any more: it was removed meanwhile.')
  const refusal: Refusal = { ok: false, fields: {}, form: [savedMeanwhile], meanwhile }
  return data(refusal, { status: 409 })
}

const savedMeanwhile =
  'This was saved meanwhile, in another tab or by somebody else, so nothing was saved now. Where the two ' +
  'differ, both stand below. Take the other value, or leave yours and save again.'

/** The version of a record that a form was opened on; 0, which none has, when it says nothing of the kind. */
export const seenVersion = (typed: Record<string, unknown>): number => {
  const version = Number(typed.version)
  return Number.isSafeInteger(version) ? version : 0
}
