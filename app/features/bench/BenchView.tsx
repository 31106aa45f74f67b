import { useState } from 'react'
import { href, useNavigate } from 'react-router'
import { styled } from 'styled-components'
import type { BenchData } from '#app/data/bench.server.ts'
import type { Shortcut } from '#app/features/shortcuts/shortcut.ts'
import { useShortcuts } from '#app/features/shortcuts/useShortcuts.ts'
import * as texts from '#app/texts/bench.ts'
import { Unseen } from '#app/ui/layout.tsx'
import { BenchHead } from './BenchHead.tsx'
import { useDevices } from './devices/useDevices.ts'
import { DrawingMat } from './DrawingMat.tsx'
import { FiguresSoFar } from './FiguresSoFar.tsx'
import { FindReading } from './FindReading.tsx'
import { GateCard } from './GateCard.tsx'
import { KinLine } from './KinLine.tsx'
import { NextAnswers } from './NextAnswers.tsx'
import { noteField, Notes } from './Notes.tsx'
import { Owed } from './Owed.tsx'
import { Photos } from './Photos.tsx'
import { withPendingNotes } from './pending-notes.ts'
import { QuickLine } from './QuickLine.tsx'
import { ReadingCard } from './ReadingCard.tsx'
import { StationRail } from './StationRail.tsx'
import { Tape } from './Tape.tsx'
import { TroubleChecks } from './TroubleChecks.tsx'
import { useBench, type BenchSubject } from './useBench.ts'
import { Weights } from './Weights.tsx'
import { WrapUp } from './WrapUp.tsx'

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

/** It stays beside the reading while the middle scrolls. */
const Right = styled.aside`
  position: sticky;
  top: 52px;
  display: grid;
  gap: 14px;
  align-content: start;
  max-height: calc(100vh - 52px);
  overflow: auto;
  padding: 10px 16px;
  border-left: 1px solid var(--line);
  @media (max-width: 1080px) {
    position: static;
    grid-column: 1 / -1;
    grid-template-columns: 1fr 1fr;
    max-height: none;
    border-left: 0;
    border-top: 1px solid var(--line);
  }
`

/** One specimen at work: the stations, the reading that is up, and the record. */
export function BenchView({
  notes,
  photos,
  lastUses,
  siblings,
  others,
  promises,
  owed,
  predictions,
  hitRate,
  beside,
  comparisons,
  ...subject
}: BenchData & BenchSubject) {
  const { specimen } = subject
  const bench = useBench(subject)
  const devices = useDevices()
  const navigate = useNavigate()
  const [isMeasured, setMeasured] = useState(false)
  const [isFinding, setFinding] = useState(false)
  const [isQuick, setQuick] = useState(false)
  const [announcement, announce] = useState('')
  const { current } = bench
  const toggleMeasured = () => setMeasured((before) => !before)
  const owe = () => {
    bench.owe(current.key)
    announce(texts.isOwedToBeShownLater(current.label))
  }
  const shortcuts: Shortcut[] = [
    { key: 'O', does: texts.showThisLater, act: owe },
    { key: 'N', does: texts.writeANote, act: () => document.getElementById(noteField)?.focus() },
    { key: 'D', does: 'dimensions', act: toggleMeasured },
    { key: '/', does: texts.findAReadingInLine, act: () => setFinding(true) },
    { key: ';', does: texts.severalInALine, act: () => setQuick(true) },
    { key: 'Ctrl Z', does: texts.takeBack, act: () => announce(bench.undo() ?? texts.nothingToTakeBack) },
  ]
  useShortcuts(shortcuts)

  /** The same reading of the next specimen of this product. */
  const toSibling = (by: 1 | -1) => {
    const ring = [...siblings, specimen].sort((a, b) => a.label.localeCompare(b.label))
    const next = ring[(ring.findIndex(({ id }) => id === specimen.id) + by + ring.length) % ring.length]
    if (next && next.id !== specimen.id)
      void navigate(`${href('/bench/:specimen', { specimen: next.id })}?at=${current.key}`)
  }

  return (
    <Layout>
      <Left aria-label={texts.work}>
        <StationRail bench={bench} form={specimen.form} others={others} />
      </Left>
      <Middle>
        <BenchHead specimen={specimen} onQuick={() => setQuick(true)} />
        {isQuick && <QuickLine bench={bench} form={specimen.form} onClose={() => setQuick(false)} />}
        {isFinding && <FindReading bench={bench} onClose={() => setFinding(false)} />}
        <DrawingMat bench={bench} specimen={specimen} isMeasured={isMeasured} toggleMeasured={toggleMeasured} />
        {bench.gate ? (
          <GateCard key={bench.gate.point} bench={bench} {...bench.gate} />
        ) : (
          <ReadingCard
            key={current.key}
            bench={bench}
            specimenId={specimen.id}
            lastUses={lastUses}
            devices={devices}
            siblings={siblings}
            promises={promises}
            predictions={predictions}
            hitRate={hitRate}
            beside={beside}
            comparisons={comparisons}
            toSibling={toSibling}
            ofBench={shortcuts}
          />
        )}
        <KinLine bench={bench} specimen={specimen.id} revision={specimen.revisionId} />
      </Middle>
      <Right aria-label={texts.record}>
        <Tape bench={bench} />
        <Photos bench={bench} photos={photos} part={current.part} />
        <Notes bench={bench} notes={withPendingNotes(notes, bench.pending)} part={current.part} />
        <TroubleChecks bench={bench} trouble={specimen.trouble} />
        <NextAnswers bench={bench} specimen={specimen.id} />
        <Owed bench={bench} owed={owed} notes={withPendingNotes(notes, bench.pending)} photos={photos} />
        <WrapUp bench={bench} />
        <Weights bench={bench} form={specimen.form} />
        <FiguresSoFar bench={bench} specimen={specimen.id} />
      </Right>
      <Unseen role="status">{announcement}</Unseen>
    </Layout>
  )
}
