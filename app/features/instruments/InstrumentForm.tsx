import { instrumentKinds } from '#core/teardown/instrument.ts'
import type { StoredInstrument } from '#app/data/instruments.server.ts'
import { EditCard, type EditFormProps } from '#app/features/forms/EditCard.tsx'
import { instrumentSchema, instrumentValues, newInstrumentValues } from '#app/features/forms/instrument-fields.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
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
      <TextBox field={fields.name} label="Name" placeholder="the long caliper" />
      <ChoiceBox
        field={fields.kind}
        label="What it is"
        options={Object.entries(instrumentKinds).map(([value, { label }]) => ({ value, label }))}
      />
      <Row $gap={16} style={{ alignItems: 'flex-start' }}>
        <TextBox field={fields.resolution} label="Resolution" hint="The smallest step it shows: 0.01 mm, 0.1 g." />
        <TextBox field={fields.accuracy} label="Accuracy, ±" hint="From its sheet: 0.03 mm, 0.3 g." />
        <TextBox field={fields.checkIntervalDays} label="Check every, days" optional />
      </Row>
      <ChoiceBox
        field={fields.isDefault}
        label="Taken when nothing else is said"
        options={[
          { value: 'yes', label: 'Yes' },
          { value: 'no', label: 'Only when chosen' },
        ]}
      />
    </EditCard>
  )
}
