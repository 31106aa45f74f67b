import { characteristicOf, sized, type FilterForm, type FilterPartKey, type SizeClass } from '#core/catalogue/index.ts'
import { standardUncertainty } from '#core/quantity/uncertain.ts'
import { endLabel, type End } from '#core/teardown/end.ts'
import type { OpeningGroup } from '#core/teardown/opening-groups.ts'
import { sizeClassOf } from '#core/teardown/size-class-of.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'
import { partCaptions } from '#core/figures/part-captions.ts'
import type { DrawnPart } from '#core/figures/part-captions.ts'

interface PartState {
  /** Something that shapes it has been recorded. */
  known: boolean
  /** A serious fault on this part, in words. */
  fault?: string
  /** The end at which it was found. */
  faultEnd?: End
  /** One line below its name. */
  caption: string
}

/** Sizes that are dimensioned. */
export type SizeKey =
  'can.height' | 'can.diameter' | 'element.height' | 'element.od' | 'element.id' | 'oring.inside' | 'thread'

/** A size that somebody measured, or said roughly: half is the half width that was said, else nought; mm. */
export interface MeasuredSize {
  mm: number
  half: number
}

/** All that the drawing of a filter needs: lengths in millimetres, plain JSON. */
export interface DrawingData {
  form: FilterForm
  states: Record<DrawnPart, PartState>
  /** What was measured of it; the rest is drawn as such filters usually are, without a number. */
  sizes: Partial<Record<SizeKey, MeasuredSize>>
  can: { height: number; diameter: number; wall: number }
  plate: { inlets: OpeningGroup[]; thread: number; thickness: number }
  gasket: { width: number; material: string }
  adbv: { thickness: number; material: string; build: string }
  element: { od: number; id: number; height: number; caps: string }
  core: { type: string }
  pleats: { count: number; thickness: number; media: string }
  bypass: { place: string; build: string }
  spring: { type: string }
  oring: { inside: number; section: number; material: string }
}

/** What shapes a part: one of them known, and it is drawn. */
const shapedBy: Record<DrawnPart, string[]> = {
  plate: ['plate.inlets', 'thread.designation', 'plate.thickness'],
  gasket: ['gasket.thickness', 'gasket.material', 'gasket.section'],
  oring: ['oring.section', 'oring.material'],
  adbv: ['adbv.material', 'adbv.thickness', 'adbv.build'],
  bypass: ['bypass.place', 'bypass.build'],
  element: ['element.od', 'element.height', 'caps.material'],
  core: ['core.type', 'core.seam', 'element.id', 'tube.place'],
  pleats: ['pleats.count', 'media.thickness', 'media.type'],
  spring: ['spring.type'],
  can: ['can.height', 'can.diameter', 'can.wall'],
}

/** Parts of the catalogue whose faults are shown on a drawn part, where it is not that part alone. */
const faultsShownOn: Partial<Record<DrawnPart, FilterPartKey[]>> = {
  element: ['element', 'caps'],
  can: ['can', 'inside'],
  oring: ['oring'],
}

/** Length of a characteristic in millimetres; the middle of what is typical when it is unknown. */
function length(known: ResolvedValues, sizeClass: SizeClass | undefined, key: string): number {
  const found = known.get(key)?.number?.value
  if (found !== undefined) return found * 1000
  const characteristic = sized(characteristicOf(key), sizeClass)
  if (characteristic.kind !== 'quantity') throw new Error(`${key} is no length`)
  return ((characteristic.typical[0] + characteristic.typical[1]) / 2) * 1000
}

const word = (known: ResolvedValues, key: string, otherwise: string): string => known.get(key)?.text ?? otherwise

/** The label of a serious fault that is known of a part, and its end. */
function faultOf(known: ResolvedValues, part: DrawnPart): Pick<PartState, 'fault' | 'faultEnd'> {
  const parts = faultsShownOn[part] ?? [part as FilterPartKey]
  const fault = [...known.values()].find(
    ({ key, text }) => text === 'serious' && parts.includes(characteristicOf(key).part),
  )
  if (!fault) return {}
  const { label } = characteristicOf(fault.key)
  return fault.end ? { fault: `${label}, ${endLabel(fault.end)}`, faultEnd: fault.end } : { fault: label }
}

