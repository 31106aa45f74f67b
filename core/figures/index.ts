import { both, cartridge, spinOn, type Form } from '#core/catalogue/index.ts'
import { exactly, minus, over, scaled, total } from '#core/quantity/uncertain.ts'
import { formatFixed, formatQuantity } from '#core/quantity/format.ts'
import type { Known } from '#core/teardown/resolve.ts'
import type { Asks } from './asks.ts'
import { openingPressure, springPressure, springRate } from './bypass.ts'
import { burstEstimate, dentStiffness, threadEngagement } from './can.ts'
import { coldMargin, hotMargin } from './elastomer.ts'
import { computeFigure, type Figure, type FigureResult, type Inputs } from './figure.ts'
import { faceVelocity, seriesArea, tightest } from './flow-path.ts'
import { mediaArea, mediaAreaFromPleats } from './media-area.ts'
import { mediaDensity, mediaMassPerArea } from './media-mass.ts'
import { oringSqueeze, oringStretch } from './oring.ts'
import { crowding, pleatDepth, pleatPitch, pleatSpace } from './pleats.ts'
import { nearestGauge } from './sheet-gauge.ts'
import { minorDiameter } from './thread.ts'

export type { Figure, FigureResult, Inputs } from './figure.ts'

const area = { dimension: 'area', unit: 'cm²', imperial: 'in²' } as const
const smallArea = { dimension: 'area', unit: 'mm²', imperial: 'in²', decimals: 0 } as const
const length = { dimension: 'length', unit: 'mm', imperial: 'in' } as const
const pressure = { dimension: 'pressure', unit: 'bar', imperial: 'psi' } as const
const ratio = { dimension: 'ratio', unit: '', imperial: '' } as const
const share = { dimension: 'ratio', unit: '%', imperial: '%' } as const
const geometry = 'Plane geometry; common practice, no published source'

/** Tensile strength assumed for drawn low-carbon sheet. Source: from memory, about 270 to 370 MPa. */
const sheetStrength = 330e6
/** 0.015 in, one of the two usual can walls. Source: common practice, no published source. */
const referenceWall = 0.015 * 0.0254
/** Flow at which face velocities are compared. */
const statedFlow = 30 / 60_000

const parts = [
  'plate.weight',
  'element.weight',
  'can.weight',
  'spring.weight',
  'bypass.weight',
  'adbv.weight',
  'gasket.weight',
]

const names = ['inlet', 'core', 'outlet']

const throughPath = ({ openings, thread }: Inputs) => [
  openings('plate.inlets'),
  openings('core.openings'),
  exactly((Math.PI / 4) * minorDiameter(thread('thread.designation')) ** 2),
]

const margin = { dimension: 'temperatureDifference', unit: 'ΔK', imperial: 'Δ°F', decimals: 0 } as const

const margins: Figure[] = (
  [
    ['gasket', 'gasket.material', 'Gasket', spinOn],
    ['adbv', 'adbv.material', 'Anti-drain-back valve', spinOn],
    ['oring', 'oring.material', 'O-ring', cartridge],
  ] as const
).flatMap(([part, key, label, forms]): Figure[] => [
  {
    key: `${part}.marginHot`,
    label: `${label}: margin in hot oil`,
    part,
    forms,
    ...margin,
    formula: `hot limit of the ${label.toLowerCase()} material − hottest oil of the application`,
    why: 'Below zero the rubber hardens in hard use.',
    source: 'Usable ranges: common practice, no published source, and O-ring handbooks (from memory)',
    assumptions: ['Continuous use; an hour above it is survived.'],
    needs: [key],
    asks: ['oilHot'],
    compute: ({ answer, ask }) => hotMargin(answer(key), ask('oilHot')),
    remark: (si) => (si < 0 ? 'hardens in the hottest oil' : si < 15 ? 'little margin' : 'stands the hottest oil'),
  },
  {
    key: `${part}.marginCold`,
    label: `${label}: margin in cold oil`,
    part,
    forms,
    ...margin,
    formula: `coldest oil of the application − cold limit of the ${label.toLowerCase()} material`,
    why: 'Below zero the rubber is stiff at the start.',
    source: 'Usable ranges: common practice, no published source, and O-ring handbooks (from memory)',
    assumptions: [],
    needs: [key],
    asks: ['oilCold'],
    compute: ({ answer, ask }) => coldMargin(answer(key), ask('oilCold')),
    remark: (si) => (si < 0 ? 'stiff at the coldest start' : 'stands the coldest start'),
  },
])

