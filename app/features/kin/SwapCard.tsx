import { useState } from 'react'
import { byKey } from '#core/by-key.ts'
import type { FilterForm } from '#core/catalogue/index.ts'
import { kinPartLabel, kinPartsOf } from '#core/kin/kin-parts.ts'
import { swapOutcomes } from '#core/kin/swap-test.ts'
import type { KinPairView } from '#app/data/kin.server.ts'
import { newId } from '#app/data/id.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'

interface Props {
  pair: KinPairView
  names: { a: string; b: string }
}

/** Parts of the one that were tried in the other: looks do not tell what fits. */
export function SwapCard({ pair: { a, tests }, names }: Props) {
  const { send, isIdle } = useAction()
  return (
    <Card aria-label="Swapped over">
      <Stack $gap={10}>
        <h2>Swapped over</h2>
        <Soft>
          A part of the one put into the other. What does not fit is another part, whatever it looks like; what fits may
          still be one.
        </Soft>
        {tests.length > 0 && (
          <ul aria-label="Tried" style={{ margin: 0, paddingLeft: 18 }}>
            {tests.map(({ id, fromRevision, part, outcome, triedBy, note }) => {
              const [from, into] = fromRevision === a.id ? [names.a, names.b] : [names.b, names.a]
              const fit = byKey(swapOutcomes, outcome).label.toLowerCase()
              const said = `${kinPartLabel(part)} of ${from} in ${into}: ${fit}`
              return (
                <li key={id}>
                  {said} <Small>{[triedBy && `tried by ${triedBy}`, note].filter(Boolean).join('; ')}</Small>{' '}
                  <Button
                    $kind="quiet"
                    isDisabled={!isIdle}
                    aria-label={`Take back: ${said}`}
                    onPress={() => send({ intent: 'remove', id })}
                  >
                    Take back
                  </Button>
                </li>
              )
            })}
          </ul>
        )}
        <TrySwap names={names} form={a.form} />
      </Stack>
    </Card>
  )
}

function TrySwap({ names, form }: Pick<Props, 'names'> & { form: FilterForm }) {
  const { send, refusal, isIdle } = useAction()
  const swappable = kinPartsOf(form).filter(({ of }) => of !== 'box')
  const [part, setPart] = useState('')
  const [outcome, setOutcome] = useState('')
  const [isTurned, setTurned] = useState('')
  const [triedBy, setTriedBy] = useState('')
  const [note, setNote] = useState('')
  const keep = () => {
    send({ intent: 'swap', id: newId(), part, outcome, isTurned, triedBy, note })
    setNote('')
  }
  return (
    <Stack $gap={6}>
      <Row style={{ flexWrap: 'wrap' }}>
        <SelectMenu
          name="Part that was tried"
          value={part}
          options={[{ value: '', label: 'part' }, ...swappable.map(({ key, label }) => ({ value: key, label }))]}
          onPick={setPart}
        />
        <SelectMenu
          name="Which way"
          value={isTurned}
          options={[
            { value: '', label: `of ${names.a} in ${names.b}` },
            { value: 'yes', label: `of ${names.b} in ${names.a}` },
          ]}
          onPick={setTurned}
        />
        <SelectMenu
          name="How it fits"
          value={outcome}
          options={[
            { value: '', label: 'how it fits' },
            ...swapOutcomes.map(({ key, label }) => ({ value: key, label })),
          ]}
          onPick={setOutcome}
        />
        <InputBox
          aria-label="Who tried it"
          placeholder="who, if not you"
          value={triedBy}
          maxLength={80}
          onChange={(event) => setTriedBy(event.target.value)}
        />
        <InputBox
          aria-label="Note on the trial"
          placeholder="note"
          value={note}
          maxLength={200}
          onChange={(event) => setNote(event.target.value)}
        />
        <Button isDisabled={!isIdle} onPress={keep}>
          Keep the trial
        </Button>
      </Row>
      <ErrorText role="alert">{refusal}</ErrorText>
    </Stack>
  )
}
