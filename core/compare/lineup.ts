import {
  catalogue,
  optionsOf,
  parts,
  strength,
  type Characteristic,
  type Evidence,
  type Form,
  type PartKey,
} from '#core/catalogue/index.ts'
import { figures, type Figure } from '#core/figures/index.ts'
import { mean } from '#core/quantity/repeats.ts'
import { standardUncertainty, type Uncertain } from '#core/quantity/uncertain.ts'
import { criterionFor } from '#core/score/criteria.ts'
import { answerPoints } from '#core/score/judge.ts'
import type { OpeningGroup } from '#core/teardown/openings.ts'
import { whyNot } from '#core/teardown/plan.ts'
import type { Assessment } from './assess.ts'
import { unitSpread, type SpreadSource, type UnitSpread } from './unit-spread.ts'

export interface Entrant {
  /** Column: one revision of one product. */
  id: string
  form: Form
  specimens: { id: string; assessment: Assessment }[]
}

export type Cell =
  | {
      state: 'number'
      value: number
      u: number
      spread?: SpreadSource
      evidence: Evidence
      specimen: string
      of: number
      remark?: string
      mark?: Mark
    }
  | {
      state: 'words'
      text: string
      evidence: Evidence
      specimen: string
      of: number
      answers: string[]
      points?: number
      mark?: Mark
    }
  | { state: 'openings'; groups: OpeningGroup[]; evidence: Evidence; specimen: string; of: number }
  | { state: 'missing' }
  | { state: 'not-applicable'; reason: string }
  | { state: 'impossible'; message: string; specimen: string }

export type Mark = 'best' | 'worst'

export interface Row {
  key: string
  label: string
  part: PartKey
  kind: 'characteristic' | 'figure'
  /** By column, in the order of the entrants. */
  cells: Cell[]
  /** At least two columns are known and differ by more than their uncertainty. */
  differs: boolean
}

/** Unit-to-unit spreads pooled over the library, by characteristic or figure. */
export type Spreads = ReadonlyMap<string, UnitSpread>

/**
 * Products of a line-up, characteristic by characteristic and figure by figure, grouped by part.
 *
 * Several specimens of one revision are averaged. The doubt of a column is that of its readings and the
 * unit-to-unit spread together, since a column stands for the product and not for the unit that was
 * opened. A number is best or worst only when it leads or trails by more than the
 * expanded uncertainty of the difference (k = 2); those within it share the mark. Words are marked by
 * their points in the construction score.
 *
 * @returns rows in the order of the parts; rows that no entrant can have are left out
 * @example buildLineup(entrants).find(({ key }) => key === 'media.area')?.cells[0] // => { state: 'number', … }
 */
export function buildLineup(entrants: readonly Entrant[], spreads: Spreads = new Map()): Row[] {
  const forms = new Set(entrants.map(({ form }) => form))
  const order = new Map<PartKey, number>(parts.map(({ key }, index) => [key, index]))
  const applies = ({ forms: those }: { forms: Form[] }) => those.some((form) => forms.has(form))

  const rows = [
    ...catalogue.filter(applies).map((characteristic) => {
      const labels = new Map(optionsOf(characteristic).map(({ value, label }) => [value, label]))
      return row(characteristic, 'characteristic', entrants, (entrant) =>
        characteristicCell(characteristic, labels, entrant, spreads.get(characteristic.key)),
      )
    }),
    ...figures
      .filter(applies)
      .map((figure) =>
        row(figure, 'figure', entrants, (entrant) => figureCell(figure, entrant, spreads.get(figure.key))),
      ),
  ]
  return rows.sort((a, b) => order.get(a.part)! - order.get(b.part)!)
}

function row(
  of: Characteristic | Figure,
  kind: Row['kind'],
  entrants: readonly Entrant[],
  cellOf: (entrant: Entrant) => Cell,
): Row {
  const cells = entrants.map((entrant) =>
    of.forms.includes(entrant.form)
      ? cellOf(entrant)
      : { state: 'not-applicable' as const, reason: `not part of a ${entrant.form} filter` },
  )
  const compared = 'relative' in of && of.relative ? againstLowest(cells) : cells
  return { key: of.key, label: of.label, part: of.part, kind, cells: marked(of.key, compared), differs: differs(cells) }
}

function characteristicCell(
  characteristic: Characteristic,
  labels: ReadonlyMap<string, string>,
  { specimens }: Entrant,
  library: UnitSpread | undefined,
): Cell {
  const found = specimens.flatMap(({ id, assessment }) => {
    const resolved = assessment.known.get(characteristic.key)
    return resolved ? [{ id, resolved }] : []
  })
  const first = found[0]
  if (!first) {
    const reasons = specimens.map(({ assessment }) => whyNot(characteristic, assessment.known))
    return reasons.length > 0 && reasons[0] && reasons.every(Boolean)
      ? { state: 'not-applicable', reason: reasons[0] }
      : { state: 'missing' }
  }
  const common = {
    evidence: weakest(found.map(({ resolved }) => resolved.evidence)),
    specimen: first.id,
    of: found.length,
  }
  if (characteristic.kind === 'openings') return { state: 'openings', groups: first.resolved.groups ?? [], ...common }
  if (characteristic.kind === 'quantity' || characteristic.kind === 'count' || characteristic.kind === 'grade') {
    return {
      state: 'number',
      ...folded(
        found.map(({ resolved }) => resolved.number!),
        library,
        characteristic.kind === 'quantity',
      ),
      ...common,
    }
  }
  const criterion = criterionFor(characteristic.key)
  const answers = found.flatMap(({ resolved }) => (resolved.text === undefined ? [] : [resolved.text]))
  const points = criterion && answerPoints(criterion.rule, answers)
  const words = [...new Set(found.map(({ resolved }) => labels.get(resolved.text ?? '') ?? resolved.text ?? ''))]
  return {
    state: 'words',
    text: words.join(' / '),
    answers,
    ...common,
    ...(points !== undefined && words.length === 1 && { points }),
  }
}

