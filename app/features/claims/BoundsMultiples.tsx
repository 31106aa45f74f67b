import { useCallback } from 'react'
import { boundsAt } from '#core/claims/bounds.ts'
import * as texts from '#app/texts/claims.ts'
import { Chart } from '#app/ui/Chart.tsx'
import type { ChartColours } from '#app/ui/EChart.tsx'
import type { ClaimingProduct } from './claiming.ts'

const sizes = Array.from({ length: 91 }, (_, index) => index * 5.5e-7 + 5e-7)
const across = 4
/** Of one picture, px. */
const [rowHeight, headHeight] = [116, 22]

/** Bounds of the efficiency over particle size, a small picture for each product, all to one scale. */
export function BoundsMultiples({ claiming }: { claiming: readonly ClaimingProduct[] }) {
  const rows = Math.ceil(claiming.length / across)
  const option = useCallback((colours: ChartColours) => chartOption(claiming, colours), [claiming])
  return (
    <Chart
      label={texts.boundsOfTheEfficiencyOverParticle(claiming.map(({ name }) => name).join(', '))}
      height={rows * rowHeight}
      option={option}
    />
  )
}

function chartOption(claiming: readonly ClaimingProduct[], colours: ChartColours) {
  const width = 100 / across
  const left = (at: number) => (at % across) * width
  const top = (at: number) => Math.floor(at / across) * rowHeight
  const axis = { axisLine: { lineStyle: { color: colours.line } }, axisTick: { show: false } }
  const label = { color: colours.soft, fontSize: 11 }
  return {
    animation: false,
    title: claiming.map(({ name }, at) => ({
      text: name,
      left: `${left(at) + 1}%`,
      top: top(at),
      textStyle: { color: colours.ink, fontSize: 13, fontWeight: 600, width: 190, overflow: 'truncate' },
    })),
    grid: claiming.map((_, at) => ({
      left: `${left(at) + 3.6}%`,
      width: `${width - 5}%`,
      top: top(at) + headHeight,
      height: rowHeight - headHeight - 26,
    })),
    xAxis: claiming.map((_, at) => ({
      ...axis,
      gridIndex: at,
      type: 'value',
      min: 0,
      max: 50,
      interval: 25,
      axisLabel: { ...label, formatter: '{value} µm' },
      splitLine: { show: false },
    })),
    yAxis: claiming.map((_, at) => ({
      ...axis,
      gridIndex: at,
      type: 'value',
      min: 0,
      max: 100,
      interval: 50,
      axisLabel: label,
      splitLine: { lineStyle: { color: colours.line } },
    })),
    series: claiming.flatMap(({ points }, at) => seriesOf(points, at, colours)),
  }
}

function seriesOf(points: ClaimingProduct['points'], at: number, colours: ChartColours) {
  const bounds = sizes.map((size) => ({ at: size * 1e6, ...boundsAt(points, size) }))
  const own = { xAxisIndex: at, yAxisIndex: at, silent: true }
  const band = {
    ...own,
    type: 'line',
    symbol: 'none',
    stack: `band ${at}`,
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
      ...own,
      type: 'scatter',
      symbolSize: 7,
      itemStyle: { color: colours.green },
      data: points.map(({ size, share }) => [size * 1e6, share * 100]),
    },
  ]
}
