import { palette } from '../palette.ts'
import { outlined, type ShapeProps } from './outline.ts'

/** The bypass valve from the side. */
export function Bypass({ data, known, scale }: ShapeProps & { known: boolean }) {
  const { build } = data.bypass
  const props = outlined(known, scale, palette.steel)
  return (
    <g style={{ color: palette.chalk }}>
      <rect x={-4.5} y={-9} width={2.4} height={18} rx={0.6} {...props} />
      {build === 'leaf' ? (
        <path d="M-1 -8 Q3.4 0 -1 8" {...props} fill="none" />
      ) : (
        <>
          <rect x={-2} y={-6} width={1.8} height={12} {...props} />
          <path d="M0 -5 L1.6 5 L3 -5 L4.4 5 L5.4 -5" {...props} fill="none" strokeLinejoin="round" />
        </>
      )}
    </g>
  )
}
