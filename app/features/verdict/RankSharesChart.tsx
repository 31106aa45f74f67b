import { useCallback } from 'react'
import * as texts from '#app/texts/how-sure.ts'
import { Chart } from '#app/ui/Chart.tsx'
import type { ChartColours } from '#app/ui/EChart.tsx'
import { shareBeyond, shownRanks, type RankShares } from './rank-shares.ts'

const opacities = [1, 0.7, 0.5, 0.34, 0.22, 0.1]

/** A bar a product, parted by rank. */
export function RankSharesChart({ rows }: { rows: RankShares[] }) {
  const option = useCallback((colours: ChartColours) => chartOption(rows, colours), [rows])
  return <Chart label={texts.shareOfDrawsInWhichEach} height={70 + 30 * rows.length} option={option} />
}

function chartOption(rows: RankShares[], colours: ChartColours) {
  const shown = Array.from({ length: Math.min(shownRanks, rows.length) }, (_, rank) => ({
    name: texts.rank(rank + 1),
    shareOf: ({ shares }: RankShares) => shares[rank] ?? 0,
  }))
  const beyond = { name: 'lower', shareOf: ({ shares }: RankShares) => shareBeyond(shares) }
  return {
    grid: { left: 190, right: 20, top: 32, bottom: 24 },
    legend: { top: 0, textStyle: { color: colours.ink } },
    tooltip: { trigger: 'item', valueFormatter: (value: number) => `${value.toFixed(1)} %` },
    xAxis: {
      type: 'value',
      max: 100,
      axisLabel: { color: colours.soft, formatter: '{value} %' },
      splitLine: { lineStyle: { color: colours.line } },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: rows.map(({ name }) => name),
      axisLabel: { color: colours.ink, width: 180, overflow: 'truncate' },
      axisLine: { lineStyle: { color: colours.soft } },
    },
    series: [...shown, ...(rows.length > shownRanks ? [beyond] : [])].map(({ name, shareOf }, index) => ({
      name,
      type: 'bar',
      stack: 'ranks',
      barWidth: 18,
      itemStyle: { color: colours.green, opacity: opacities[index], borderColor: colours.card, borderWidth: 1 },
      data: rows.map((row) => shareOf(row) * 100),
    })),
  }
}
