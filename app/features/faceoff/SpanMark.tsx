import { type Relation } from '#core/compare/relation.ts'

const [width, height] = [260, 26]
const middle = width / 2
/** A step of two times is so wide. */
const octave = 90

interface Props {
  relation: Relation
  /** What is known of the other, in SI: a difference is drawn as a share of it. */
  other: number | undefined
  title: string
}

/**
 * Where the one lies beside the other, that stands in the middle: less to the left, more to the right, twice a step.
 */
export function SpanMark({ relation: { scale, low, high }, other, title }: Props) {
  const isDrawable = scale === 'ratio' || (other !== undefined && other > 0)
  const placeOf = (bound: number | null, open: number): number => {
    if (bound === null) return open
    if (!isDrawable) return bound === 0 ? middle : bound > 0 ? width - 30 : 30
    const times = scale === 'ratio' ? bound : 1 + bound / (other ?? 1)
    return times <= 0 ? 0 : Math.min(width, Math.max(0, middle + octave * Math.log2(times)))
  }
  const [from, to] = [placeOf(low, 0), placeOf(high, width)]
  const left = Math.min(from, to - 4)
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={title}>
      <line x1={0} x2={width} y1={height / 2} y2={height / 2} stroke="var(--line-strong)" />
      <rect
        x={left}
        width={Math.max(4, to - left)}
        y={6}
        height={height - 12}
        rx={3}
        fill="var(--green)"
        opacity={low === null || high === null || !isDrawable ? 0.45 : 0.85}
      />
      <line x1={middle} x2={middle} y1={0} y2={height} stroke="var(--ink)" strokeWidth={2} />
    </svg>
  )
}
