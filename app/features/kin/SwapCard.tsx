import { useState } from 'react'
import { byKey } from '#core/by-key.ts'
import type { FilterForm } from '#core/catalogue/index.ts'
import { kinPartLabel, kinPartsOf } from '#core/kin/kin-parts.ts'
import { swapOutcomes } from '#core/kin/swap-test.ts'
import type { KinPairView } from '#app/data/kin.server.ts'
import { newId } from '#app/data/id.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/kin.ts'
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
    <Card aria-label={texts.swappedOver}>
      <Stack $gap={10}>
        <h2>{texts.swappedOver}</h2>
        <Soft>{texts.aPartOfTheOnePut}</Soft>
        {tests.length > 0 && (
          <ul aria-label={texts.tried} style={{ margin: 0, paddingLeft: 18 }}>
            {tests.map(({ id, fromRevision, part, outcome, triedBy, note }) => {
              const [from, into] = fromRevision === a.id ? [names.a, names.b] : [names.b, names.a]
              const fit = byKey(swapOutcomes, outcome).label.toLowerCase()
              const said = texts.ofIn(kinPartLabel(part), from, into, fit)
              return (
                <li key={id}>
                  {said} <Small>{[triedBy && texts.triedBy(triedBy), note].filter(Boolean).join('; ')}</Small>{' '}
                  <Button
                    $kind="quiet"
                    isDisabled={!isIdle}
                    aria-label={texts.takeBackOfSaid(said)}
                    onPress={() => send({ intent: 'remove', id })}
                  >
                    {texts.takeBack}
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
            { value: '', label: texts.ofInOfA(names.a, names.b) },
            { value: 'yes', label: texts.ofInOfB(names.b, names.a) },
          ]}
          onPick={setTurned}
        />
        <SelectMenu
          name="How it fits"
          value={outcome}
          options={[
            { value: '', label: texts.howItFits },
            ...swapOutcomes.map(({ key, label }) => ({ value: key, label })),
          ]}
          onPick={setOutcome}
        />
        <InputBox
          aria-label={texts.whoTriedIt}
          placeholder={texts.whoIfNotYou}
          value={triedBy}
          maxLength={80}
          onChange={(event) => setTriedBy(event.target.value)}
        />
        <InputBox
          aria-label={texts.noteOnTheTrial}
          placeholder={texts.note}
          value={note}
          maxLength={200}
          onChange={(event) => setNote(event.target.value)}
        />
        <Button isDisabled={!isIdle} onPress={keep}>
          {texts.keepTheTrial}
        </Button>
      </Row>
      <ErrorText role="alert">{refusal}</ErrorText>
    </Stack>
  )
}
