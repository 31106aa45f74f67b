import { instrumentKinds } from '#core/teardown/instrument.ts'
import type { StoredInstrument } from '#app/data/instruments.server.ts'
import { EditCard, type EditFormProps } from '#app/features/forms/EditCard.tsx'
import { instrumentSchema, instrumentValues, newInstrumentValues } from '#app/features/forms/instrument-fields.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import * as texts from '#app/texts/instruments.ts'
import { ChoiceBox, TextBox } from '#app/ui/fields.tsx'
import { Row } from '#app/ui/layout.tsx'

/** What is measured with: what it shows to, and how right it is. */
export function InstrumentForm({ id, edited, result, onDone }: EditFormProps<StoredInstrument>) {
  const [form, fields] = useSchemaForm(instrumentSchema, {
    result,
    values: edited ? instrumentValues(edited) : newInstrumentValues,
  })
  return (
    <EditCard form={form} id={id} noun="instrument" edited={edited} result={result} onDone={onDone}>
      <TextBox field={fields.name} label={texts.name} placeholder={texts.theLongCaliper} />
      <ChoiceBox
        field={fields.kind}
        label={texts.whatItIs}
        options={Object.entries(instrumentKinds).map(([value, { label }]) => ({ value, label }))}
      />
      <Row $gap={16} style={{ alignItems: 'flex-start' }}>
        <TextBox field={fields.resolution} label={texts.resolution} hint={texts.theSmallestStepItShows0} />
        <TextBox field={fields.accuracy} label={texts.accuracy} hint={texts.fromItsSheet003Mm} />
        <TextBox field={fields.checkIntervalDays} label={texts.checkEveryDays} optional />
      </Row>
      <ChoiceBox
        field={fields.isDefault}
        label={texts.takenWhenNothingElseIsSaid}
        options={[
          { value: 'yes', label: texts.yes },
          { value: 'no', label: texts.onlyWhenChosen },
        ]}
      />
    </EditCard>
  )
}
