import { lazy, Suspense, useRef } from 'react'
import * as texts from '#app/texts/ui.ts'
import { Small } from './layout.tsx'
import { useNear } from './useNear.ts'
import type { ChartProps } from './EChart.tsx'

const EChart = lazy(() => import('./EChart.tsx').then(({ EChart: Drawn }) => ({ default: Drawn })))

/** A chart, loaded only where one comes into sight; whoever shows it gives a table of the same beside it. */
export function Chart(props: ChartProps) {
  const place = useRef<HTMLDivElement>(null)
  const isNear = useNear(place)
  const waiting = (
    <div ref={place} data-print="no" style={{ height: props.height }}>
      <Small>{texts.drawing}</Small>
    </div>
  )
  if (!isNear) return waiting
  return (
    <Suspense fallback={waiting}>
      <EChart {...props} />
    </Suspense>
  )
}
