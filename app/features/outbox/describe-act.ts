import { findCharacteristic, irreversibleStep, partLabel, type FilterPartKey } from '#core/catalogue/index.ts'
import type { IrreversibleStepKey } from '#core/catalogue/index.ts'
import type { RequestFields } from './act.ts'

const labelOf = (key = ''): string => findCharacteristic(key)?.label ?? key

/** What was done, in words. */
export function describeAct(fields: RequestFields): string {
  const { intent, typed = '', unit = '', text = '', characteristic } = fields
  switch (intent) {
    case 'take':
      return `${labelOf(characteristic)} ${[typed, /[a-z"%]$/i.test(typed) ? '' : unit].filter(Boolean).join(' ')}`
    case 'strike':
      return 'A reading struck'
    case 'restore':
      return 'A reading brought back'
    case 'note':
      return `Note on ${partLabel(fields.part as FilterPartKey).toLowerCase()}: ${text}`
    case 'photo':
      return `Picture of ${partLabel(fields.part as FilterPartKey).toLowerCase()}: ${fields.name ?? ''}`
    case 'drop-note':
      return 'A note removed'
    case 'drop-photo':
      return 'A picture removed'
    case 'pass':
      return `Gone on past ${irreversibleStep(fields.point as IrreversibleStepKey).label}: ${fields.reason ?? ''}`
    case 'zero':
      return `Zero of an instrument: ${fields.shows ?? ''}`
    case 'owe':
      return `To be shown later: ${labelOf(characteristic)}`
    case 'settle':
      return 'Shown, as was promised'
    case 'predict':
      return `Predicted: ${labelOf(characteristic)} ${typed}`
    case 'compare':
      return `${labelOf(characteristic)}: ${fields.line ?? ''}`
    case 'drop-comparison':
      return 'A comparison taken back'
    case 'ask':
      return `What to record: ${labelOf(characteristic)}`
    default:
      return 'What to record, as of another specimen'
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
