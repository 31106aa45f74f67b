import { palette } from '../palette.ts'
import { outlined, type ShapeProps } from './outline.ts'

/** The retainer spring from the side. */
export function Spring({ data, known, scale }: ShapeProps & { known: boolean }) {
  const { type } = data.spring
  const props = {
    ...outlined(known, scale, 'none'),
    fill: 'none',
    strokeWidth: known ? 1.1 : 1.2 / scale,
    stroke: known ? palette.steel : palette.faint,
  }
  if (type === 'leaf' || type === 'combination') {
    return (
      <g>
        <path d="M-5 0 H-2 M-3 -7 Q-5 0 -3 7 M-3 -7 Q1 -16 6 -20 M-3 7 Q1 16 6 20" {...props} strokeLinecap="round" />
        {type === 'combination' && (
          <path d="M-6 -4 h4 v8 h-4 z M-2 -3 l1.6 6 l1.4 -6 l1.2 6" {...props} strokeLinejoin="round" />
        )}
      </g>
    )
  }
  return (
    <path
      d="M-7 -12 L-5 12 L-2 -14 L0 14 L3 -15 L5 15 L7 -15"
      {...props}
      strokeLinejoin="round"
      strokeLinecap="round"
    />
  )
}
