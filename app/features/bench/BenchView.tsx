import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { styled } from 'styled-components'
import { catalogue, type PartKey } from '#core/catalogue/index.ts'
import type { Reading } from '#core/teardown/reading.ts'
import type { Note } from '#app/data/notes.server.ts'
import type { Passage } from '#app/data/passages.server.ts'
import type { Specimen } from '#app/data/specimens.server.ts'
import { drawingData, type DrawnPart } from '#app/drawing/data.ts'
import { ExplodedView } from '#app/drawing/ExplodedView.tsx'
import { Soft, Unseen } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { FiguresSoFar } from './FiguresSoFar.tsx'
import { GateCard } from './GateCard.tsx'
import { Notes } from './Notes.tsx'
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

const MatBox = styled.div`
  border-radius: var(--radius);
  overflow: hidden;
`

interface Props {
  specimen: Specimen
  readings: Reading[]
  passages: Passage[]
  notes: Note[]
  units: Record<string, string>
  siblings: { id: string; label: string; revisionLabel: string }[]
}

/** Which drawn part shows a part of the catalogue. */
const drawnAs: Partial<Record<PartKey, DrawnPart>> = { whole: 'can', gasket: 'plate', caps: 'element', core: 'element', media: 'pleats', inside: 'can', box: 'can' }

export function BenchView({ specimen, readings: saved, passages, notes, units, siblings }: Props) {
  const bench = useBench(specimen, saved, passages)
  const { units: system } = usePreferences()
  const [said, say] = useState('')
  const { current, known, undo } = bench
  const now = drawnAs[current.part] ?? (current.part as DrawnPart)

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && event.target.closest('textarea, input[data-note]')
      if ((event.ctrlKey || event.metaKey) && event.key === 'z' && !typing) {
        const field = event.target instanceof HTMLInputElement ? event.target.value : ''
        if (field !== '') return
        event.preventDefault()
        say(undo() ?? 'Nothing to take back.')
      }
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [undo])

  const selectPart = (part: DrawnPart) => {
    const those = bench.working.filter((c) => (drawnAs[c.part] ?? c.part) === part && c.part !== 'box')
    const next = those.find((c) => !known.has(c.key) && !c.extra) ?? those[0] ?? catalogue.find((c) => c.part === part)
    if (next) bench.goTo(next.key)
  }

  return (
    <Layout>
      <Left aria-label="Work">
        <StationRail bench={bench} form={specimen.form} />
      </Left>
      <Middle>
        <Head>
          <h1>
            <Link to={`/products/${specimen.product}`} style={{ textDecoration: 'none' }}>
              {specimen.brand} {specimen.partNumber}
            </Link>
          </h1>
          <Soft>
            {specimen.revisionLabel && `${specimen.revisionLabel} · `}specimen {specimen.label}
            {siblings.length > 1 && ', beside'}
            {siblings.length > 1 && siblings.map(({ id, label }) => id !== specimen.id && <Link key={id} to={`/bench/${id}?at=${current.key}`}>{` ${label}`}</Link>)} · <Link to={`/lineups/${specimen.application}`}>{specimen.applicationName}</Link>
            {specimen.got === 'given' && ` · given by ${specimen.givenBy}`} · <a href={`/specimens/${specimen.id}/drawing.svg`}>drawing</a>
          </Soft>
        </Head>
        <MatBox>
          <ExplodedView data={drawingData(specimen.form, known)} width={824} height={284} now={now} onSelect={selectPart} unit={system === 'metric' ? 'mm' : 'in'} title={`${specimen.brand} ${specimen.partNumber}, exploded drawing`} />
        </MatBox>
        {bench.gate ? (
          <GateCard key={bench.gate.point} bench={bench} {...bench.gate} />
        ) : (
          <ReadingCard key={current.key} bench={bench} specimen={specimen.id} units={units} />
        )}
      </Middle>
      <Right aria-label="Record">
        <Tape bench={bench} />
        <Weights bench={bench} form={specimen.form} />
        <FiguresSoFar bench={bench} specimen={specimen.id} />
        <Notes bench={bench} notes={notes} part={current.part} />
      </Right>
      <Unseen role="status">{said}</Unseen>
    </Layout>
  )
}
