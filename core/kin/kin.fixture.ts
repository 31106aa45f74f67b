import { foldName } from '#core/fold-name.ts'
import type { BuildRecord, KinValue } from './build-record.ts'
import { kinFeatures } from './kin-features.ts'

type Given = Readonly<Record<string, string | number>>

/** A filter by what is known of it: answers as words, numbers in SI or steps, each size to a half in a hundred. */
export function recordOf(id: string, given: Given, engines: readonly string[] = ['e']): BuildRecord {
  for (const key of Object.keys(given))
    if (!kinFeatures.some((feature) => feature.key === key)) throw new Error(`There is no feature "${key}"`)
  return {
    id,
    form: 'spin-on',
    engines,
    product: id,
    values: kinFeatures.map(({ key, kind }): KinValue | undefined => {
      const value = given[key]
      if (value === undefined) return undefined
      if (typeof value === 'string') return { answer: foldName(value), specimen: id }
      return { number: value, u: kind === 'size' ? 0.005 * value : 0, degrees: 30, specimen: id }
    }),
  }
}

/** A filter that is well known, by which others are told to be of its build. */
export const wellKnown: Given = {
  'plate.inlets:count': 8,
  'plate.inlets:odd': 'yes',
  'plate.inlets:size': 0.0051,
  'plate.stamp': 'star',
  'plate.thickness': 0.0024,
  'gasket.material': 'nitrile',
  'gasket.track': 'undercut',
  'can.height': 0.0831,
  'can.seam': 'stepped',
  'can.lining': 'tinned',
  'adbv.build': 'flap',
  'adbv.colour': 'orange',
  'adbv.lip': 'rings',
  'spring.type': 'leaf',
  'spring.weight': 0.0071,
  'bypass.place': 'thread',
  'bypass.build': 'coil',
  'bypass.seal': 'plastic',
  'bypass.seat': 0.0142,
  'core.type': 'louvred',
  'core.louvres': 'spiral',
  'core.openings:count': 44,
  'caps.material': 'fibre',
  'caps.fixing': 'potted',
  'glue.colour': 'blue',
  'pleats.count': 47,
  'media.length': 1.11,
  'element.height': 0.0613,
  'media.layers': 2,
}

/** What others of the engine are like, all of them otherwise. */
export const others: readonly BuildRecord[] = ['c', 'd', 'f', 'g'].map((id, at) =>
  recordOf(id, {
    'plate.inlets:count': 6 + at,
    'plate.inlets:odd': 'no',
    'plate.inlets:size': 0.0046 + 0.0008 * at,
    'can.height': 0.075 + 0.004 * at,
    'can.seam': 'flat',
    'gasket.track': 'plain',
    'adbv.colour': 'black',
    'pleats.count': 39 + 5 * at,
    'media.length': 0.9 + 0.13 * at,
    'core.type': 'perforated',
  }),
)
