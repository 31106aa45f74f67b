import type { GlancePoint } from '#app/data/glance.server.ts'
import * as texts from '#app/texts/today.ts'

const [width, left, right] = [720, 10, 706]
const axisAt = (points: number): number => left + ((right - left) * Math.min(100, Math.max(0, points))) / 100
/** Room between dots that would lie on each other, and for one line of labels. */
const [step, line] = [15, 20]
/** Width of a letter of a label, on the whole. */
const letter = 7.2

interface Placed extends GlancePoint {
  x: number
  row: number
}

/** Dots that would lie on each other stand above each other. */
function placeDots(points: readonly GlancePoint[]): Placed[] {
  const placed: Placed[] = []
  for (const point of [...points].sort((a, b) => a.mean - b.mean)) {
    const x = axisAt(point.mean)
    const taken = new Set(placed.filter((other) => Math.abs(other.x - x) < step).map(({ row }) => row))
    let row = 0
    while (taken.has(row)) row++
    placed.push({ ...point, x, row })
  }
  return placed
}

interface Label {
  id: string
  words: string
  isFault: boolean
  /** Of the dot. */
  x: number
  row: number
  /** Where the words begin, and on which line, the lowest first. */
  from: number
  line: number
}

const wordsOf = ({ name, mean, fault }: GlancePoint): string =>
  fault ? texts.faultOfName(name) : `${name} ${Math.round(mean)}`

/** Names of who is first and of what has a fault, above the dots, none on another. */
function placeLabels(placed: readonly Placed[]): Label[] {
  const labels: Label[] = []
  for (const point of placed.filter(({ isNamed, fault }) => isNamed || fault !== '')) {
    const words = wordsOf(point)
    const long = words.length * letter
    const from = Math.min(Math.max(left, point.x - long / 2), right - long)
    const isFree = (at: number) =>
      labels.every(
        (other) =>
          other.line !== at || other.from > from + long + 8 || other.from + other.words.length * letter + 8 < from,
      )
    let at = 0
    while (!isFree(at)) at++
    labels.push({ id: point.id, words, isFault: point.fault !== '', x: point.x, row: point.row, from, line: at })
  }
  return labels
}

/** All products of an engine on one axis of scores, with their spread; who is first and what has a fault are named. */
export function ScoreAxis({ points }: { points: readonly GlancePoint[] }) {
  const placed = placeDots(points)
  const labels = placeLabels(placed)
  const lines = Math.max(1, ...labels.map((one) => one.line + 1))
  // Room for two is kept, so that nothing moves when the dots come.
  const rows = Math.max(2, ...placed.map(({ row }) => row + 1))
  const top = lines * line + 8
  const base = top + rows * step
  const heightOf = (row: number) => base - 8 - row * step
  const words = [...points].sort((a, b) => b.mean - a.mean).map(wordsOf)
  return (
    <svg
      viewBox={`0 0 ${width} ${base + 24}`}
      width="100%"
      role="img"
      aria-label={texts.scores(words.join('; ') || texts.noneYet)}
    >
      <path d={`M${left} ${base}H${right}`} stroke="var(--line-strong)" />
      {[0, 25, 50, 75, 100].map((tick) => (
        <text
          key={tick}
          x={axisAt(tick)}
          y={base + 17}
          fontSize={13}
          fill="var(--ink-soft)"
          textAnchor={tick === 0 ? 'start' : tick === 100 ? 'end' : 'middle'}
        >
          {tick}
        </text>
      ))}
      {labels.map(({ id, words: said, isFault, x, row, from, line: at }) => (
        <g key={id} fill={isFault ? 'var(--red)' : 'var(--ink)'}>
          <path d={`M${x} ${top - 6 - at * line}V${heightOf(row) - 6}`} stroke="var(--line-strong)" />
          <text x={from} y={top - 10 - at * line} fontSize={14} fontWeight={600}>
            {said}
          </text>
        </g>
      ))}
      {placed.map((point) => (
        <g key={point.id}>
          <title>{texts.to(wordsOf(point), Math.round(point.low), Math.round(point.high))}</title>
          <path
            d={`M${axisAt(point.low)} ${heightOf(point.row)}H${axisAt(point.high)}`}
            stroke="var(--line-strong)"
            strokeWidth={2}
          />
          <circle
            cx={point.x}
            cy={heightOf(point.row)}
            r={5.5}
            fill={point.fault || !point.isNamed ? 'var(--card)' : 'var(--green)'}
            stroke={point.fault ? 'var(--red)' : 'var(--green)'}
            strokeWidth={2}
          />
        </g>
      ))}
    </svg>
  )
}