function partStates(known: ResolvedValues): DrawingData['states'] {
  const captions = partCaptions(known)
  const stateOf = (part: DrawnPart): PartState => {
    return {
      known: shapedBy[part].some((key) => known.has(key)),
      caption: captions[part],
      ...faultOf(known, part),
    }
  }
  return Object.fromEntries(
    (Object.keys(shapedBy) as DrawnPart[]).map((part) => [part, stateOf(part)]),
  ) as DrawingData['states']
}

const sizeKeys = ['can.height', 'can.diameter', 'element.height', 'element.od', 'element.id', 'oring.inside'] as const

function measuredSizes(known: ResolvedValues): DrawingData['sizes'] {
  const thread = known.get('thread.designation')?.text
  const sizes = sizeKeys.flatMap((key): [SizeKey, MeasuredSize][] => {
    const resolved = known.get(key)
    if (!resolved?.number) return []
    const isRough = resolved.readings.every(({ valueHalf }) => valueHalf)
    // Of a width that was said, the standard uncertainty is its half over √3.
    const half = isRough ? standardUncertainty(resolved.number) * Math.sqrt(3) : 0
    return [[key, { mm: resolved.number.value * 1000, half: half * 1000 }]]
  })
  return Object.fromEntries(thread === undefined ? sizes : [...sizes, ['thread', { mm: threadWidth(thread), half: 0 }]])
}

/** What there is to draw of a specimen: recorded values where there are some, those typical of its size elsewhere. */
export function drawingData(form: FilterForm, known: ResolvedValues, chosen: SizeClass | '' = ''): DrawingData {
  const sizeClass = sizeClassOf(form, chosen, known)
  const mm = (key: string) => length(known, sizeClass, key)
  const answer = (key: string, otherwise: string) => word(known, key, otherwise)
  const od = mm('element.od')
  return {
    form,
    states: partStates(known),
    sizes: measuredSizes(known),
    can: { height: mm('can.height'), diameter: mm('can.diameter'), wall: mm('can.wall') },
    plate: {
      inlets: known.get('plate.inlets')?.openings?.groups ?? [{ count: 6, width: 0.0065 }],
      thread: threadWidth(answer('thread.designation', 'M20 x 1.5')),
      thickness: mm('plate.thickness'),
    },
    gasket: { width: mm('gasket.thickness'), material: answer('gasket.material', 'nitrile') },
    adbv: {
      thickness: mm('adbv.thickness'),
      material: answer('adbv.material', ''),
      build: answer('adbv.build', 'flap'),
    },
    element: {
      od,
      id: Math.min(mm('element.id'), od - 4),
      height: mm('element.height'),
      caps: answer('caps.material', 'steel'),
    },
    core: { type: coreType(known) },
    pleats: {
      count: known.get('pleats.count')?.number?.value ?? 50,
      thickness: mm('media.thickness'),
      media: answer('media.type', 'cellulose'),
    },
    bypass: { place: answer('bypass.place', 'dome'), build: answer('bypass.build', 'coil') },
    spring: { type: answer('spring.type', 'coil') },
    oring: {
      inside: mm('oring.inside'),
      section: mm('oring.section'),
      material: answer('oring.material', 'nitrile'),
    },
  }
}

/** What of the centre tube is drawn: a spiral seam where one was seen, else its openings. */
function coreType(known: ResolvedValues): string {
  if (word(known, 'tube.place', '') === 'engine') return 'none'
  const openings = word(known, 'core.type', 'perforated')
  return openings === 'perforated' && word(known, 'core.seam', '') === 'spiral' ? 'spiral' : openings
}

/** Nominal width of a thread in millimetres, for drawing. */
function threadWidth(designation: string): number {
  const metric = /^M([\d.]+)/.exec(designation)
  if (metric) return Number(metric[1])
  const inches = /^(?:(\d+)[- ])?(\d+)\/(\d+)-\d/.exec(designation)
  return inches ? (Number(inches[1] ?? 0) + Number(inches[2]) / Number(inches[3])) * 25.4 : 20
}
