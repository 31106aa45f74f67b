import { characteristicOf, type FilterForm } from '#core/catalogue/index.ts'
import { fromSI } from '#core/quantity/convert.ts'
import { formatFixed, formatNumber, formatQuantity } from '#core/quantity/format.ts'
import { standardUncertainty, type Uncertain } from '#core/quantity/uncertain.ts'
import { unitOf } from '#core/quantity/units.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'
import { likelyMisread, unaccountedWeightTolerance, weightsSoFar } from '#core/teardown/weights.ts'
import type { ApplicationRequirements } from './application-requirements.ts'
import type { FigureResult } from './figure.ts'
import { canFindings } from './can-findings.ts'
import type { Finding } from './finding.ts'
import { toldFindings } from './told-findings.ts'

export type { Finding } from './finding.ts'

type Figures = ReadonlyMap<string, FigureResult>

/** A pleat fills its room between these shares. Common practice, no published source. */
const fill = { least: 0.7, most: 1.03 }
/**
 * Media weigh so much per area, mesh included, kg/m². From the usual strips of the trade: 17 to 28 g on 0.06 to 0.11
 * m².
 */
const mediaWeight = { least: 0.06, most: 0.4 }
/** With a wire mesh on the scale too, kg/m². Common practice, no published source: a mesh weighs up to 0.5. */
const mostWithMesh = 0.9
/** Density of filter media, mesh included, kg/m³. Common practice, no published source. */
const mediaDensityRange = { least: 80, most: 700 }
/**
 * Bypass openings are differences of one to two bar; above this it is likely the pressure in the system. Common
 * practice.
 */
const systemPressure = 3e5

/**
 * Everything about a specimen that contradicts itself, each with the likeliest culprit and the reading
 * to take again.
 *
 * Source of the rules: common practice, no published source; limits stand with each rule.
 *
 * @example findFindings('spin-on', new Map(), new Map()) // => []
 */
export function findFindings(
  form: FilterForm,
  values: ResolvedValues,
  figures: Figures,
  requirements: ApplicationRequirements = {},
): Finding[] {
  return [
    ...weightFindings(form, values, figures),
    ...pleatFindings(values, figures),
    ...stripFindings(values, figures),
    ...bypassFindings(values, figures, requirements),
    ...canFindings(values),
    ...repeatFindings(values),
    ...toldFindings(figures),
  ]
}

function numberOf(figures: Figures, key: string): Uncertain | undefined {
  const result = figures.get(key)
  return result?.state === 'known' ? result.number : undefined
}

const valueOf = (values: ResolvedValues, key: string): number | undefined => values.get(key)?.number?.value
const label = (key: string): string => characteristicOf(key).label
const grams = (kilograms: number): string => formatQuantity(Math.abs(kilograms), 'g')
const range = ({ least, most }: { least: number; most: number }, unit: string): string =>
  `${formatNumber(fromSI(least, unit))} to ${formatNumber(fromSI(most, unit))}`
const mm = (metres: number): string => formatQuantity(metres, 'mm', 1)

/** The sum of the parts against the whole: unweighed, misread or impossible. */
function weightFindings(form: FilterForm, values: ResolvedValues, figures: Figures): Finding[] {
  const residual = numberOf(figures, 'weight.residual')
  if (!residual) return openWeightFindings(form, values)
  const allowed = Math.max(unaccountedWeightTolerance, 2 * standardUncertainty(residual))
  const off = residual.value
  if (Math.abs(off) <= allowed) return []

  const [likely, second] = likelyMisread(form, values, off)
  const culprit = likely?.key ?? 'whole.weight'
  const would = likely
    ? `${label(culprit)} ${grams(likely.would)} instead of ${grams(valueOf(values, culprit) ?? 0)} would explain it`
    : 'No single part would explain it'
  const or = second ? `; else ${label(second.key).toLowerCase()}` : ''
  return [
    off > 0
      ? {
          key: 'weights',
          culprit,
          message: `${grams(off)} of the whole weight are in none of the parts.`,
          advice:
            `A part was not on the scale, or was weighed without what belongs to it. ${would}${or}. Weigh it ` +
            'again.',
        }
      : {
          key: 'weights',
          culprit,
          message: `The parts together weigh ${grams(off)} more than the whole: impossible.`,
          advice: `One of them, or the whole, is misread. ${would}. Weigh it again.`,
        },
  ]
}

