import { RotateCcw, X } from 'lucide-react'
import { useState } from 'react'
import { styled } from 'styled-components'
import { characteristicOf } from '#core/catalogue/index.ts'
import { formatValue } from '#core/figures/format-value.ts'
import { endsDiscussion } from '#core/score/fatal-faults.ts'
import { readingValue } from '#core/teardown/reading.ts'
import * as texts from '#app/texts/bench.ts'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Small, Soft } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { StrikeReason } from './StrikeReason.tsx'
import type { Bench } from './useBench.ts'

const List = styled.ol`
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
`

const Item = styled.li<{ $struck: boolean }>`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 44px;
  align-items: center;
  gap: 8px;
  min-height: 40px;
  border-bottom: 1px dotted var(--line-strong);
  ${({ $struck }) => $struck && 'color: var(--ink-soft); text-decoration: line-through;'}
  strong {
    font-weight: 600;
    text-align: right;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    max-width: 108px;
  }
`

const Act = styled.button`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  width: 44px;
  height: 40px;
  border: 0;
  border-radius: 8px;
  background: transparent;
  color: var(--ink-soft);
  cursor: pointer;
  &:hover {
    background: var(--green-soft);
    color: var(--ink);
  }
`

const Label = styled.button`
  padding: 6px 0;
  border: 0;
  background: none;
  text-align: left;
  font-size: 14px;
  line-height: 1.25;
  text-decoration: inherit;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  cursor: pointer;
  &:focus-visible {
    white-space: normal;
  }
`

const most = 5

/** The latest readings, newest first; a wrong one is struck here, and can be taken back. */
export function Tape({ bench }: { bench: Bench }) {
  const { units: system } = usePreferences()
  const [asked, setAsked] = useState<string>()
  const latest = bench.readings.slice(-most).reverse()
  return (
    <section aria-label={texts.tape}>
      <h3>{texts.tape}</h3>
      {latest.length === 0 && <Soft>{texts.readingsAppearHereAsYouTake}</Soft>}
      <List>
        {latest.map((reading) => {
          const characteristic = characteristicOf(reading.characteristic)
          const words = `${characteristic.label} ${formatValue(characteristic, readingValue(reading), system)}`
          return (
            <Item key={reading.id} $struck={!!reading.voided}>
              <Label title={words} onClick={() => bench.goTo(characteristic.key)}>
                <EvidenceGlyph evidence={reading.evidence} /> {characteristic.label}
                {reading.voided && <Small>{` ${texts.struck}`}</Small>}
              </Label>
              <strong>{formatValue(characteristic, readingValue(reading), system)}</strong>
              {reading.voided ? (
                <Act aria-label={texts.restore(words)} onClick={() => bench.restore(reading.id)}>
                  <RotateCcw size={18} aria-hidden />
                </Act>
              ) : (
                <Act
                  aria-label={texts.strike(words)}
                  onClick={() => (endsDiscussion(reading) ? setAsked(reading.id) : bench.strike(reading.id))}
                >
                  <X size={18} aria-hidden />
                </Act>
              )}
              {asked === reading.id && !reading.voided && (
                <StrikeReason
                  words={words}
                  onStrike={(why) => (bench.strike(reading.id, why), setAsked(undefined))}
                  onLeave={() => setAsked(undefined)}
                />
              )}
            </Item>
          )
        })}
      </List>
      {bench.readings.length > most && <Small>{texts.andBefore(bench.readings.length - most)}</Small>}
    </section>
  )
}
