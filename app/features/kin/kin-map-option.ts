import type { EChartsCoreOption } from 'echarts/core'
import * as texts from '#app/texts/kin.ts'
import type { ChartColours } from '#app/ui/EChart.tsx'

/** A filter on the map. */
export interface MapNode {
  id: string
  name: string
  engine: string
  x: number
  y: number
  /** Filters of one group have one colour. */
  group: number
  address: string
}

/** A pair that shares parts. */
export interface MapEdge {
  source: string
  target: string
  strength: number
  says: string
  address: string
}

/** From so many on, marks are small, lines thin and names shown only of what is pointed at. */
const crowded = 80
/** Surer than this a line is drawn whole. */
const sure = 0.95

/** The map as a chart that is moved and zoomed. */
export function kinMapOption(nodes: MapNode[], edges: MapEdge[], colours: ChartColours): EChartsCoreOption {
  const widest = edges.length > crowded ? 1.5 : 4
  return {
    tooltip: { trigger: 'item', confine: true, formatter: nameOrPair(nodes) },
    series: [
      {
        type: 'graph',
        layout: 'none',
        roam: true,
        scaleLimit: { min: 0.5, max: 12 },
        preserveAspect: 'contain',
        left: 90,
        right: 90,
        top: 30,
        bottom: 50,
        symbolSize: nodes.length > crowded ? 12 : 18,
        data: nodes.map(({ group, ...node }) => ({
          ...node,
          itemStyle: {
            color: colours.series[group % colours.series.length],
            borderColor: colours.card,
            borderWidth: 1.5,
          },
        })),
        links: edges.map(({ strength, ...edge }) => ({
          ...edge,
          lineStyle: { width: widest * (0.25 + 0.75 * strength ** 8), type: strength >= sure ? 'solid' : 'dashed' },
        })),
        lineStyle: { color: colours.soft, opacity: 0.7 },
        label: {
          show: nodes.length <= crowded,
          position: 'bottom',
          color: colours.ink,
          fontSize: 13,
          textBorderColor: colours.card,
          textBorderWidth: 3,
        },
        labelLayout: { hideOverlap: true },
        emphasis: { focus: 'adjacency', label: { show: true, fontWeight: 'bold' } },
      },
    ],
  }
}

/** Names are words, whatever they hold: the browser makes the text. */
function textOf(words: string): HTMLElement {
  const element = document.createElement('span')
  element.textContent = words
  return element
}

const nameOrPair =
  (nodes: readonly MapNode[]) =>
  ({ dataType, data }: { dataType: string; data: MapNode & MapEdge }): HTMLElement => {
    const nameOf = (id: string) => nodes.find((node) => node.id === id)?.name ?? ''
    return textOf(
      dataType === 'edge'
        ? texts.and(nameOf(data.source), nameOf(data.target), data.says)
        : `${data.name} (${data.engine})`,
    )
  }