/** More is left to weigh than what is left weighs: said before the last part is on the scale. */
function openWeightFindings(form: FilterForm, values: ResolvedValues): Finding[] {
  const { state, open, message } = weightsSoFar(form, values)
  if (state !== 'unweighed' || open.length === 0) return []
  return [{ key: 'weights', culprit: 'whole.weight', message, advice: 'Weigh those parts, then the whole again.' }]
}

/** Pleat depth against the room it has: a miscount, or a length in the wrong unit. */
function pleatFindings(values: ResolvedValues, figures: Figures): Finding[] {
  const [depth, space] = [numberOf(figures, 'pleat.depth'), numberOf(figures, 'pleat.space')]
  if (!depth || !space || space.value <= 0) return []
  const share = depth.value / space.value
  const slack = (2 * Math.hypot(standardUncertainty(depth), standardUncertainty(space) * share)) / space.value
  if (share <= fill.most + slack && share >= fill.least - slack) return []

  const [stripLength, count] = [valueOf(values, 'media.length'), valueOf(values, 'pleats.count')]
  if (stripLength === undefined || count === undefined) return []
  const said =
    share > 1
      ? `Pleats would be ${mm(depth.value)} deep, but there is room for ${mm(space.value)}.`
      : `Pleats would be only ${mm(depth.value)} deep in a room of ${mm(space.value)}.`
  const isFilledBy = (metres: number): boolean =>
    metres / (2 * count) >= fill.least * space.value && metres / (2 * count) <= fill.most * space.value
  const otherUnit = misreadUnit(values.get('media.length')?.readings.at(-1)?.unit, stripLength, isFilledBy)
  const odd = oddMassPerArea(values, figures)
  const likely = Math.round(stripLength / (2 * 0.95 * space.value))
  if (otherUnit) return [{ key: 'pleats', culprit: 'media.length', message: said, advice: otherUnit }]
  if (odd !== undefined)
    return [
      {
        key: 'pleats',
        culprit: 'media.length',
        message: said,
        advice:
          `The media would also weigh ${formatQuantity(odd, 'g/m²')}, which no media does: the length is ` +
          'misread. Measure it again.',
      },
    ]
  return [
    {
      key: 'pleats',
      culprit: 'pleats.count',
      message: said,
      advice:
        `About ${likely} pleats instead of ${formatFixed(count, 0)} would fit, and the weight of the media agrees ` +
        'with its length. Count the pleats again.',
    },
  ]
}

/** The unit in which a length would fit that was read in another, in words; undefined when there is none. */
function misreadUnit(
  readIn: string | null | undefined,
  metres: number,
  fits: (metres: number) => boolean,
): string | undefined {
  if (!readIn) return undefined
  const number = metres / unitOf(readIn).factor
  const other = ['mm', 'cm', 'in', 'ft', 'm'].find((unit) => unit !== readIn && fits(number * unitOf(unit).factor))
  if (!other) return undefined
  return (
    `${formatFixed(number, 1)} ${other} instead of ${formatFixed(number, 1)} ${readIn} would fit: the ` +
    'media length was taken in the wrong unit. Measure it again.'
  )
}

/** Mass per area of the media where no media weighs so much or so little, kg/m². */
function oddMassPerArea(values: ResolvedValues, figures: Figures): number | undefined {
  const areal = numberOf(figures, 'media.massPerArea')?.value
  const weighed = values.get('media.with')?.text
  if (areal === undefined || weighed === 'glue') return undefined
  const isMeshed = weighed === 'mesh' || (weighed !== 'alone' && values.get('media.backing')?.text === 'wire')
  return areal < mediaWeight.least || areal > (isMeshed ? mostWithMesh : mediaWeight.most) ? areal : undefined
}

