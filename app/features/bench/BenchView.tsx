import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { styled } from 'styled-components'
import { catalogue, type PartKey } from '#core/catalogue/index.ts'
import type { Reading } from '#core/teardown/reading.ts'
import type { Note } from '#app/data/notes.server.ts'
import type { OwnInstrument } from '#app/data/instruments.server.ts'
import type { Passage } from '#app/data/passages.server.ts'
import type { Photo } from '#app/data/photos.server.ts'
import type { Specimen } from '#app/data/specimens.server.ts'
import { drawingData, type DrawnPart } from '#app/drawing/data.ts'
import { ExplodedView } from '#app/drawing/ExplodedView.tsx'
import { Key, Soft, Unseen } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Sibling } from './Beside.tsx'
import { useDevices } from './devices/useDevices.ts'
import { FiguresSoFar } from './FiguresSoFar.tsx'
import { FindReading } from './FindReading.tsx'
import { GateCard } from './GateCard.tsx'
import { Notes } from './Notes.tsx'
import { Photos } from './Photos.tsx'
import { ReadingCard } from './ReadingCard.tsx'
import { StationRail } from './StationRail.tsx'
import { Tape } from './Tape.tsx'
import { useBench } from './useBench.ts'
import { Weights } from './Weights.tsx'

const Layout = styled.main`
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr) 248px;
  min-height: calc(100vh - 52px);
  @media (max-width: 1080px) {
    grid-template-columns: 170px minmax(0, 1fr);
  }
`

const Left = styled.aside`
  padding: 14px 10px;
  border-right: 1px solid var(--line);
`

const Middle = styled.div`
  display: grid;
  gap: 12px;
  align-content: start;
  padding: 12px 14px 24px;
`

const Right = styled.aside`
  display: grid;
  gap: 18px;
  align-content: start;
  padding: 14px 16px;
  border-left: 1px solid var(--line);
  @media (max-width: 1080px) {
    grid-column: 1 / -1;
    grid-template-columns: 1fr 1fr;
    border-left: 0;
    border-top: 1px solid var(--line);
  }
`

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 12px;
  h1 {
    font-size: 22px;
    overflow-wrap: anywhere;
  }
`

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
`

const MatBox = styled.div`
  position: relative;
  border-radius: var(--radius);
  overflow: hidden;
`

interface Props {
  specimen: Specimen
  readings: Reading[]
  passages: Passage[]
  notes: Note[]
  photos: Photo[]
  instruments: OwnInstrument[]
  /** Unit and instrument last used, by characteristic. */
  uses: Record<string, { unit: string | null; instrument: string | null }>
  /** Other specimens of the product. */
  beside: Sibling[]
  /** Specimens from which what to record can be copied. */
  others: { id: string; name: string }[]
}

/** Drawn again only when what it shows has changed. */
const Drawing = memo(ExplodedView)

/** Which drawn part shows a part of the catalogue. */
const drawnAs: Partial<Record<PartKey, DrawnPart>> = {
  whole: 'can',
  gasket: 'plate',
  caps: 'element',
  core: 'element',
  media: 'pleats',
  inside: 'can',
  box: 'can',
}

