import { findCharacteristic, irreversibleStep, partLabel, type FilterPartKey } from '#core/catalogue/index.ts'
import type { IrreversibleStepKey } from '#core/catalogue/index.ts'
import * as texts from '#app/texts/outbox.ts'
import type { RequestFields } from './act.ts'

const labelOf = (key = ''): string => findCharacteristic(key)?.label ?? key

/** What was done, in words. */
export function describeAct(fields: RequestFields): string {
  const { intent, typed = '', unit = '', text = '', characteristic } = fields
  switch (intent) {
    case 'take':
      return `${labelOf(characteristic)} ${[typed, /[a-z"%]$/i.test(typed) ? '' : unit].filter(Boolean).join(' ')}`
    case 'strike':
      return texts.aReadingStruck
    case 'restore':
      return texts.aReadingBroughtBack
    case 'note':
      return texts.noteOn(partLabel(fields.part as FilterPartKey).toLowerCase(), text)
    case 'photo':
      return texts.pictureOf(partLabel(fields.part as FilterPartKey).toLowerCase(), fields.name ?? '')
    case 'drop-note':
      return texts.aNoteRemoved
    case 'drop-photo':
      return texts.aPictureRemoved
    case 'pass':
      return texts.goneOnPast(irreversibleStep(fields.point as IrreversibleStepKey).label, fields.reason ?? '')
    case 'zero':
      return texts.zeroOfAnInstrument(fields.shows ?? '')
    case 'owe':
      return texts.toBeShownLater(labelOf(characteristic))
    case 'settle':
      return texts.shownAsWasPromised
    case 'predict':
      return texts.predicted(labelOf(characteristic), typed)
    case 'compare':
      return `${labelOf(characteristic)}: ${fields.line ?? ''}`
    case 'drop-comparison':
      return texts.aComparisonTakenBack
    case 'ask':
      return texts.whatToRecord(labelOf(characteristic))
    default:
      return texts.whatToRecordAsOfAnother
  }
}

/** The field of an act that can be written anew: what was typed. */
export const editableField = ({ intent }: RequestFields): 'typed' | 'text' | 'line' | undefined =>
  intent === 'compare'
    ? 'line'
    : intent === 'take' || intent === 'predict'
      ? 'typed'
      : intent === 'note'
        ? 'text'
        : undefined
