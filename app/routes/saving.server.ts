import { data } from 'react-router'
import type { Added, Changed } from '#app/data/records.server.ts'
import type { Refusal } from '#app/features/forms/action-result.ts'
import type { FieldValues } from '#app/features/forms/field-values.ts'
import * as texts from '#app/texts/house.ts'
import { refused, refusedField } from './http.server.ts'

/** What is said when another has the name, and beside which field. */
interface Taken {
  field?: string
  message: string
}

const nameTaken = ({ field, message }: Taken) => (field === undefined ? refused(message) : refusedField(field, message))

const idInUse = () => refused(texts.thisFormWasSentBeforeWith)

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
  if (changed === 'gone') return refused(texts.itIsNotHereAnyMore)
  const refusal: Refusal = { ok: false, fields: {}, form: [savedMeanwhile], meanwhile }
  return data(refusal, { status: 409 })
}

const savedMeanwhile = texts.thisWasSavedMeanwhileInAnother

/** The version of a record that a form was opened on; 0, which none has, when it says nothing of the kind. */
export const seenVersion = (typed: Record<string, unknown>): number => {
  const version = Number(typed.version)
  return Number.isSafeInteger(version) ? version : 0
}
