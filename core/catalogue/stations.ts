import type { Form } from './characteristic.ts'

/** Points of no return, in the order they are passed. */
export const noReturns = [
  { key: 'cut', label: 'the cut', done: 'cut made', forms: ['spin-on'] },
  { key: 'apart', label: 'taking the element apart', done: 'element taken apart', forms: ['spin-on', 'cartridge'] },
  { key: 'unfold', label: 'unfolding the media', done: 'media unfolded', forms: ['spin-on', 'cartridge'] },
  { key: 'wrap', label: 'wrapping up', done: 'wrapped up', forms: ['spin-on', 'cartridge'] },
] as const satisfies readonly { key: string; label: string; done: string; forms: readonly Form[] }[]

export type NoReturnKey = (typeof noReturns)[number]['key']

/** Stations of the work, in order; `endsWith` names the point of no return behind each. */
export const stations = [
  { key: 'box', label: 'Box', says: 'What the box says and how it is closed.' },
  { key: 'outside', label: 'Outside', says: 'Everything that can be taken while the filter is whole.' },
  { key: 'parts', label: 'Parts out', says: 'First look inside, then each part as it comes out.' },
  { key: 'element', label: 'Element', says: 'The whole element, caps on.' },
  { key: 'pleats', label: 'Core and pleats', says: 'Caps cut off, pleats not yet unfolded.' },
  { key: 'media', label: 'Media', says: 'The strip, cut from its caps and laid flat.' },
] as const

export type StationKey = (typeof stations)[number]['key']

/**
 * The point of no return that lies behind a station.
 *
 * A cartridge has no can, so nothing is lost between its outside and its parts.
 *
 * @example noReturnAfter('outside', 'spin-on') // => 'cut'
 */
export function noReturnAfter(station: StationKey, form: Form): NoReturnKey | undefined {
  const behind: Partial<Record<StationKey, NoReturnKey>> = {
    outside: 'cut',
    element: 'apart',
    pleats: 'unfold',
    media: 'wrap',
  }
  const key = behind[station]
  return noReturns.find((point) => point.key === key && (point.forms as readonly Form[]).includes(form))?.key
}

/**
 * A point of no return by its key.
 *
 * @example noReturn('cut').done // => 'cut made'
 */
export const noReturn = (key: NoReturnKey): (typeof noReturns)[number] => noReturns.find((point) => point.key === key)!
