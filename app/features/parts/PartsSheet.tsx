import { useState } from 'react'
import { z } from 'zod'
import { evidenceClasses } from '#core/catalogue/index.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import * as texts from '#app/texts/parts.ts'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { ChoiceBox, TextBox } from '#app/ui/fields.tsx'
import { Alert, Card, Caution, Key, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Meter } from '#app/ui/Meter.tsx'
import { Pages } from '#app/ui/Pages.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { ShareBar } from '#app/ui/ShareBar.tsx'
import { TabbedPanels } from '#app/ui/TabbedPanels.tsx'
import { Table } from '#app/ui/Table.tsx'
import { UndoToast } from '#app/ui/UndoToast.tsx'
/** Every part that pages are made of, in all its states, side by side. */
export const PartsSheet = () => (
  <>
    <Buttons />
    <Fields />
    <Words />
    <Numbers />
    <Panels />
  </>
)

const kinds = ['primary', 'plain', 'danger', 'quiet'] as const

function Buttons() {
  const [isToldOf, tell] = useState(false)
  return (
    <Card>
      <Stack>
        <h2>{texts.buttons}</h2>
        <Row>
          {kinds.map((kind) => (
            <Button key={kind} $kind={kind}>
              {kind}
            </Button>
          ))}
          {kinds.map((kind) => (
            <Button key={kind} $kind={kind} isDisabled>
              {texts.notNow(kind)}
            </Button>
          ))}
          <ButtonLink to="#buttons">{texts.aWayElsewhere}</ButtonLink>
        </Row>
        <Row>
          <Button onPress={() => tell(true)}>{texts.deleteSomething}</Button>
          <Small>
            {texts.shortcutsAreShownAs} <Key>{texts.ctrlK}</Key>
          </Small>
        </Row>
        <div role="status">
          {isToldOf && (
            <UndoToast words={texts.deletedNothingAtAll} onUndo={() => tell(false)} onGone={() => tell(false)} />
          )}
        </div>
      </Stack>
    </Card>
  )
}

const sampleSchema = z.object({
  filled: z.string(),
  empty: z.string().default(''),
  wrong: z.string(),
  choice: z.enum(['one', 'other']),
})

/** A refusal, so that its words stand beside the field. */
const refusal = { ok: false, fields: { wrong: [texts.thisIsNotALengthWrite] }, form: [] } as const

function Fields() {
  const [, fields] = useSchemaForm(sampleSchema, {
    result: { ...refusal, fields: { wrong: [...refusal.fields.wrong] }, form: [] },
    values: { filled: texts.aVeryLongNameThatA, wrong: 'three', choice: 'one' },
  })
  const [picked, pick] = useState('mm')
  return (
    <Card>
      <Stack>
        <h2>{texts.fields}</h2>
        <Row $gap={16} style={{ alignItems: 'flex-start' }}>
          <TextBox field={fields.filled} label={texts.filled} />
          <TextBox
            field={fields.empty}
            label={texts.empty}
            optional
            placeholder="250 g"
            hint={texts.whatIsWantedInALine}
          />
          <TextBox field={fields.wrong} label={texts.refused} />
        </Row>
        <ChoiceBox
          field={fields.choice}
          label={texts.oneOfFew}
          options={[
            { value: 'one', label: texts.theOne },
            { value: 'other', label: texts.theOther },
          ]}
        />
        <SelectMenu
          label={texts.oneOfMany}
          value={picked}
          options={['mm', 'in', 'thou'].map((value) => ({ value, label: value }))}
          onPick={pick}
        />
      </Stack>
    </Card>
  )
}

const Words = () => (
  <Card>
    <Stack>
      <h2>{texts.words}</h2>
      <p>
        {texts.ordinaryText} <strong>{texts.strong}</strong>, <Soft>{texts.soft}</Soft>, <Small>{texts.small}</Small>.
      </p>
      <Caution>{texts.aCautionWhatCanHurtOr}</Caution>
      <Alert>{texts.anAlertSomethingWentWrong}</Alert>
      <ErrorText>{texts.whatIsWrongBesideItsField}</ErrorText>
      <Row>
        {evidenceClasses.map(({ key }) => (
          <EvidenceGlyph key={key} evidence={key} word />
        ))}
      </Row>
    </Stack>
  </Card>
)

const Numbers = () => (
  <Card>
    <Stack>
      <h2>{texts.numbers}</h2>
      <Row $gap={24}>
        {[0, 0.46, 1].map((share) => (
          <Meter key={share} share={share} />
        ))}
      </Row>
      <ShareBar share={0.3} />
      <Table>
        <thead>
          <tr>
            <th scope="col">{texts.product}</th>
            <th scope="col" style={{ textAlign: 'right' }}>
              {texts.wallMm}
            </th>
          </tr>
        </thead>
        <tbody>
          {[
            [texts.norrithN40, '0.47'],
            [texts.aNameThatGoesOnAnd, '10.50'],
          ].map(([name, wall]) => (
            <tr key={name}>
              <td>{name}</td>
              <td style={{ textAlign: 'right' }}>{wall}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      <Pages page={2} size={50} total={500} noun="product" />
    </Stack>
  </Card>
)

function Panels() {
  const [selected, select] = useState('first')
  return (
    <Card>
      <Stack>
        <h2>{texts.panels}</h2>
        <TabbedPanels
          label={texts.samplePanels}
          selected={selected}
          onSelect={select}
          panels={[
            { key: 'first', label: texts.first, content: <p>{texts.whatTheFirstHolds}</p> },
            { key: 'second', label: texts.second, content: <Soft>{texts.nothingHereYetAndWhy}</Soft> },
          ]}
        />
      </Stack>
    </Card>
  )
}
