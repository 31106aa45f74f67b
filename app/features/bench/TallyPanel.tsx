import { useEffect, useRef, useState } from 'react'
import { styled } from 'styled-components'
import { markerInterval, newTally, summariseCounts, tallyAfter, type TallyStep } from '#core/teardown/tally.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Key, Small } from '#app/ui/layout.tsx'
import { Chip, Chips } from './chips.tsx'

const Box = styled.section`
  display: grid;
  gap: 10px;
  padding: 12px 16px;
  border: 2px solid var(--green);
  border-radius: 8px;
  background: var(--raised);
`

const Figure = styled.output<{ $paused: boolean }>`
  font: 600 120px/1 var(--label);
  opacity: ${({ $paused }) => ($paused ? 0.4 : 1)};
`

const Marks = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  min-height: 14px;
  span {
    width: 26px;
    height: 12px;
    border-radius: 3px;
    background: var(--green);
  }
`

/** A short click, higher at every tenth. */
function click(context: AudioContext, count: number): void {
  const tone = context.createOscillator()
  const gain = context.createGain()
  tone.frequency.value = count % markerInterval === 0 ? 1320 : 740
  gain.gain.setValueAtTime(0.2, context.currentTime)
  gain.gain.exponentialRampToValueAtTime(0.001, context.currentTime + 0.06)
  tone.connect(gain).connect(context.destination)
  tone.start()
  tone.stop(context.currentTime + 0.07)
}

interface Props {
  noun: string
  /** Counts of this pack that were kept before. */
  counted: number[]
  onCount: (count: number, stay: boolean) => void
  onClose: () => void
}

/** Counts while the eyes are on the part: space counts one, a marker every ten, a second count of the same pack. */
export function TallyPanel({ noun, counted, onCount, onClose }: Props) {
  const [tally, setTally] = useState(() => newTally(counted))
  const [sound, setSound] = useState(false)
  const audio = useRef<AudioContext>(undefined)
  const box = useRef<HTMLElement>(null)
  const { more, message } = summariseCounts(tally.finished)

  useEffect(() => box.current?.focus(), [])

  const act = (by: TallyStep) => {
    const next = tallyAfter(tally, by)
    setTally(next)
    if (sound && by === 'one' && next.count > tally.count) {
      audio.current ??= new AudioContext()
      click(audio.current, next.count)
    }
    if (by === 'finish' && next.finished.length > tally.finished.length) onCount(tally.count, true)
  }

  const keys: Record<string, TallyStep> = {
    ' ': 'one',
    Backspace: 'undo',
    p: 'pause',
    Enter: 'finish',
    Delete: 'again',
  }
  const onKey = (event: React.KeyboardEvent) => {
    if (event.target !== box.current) return
    event.stopPropagation()
    event.nativeEvent.stopImmediatePropagation()
    if (event.key === 'Escape') return onClose()
    const by = keys[event.key] ?? keys[event.key.toLowerCase()]
    if (!by) return
    event.preventDefault()
    act(by)
  }
  const press = (by: TallyStep) => {
    act(by)
    box.current?.focus()
  }

  return (
    <Box ref={box} tabIndex={0} role="application" aria-label={texts.counting(noun)} onKeyDown={onKey}>
      <Chips style={{ alignItems: 'flex-end', gap: 24 }}>
        <Figure $paused={tally.paused} aria-live="polite" aria-label={texts.count}>
          {tally.count}
        </Figure>
        <div>
          <Marks aria-hidden>
            {Array.from({ length: Math.floor(tally.count / markerInterval) }, (_, index) => (
              <span key={index} />
            ))}
          </Marks>
          <p role="status">
            {tally.paused ? texts.paused : message} {tally.finished.length > 0 && !more && texts.escapeCloses}
          </p>
        </div>
      </Chips>
      <Chips>
        <Chip type="button" onClick={() => press('one')}>
          +1
        </Chip>
        <Chip type="button" onClick={() => press('undo')}>
          {texts.oneBack}
        </Chip>
        <Chip type="button" aria-pressed={tally.paused} onClick={() => press('pause')}>
          {texts.pause}
        </Chip>
        <Chip type="button" onClick={() => press('again')}>
          {texts.fromZero}
        </Chip>
        <Chip type="button" onClick={() => press('finish')}>
          {texts.thatIsTheCount}
        </Chip>
        <Chip type="button" aria-pressed={sound} onClick={() => (setSound(!sound), box.current?.focus())}>
          {texts.clickSound}
        </Chip>
        <Chip type="button" onClick={onClose}>
          {texts.close}
        </Chip>
      </Chips>
      <Small>
        <Key>{texts.space}</Key> {texts.one} <Key>⌫</Key> {texts.oneBackInLine} <Key>P</Key> {texts.pauseInLine}{' '}
        <Key>{texts.enter}</Key> {texts.thatIsTheCountInLine} <Key>{texts.esc}</Key> {texts.closeInLine}
      </Small>
    </Box>
  )
}