/** Width, weight and thickness of the strip against the element and against any media there is. */
function stripFindings(values: ResolvedValues, figures: Figures): Finding[] {
  const findings: Finding[] = []
  const [width, height] = [valueOf(values, 'media.width'), valueOf(values, 'element.height')]
  if (width !== undefined && height !== undefined && (width > height * 1.01 || width < height * 0.75)) {
    findings.push({
      key: 'width',
      culprit: 'media.width',
      message: `The strip is ${mm(width)} wide in an element ${mm(height)} high.`,
      advice: 'Between the caps there is nothing else but media. Measure the width again, then the height.',
    })
  }
  const density = numberOf(figures, 'media.density')
  const odd = oddMassPerArea(values, figures)
  const isAlone = !['mesh', 'glue'].includes(values.get('media.with')?.text ?? '')
  const pleatsFit = pleatFindings(values, figures).length === 0
  if (odd !== undefined && pleatsFit) {
    findings.push({
      key: 'media-weight',
      culprit: 'media.weight',
      message: `The media would weigh ${formatQuantity(odd, 'g/m²')}; media weigh ${range(mediaWeight, 'g/m²')}.`,
      advice:
        'Length and pleats agree, so the weight is misread, or something was weighed along: weigh the strip again, ' +
        'dry, or say what is on it.',
    })
  } else if (
    density !== undefined &&
    isAlone &&
    odd === undefined &&
    (density.value < mediaDensityRange.least || density.value > mediaDensityRange.most)
  ) {
    findings.push({
      key: 'media-thickness',
      culprit: 'media.thickness',
      message:
        `The media would have ${formatQuantity(density.value, 'g/cm³')}; media have ` +
        `${range(mediaDensityRange, 'g/cm³')}.`,
      advice: 'Its weight per area is ordinary, so the thickness is misread. Take it again, away from folds.',
    })
  }
  return findings
}

/** Printed, pushed and spring pressures against each other and against what the application asks. */
function bypassFindings(values: ResolvedValues, figures: Figures, requirements: ApplicationRequirements): Finding[] {
  const bar = (pascals: number) => `${formatQuantity(pascals, 'bar', 1)} (${formatQuantity(pascals, 'psi', 0)})`
  const findings: Finding[] = []
  const printed = valueOf(values, 'bypass.printed')
  const pushed = numberOf(figures, 'bypass.pressure')
  const sprung = numberOf(figures, 'bypass.springPressure')
  if (printed !== undefined && printed > systemPressure) {
    findings.push({
      key: 'system-pressure',
      culprit: 'bypass.printed',
      message:
        `${bar(printed)} as a bypass opening looks like the pressure in the system, not the difference across the ` +
        'element.',
      advice:
        'Bypass valves open at a difference of about one bar. Read the source again; keep it out of comparisons ' +
        'until it is clear.',
    })
  } else if (printed !== undefined && pushed && apart(printed, pushed.value)) {
    findings.push({
      key: 'bypass-printed',
      culprit: 'bypass.push',
      message: `Printed is ${bar(printed)}, the push test gives ${bar(pushed.value)}.`,
      advice:
        'Push again in the middle of the valve and read the scale the moment it leaves its seat; measure the ' +
        'edge that seals.',
    })
  }
  if (pushed && sprung && apart(pushed.value, sprung.value)) {
    findings.push({
      key: 'bypass-spring',
      culprit: 'bypass.wire',
      message: `The push test gives ${bar(pushed.value)}, the spring ${bar(sprung.value)}.`,
      advice: 'The wire counts with its fourth power: measure it again with a micrometer, paint off.',
    })
  }
  if (pushed && requirements.bypassOpening !== undefined && apart(pushed.value, requirements.bypassOpening)) {
    findings.push({
      key: 'bypass-asked',
      culprit: 'bypass.push',
      message: `It opens at ${bar(pushed.value)}; the engine asks for ${bar(requirements.bypassOpening)}.`,
      advice: 'Push again; if it stays so, this filter does not suit the engine, whatever else is good.',
    })
  }
  return findings
}

const apart = (a: number, b: number): boolean => Math.abs(a - b) > 0.35 * Math.max(a, b)

/** Counts that disagree and readings that stand apart. */
function repeatFindings(values: ResolvedValues): Finding[] {
  return [...values.values()].flatMap(({ key, number, readings, disagree, outliers }): Finding[] => {
    const c = characteristicOf(key)
    if (c.kind === 'count' && disagree && readings.length === 2) {
      return [
        {
          key: `count-${key}`,
          culprit: key,
          message:
            `${c.label}: counted ` +
            `${readings.map((reading) => formatFixed(reading.valueNumber ?? 0, 0)).join(' and ')}.`,
          advice: 'Count a third time; two that agree decide.',
        },
      ]
    }
    const odd = readings.find(({ id }) => outliers.includes(id))
    if (!odd || c.kind !== 'quantity' || !number) return []
    return [
      {
        key: `outlier-${key}`,
        culprit: key,
        message: `${c.label}: "${odd.rawInput}" stands apart from the other ${readings.length - 1}.`,
        advice: 'It still counts. Strike it if it was a slip, or take another.',
      },
    ]
  })
}
