import { useLayoutEffect, useRef, useState } from 'react'
import { styled } from 'styled-components'
import { characteristicOf, irreversibleStep, type IrreversibleStepKey } from '#core/catalogue/index.ts'
import * as texts from '#app/texts/bench.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Small, Soft } from '#app/ui/layout.tsx'
import type { Bench } from './useBench.ts'

const Sheet = styled.section`
  display: grid;
  gap: 14px;
  padding: 18px 22px;
  background: var(--card);
  border: 2px dashed var(--amber);
  border-radius: var(--radius);
  h2 {
    font-size: 30px;
  }
`

const List = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
`

const Pick = styled.button<{ $lost?: boolean }>`
  min-height: 44px;
  padding: 0 14px;
  border: 1px solid ${({ $lost }) => ($lost ? 'var(--amber)' : 'var(--line-strong)')};
  border-radius: 8px;
  background: ${({ $lost }) => ($lost ? 'var(--amber-soft)' : 'var(--raised)')};
  font: 600 17px/1.1 var(--label);
  cursor: pointer;
`

const Reason = styled(InputBox)`
  flex: 1;
  min-width: 240px;
`

const Line = styled.form`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
`

/** Stands before a point of no return with something missing: record it, or go on and say why. */
export function GateCard({
  bench,
  point,
  lost,
  open,
}: {
  bench: Bench
  point: IrreversibleStepKey
  lost: string[]
  open: string[]
}) {
  const [reason, setReason] = useState('')
  const [asked, setAsked] = useState(false)
  const first = useRef<HTMLButtonElement>(null)
  const { label } = irreversibleStep(point)

  useLayoutEffect(() => first.current?.focus({ preventScroll: true }), [])

  return (
    <Sheet aria-label={texts.before(label)}>
      <div>
        <h2>{texts.before(label)}</h2>
        <Soft>
          {texts.missingAndCanNeverBeTaken(lost.length === 1 ? texts.oneReadingIs : texts.readingsAre(lost.length))}
        </Soft>
      </div>
      <List aria-label={texts.lostForGood}>
        {lost.map((key, index) => (
          <li key={key}>
            <Pick type="button" $lost ref={index === 0 ? first : undefined} onClick={() => bench.goTo(key)}>
              {characteristicOf(key).label}
            </Pick>
          </li>
        ))}
      </List>
      {open.length > 0 && (
        <>
          <Small>{texts.alsoOpenButStillToBe}</Small>
          <List aria-label={texts.stillToBeHad}>
            {open.map((key) => (
              <li key={key}>
                <Pick type="button" onClick={() => bench.goTo(key)}>
                  {characteristicOf(key).label}
                </Pick>
              </li>
            ))}
          </List>
        </>
      )}
      <Line
        onSubmit={(event) => {
          event.preventDefault()
          if (reason.trim() === '') setAsked(true)
          else bench.pass(point, reason.trim())
        }}
      >
        <label htmlFor="gate-reason">{texts.goingOnWithoutBecause}</label>
        <Reason
          id="gate-reason"
          data-elsewhere
          value={reason}
          maxLength={300}
          onChange={(event) => setReason(event.target.value)}
          aria-describedby="gate-fault"
          autoComplete="off"
        />
        <Button type="submit">{texts.goOn}</Button>
      </Line>
      <ErrorText id="gate-fault" role="alert">
        {asked && reason.trim() === '' && texts.sayWhyYouGoOnIt}
      </ErrorText>
    </Sheet>
  )
}
