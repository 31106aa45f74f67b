import type { SubmissionResult } from '@conform-to/react'
import type { Application } from '#app/data/applications.server.ts'
import { ChoiceBox, TextBox, TextLines } from '#app/ui/fields.tsx'
import { FormFrame } from './FormFrame.tsx'
import { applicationSchema, formLabels, forms } from './schemas.ts'
import { useSchemaForm } from './useSchemaForm.ts'

export function ApplicationForm({ id, application, last, back }: { id: string; application?: Application; last: SubmissionResult<string[]> | null | undefined; back: string }) {
  const start = application ?? { form: 'spin-on', bypass: 'unknown' }
  const [form, fields] = useSchemaForm(applicationSchema, { last, start: start as Record<string, string> })
  return (
    <FormFrame form={form} id={id} save={application ? 'Save the application' : 'Make the application'} back={back}>
      <TextBox field={fields.name!} label="Engine or application" hint="All comparison is inside one application: the engine the filters must fit." autoFocus />
      <TextBox field={fields.machine!} label="Machine" optional hint="What it drives, and where." />
      <ChoiceBox field={fields.form!} label="Filters are" options={forms.map((value) => ({ value, label: formLabels[value] }))} />
      <TextBox field={fields.thread!} label="Thread of the engine" optional hint="For spin-ons: M20 x 1.5 or 3/4-16 UNF." />
      <ChoiceBox
        field={fields.bypass!}
        label="Bypass valve"
        options={[
          { value: 'filter', label: 'Must be in the filter' },
          { value: 'engine', label: 'The engine has its own' },
          { value: 'unknown', label: 'Not known' },
        ]}
      />
      <TextLines field={fields.note!} label="Note" />
    </FormFrame>
  )
}
