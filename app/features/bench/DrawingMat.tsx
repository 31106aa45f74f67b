import { memo, useCallback, useEffect, useMemo, useRef } from 'react'
import { styled } from 'styled-components'
import { systemOf } from '#core/quantity/unit-habit.ts'
import { catalogue, optionsOf, type FilterPartKey } from '#core/catalogue/index.ts'
import type { Specimen } from '#app/data/specimens.server.ts'
import { drawingData } from '#app/drawing/data.ts'
import type { DrawnPart } from '#core/figures/part-captions.ts'
import { ExplodedView } from '#app/drawing/ExplodedView.tsx'
import * as texts from '#app/texts/bench.ts'
import { Key } from '#app/ui/layout.tsx'
import { shownKey } from '#app/features/shortcuts/shortcut.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Bench } from './useBench.ts'

const Measure = styled.button`
  position: absolute;
  left: 8px;
  bottom: 8px;
  min-height: 32px;
  padding: 0 6px 0 10px;
  border: 1px solid #4c7a69;
  border-radius: 6px;
  background: #12372c;
  color: #e9efe6;
  font: 500 14px/1 var(--label);
  cursor: pointer;
  &[aria-pressed='true'] {
    border-color: #fff3c4;
    color: #fff3c4;
  }
  kbd {
    color: var(--ink);
  }
  /* A small drawing has its captions where the button would lie. */
  @media (max-width: 900px) {
    top: 8px;
    bottom: auto;
  }
`

const Box = styled.div`
  position: relative;
  border-radius: var(--radius);
  overflow: hidden;
`

/** Drawn again only when what it shows has changed. */
const Drawing = memo(ExplodedView)

/** Which drawn part shows a part of the catalogue, where it is not drawn itself. */
const drawnWith: Partial<Record<FilterPartKey, DrawnPart>> = {
  whole: 'can',
  gasket: 'plate',
  caps: 'element',
  core: 'element',
  media: 'pleats',
  inside: 'can',
  box: 'can',
}

const drawnPartOf = (part: FilterPartKey): DrawnPart => drawnWith[part] ?? (part as DrawnPart)

interface Props {
  bench: Bench
  specimen: Specimen
  isMeasured: boolean
  toggleMeasured: () => void
}

/** The specimen as far as it is known, to scale; a part leads to its next open reading. */
export function DrawingMat({ bench, specimen, isMeasured, toggleMeasured }: Props) {
  const { units: system, letters } = usePreferences()
  const { values, current } = bench
  const data = useMemo(() => drawingData(specimen.form, values, specimen.sizeClass), [specimen, values])
  const onSelect = useLatest((part: DrawnPart) => {
    const ofPart = bench.working.filter((c) => drawnPartOf(c.part) === part && c.part !== 'box')
    const next =
      ofPart.find((c) => !values.has(c.key) && !c.extra) ?? ofPart[0] ?? catalogue.find((c) => c.part === part)
    if (next) bench.goTo(next.key)
  })
  return (
    <Box>
      <Drawing
        data={data}
        width={824}
        height={284}
        now={drawnPartOf(current.part)}
        measured={isMeasured}
        onSelect={onSelect}
        unit={systemOf(system) === 'metric' ? 'mm' : 'in'}
        title={texts.explodedDrawing(specimen.brand, specimen.partNumber)}
      />
      <Measure type="button" aria-pressed={isMeasured} onClick={toggleMeasured}>
        {texts.dimensions} <Key>{shownKey({ key: 'D' }, letters === 'off' || optionsOf(current).length === 0)}</Key>
      </Measure>
    </Box>
  )
}

/** A function that stays the same one and does what the latest drawing of its component says. */
function useLatest<Args extends unknown[]>(act: (...args: Args) => void): (...args: Args) => void {
  const latest = useRef(act)
  useEffect(() => {
    latest.current = act
  })
  return useCallback((...args: Args) => latest.current(...args), [])
}
