import { size } from './curve-style.ts'

/** Where somebody stands in a criterion. */
export interface Standing {
  name: string
  /** SI; undefined where an answer is judged. */
  value: number | undefined
  points: number
}

interface Props {
  rivals: readonly Standing[]
  xOf: (rival: Standing) => number | undefined
}

/** Rivals under a curve, a stroke each. */
export function RivalTicks({ rivals, xOf }: Props) {
  return rivals.flatMap((rival, at) => {
    const x = xOf(rival)
    if (x === undefined) return []
    return (
      <line
        key={`${rival.name} ${at}`}
        {...{ x1: x, x2: x, y1: size.height - size.margin - 6, y2: size.height }}
        stroke="var(--amber)"
        strokeWidth="2"
      >
        <title>{rival.name}</title>
      </line>
    )
  })
}
