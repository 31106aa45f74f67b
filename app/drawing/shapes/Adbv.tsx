import { colourOf, palette } from '../palette.ts'
import { outlined, type ShapeProps } from './outline.ts'

/** The anti-drain-back valve from the side. */
export function Adbv({ data, scale }: ShapeProps) {
  const { adbv, element, states } = data
  const half = element.od / 2 - 3
  const fill = colourOf(palette.rubberOf, adbv.material, palette.silicone)
  const t = Math.max(adbv.thickness, 1.2 / scale)
  const lip =
    `M${-t / 2} -9 L${-t / 2} ${-half + 8} Q${-t / 2 - 2.6} ${-half + 3} ${-t / 2 - 1.2} ${-half} ` +
    `L${t / 2 - 1.2} ${-half} Q${t / 2 - 2.2} ${-half + 3} ${t / 2} ${-half + 8} L${t / 2} -9 Z`
  const props = outlined(states.adbv.known, scale, fill)
  return (
    <g style={{ color: palette.chalk }}>
      <path d={lip} {...props} />
      <path d={lip} {...props} transform="scale(1 -1)" />
    </g>
  )
}
