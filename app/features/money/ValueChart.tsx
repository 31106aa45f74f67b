import { useCallback } from 'react'
import * as texts from '#app/texts/money.ts'
import { Chart } from '#app/ui/Chart.tsx'
import type { ChartColours } from '#app/ui/EChart.tsx'

export interface ValuePoint {
  id: string
  name: string
  costLow: number
  costHigh: number
  score: number
  low: number
  high: number
  link: string
}

const middle = ({ costLow, costHigh }: ValuePoint): number => (costLow + costHigh) / 2

const costText = ({ costLow, costHigh }: ValuePoint): string =>
  costLow === costHigh ? costLow.toFixed(2) : texts.to(costLow.toFixed(2), costHigh.toFixed(2))

/** Bars over what a score and a cost may be. */
const spans = (points: readonly ValuePoint[], colours: ChartColours) => ({
  name: 'range',
  type: 'custom',
  silent: true,
  data: points.map((point) => [middle(point), point.low, point.high, point.costLow, point.costHigh, point.score]),
  renderItem: (
    _: unknown,
    api: { value: (at: number) => number; coord: (at: [number, number]) => [number, number] },
  ) => {
    const [x, top] = api.coord([api.value(0), api.value(2)])
    const [, bottom] = api.coord([api.value(0), api.value(1)])
    const [left, y] = api.coord([api.value(3), api.value(5)])
    const [right] = api.coord([api.value(4), api.value(5)])
    const level = right > left ? `M${left} ${y - 4}v8M${left} ${y}H${right}M${right} ${y - 4}v8` : ''
    return {
      type: 'path',
      shape: { pathData: `M${x - 4} ${top}h8M${x} ${top}V${bottom}M${x - 4} ${bottom}h8${level}` },
      style: { stroke: colours.soft, fill: 'none' },
    }
  },
})

/** Cost against construction score, with what either may be, and the efficient frontier. */
export function ValueChart({
  points,
  efficient,
  costName,
  onOpen,
}: {
  points: ValuePoint[]
  efficient: string[]
  costName: string
  onOpen: (link: string) => void
}) {
  const option = useCallback(
    (colours: ChartColours) => {
      const on = points.filter(({ id }) => efficient.includes(id)).sort((a, b) => a.costLow - b.costLow)
      const rising = on.filter(({ score }, at) => on.slice(0, at).every((cheaper) => cheaper.score < score))
      const off = points.filter(({ id }) => !efficient.includes(id))
      const dots = (those: ValuePoint[], symbol: string, colour: string, name: string) => ({
        name,
        type: 'scatter',
        symbol,
        symbolSize: 14,
        itemStyle: { color: colour, borderColor: colours.card, borderWidth: 1.5 },
        label: {
          show: true,
          position: 'right',
          width: 165,
          overflow: 'truncate',
          lineHeight: 17,
          formatter: ({ data }: { data: { name: string } }) => data.name,
          color: colours.ink,
          fontSize: 12,
        },
        labelLine: { show: true, length2: 4, lineStyle: { color: colours.soft, opacity: 0.5 } },
        // Names stand in a column of their own, led to from their points.
        labelLayout: { x: '79%', moveOverlap: 'shiftY' },
        data: those.map((point) => ({
          value: [middle(point), point.score],
          name: point.name,
          link: point.link,
          text: texts.scoreOfName(point.name, costText(point), point.score.toFixed(0)),
        })),
      })
      const scores = points.flatMap(({ low, high }) => [low, high])
      return {
        grid: { left: 60, right: '23%', top: 36, bottom: 48 },
        legend: {
          top: 0,
          textStyle: { color: colours.ink },
          data: [texts.nothingBeatsIt, texts.beatenOnPriceAndScore],
        },
        tooltip: {
          trigger: 'item',
          formatter: ({ data }: { data: { text?: string } }) => data?.text ?? '',
        },
        xAxis: {
          type: 'value',
          scale: true,
          name: costName,
          nameLocation: 'middle',
          nameGap: 30,
          axisLabel: { color: colours.soft },
          splitLine: { show: false },
          axisLine: { lineStyle: { color: colours.soft } },
        },
        yAxis: {
          type: 'value',
          min: Math.max(0, Math.floor(Math.min(...scores) / 10) * 10 - 5),
          max: 100,
          name: texts.constructionScore,
          axisLabel: { color: colours.soft },
          splitLine: { lineStyle: { color: colours.line } },
        },
        series: [
          {
            name: 'frontier',
            type: 'line',
            step: 'end',
            symbol: 'none',
            silent: true,
            lineStyle: { color: colours.green, width: 2, type: 'dashed' },
            data: rising.map((point) => [middle(point), point.score]),
          },
          spans(points, colours),
          dots(on, 'circle', colours.green, texts.nothingBeatsIt),
          dots(off, 'diamond', colours.amber, texts.beatenOnPriceAndScore),
        ],
      }
    },
    [points, efficient, costName],
  )
  const pick = useCallback((data: unknown) => onOpen((data as { link: string }).link), [onOpen])
  return <Chart label={texts.againstConstructionScoreTheTable(costName)} height={380} option={option} onPick={pick} />
}
