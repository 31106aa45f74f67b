import { useState } from 'react'
import { z } from 'zod'
import { evidenceClasses } from '#core/catalogue/index.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
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
        <h2>Buttons</h2>
        <Row>
          {kinds.map((kind) => (
            <Button key={kind} $kind={kind}>
              {kind}
            </Button>
          ))}
          {kinds.map((kind) => (
            <Button key={kind} $kind={kind} isDisabled>
              {kind}, not now
            </Button>
          ))}
          <ButtonLink to="#buttons">A way elsewhere</ButtonLink>
        </Row>
        <Row>
          <Button onPress={() => tell(true)}>Delete something</Button>
          <Small>
            Shortcuts are shown as <Key>Ctrl K</Key>
          </Small>
        </Row>
        <div role="status">
          {isToldOf && (
            <UndoToast words="Deleted: nothing at all." onUndo={() => tell(false)} onGone={() => tell(false)} />
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
const refusal = { ok: false, fields: { wrong: ['This is not a length. Write 3.4 mm.'] }, form: [] } as const

function Fields() {
  const [, fields] = useSchemaForm(sampleSchema, {
    result: { ...refusal, fields: { wrong: [...refusal.fields.wrong] }, form: [] },
    values: { filled: 'a very long name that a maker might well have printed on a box', wrong: 'three', choice: 'one' },
  })
  const [picked, pick] = useState('mm')
  return (
    <Card>
      <Stack>
        <h2>Fields</h2>
        <Row $gap={16} style={{ alignItems: 'flex-start' }}>
          <TextBox field={fields.filled} label="Filled" />
          <TextBox field={fields.empty} label="Empty" optional placeholder="250 g" hint="What is wanted, in a line." />
          <TextBox field={fields.wrong} label="Refused" />
        </Row>
        <ChoiceBox
          field={fields.choice}
          label="One of few"
          options={[
            { value: 'one', label: 'The one' },
            { value: 'other', label: 'The other' },
          ]}
        />
        <SelectMenu
          label="One of many"
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
      <h2>Words</h2>
      <p>
        Ordinary text, <strong>strong</strong>, <Soft>soft</Soft>, <Small>small</Small>.
      </p>
      <Caution>A caution: what can hurt, or cannot be undone.</Caution>
      <Alert>An alert: something went wrong.</Alert>
      <ErrorText>What is wrong, beside its field.</ErrorText>
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
      <h2>Numbers</h2>
      <Row $gap={24}>
        {[0, 0.46, 1].map((share) => (
          <Meter key={share} share={share} />
        ))}
      </Row>
      <ShareBar share={0.3} />
      <Table>
        <thead>
          <tr>
            <th scope="col">Product</th>
            <th scope="col" style={{ textAlign: 'right' }}>
              Wall, mm
            </th>
          </tr>
        </thead>
        <tbody>
          {[
            ['Norrith N-40', '0.47'],
            ['A name that goes on and on without an end in sight', '10.50'],
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
        <h2>Panels</h2>
        <TabbedPanels
          label="Sample panels"
          selected={selected}
          onSelect={select}
          panels={[
            { key: 'first', label: 'First', content: <p>What the first holds.</p> },
            { key: 'second', label: 'Second', content: <Soft>Nothing here yet, and why.</Soft> },
          ]}
        />
      </Stack>
    </Card>
  )
}
