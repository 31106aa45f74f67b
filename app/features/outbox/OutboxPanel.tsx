import { useState } from 'react'
import { styled } from 'styled-components'
import * as texts from '#app/texts/outbox.ts'
import { Button } from '#app/ui/Button.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Row, Small } from '#app/ui/layout.tsx'
import type { Act } from './act.ts'
import { describeAct, editableField } from './describe-act.ts'
import { sendAgain, sendWaiting, useOutbox, withdraw, type Outbox } from './outbox.ts'

const Panel = styled.aside`
  position: fixed;
  left: 50%;
  bottom: 16px;
  z-index: 40;
  width: min(720px, calc(100vw - 32px));
  max-height: 40vh;
  overflow: auto;
  transform: translateX(-50%);
  padding: 10px 18px;
  border: 1px solid var(--amber);
  border-radius: 8px;
  background: var(--amber-soft);
  color: var(--ink);
  font-size: 14px;
  @media print {
    display: none;
  }
  ul {
    list-style: none;
    margin: 8px 0 0;
    padding: 0;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0 12px;
    border-top: 1px dotted var(--amber);
    overflow-wrap: anywhere;
  }
`

/** What waits for the server, or for the user, and what can be done with it. */
export function OutboxPanel() {
  const outbox = useOutbox()
  const { acts, trouble } = outbox
  const refused = acts.filter(({ refusal }) => refusal !== undefined)
  if (acts.length === 0 || (trouble === '' && refused.length === 0)) return <span role="status" />
  return (
    <Panel aria-label={texts.notOnTheServerYet} data-elsewhere>
      <div role="status">{statusText(outbox)}</div>
      <details open={refused.length > 0}>
        <summary>{texts.whatWaits}</summary>
        <ul>
          {acts.map((act) => (
            <WaitingAct key={act.key} act={act} />
          ))}
        </ul>
      </details>
      {trouble !== '' && (
        <Button $kind="quiet" onPress={() => void sendWaiting()}>
          {texts.tryNow}
        </Button>
      )}
    </Panel>
  )
}

/** Where the acts are now; that this browser has them is said only of what it has on disk. */
function statusText({ acts, trouble, unkept }: Outbox): string {
  const refused = acts.filter(({ refusal }) => refusal !== undefined).length
  const waiting = acts.length - refused
  const waits = waiting === 1 ? texts.oneEntryWaits : texts.entriesWait(waiting)
  return [
    waiting > 0 && `${trouble} ${waits} in this browser and will be sent when it is back.`,
    unkept.size > 0 && texts.entrysCouldNotBeKeptHere(unkept.size),
    refused > 0 && texts.theServerDidNotTakeEntries(refused),
  ]
    .filter(Boolean)
    .join(' ')
}

function WaitingAct({ act }: { act: Act }) {
  const [draft, setDraft] = useState<string>()
  const field = editableField(act.fields)
  const said = describeAct(act.fields)
  const save = () => {
    if (field && draft !== undefined) void sendAgain(act, { ...act.fields, [field]: draft })
    setDraft(undefined)
  }
  return (
    <li>
      <span>
        {draft === undefined ? (
          said
        ) : (
          <InputBox
            aria-label={texts.writeAnew(said)}
            value={draft}
            onChange={(event) => setDraft(event.target.value)}
          />
        )}{' '}
        <Small>{new Date(act.order / 1000).toLocaleTimeString()}</Small>{' '}
        {act.refusal && <ErrorText role="alert">{act.refusal}</ErrorText>}
      </span>
      <Row $gap={4}>
        {draft !== undefined ? (
          <Button $kind="quiet" onPress={save}>
            {texts.sendItSo}
          </Button>
        ) : (
          <>
            {field && (
              <Button
                $kind="quiet"
                aria-label={texts.editOfSaid(said)}
                onPress={() => setDraft(act.fields[field] ?? '')}
              >
                {texts.edit}
              </Button>
            )}
            <Button
              $kind="quiet"
              aria-label={texts.copyOfSaid(said)}
              onPress={() => void navigator.clipboard.writeText(said)}
            >
              {texts.copy}
            </Button>
            <Button $kind="quiet" aria-label={texts.sendOfSaid(said)} onPress={() => void sendAgain(act)}>
              {texts.send}
            </Button>
            <Button $kind="quiet" aria-label={texts.strikeBeforeItIsSent(said)} onPress={() => void withdraw(act)}>
              {texts.strike}
            </Button>
          </>
        )}
      </Row>
    </li>
  )
}
