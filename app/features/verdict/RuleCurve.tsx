import { styled } from 'styled-components'
import type { Criterion, ScaleRule } from '#core/score/criterion.ts'
import { formatAttributeValue, formatValueFunction } from '#core/score/format-rule.ts'
import { scalePoints } from '#core/score/value-function.ts'
import { Small } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { Figure, size } from './curve-style.ts'
import { PointsScale } from './PointsScale.tsx'
import { RivalTicks, type Standing } from './RivalTicks.tsx'

const Ends = styled.figcaption`
  display: flex;
  justify-content: space-between;
  gap: 8px;
  color: var(--ink-soft);
  font: 500 14px/1.1 var(--label);
  font-variant-numeric: tabular-nums;
`

const heightAt = (points: number): number => size.height - size.margin - (points / 10) * (size.height - 2 * size.margin)

/** Where numbers lie across the curve: a little is left on either side of its anchors. */
function acrossOf({ points }: ScaleRule): (value: number) => number {
  const [first, last] = [points[0][0], points.at(-1)?.[0] ?? points[0][0]]
  const room = 0.1 * size.width
  return (value) => {
    const at = room + ((value - first) / (last - first || 1)) * (size.width - 2 * room)
    return Math.min(size.width - size.margin, Math.max(size.margin, at))
  }
}

interface Props {
  criterion: Criterion
  /** Where a product stands, SI. */
  value?: number
  /** What it gets, where an answer is judged. */
  points?: number
  rivals?: readonly Standing[]
}

/** The rule of a criterion: as a curve from its worst anchor to its best where it judges a number, else in words. */
export function RuleCurve({ criterion, value, points: own, rivals = [] }: Props) {
  const { units: system } = usePreferences()
  const { valueFunction, attribute } = criterion
  const words = formatValueFunction(criterion, system)
  if (valueFunction.kind !== 'scale' && valueFunction.kind !== 'fault' && rivals.length > 0)
    return <PointsScale words={words} points={own} rivals={rivals} />
  if (valueFunction.kind !== 'scale') return words
  const across = acrossOf(valueFunction)
  const anchors = valueFunction.points.map(([at, points]) => ({ at, points, x: across(at), y: heightAt(points) }))
  const [first, last] = [anchors[0], anchors.at(-1)]
  if (!first || !last) return words
  const line = [`M0 ${first.y}`, ...anchors.map(({ x, y }) => `L${x} ${y}`), `L${size.width} ${last.y}`].join(' ')
  const end = ({ at, points }: typeof first) =>
    `${formatAttributeValue(attribute, at, system)}${points === 0 ? ' worst' : points === 10 ? ' best' : `: ${points}`}`
  return (
    <Figure title={words}>
      <svg viewBox={`0 0 ${size.width} ${size.height}`} role="img" aria-label={words}>
        <line x1="0" x2={size.width} y1={heightAt(0)} y2={heightAt(0)} stroke="var(--line)" />
        <path d={line} fill="none" stroke="var(--green)" strokeWidth="1.8" />
        {anchors.map(({ at, x, y }) => (
          <circle key={at} cx={x} cy={y} r="2.4" fill="var(--green)" />
        ))}
        <RivalTicks rivals={rivals} xOf={({ value: at }) => (at === undefined ? undefined : across(at))} />
        {value !== undefined && (
          <g>
            <line x1={across(value)} x2={across(value)} y1="0" y2={size.height} stroke="var(--ink)" strokeWidth="1" />
            <circle
              cx={across(value)}
              cy={heightAt(scalePoints(valueFunction, value))}
              r="4.5"
              fill="var(--card)"
              stroke="var(--ink)"
              strokeWidth="2"
            />
          </g>
        )}
      </svg>
      <Ends>
        <span>{end(first)}</span>
        {value !== undefined && (
          <Small style={{ color: 'var(--ink)', fontWeight: 600 }}>
            {formatAttributeValue(attribute, value, system)}
          </Small>
        )}
        <span>{end(last)}</span>
      </Ends>
    </Figure>
  )
}
