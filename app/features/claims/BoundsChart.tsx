import { useCallback } from 'react'
import { boundsAt, type CaptureEfficiency } from '#core/claims/bounds.ts'
import { Chart } from '#app/ui/Chart.tsx'
import type { ChartColours } from '#app/ui/EChart.tsx'

const sizes = Array.from({ length: 451 }, (_, index) => (50 + index) / 1e7)

/** Bounds of the efficiency of two products over particle size: what is known lies in the band. */
export function BoundsChart({ products }: { products: { name: string; points: CaptureEfficiency[] }[] }) {
  const option = useCallback(
    (colours: ChartColours) => ({
      grid: { left: 56, right: 16, top: 36, bottom: 48 },
      legend: { top: 0, textStyle: { color: colours.ink }, data: products.map(({ name }) => name) },
      xAxis: {
        type: 'value',
        min: 5,
        max: 50,
        name: 'particle size, µm',
        nameLocation: 'middle',
        nameGap: 30,
        axisLabel: { color: colours.soft },
        splitLine: { show: false },
        axisLine: { lineStyle: { color: colours.soft } },
      },
      yAxis: {
        type: 'value',
        min: 0,
        max: 100,
        name: 'stopped, %',
        axisLabel: { color: colours.soft },
        splitLine: { lineStyle: { color: colours.line } },
      },
      series: products.flatMap(({ name, points }, index) => {
        const colour = colours.series[index]
        const bounds = sizes.map((size) => ({ at: size * 1e6, ...boundsAt(points, size) }))
        const band = {
          type: 'line',
          symbol: 'none',
          silent: true,
          stack: `band ${index}`,
          lineStyle: { color: colour, width: 1, type: index === 0 ? 'solid' : 'dashed' },
        }
        return [
          { ...band, name: `${name} at least`, data: bounds.map(({ at, lower }) => [at, lower * 100]) },
          {
            ...band,
            name: `${name} at most`,
            areaStyle: { color: colour, opacity: 0.16 },
            data: bounds.map(({ at, lower, upper }) => [at, (upper - lower) * 100]),
          },
          {
            name,
            type: 'scatter',
            symbol: index === 0 ? 'circle' : 'diamond',
            symbolSize: 11,
            itemStyle: { color: colour },
            data: points.map(({ size, share }) => [size * 1e6, share * 100]),
          },
        ]
      }),
    }),
    [products],
  )
  return (
    <Chart
      label={`Bounds of the efficiency over particle size: ${products.map(({ name }) => name).join(' and ')}`}
      height={300}
      option={option}
    />
  )
}