function figureCell(figure: Figure, { specimens }: Entrant, library: UnitSpread | undefined): Cell {
  const results = specimens.map(({ id, assessment }) => ({ id, result: assessment.figures.get(figure.key) }))
  const found = results.flatMap(({ id, result }) => (result?.state === 'known' ? [{ id, result }] : []))
  const first = found[0]
  if (!first) {
    const apart = results.find(({ result }) => result?.state === 'not-applicable')
    if (apart?.result?.state === 'not-applicable') return { state: 'not-applicable', reason: apart.result.reason }
    const wrong = results.find(({ result }) => result?.state === 'impossible')
    return wrong?.result?.state === 'impossible'
      ? { state: 'impossible', message: wrong.result.message, specimen: wrong.id }
      : { state: 'missing' }
  }
  const { remark } = first.result
  return {
    state: 'number',
    ...folded(
      found.map(({ result }) => result.number),
      library,
      figure.dimension !== 'temperatureDifference' && figure.key !== 'weight.residual',
    ),
    evidence: weakest(found.map(({ result }) => result.evidence)),
    specimen: first.id,
    of: found.length,
    ...(remark && found.length === 1 && { remark }),
  }
}

/** Mean of the specimens; an exact value, such as a count all agree on, has no unit-to-unit spread of its own. */
function folded(
  numbers: Uncertain[],
  library: UnitSpread | undefined,
  varies: boolean,
): { value: number; u: number; spread?: SpreadSource } {
  const values = numbers.map(({ value }) => value)
  const value = mean(values)
  const doubt = Math.max(...numbers.map(standardUncertainty))
  const differ = values.some((one) => one !== value)
  if (!differ && (!varies || doubt === 0)) return { value, u: doubt }
  const { relative, from } = unitSpread(values, library)
  return { value, u: Math.hypot(doubt, (relative * Math.abs(value)) / Math.sqrt(values.length)), spread: from }
}

/** Says of each number how many times the lowest of the line-up it is. */
function againstLowest(cells: Cell[]): Cell[] {
  const values = cells.flatMap((cell) => (cell.state === 'number' ? [cell.value] : []))
  if (values.length < 2) return cells
  const lowest = Math.min(...values)
  return cells.map((cell) => {
    if (cell.state !== 'number') return cell
    const times = `${(cell.value / lowest).toFixed(2)} times the lowest`
    return { ...cell, remark: cell.remark ? `${cell.remark}, ${times}` : times }
  })
}

const weakest = (evidences: Evidence[]): Evidence => evidences.reduce((a, b) => (strength(b) > strength(a) ? b : a))

/** Two numbers are tied when their difference is within its expanded uncertainty, k = 2. */
export const tied = (a: { value: number; u: number }, b: { value: number; u: number }): boolean =>
  Math.abs(a.value - b.value) <= 2 * Math.hypot(a.u, b.u) + 1e-12 * Math.abs(a.value)

/** Whether more is better, worse, or neither, by the criterion that judges the row. */
function direction(key: string): 1 | -1 | 0 {
  const rule = criterionFor(key)?.rule
  if (rule?.kind === 'steps') return 1
  if (rule?.kind !== 'scale') return 0
  return rule.points.at(-1)![1] > rule.points[0]![1] ? 1 : -1
}

function marked(key: string, cells: Cell[]): Cell[] {
  const sign = direction(key)
  const numbers = cells.filter((cell) => cell.state === 'number')
  if (sign !== 0 && numbers.length > 1) {
    const ranked = [...numbers].sort((a, b) => sign * (b.value - a.value))
    const [top, bottom] = [ranked[0]!, ranked.at(-1)!]
    if (tied(top, bottom)) return cells
    return cells.map((cell) => {
      if (cell.state !== 'number') return cell
      if (tied(cell, top) && !tied(cell, bottom)) return { ...cell, mark: 'best' }
      return tied(cell, bottom) && !tied(cell, top) ? { ...cell, mark: 'worst' } : cell
    })
  }
  const words = cells.filter((cell) => cell.state === 'words' && cell.points !== undefined) as { points: number }[]
  if (words.length < 2) return cells
  const most = Math.max(...words.map(({ points }) => points))
  const least = Math.min(...words.map(({ points }) => points))
  if (most === least) return cells
  return cells.map((cell) => {
    if (cell.state !== 'words' || cell.points === undefined) return cell
    if (cell.points === most) return { ...cell, mark: 'best' }
    return cell.points === least ? { ...cell, mark: 'worst' } : cell
  })
}

function differs(cells: Cell[]): boolean {
  const known = cells.filter((cell) => cell.state === 'number' || cell.state === 'words' || cell.state === 'openings')
  const first = known[0]
  if (!first) return false
  return known.some((cell) => {
    if (cell.state === 'number' && first.state === 'number')
      return known.some((other) => other.state === 'number' && !tied(cell, other))
    if (cell.state === 'words' && first.state === 'words') return cell.text !== first.text
    return (
      JSON.stringify(cell.state === 'openings' && cell.groups) !==
      JSON.stringify(first.state === 'openings' && first.groups)
    )
  })
}
