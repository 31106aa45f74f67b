import { Small } from '#app/ui/layout.tsx'
import { Figure, size } from './curve-style.ts'
import { RivalTicks, type Standing } from './RivalTicks.tsx'

interface Props {
  words: string
  points: number | undefined
  rivals: readonly Standing[]
}

/** Points of answers from none to ten, with a product on them and its rivals as strokes. */
export function PointsScale({ words, points, rivals }: Props) {
  const x = (of: number) => size.margin + 4 + (of / 10) * (size.width - 2 * (size.margin + 4))
  const y = size.height - size.margin - 12
  return (
    <Figure style={{ width: 'auto' }}>
      <svg
        style={{ width: size.width }}
        viewBox={`0 ${y - 10} ${size.width} ${size.height - y + 10}`}
        role="img"
        aria-label={words}
      >
        <line x1={x(0)} x2={x(10)} y1={y} y2={y} stroke="var(--line-strong)" />
        <RivalTicks rivals={rivals} xOf={(rival) => x(rival.points)} />
        {points !== undefined && (
          <circle cx={x(points)} cy={y} r="4.5" fill="var(--card)" stroke="var(--ink)" strokeWidth="2" />
        )}
      </svg>
      <figcaption>
        <Small>{words}</Small>
      </figcaption>
    </Figure>
  )
}
