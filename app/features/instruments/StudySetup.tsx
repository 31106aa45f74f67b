import { getFormProps } from '@conform-to/react'
import { catalogue } from '#core/catalogue/index.ts'
import { studyTurns } from '#core/teardown/gauge-study-plan.ts'
import { defaultInstrumentKind, instrumentKinds, instrumentsFor } from '#core/teardown/instrument.ts'
import { newId } from '#app/data/id.ts'
import type { StoredInstrument } from '#app/data/instruments.server.ts'
import { studySetupSchema, type StudyDraft } from '#app/features/forms/study-fields.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import * as texts from '#app/texts/instruments.ts'
import { Button } from '#app/ui/Button.tsx'
import { ChoiceBox, TextBox } from '#app/ui/fields.tsx'
import { Card, Row, Stack } from '#app/ui/layout.tsx'
import { SelectField } from '#app/ui/Select.tsx'

interface Props {
  instrument: StoredInstrument
  onStart: (draft: StudyDraft) => void
}

/** What is measured, by whom, and how often. */
export function StudySetup({ instrument, onStart }: Props) {
  const { kind } = instrument
  const { units } = instrumentKinds[kind]
  const measured = catalogue
    .filter(
      (one) => one.kind === 'quantity' && one.allowance === undefined && instrumentsFor(one, [instrument]).length > 0,
    )
    .sort(
      (a, b) =>
        Number(defaultInstrumentKind(b) === kind) - Number(defaultInstrumentKind(a) === kind) ||
        a.label.localeCompare(b.label),
    )
  const [form, fields] = useSchemaForm(studySetupSchema(kind), {
    values: { characteristic: measured[0]?.key ?? '', parts: '1', repeats: '10', unit: units[0] },
    onRight: ({ plan, ...rest }) =>
      onStart({
        ...rest,
        id: newId(),
        readings: studyTurns(plan, Math.random).map((turn) => ({ ...turn, typed: '' })),
      }),
  })
  return (
    <Card>
      <form method="post" {...getFormProps(form)} aria-label={texts.theStudy}>
        <Stack $gap={16}>
          <SelectField
            field={fields.characteristic}
            label={texts.whatIsMeasured}
            options={measured.map(({ key, label }) => ({ value: key, label }))}
          />
          <Row $gap={16} style={{ alignItems: 'flex-start' }}>
            <TextBox field={fields.parts} label={texts.parts} inputMode="decimal" hint={texts.oneIsEnoughForAHand} />
            <TextBox
              field={fields.repeats}
              label={texts.timesEach}
              inputMode="decimal"
              hint={texts.tenOfOnePartTwoOf}
            />
          </Row>
          <TextBox
            field={fields.people}
            label={texts.whoMeasures}
            optional
            hint={texts.namesWithCommasBetweenMaraTom}
            placeholder={texts.me}
          />
          <Row $gap={16} style={{ alignItems: 'flex-start' }}>
            <ChoiceBox
              field={fields.unit}
              label={texts.typedIn}
              options={units.map((unit) => ({ value: unit, label: unit }))}
            />
            <TextBox
              field={fields.tolerance}
              label={texts.toleranceItsWholeWidth}
              optional
              hint={texts.whatThePartMayDifferBy}
            />
          </Row>
          <Row>
            <Button type="submit" $kind="primary">
              {texts.begin}
            </Button>
          </Row>
        </Stack>
      </form>
    </Card>
  )
}
