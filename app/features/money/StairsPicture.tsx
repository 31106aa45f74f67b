import { styled } from 'styled-components'
import { extent } from 'simple-statistics'
import * as texts from '#app/texts/money.ts'

/** A filter on the stairs or beside them. */
export interface StairsPoint {
  id: string
  name: string
  price: number
  /** Points of a hundred above the cheapest. */
  height: number
  /** Its place among the steps, from one; undefined beside the stairs. */
  step: number | undefined
}

const size = { width: 560, height: 250, left: 34, right: 16, top: 18, bottom: 30 }

const Drawing = styled.svg`
  display: block;
  width: 100%;
  max-width: 700px;
  text {
    fill: var(--ink-soft);
    font: 500 14px var(--label);
  }
  .step {
    fill: var(--green);
  }
  .number {
    fill: var(--on-green);
    font-weight: 600;
    text-anchor: middle;
  }
  .beside {
    fill: var(--card);
    stroke: var(--amber);
    stroke-width: 2;
  }
  .tread {
    fill: none;
    stroke: var(--green);
    stroke-width: 2.5;
  }
  .under {
    fill: var(--green-soft);
  }
  .floor {
    stroke: var(--line-strong);
  }
`

/** Price to the right, what it buys upward: steps numbered as in the list, the others beside them. */
export function StairsPicture({ points, money }: { points: readonly StairsPoint[]; money: (price: number) => string }) {
  const [cheap, dear] = extent(points.map(({ price }) => price))
  const [low, high] = extent(points.map(({ height }) => height))
  const x = (price: number) =>
    size.left + ((price - cheap) / Math.max(1, dear - cheap)) * (size.width - size.left - size.right - 14)
  const y = (height: number) =>
    size.height - size.bottom - ((height - low) / Math.max(1, high - low)) * (size.height - size.top - size.bottom)
  const steps = points.filter(({ step }) => step !== undefined)
  const right = size.width - size.right
  const floor = size.height - size.bottom + 10
  const treads = steps.map(({ price, height }) => `H${x(price)}V${y(height)}`).join('')
  const line = `M${x(cheap)} ${y(steps[0]?.height ?? 0)}${treads}H${right}`
  return (
    <Drawing viewBox={`0 0 ${size.width} ${size.height}`} role="img" aria-label={inWords(steps, money)}>
      <path className="under" d={`${line}V${floor}H${x(cheap)}Z`} />
      <path className="tread" d={line} />
      <line className="floor" x1={size.left} x2={right} y1={floor} y2={floor} />
      <text x={x(cheap)} y={size.height - 4}>
        {money(cheap)}
      </text>
      <text x={right} y={size.height - 4} textAnchor="end">
        {texts.landed(money(dear))}
      </text>
      {points
        .filter(({ step }) => step === undefined)
        .map(({ id, name, price, height }) => (
          <circle key={id} className="beside" cx={x(price)} cy={y(height)} r={5}>
            <title>{`${name}, ${money(price)}`}</title>
          </circle>
        ))}
      {steps.map(({ id, name, price, height, step }) => (
        <g key={id}>
          <title>{`${name}, ${money(price)}`}</title>
          <circle className="step" cx={x(price)} cy={y(height)} r={11} />
          <text className="number" x={x(price)} y={y(height) + 5}>
            {step}
          </text>
        </g>
      ))}
    </Drawing>
  )
}

const inWords = (steps: readonly StairsPoint[], money: (price: number) => string): string => {
  const said = steps.map(({ name, price, height }) =>
    texts.atPointsAboveTheCheapest(name, money(price), Math.round(height)),
  )
  return texts.stairs(said.join('; '))
}
