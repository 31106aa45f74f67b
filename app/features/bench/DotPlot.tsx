import { styled } from 'styled-components'
import type { CountCharacteristic, GradeCharacteristic, QuantityCharacteristic } from '#core/catalogue/index.ts'
import { formatValueNumber } from '#core/figures/format-value.ts'
import { remarkOnValue } from '#core/compare/distribution.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Small } from '#app/ui/layout.tsx'
import { useDistribution } from './useDistribution.ts'

const Box = styled.figure`
  margin: 0;
  max-width: 420px;
  figcaption {
    font: 600 16px/1.3 var(--label);
  }
`

interface Props {
  specimen: string
  characteristic: QuantityCharacteristic | CountCharacteristic | GradeCharacteristic
  mine: number | undefined
  system: UnitHabit
}

const width = 340
const side = 16

/** Where this reading falls among the other specimens of the application. */
export function DotPlot({ specimen, characteristic, mine, system }: Props) {
  const distribution = useDistribution(specimen, characteristic.key)
  const { peers } = distribution ?? { peers: [] }
  const library = distribution?.library.numbers ?? []

  if (!distribution) return <Small role="status">{texts.lookingAtTheField}</Small>
  if (peers.length === 0) return <Small>{texts.noOtherFilterOfThisEngine}</Small>
  const values = [...peers.map(({ value }) => value), ...(mine === undefined ? [] : [mine])]
  const low = Math.min(...values)
  const high = Math.max(...values)
  const x = (value: number) => (high === low ? width / 2 : side + ((value - low) / (high - low)) * (width - 2 * side))
  const stacks = new Map<number, number>()
  const stacked = peers.map((peer) => {
    const column = Math.round(x(peer.value) / 9)
    const level = stacks.get(column) ?? 0
    stacks.set(column, level + 1)
    return { ...peer, column, level }
  })
  const rise = Math.min(9, 38 / Math.max(...stacks.values()))
  const dots = stacked.map(({ column, level, ...peer }) => ({ ...peer, cx: column * 9, cy: 44 - level * rise }))
  const most = characteristic.kind === 'quantity' && characteristic.dimension === 'mass' ? 'heaviest' : 'highest'
  const shown = (value: number) => formatValueNumber(characteristic, value, system)
  const higher = mine === undefined ? 0 : peers.filter(({ value }) => value > mine).length
  return (
    <Box>
      <figcaption>
        {mine === undefined
          ? texts.inThisLineUpOthers(peers.length)
          : texts.inThisLineUpOf(ordinal(higher + 1), most, peers.length + 1)}
      </figcaption>
      <svg viewBox={`0 0 ${width} 70`} width="100%" role="img" aria-label={texts.fromTo(shown(low), shown(high))}>
        <line x1={0} x2={width} y1={50} y2={50} stroke="var(--line-strong)" />
        {dots.map(({ specimen, name, value, cx, cy }) => (
          <circle key={specimen} cx={cx} cy={cy} r={4} fill="var(--ink-soft)">
            <title>{`${name}: ${shown(value)}`}</title>
          </circle>
        ))}
        {mine !== undefined && (
          <path d={`M${x(mine)} 36 l6 8 l-6 8 l-6 -8 z`} fill="var(--green)" stroke="var(--card)" strokeWidth={1.5} />
        )}
        <text
          x={x(low)}
          y={65}
          fontSize={12}
          textAnchor={high === low ? 'middle' : 'start'}
          dx={high === low ? 0 : -side}
          fill="var(--ink-soft)"
        >
          {shown(low)}
        </text>
        {high !== low && (
          <text x={x(high)} y={65} dx={side} fontSize={12} textAnchor="end" fill="var(--ink-soft)">
            {shown(high)}
          </text>
        )}
      </svg>
      <Small>
        {mine !== undefined &&
          remarkOnValue(
            mine,
            peers.filter(({ own }) => !own),
            library,
          )}
        {mine === undefined &&
          library.length > peers.length &&
          texts.latelyInTheLibraryFromTo(library.length, shown(Math.min(...library)), shown(Math.max(...library)))}
      </Small>
    </Box>
  )
}

/**
 * A rank in words.
 *
 * @example ordinal(2) // => '2nd'
 */
function ordinal(rank: number): string {
  const teens = rank % 100 >= 11 && rank % 100 <= 13
  return `${rank}${teens ? 'th' : (['th', 'st', 'nd', 'rd'][rank % 10] ?? 'th')}`
}
