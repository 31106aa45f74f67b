import { BarChart, CustomChart } from 'echarts/charts'
import { GridComponent } from 'echarts/components'
import { init, use as register } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import type { ChartBar } from '#core/review/review-document.ts'
import { inThread } from './threads.server.ts'

register([BarChart, CustomChart, GridComponent, SVGRenderer])

const width = 820
const rowHeight = 34
const colours = { ink: '#1d2422', line: '#b9ae97', bar: '#17463a', doubt: '#d58a12', ground: '#fbf8f1' }

/** Scores as bars with what they may be, as SVG. */
export const drawBarChart = inThread('lineups', 'draw bar chart', async (bars: readonly ChartBar[]) =>
  barChartSvg(bars),
)

function barChartSvg(bars: readonly ChartBar[]): string {
  const height = rowHeight * bars.length + 60
  const chart = init(null, null, { renderer: 'svg', ssr: true, width, height })
  chart.setOption({
    animation: false,
    backgroundColor: colours.ground,
    textStyle: { fontFamily: 'Public Sans, sans-serif', color: colours.ink },
    grid: { left: 230, right: 30, top: 16, bottom: 34 },
    xAxis: {
      type: 'value',
      min: 0,
      max: 100,
      splitLine: { lineStyle: { color: '#e6dfcf' } },
      axisLabel: { color: colours.ink },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: bars.map(({ label }) => label),
      axisLabel: { width: 210, overflow: 'truncate', color: colours.ink, fontSize: 14 },
      axisLine: { lineStyle: { color: colours.line } },
      axisTick: { show: false },
    },
    series: [
      { type: 'bar', barWidth: 14, itemStyle: { color: colours.bar }, data: bars.map(({ value }) => value) },
      {
        type: 'custom',
        z: 3,
        data: bars.map(({ low, high }, at) => [low, high, at]),
        renderItem: (_: unknown, api: RangeApi) => {
          const [from, to] = [0, 1].map((side) => api.coord([api.value(side), api.value(2)])) as [number[], number[]]
          const [x1 = 0, y1 = 0, x2 = 0, y2 = 0] = [...from, ...to]
          return { type: 'line', shape: { x1, y1, x2, y2 }, style: { stroke: colours.doubt, lineWidth: 4 } }
        },
        encode: { x: [0, 1], y: 2 },
      },
    ],
  })
  const svg = chart.renderToSVGString()
  chart.dispose()
  return svg
}

/** What ECharts gives to what draws an item itself. */
interface RangeApi {
  value: (dimension: number) => number
  coord: (point: number[]) => number[]
}