export function BenchView({
  specimen,
  readings: saved,
  passages,
  notes,
  photos,
  instruments,
  uses,
  beside,
  others,
}: Props) {
  const bench = useBench(specimen, saved, passages, instruments)
  const devices = useDevices()
  const navigate = useNavigate()
  const [measured, showMeasures] = useState(false)
  const { units: system } = usePreferences()
  const [finding, find] = useState(false)
  const [said, say] = useState('')
  const { current, known, undo } = bench
  const wordy = current.kind === 'text' || current.kind === 'thread'
  const drawn = useMemo(() => drawingData(specimen.form, known), [specimen.form, known])
  const now = drawnAs[current.part] ?? (current.part as DrawnPart)

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && event.target.closest('textarea, [data-elsewhere]')
      const inText = typing || (event.target instanceof HTMLInputElement && event.target.value !== '')
      if (event.key.toLowerCase() === 'd' && !inText && !event.ctrlKey && !event.metaKey && !event.altKey && !wordy) {
        event.preventDefault()
        showMeasures((now) => !now)
      }
      if (event.key === '/' && !inText) {
        event.preventDefault()
        find(true)
      }
      if ((event.ctrlKey || event.metaKey) && event.key === 'z' && !typing) {
        const field = event.target instanceof HTMLInputElement ? event.target.value : ''
        if (field !== '') return
        event.preventDefault()
        say(undo() ?? 'Nothing to take back.')
      }
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [undo, wordy])

  const selectPart = (part: DrawnPart) => {
    const those = bench.working.filter((c) => (drawnAs[c.part] ?? c.part) === part && c.part !== 'box')
    const next = those.find((c) => !known.has(c.key) && !c.extra) ?? those[0] ?? catalogue.find((c) => c.part === part)
    if (next) bench.goTo(next.key)
  }
  const latestSelect = useRef(selectPart)
  useEffect(() => {
    latestSelect.current = selectPart
  })
  const onSelect = useCallback((part: DrawnPart) => latestSelect.current(part), [])

  /** The same reading of the next specimen of this product. */
  const toSibling = (by: 1 | -1) => {
    const those = [...beside, { id: specimen.id, label: specimen.label }].sort((a, b) => a.label.localeCompare(b.label))
    const at = those.findIndex(({ id }) => id === specimen.id)
    const next = those[(at + by + those.length) % those.length]!
    if (next.id !== specimen.id) void navigate(`/bench/${next.id}?at=${current.key}`)
  }

  return (
    <Layout>
      <Left aria-label="Work">
        <StationRail bench={bench} form={specimen.form} others={others} />
      </Left>
      <Middle>
        <Head>
          <h1>
            <Link to={`/products/${specimen.product}`} style={{ textDecoration: 'none' }}>
              {specimen.brand} {specimen.partNumber}
            </Link>
          </h1>
          <Soft>
            {specimen.revisionLabel && `${specimen.revisionLabel} · `}specimen {specimen.label} ·{' '}
            <Link to={`/lineups/${specimen.application}`}>{specimen.applicationName}</Link>
            {specimen.got === 'given' && ` · given by ${specimen.givenBy}`} ·{' '}
            <a href={`/specimens/${specimen.id}/drawing.svg`}>drawing</a> ·{' '}
            <Link to={`/specimens/${specimen.id}/log`}>log</Link>
          </Soft>
        </Head>
        {finding && <FindReading bench={bench} onClose={() => find(false)} />}
        <MatBox>
          <Drawing
            data={drawn}
            width={824}
            height={284}
            now={now}
            measured={measured}
            onSelect={onSelect}
            unit={system === 'metric' ? 'mm' : 'in'}
            title={`${specimen.brand} ${specimen.partNumber}, exploded drawing`}
          />
          <Measure type="button" aria-pressed={measured} onClick={() => showMeasures(!measured)}>
            Dimensions <Key>D</Key>
          </Measure>
        </MatBox>
        {bench.gate ? (
          <GateCard key={bench.gate.point} bench={bench} {...bench.gate} />
        ) : (
          <ReadingCard
            key={current.key}
            bench={bench}
            specimen={specimen.id}
            uses={uses}
            devices={devices}
            beside={beside}
            onSibling={toSibling}
          />
        )}
      </Middle>
      <Right aria-label="Record">
        <Tape bench={bench} />
        <Weights bench={bench} form={specimen.form} />
        <FiguresSoFar bench={bench} specimen={specimen.id} />
        <Photos bench={bench} specimen={specimen.id} photos={photos} part={current.part} />
        <Notes bench={bench} notes={notes} part={current.part} />
      </Right>
      <Unseen role="status">{said}</Unseen>
    </Layout>
  )
}
