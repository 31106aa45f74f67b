import { byKey } from '#core/by-key.ts'
import type { FilterForm } from './filter-form.ts'

/** Points of no return, in the order they are passed. */
export const irreversibleSteps = [
  { key: 'cut', label: 'the cut', done: 'cut made', forms: ['spin-on'] },
  { key: 'apart', label: 'taking the element apart', done: 'element taken apart', forms: ['spin-on', 'cartridge'] },
  { key: 'unfold', label: 'unfolding the media', done: 'media unfolded', forms: ['spin-on', 'cartridge'] },
  { key: 'wrap', label: 'wrapping up', done: 'wrapped up', forms: ['spin-on', 'cartridge'] },
] as const satisfies readonly { key: string; label: string; done: string; forms: readonly FilterForm[] }[]

export type IrreversibleStepKey = (typeof irreversibleSteps)[number]['key']

/** Stations of the work, in order; `endsWith` names the point of no return behind each. */
export const stations = [
  { key: 'box', label: 'Box', description: 'What the box says and how it is closed.' },
  { key: 'outside', label: 'Outside', description: 'Everything that can be taken while the filter is whole.' },
  { key: 'parts', label: 'Parts out', description: 'First look inside, then each part as it comes out.' },
  { key: 'element', label: 'Element', description: 'The whole element, caps on.' },
  { key: 'pleats', label: 'Core and pleats', description: 'Caps cut off, pleats not yet unfolded.' },
  { key: 'media', label: 'Media', description: 'The strip, cut from its caps and laid flat.' },
] as const

export type StationKey = (typeof stations)[number]['key']

/**
 * The point of no return that lies behind a station.
 *
 * A cartridge has no can, so nothing is lost between its outside and its parts.
 *
 * @example irreversibleStepAfter('outside', 'spin-on') // => 'cut'
 */
export function irreversibleStepAfter(station: StationKey, form: FilterForm): IrreversibleStepKey | undefined {
  const behind: Partial<Record<StationKey, IrreversibleStepKey>> = {
    outside: 'cut',
    element: 'apart',
    pleats: 'unfold',
    media: 'wrap',
  }
  const key = behind[station]
  return irreversibleSteps.find((point) => point.key === key && (point.forms as readonly FilterForm[]).includes(form))
    ?.key
}

/**
 * A point of no return by its key.
 *
 * @example irreversibleStep('cut').done // => 'cut made'
 */
export const irreversibleStep = (key: IrreversibleStepKey): (typeof irreversibleSteps)[number] =>
  byKey(irreversibleSteps, key)