/** Every figure the app derives, in the order the filter lies on the mat. */
export const figures: readonly Figure[] = [
  {
    key: 'weight.residual',
    label: 'Weight unaccounted for',
    part: 'whole',
    forms: spinOn,
    dimension: 'mass',
    unit: 'g',
    imperial: 'oz',
    formula: 'whole weight − sum of the parts',
    why: 'Over a few grams: something was not weighed, or misread.',
    source: 'Common practice, no published source',
    assumptions: [],
    needs: ['whole.weight', ...parts],
    compute: ({ number, numberOr }) =>
      minus(number('whole.weight'), total(parts.map((key) => numberOr(key, exactly(0))))),
  },
  {
    key: 'inlet.area',
    label: 'Inlet area',
    part: 'plate',
    forms: spinOn,
    ...smallArea,
    formula: 'sum over hole groups: count × π/4 × diameter², a slot as a rectangle with two half circles',
    why: 'Room for the oil to come in.',
    source: geometry,
    assumptions: [],
    needs: ['plate.inlets'],
    compute: ({ openings }) => openings('plate.inlets'),
  },
  {
    key: 'outlet.area',
    label: 'Outlet area',
    part: 'plate',
    forms: spinOn,
    ...smallArea,
    formula: 'π/4 × minor diameter of the thread², minor diameter = D − 1.0825 × pitch',
    why: 'Room for the oil to go out.',
    source: 'ISO 724; ASME B1.1',
    assumptions: ["Basic minor diameter of the internal thread; the engine's stud has its own bore."],
    needs: ['thread.designation'],
    compute: ({ thread }) => exactly((Math.PI / 4) * minorDiameter(thread('thread.designation')) ** 2),
  },
  {
    key: 'thread.engagement',
    label: 'Thread engagement',
    part: 'plate',
    forms: spinOn,
    ...length,
    decimals: 1,
    formula: 'full threads × pitch',
    why: 'Holding strength.',
    source: 'Common practice, no published source',
    assumptions: ['Turns are counted to the half: known to a quarter turn.'],
    needs: ['thread.designation', 'thread.turns'],
    compute: ({ number, thread }) => threadEngagement(number('thread.turns'), thread('thread.designation').pitch),
  },
  {
    key: 'plate.share',
    label: "Base plate's share of the weight",
    part: 'plate',
    forms: spinOn,
    ...share,
    decimals: 0,
    formula: 'base plate weight ÷ whole weight',
    why: 'Steel where it counts.',
    source: 'Common practice, no published source',
    assumptions: [],
    needs: ['plate.weight', 'whole.weight'],
    compute: ({ number }) => over(number('plate.weight'), number('whole.weight')),
  },
  {
    key: 'core.area',
    label: 'Core open area',
    part: 'core',
    forms: both,
    ...smallArea,
    formula: 'sum over opening groups: count × area of one',
    why: 'Flow through the core.',
    source: geometry,
    assumptions: ['All openings are really open; see their grade.'],
    needs: ['core.openings'],
    compute: ({ openings }) => openings('core.openings'),
  },
  {
    key: 'flow.tightest',
    label: 'Tightest place',
    part: 'plate',
    forms: spinOn,
    ...smallArea,
    formula: 'smallest of inlet, core and outlet area',
    why: 'Says whether a bigger inlet helps at all.',
    source: geometry,
    assumptions: ['Steady flow, openings alone; the media is another matter.'],
    needs: ['plate.inlets', 'core.openings', 'thread.designation'],
    compute: (inputs) => tightest(throughPath(inputs)),
    remark: (si, inputs) => `the ${names[throughPath(inputs).findIndex(({ value }) => value === si)]}`,
  },
  {
    key: 'flow.series',
    label: 'Area that throttles the same',
    part: 'plate',
    forms: spinOn,
    ...smallArea,
    formula: '1 ÷ √(1/inlet² + 1/core² + 1/outlet²)',
    why: 'The whole way through as one opening.',
    source: 'Orifice losses in series add; handbook hydraulics',
    assumptions: ['Equal discharge coefficient for all three.'],
    needs: ['plate.inlets', 'core.openings', 'thread.designation'],
    compute: (inputs) => seriesArea(throughPath(inputs)),
  },
  {
    key: 'pleat.depth',
    label: 'Pleat depth',
    part: 'pleats',
    forms: both,
    ...length,
    decimals: 1,
    formula: 'media length ÷ (2 × pleat count)',
    why: 'Must fit between core and outside; a misfit means a miscount or a misread length.',
    source: geometry,
    assumptions: ['All pleats are equally deep.'],
    needs: ['media.length', 'pleats.count'],
    compute: ({ number }) => pleatDepth(number('media.length'), number('pleats.count')),
  },
  {
    key: 'pleat.space',
    label: 'Room for a pleat',
    part: 'pleats',
    forms: both,
    ...length,
    decimals: 1,
    formula: '(element outer diameter − centre tube outer diameter) ÷ 2',
    why: 'A pleat cannot be deeper than this.',
    source: geometry,
    assumptions: ['Pleats stand radially.'],
    needs: ['element.od', 'element.id'],
    compute: ({ number }) => pleatSpace(number('element.od'), number('element.id')),
  },
  {
    key: 'pleat.crowding',
    label: 'Crowding at the core',
    part: 'pleats',
    forms: both,
    ...ratio,
    formula: '2 × pleat count × media thickness ÷ (π × centre tube outer diameter)',
    why: 'Near 1 and above, pleats press on each other and part of the area is blind.',
    source: geometry,
    assumptions: ['Media not squeezed.'],
    needs: ['pleats.count', 'media.thickness', 'element.id'],
    compute: ({ number }) => crowding(number('pleats.count'), number('media.thickness'), number('element.id')),
    remark: (si) => (si >= 1 ? 'pleats press on each other' : si >= 0.9 ? 'close to pressing' : 'room at the core'),
  },
  {
    key: 'pleat.pitch',
    label: 'Pleat pitch',
    part: 'pleats',
    forms: both,
    ...length,
    formula: 'π × element outer diameter ÷ pleat count',
    why: 'Distance from tip to tip.',
    source: geometry,
    assumptions: ['Evenly spaced.'],
    needs: ['element.od', 'pleats.count'],
    compute: ({ number }) => pleatPitch(number('element.od'), number('pleats.count')),
  },
  {
    key: 'pleat.unevenness',
    label: 'Spread of the pleat gaps',
    part: 'pleats',
    forms: both,
    ...ratio,
    formula: '(widest gap − narrowest gap) ÷ pleat pitch',
    why: 'Bunched pleats starve, wide gaps are weak.',
    source: geometry,
    assumptions: ['Seam left out.'],
    needs: ['pleats.wide', 'pleats.narrow', 'element.od', 'pleats.count'],
    compute: ({ number }) =>
      over(
        minus(number('pleats.wide'), number('pleats.narrow')),
        pleatPitch(number('element.od'), number('pleats.count')),
      ),
  },
  {
    key: 'media.area',
    label: 'Media area',
    part: 'media',
    forms: both,
    ...area,
    formula: 'media length × (media width − width buried in glue)',
    why: 'Capacity and flow; the figure behind the pleat count.',
    source: geometry,
    assumptions: ['One side. Nothing is taken off where the width was measured between the caps.'],
    needs: ['media.how', 'media.length', 'media.width', 'media.buried'],
    compute: ({ number, numberOr }) =>
      mediaArea(number('media.length'), number('media.width'), numberOr('media.buried', exactly(0))),
  },
  {
    key: 'media.area.pleats',
    label: 'Media area from the pleats',
    part: 'media',
    forms: both,
    ...area,
    formula: '2 × pleat count × room for a pleat × (media width − width buried in glue)',
    why: 'The same area a second way.',
    source: geometry,
    assumptions: ['Pleats fill the room they have.'],
    needs: ['pleats.count', 'element.od', 'element.id', 'media.how', 'media.width', 'media.buried'],
    compute: ({ number, numberOr }) =>
      mediaAreaFromPleats(
        number('pleats.count'),
        pleatSpace(number('element.od'), number('element.id')),
        minus(number('media.width'), numberOr('media.buried', exactly(0))),
      ),
  },
  {
    key: 'media.massPerArea',
    label: 'Media weight per area',
    part: 'media',
    forms: both,
    dimension: 'arealDensity',
    unit: 'g/m²',
    imperial: 'g/m²',
    formula: 'media weight ÷ (media length × media width)',
    why: 'Catches a wrong length or weight; tells mesh-backed media from plain.',
    source: geometry,
    assumptions: ['Whole strip, mesh and glue left on it included.'],
    needs: ['media.weight', 'media.length', 'media.width'],
    compute: ({ number }) => mediaMassPerArea(number('media.weight'), number('media.length'), number('media.width')),
  },
  {
    key: 'media.density',
    label: 'Media density',
    part: 'media',
    forms: both,
    dimension: 'density',
    unit: 'g/cm³',
    imperial: 'g/cm³',
    formula: 'media weight per area ÷ media thickness',
    why: 'A second check on weight, length and thickness.',
    source: geometry,
    assumptions: [],
    needs: ['media.weight', 'media.length', 'media.width', 'media.thickness'],
    compute: ({ number }) =>
      mediaDensity(
        mediaMassPerArea(number('media.weight'), number('media.length'), number('media.width')),
        number('media.thickness'),
      ),
  },
  {
    key: 'media.faceVelocity',
    label: 'Face velocity at 30 L/min',
    part: 'media',
    forms: both,
    dimension: 'speed',
    unit: 'mm/s',
    imperial: 'in/s',
    formula: '30 L/min ÷ media area',
    why: 'How hard the media works.',
    source: 'Continuity',
    assumptions: ["A stated flow, the same for all; not the engine's."],
    needs: ['media.how', 'media.length', 'media.width', 'media.buried'],
    compute: ({ number, numberOr }) =>
      faceVelocity(
        statedFlow,
        mediaArea(number('media.length'), number('media.width'), numberOr('media.buried', exactly(0))),
      ),
  },
  {
    key: 'media.capacityPerArea',
    label: 'Claimed capacity per area',
    part: 'media',
    forms: both,
    dimension: 'arealDensity',
    unit: 'g/m²',
    imperial: 'g/m²',
    formula: 'dirt capacity as claimed ÷ media area',
    why: 'Is a capacity claim believable beside its rivals?',
    source: 'Common practice, no published source',
    assumptions: ["The capacity is the maker's claim; the area is measured."],
    needs: ['box.capacity', 'media.how', 'media.length', 'media.width', 'media.buried'],
    compute: ({ number, numberOr }) =>
      over(
        number('box.capacity'),
        mediaArea(number('media.length'), number('media.width'), numberOr('media.buried', exactly(0))),
      ),
  },
  {
    key: 'bypass.pressure',
    label: 'Bypass opening, push test',
    part: 'bypass',
    forms: spinOn,
    ...pressure,
    formula: 'push × g ÷ (π/4 × seat diameter²)',
    why: 'Replaces the thumb.',
    source: 'Definition of pressure; the test is common practice, no published source',
    assumptions: ['The rod presses in the middle; the seat diameter is the edge that seals.'],
    needs: ['bypass.push', 'bypass.seat'],
    compute: ({ number }) => openingPressure(number('bypass.push'), number('bypass.seat')),
  },
  {
    key: 'bypass.rate',
    label: 'Bypass coil rate',
    part: 'bypass',
    forms: spinOn,
    dimension: 'stiffness',
    unit: 'N/mm',
    imperial: 'lbf/in',
    formula: 'G × wire⁴ ÷ (8 × mean coil diameter³ × active coils)',
    why: 'A second way to the opening pressure.',
    source: 'Machine design handbooks',
    assumptions: ['Spring steel, G = 80 GPa.'],
    needs: ['bypass.wire', 'bypass.coil', 'bypass.coils'],
    compute: ({ number }) => springRate(number('bypass.wire'), number('bypass.coil'), number('bypass.coils')),
  },
  {
    key: 'bypass.springPressure',
    label: 'Bypass opening, from the spring',
    part: 'bypass',
    forms: spinOn,
    ...pressure,
    formula: 'coil rate × preload ÷ (π/4 × seat diameter²)',
    why: 'Checks the push test.',
    source: 'Machine design handbooks',
    assumptions: ['Spring steel, G = 80 GPa.'],
    needs: ['bypass.wire', 'bypass.coil', 'bypass.coils', 'bypass.preload', 'bypass.seat'],
    compute: ({ number }) =>
      springPressure(
        springRate(number('bypass.wire'), number('bypass.coil'), number('bypass.coils')),
        number('bypass.preload'),
        number('bypass.seat'),
      ),
  },
  {
    key: 'can.gauge',
    label: 'Can wall as sheet gauge',
    part: 'can',
    forms: spinOn,
    ...ratio,
    decimals: 0,
    formula: 'nearest number of the sheet-steel gauge table to the can wall',
    why: '"Gauge" talk made exact.',
    source: "Manufacturers' Standard Gauge, 41.82 lb/ft² per inch; Machinery's Handbook (from memory)",
    assumptions: ['Bare steel; paint adds up to 0.03 mm.'],
    needs: ['can.wall'],
    compute: ({ number }) => exactly(nearestGauge(number('can.wall').value).gauge),
    remark: (_, { number }) => {
      const off = nearestGauge(number('can.wall').value).off * 1000
      return Math.abs(off) < 0.005 ? 'spot on' : `${formatFixed(Math.abs(off), 2)} mm ${off > 0 ? 'over' : 'under'}`
    },
  },
  {
    key: 'can.burst',
    label: 'Burst estimate',
    part: 'can',
    forms: spinOn,
    ...pressure,
    decimals: 0,
    formula: '2 × 330 MPa × can wall ÷ can diameter',
    why: 'Compares cans; seam or plate often let go first.',
    source: 'Thin-wall cylinder, handbook',
    assumptions: ['An estimate. Low-carbon sheet of 330 MPa.'],
    relative: true,
    remark: (si) => formatQuantity(si, 'psi', 0),
    needs: ['can.wall', 'can.diameter'],
    compute: ({ number }) => burstEstimate(sheetStrength, number('can.wall'), number('can.diameter')),
  },
  {
    key: 'can.stiffness',
    label: 'Dent stiffness',
    part: 'can',
    forms: spinOn,
    ...ratio,
    formula: '(can wall ÷ 0.015 in)³',
    why: 'How a thicker wall stands against stones and wrenches.',
    source: 'Plate bending stiffness, handbook',
    assumptions: ['Same steel and shape; 1 is a 0.015 in wall.'],
    needs: ['can.wall'],
    compute: ({ number }) => dentStiffness(number('can.wall'), referenceWall),
    remark: (si) => `${formatFixed(si, 1)} times a 0.015 in wall`,
  },
  {
    key: 'can.evenness',
    label: 'Can wall evenness',
    part: 'can',
    forms: spinOn,
    ...share,
    formula: '(thickest − thinnest reading of the can wall) ÷ their mean',
    why: 'A wall drawn thin on one side bursts there.',
    source: 'Common practice, no published source',
    assumptions: ['Several places round the can, paint off.'],
    needs: ['can.wall'],
    compute: ({ repeats, number }) => {
      const walls = repeats('can.wall')
      if (walls.length < 2) throw new RangeError('Evenness takes at least two readings of the can wall')
      return over(exactly(Math.max(...walls) - Math.min(...walls)), number('can.wall'))
    },
  },
  {
    key: 'bypass.againstAsked',
    label: 'Bypass opening against what is asked',
    part: 'bypass',
    forms: spinOn,
    ...share,
    decimals: 0,
    formula: 'bypass opening by push test ÷ bypass opening pressure of the application',
    why: 'Too low, dirty oil passes early; too high, a cold engine starves.',
    source: 'Definition; the push test is common practice, no published source',
    assumptions: ['Both are differences across the element.'],
    needs: ['bypass.push', 'bypass.seat'],
    asks: ['bypassOpening'],
    compute: ({ number, ask }) =>
      scaled(openingPressure(number('bypass.push'), number('bypass.seat')), 1 / ask('bypassOpening')),
  },
  {
    key: 'media.massPerLayer',
    label: 'Media weight per area and layer',
    part: 'media',
    forms: both,
    dimension: 'arealDensity',
    unit: 'g/m²',
    imperial: 'g/m²',
    formula: 'media weight ÷ (media length × media width × media layers)',
    why: 'Two thin layers are not one thick one.',
    source: geometry,
    assumptions: ['Layers of equal weight; a mesh counts with them.'],
    needs: ['media.weight', 'media.length', 'media.width', 'media.layers'],
    compute: ({ number }) =>
      over(
        mediaMassPerArea(number('media.weight'), number('media.length'), number('media.width')),
        number('media.layers'),
      ),
  },
  ...margins,
  {
    key: 'oring.squeeze',
    label: 'O-ring squeeze',
    part: 'oring',
    forms: cartridge,
    ...share,
    decimals: 0,
    formula: '1 − groove depth ÷ O-ring section',
    why: 'Too little leaks, too much shears.',
    source: 'O-ring handbooks (from memory): 10 to 30 % for a static seal',
    assumptions: [],
    needs: ['oring.section', 'oring.groove'],
    compute: ({ number }) => oringSqueeze(number('oring.section'), number('oring.groove')),
  },
  {
    key: 'oring.stretch',
    label: 'O-ring stretch',
    part: 'oring',
    forms: cartridge,
    ...share,
    formula: 'groove diameter ÷ O-ring inner diameter − 1',
    why: 'A ring that is stretched too far thins and cracks.',
    source: 'O-ring handbooks (from memory): up to 5 %',
    assumptions: [],
    needs: ['oring.inside', 'oring.seat'],
    compute: ({ number }) => oringStretch(number('oring.inside'), number('oring.seat')),
  },
]

const byKey = new Map(figures.map((figure) => [figure.key, figure]))

/**
 * The figure with this key, if there is one.
 *
 * @example findFigure('media.area')?.label // => 'Media area'
 */
export const findFigure = (key: string): Figure | undefined => byKey.get(key)

/**
 * All figures of one specimen, known or not.
 *
 * @example computeFigures('spin-on', known).get('media.area')?.state // => 'known'
 */
export const computeFigures = (form: Form, known: Known, asks: Asks = {}): Map<string, FigureResult> =>
  new Map(
    figures
      .filter((figure) => figure.forms.includes(form))
      .map((figure) => [figure.key, computeFigure(figure, known, asks)]),
  )
