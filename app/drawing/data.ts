import { characteristicOf, optionsOf, type Form, type PartKey } from '#core/catalogue/index.ts'
import { formatFixed } from '#core/quantity/format.ts'
import { countOpenings, type OpeningGroup } from '#core/teardown/openings.ts'
import type { Known } from '#core/teardown/resolve.ts'

export type DrawnPart =
  'plate' | 'gasket' | 'oring' | 'adbv' | 'bypass' | 'element' | 'core' | 'pleats' | 'spring' | 'can'

export interface PartState {
  /** Something that shapes it has been recorded. */
  known: boolean
  /** A serious fault on this part, in words. */
  fault?: string
  /** One line below its name. */
  says: string
}

/** All that the drawing of a filter needs: lengths in millimetres, plain JSON. */
export interface DrawingData {
  form: Form
  states: Record<DrawnPart, PartState>
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

const shapes: Record<DrawnPart, string[]> = {
  plate: ['plate.inlets', 'thread.designation', 'plate.thickness'],
  gasket: ['gasket.thickness', 'gasket.material', 'gasket.section'],
  oring: ['oring.section', 'oring.material'],
  adbv: ['adbv.material', 'adbv.thickness', 'adbv.build'],
  bypass: ['bypass.place', 'bypass.build'],
  element: ['element.od', 'element.height', 'caps.material'],
  core: ['core.type', 'element.id', 'tube.place'],
  pleats: ['pleats.count', 'media.thickness', 'media.type'],
  spring: ['spring.type'],
  can: ['can.height', 'can.diameter', 'can.wall'],
}

const faults: Partial<Record<DrawnPart, PartKey[]>> = {
  element: ['element', 'caps'],
  can: ['can', 'inside'],
  oring: ['oring'],
}

/** Length of a characteristic in millimetres; the middle of what is typical when it is unknown. */
function length(known: Known, key: string): number {
  const found = known.get(key)?.number?.value
  if (found !== undefined) return found * 1000
  const characteristic = characteristicOf(key)
  if (characteristic.kind !== 'quantity') throw new Error(`${key} is no length`)
  return ((characteristic.typical[0] + characteristic.typical[1]) / 2) * 1000
}

const word = (known: Known, key: string, otherwise: string): string => known.get(key)?.text ?? otherwise

/** The label of an answer, in lower case unless it is an abbreviation. */
function answer(known: Known, key: string): string {
  const value = known.get(key)?.text
  const label = optionsOf(characteristicOf(key)).find((option) => option.value === value)?.label ?? ''
  return /^[A-Z]{2}/.test(label) ? label : label.toLowerCase()
}

const said = (...words: (string | false | undefined)[]): string => words.filter(Boolean).join(' · ')

/**
 * What there is to draw of a specimen: recorded values where there are some, typical ones elsewhere.
 */
export function drawingData(form: Form, known: Known): DrawingData {
  const has = (key: string) => known.has(key)
  const mm = (key: string, decimals = 1) => has(key) && `${formatFixed(length(known, key), decimals)} mm`
  const inlets = known.get('plate.inlets')?.groups
  const threads = known.get('thread.turns')?.number?.value
  const count = known.get('pleats.count')?.number?.value

  const says: Record<DrawnPart, string> = {
    plate: said(
      word(known, 'thread.designation', ''),
      threads !== undefined && `${String(threads).replace('.5', '½')} threads`,
      inlets && `${countOpenings(inlets)} holes`,
    ),
    gasket: said(answer(known, 'gasket.material'), mm('gasket.thickness')),
    oring: said(answer(known, 'oring.material'), mm('oring.section')),
    adbv: said(answer(known, 'adbv.material'), mm('adbv.thickness', 2)),
    bypass: said(answer(known, 'bypass.build'), answer(known, 'bypass.place')),
    element: said(
      answer(known, 'caps.material') && `${answer(known, 'caps.material')} caps`,
      answer(known, 'element.seam'),
    ),
    core: answer(known, 'core.type'),
    pleats: said(count !== undefined && `${count} pleats`, answer(known, 'media.type')),
    spring: answer(known, 'spring.type'),
    can: said(has('can.wall') && `wall ${mm('can.wall', 2)}`, has('can.diameter') && `⌀ ${mm('can.diameter')}`),
  }

  const faultOf = (part: DrawnPart): string | undefined => {
    const found = [...known.values()].find(
      ({ key, text }) => text === 'serious' && (faults[part] ?? [part as PartKey]).includes(characteristicOf(key).part),
    )
    return found && characteristicOf(found.key).label
  }

  const states = Object.fromEntries(
    (Object.keys(shapes) as DrawnPart[]).map((part): [DrawnPart, PartState] => {
      const fault = faultOf(part)
      return [part, { known: shapes[part].some(has), says: says[part], ...(fault && { fault }) }]
    }),
  ) as Record<DrawnPart, PartState>

  const od = length(known, 'element.od')
  return {
    form,
    states,
    can: {
      height: length(known, 'can.height'),
      diameter: length(known, 'can.diameter'),
      wall: length(known, 'can.wall'),
    },
    plate: {
      inlets: inlets ?? [{ count: 6, width: 0.0065 }],
      thread: threadWidth(word(known, 'thread.designation', 'M20 x 1.5')),
      thickness: length(known, 'plate.thickness'),
    },
    gasket: { width: length(known, 'gasket.thickness'), material: word(known, 'gasket.material', 'nitrile') },
    adbv: {
      thickness: length(known, 'adbv.thickness'),
      material: word(known, 'adbv.material', ''),
      build: word(known, 'adbv.build', 'flap'),
    },
    element: {
      od,
      id: Math.min(length(known, 'element.id'), od - 4),
      height: length(known, 'element.height'),
      caps: word(known, 'caps.material', 'steel'),
    },
    core: { type: word(known, 'tube.place', '') === 'engine' ? 'none' : word(known, 'core.type', 'perforated') },
    pleats: {
      count: count ?? 50,
      thickness: length(known, 'media.thickness'),
      media: word(known, 'media.type', 'cellulose'),
    },
    bypass: { place: word(known, 'bypass.place', 'dome'), build: word(known, 'bypass.build', 'coil') },
    spring: { type: word(known, 'spring.type', 'coil') },
    oring: {
      inside: length(known, 'oring.inside'),
      section: length(known, 'oring.section'),
      material: word(known, 'oring.material', 'nitrile'),
    },
  }
}

/** Nominal width of a thread in millimetres, for drawing. */
function threadWidth(designation: string): number {
  const metric = /^M([\d.]+)/.exec(designation)
  if (metric) return Number(metric[1])
  const inches = /^(?:(\d+)[- ])?(\d+)\/(\d+)-\d/.exec(designation)
  return inches ? (Number(inches[1] ?? 0) + Number(inches[2]) / Number(inches[3])) * 25.4 : 20
}
