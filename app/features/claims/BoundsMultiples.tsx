import { useCallback } from 'react'
import { styled } from 'styled-components'
import { boundsAt } from '#core/claims/bounds.ts'
import * as texts from '#app/texts/claims.ts'
import { Chart } from '#app/ui/Chart.tsx'
import type { ChartColours } from '#app/ui/EChart.tsx'
import type { ClaimingProduct } from './claiming.ts'

const sizes = Array.from({ length: 91 }, (_, index) => index * 5.5e-7 + 5e-7)
/** Of one picture, px. */
const height = 94

const Pictures = styled.div`
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 0 12px;
  h3 {
    overflow: hidden;
    font: 600 13px/22px var(--text);
    text-overflow: ellipsis;
    white-space: nowrap;
  }
`

/** Bounds of the efficiency over particle size, a small picture for each product, all to one scale. */
export const BoundsMultiples = ({ claiming }: { claiming: readonly ClaimingProduct[] }) => (
  <Pictures>
    {claiming.map((one) => (
      <div key={one.id}>
        <h3 title={one.name}>{one.name}</h3>
        <BoundsPicture {...one} />
      </div>
    ))}
  </Pictures>
)

/** Drawn by itself: no moment in which a key is pressed has to wait for all of them. */
function BoundsPicture({ name, points }: ClaimingProduct) {
  const option = useCallback((colours: ChartColours) => chartOption(points, colours), [points])
  return <Chart label={texts.boundsOfTheEfficiencyOverParticle(name)} height={height} option={option} />
}

function chartOption(points: ClaimingProduct['points'], colours: ChartColours) {
  const axis = {
    type: 'value',
    axisLine: { lineStyle: { color: colours.line } },
    axisTick: { show: false },
    axisLabel: { color: colours.soft, fontSize: 11 },
  }
  return {
    grid: { left: 34, right: 12, top: 4, bottom: 24 },
    xAxis: {
      ...axis,
      min: 0,
      max: 50,
      interval: 25,
      axisLabel: { ...axis.axisLabel, formatter: texts.mOfSize },
      splitLine: { show: false },
    },
    yAxis: { ...axis, min: 0, max: 100, interval: 50, splitLine: { lineStyle: { color: colours.line } } },
    series: seriesOf(points, colours),
  }
}

function seriesOf(points: ClaimingProduct['points'], colours: ChartColours) {
  const bounds = sizes.map((size) => ({ at: size * 1e6, ...boundsAt(points, size) }))
  const band = {
    type: 'line',
    symbol: 'none',
    silent: true,
    stack: 'band',
    lineStyle: { color: colours.green, width: 1 },
  }
  return [
    { ...band, data: bounds.map((one) => [one.at, one.lower * 100]) },
    {
      ...band,
      areaStyle: { color: colours.green, opacity: 0.2 },
      data: bounds.map((one) => [one.at, (one.upper - one.lower) * 100]),
    },
    {
      type: 'scatter',
      silent: true,
      symbolSize: 7,
      itemStyle: { color: colours.green },
      data: points.map(({ size, share }) => [size * 1e6, share * 100]),
    },
  ]
}
