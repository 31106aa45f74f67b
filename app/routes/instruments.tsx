import type { SubmissionResult } from '@conform-to/react'
import { getFormProps } from '@conform-to/react'
import { parseWithZod } from '@conform-to/zod/v4'
import { useState } from 'react'
import { data, useFetcher } from 'react-router'
import { formatQuantity } from '#core/quantity/format.ts'
import { instrumentKinds, type InstrumentKind } from '#core/teardown/instrument.ts'
import { newId } from '#app/data/id.ts'
import {
  addCheck,
  listInstruments,
  removeInstrument,
  saveInstrument,
  type OwnInstrument,
} from '#app/data/instruments.server.ts'
import { checkSchema, instrumentSchema, removeSchema } from '#app/features/forms/instrument-schemas.ts'
import { EditCard } from '#app/features/forms/EditCard.tsx'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import { Button } from '#app/ui/Button.tsx'
import { ChoiceBox, Fault, TextBox } from '#app/ui/fields.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { Route } from './+types/instruments'
import { formDataOf } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Instruments · Plicator' }]

export async function loader() {
  return { instruments: await listInstruments(), newInstrument: newId() }
}

export async function action({ request }: Route.ActionArgs) {
  const form = await formDataOf(request)
  switch (form.get('intent')) {
    case 'remove': {
      const parsed = removeSchema.safeParse(Object.fromEntries(form))
      if (!parsed.success || (await removeInstrument(parsed.data.id)) === 'removed')
        return { of: String(form.get('id')), result: null, fault: '' }
      return data(
        { of: parsed.data.id, result: null, fault: 'Readings were taken with it, so it stays in the list.' },
        { status: 422 },
      )
    }
    case 'check': {
      const submission = parseWithZod(form, { schema: checkSchema })
      if (submission.status !== 'success')
        return { of: String(form.get('instrument')), result: submission.reply(), fault: '' }
      const { instrument, ...check } = submission.value
      if (!(await listInstruments()).some(({ id }) => id === instrument))
        return {
          of: instrument,
          result: submission.reply({ formErrors: ['That instrument is not in the list any more.'] }),
          fault: '',
        }
      await addCheck(instrument, {
        id: check.id,
        piece: check.piece,
        reference: check.reference,
        reading: check.reading,
        at: new Date().toISOString(),
      })
      return { of: instrument, result: submission.reply({ resetForm: true }), fault: '' }
    }
    default: {
      const submission = parseWithZod(form, { schema: instrumentSchema })
      if (submission.status !== 'success') return { of: String(form.get('id')), result: submission.reply(), fault: '' }
      const taken = (await saveInstrument(submission.value)) === 'name-taken'
      return {
        of: submission.value.id,
        result: taken
          ? submission.reply({ fieldErrors: { name: ['Another instrument has this name.'] } })
          : submission.reply({ resetForm: true }),
        fault: '',
      }
    }
  }
}

const standing = ({ check, kind }: OwnInstrument): string => {
  switch (check.state) {
    case 'never':
      return 'Never checked'
    case 'overdue':
      return `Overdue: checked ${check.days} days ago`
    case 'off':
      return `Off by ${formatQuantity(Math.abs(check.by), instrumentKinds[kind].unit, 3)} ${check.by > 0 ? 'high' : 'low'}`
    case 'sound':
      return check.days === 0 ? 'Sound, checked today' : `Sound, checked ${check.days} days ago`
  }
}

export default function Instruments({ loaderData: { instruments, newInstrument }, actionData }: Route.ComponentProps) {
  const [edited, edit] = useState<OwnInstrument>()
  return (
    <Page>
      <Stack $gap={4}>
        <h1>Instruments</h1>
        <Soft>
          What you measure with. Resolution and accuracy go into the doubt of every figure; until an instrument is
          named, an ordinary one is assumed.
        </Soft>
      </Stack>
      <Card>
        {instruments.length === 0 ? (
          <Soft>None yet. Add the caliper, micrometer, tape and scale that lie on your bench.</Soft>
        ) : (
          <Table>
            <thead>
              <tr>
                <th scope="col">Instrument</th>
                <th scope="col">Shows to</th>
                <th scope="col">Right to ±</th>
                <th scope="col">At zero shows</th>
                <th scope="col">Check</th>
                <th scope="col">Check it now against a known piece</th>
              </tr>
            </thead>
            <tbody>
              {instruments.map((instrument) => (
                <InstrumentRow key={instrument.id} instrument={instrument} onEdit={() => edit(instrument)} />
              ))}
            </tbody>
          </Table>
        )}
      </Card>
      <InstrumentForm
        key={edited?.id ?? newInstrument}
        id={edited?.id ?? newInstrument}
        edited={edited}
        last={actionData?.result}
        onDone={() => edit(undefined)}
      />
    </Page>
  )
}

function InstrumentRow({ instrument, onEdit }: { instrument: OwnInstrument; onEdit: () => void }) {
  const remove = useFetcher<typeof action>()
  const { id, name, kind, usual, resolution, accuracy, zero, checks } = instrument
  const { unit, label } = instrumentKinds[kind]
  return (
    <tr>
      <td>
        <strong>{name}</strong>
        <br />
        <Small>
          {label}
          {usual && ', taken when nothing else is said'}
        </Small>
        <Row $gap={4}>
          <Button $kind="quiet" onPress={onEdit} aria-label={`Change ${name}`}>
            Change
          </Button>
          <Button
            $kind="quiet"
            onPress={() => void remove.submit({ intent: 'remove', id }, { method: 'post' })}
            aria-label={`Remove ${name}`}
          >
            Remove
          </Button>
        </Row>
        <Fault role="alert">{remove.data?.fault}</Fault>
      </td>
      <td>{formatQuantity(resolution, unit, 3)}</td>
      <td>{formatQuantity(accuracy, unit, 3)}</td>
      <td>{zero === 0 ? '0' : `${zero > 0 ? '+' : '−'}${formatQuantity(Math.abs(zero), unit, 3)}`}</td>
      <td>
        {standing(instrument)}
        {checks[0] && (
          <>
            <br />
            <Small>
              {[
                checks[0].piece,
                `${formatQuantity(checks[0].reference, unit, 3)} showed ${formatQuantity(checks[0].reading, unit, 3)}`,
              ]
                .filter(Boolean)
                .join(': ')}
            </Small>
          </>
        )}
      </td>
      <td>
        <CheckForm key={checks.length} instrument={id} kind={kind} name={name} unit={unit} />
      </td>
    </tr>
  )
}

function CheckForm({
  instrument,
  kind,
  name,
  unit,
}: {
  instrument: string
  kind: InstrumentKind
  name: string
  unit: string
}) {
  const fetcher = useFetcher<typeof action>()
  const [id] = useState(newId)
  const [form, fields] = useSchemaForm(checkSchema, {
    last: fetcher.data?.result as SubmissionResult<string[]> | undefined,
    start: {},
  })
  return (
    <fetcher.Form method="post" {...getFormProps(form)} aria-label={`Check of ${name}`}>
      <input type="hidden" name="intent" value="check" />
      <input type="hidden" name="id" value={id} />
      <input type="hidden" name="instrument" value={instrument} />
      <input type="hidden" name="kind" value={kind} />
      <Row $gap={8} style={{ alignItems: 'flex-end', flexWrap: 'nowrap' }}>
        <TextBox field={fields.reference!} label="Known piece" placeholder={unit} />
        <TextBox field={fields.reading!} label="It showed" placeholder={unit} />
        <Button type="submit">Keep</Button>
      </Row>
    </fetcher.Form>
  )
}

function InstrumentForm({
  id,
  edited,
  last,
  onDone,
}: {
  id: string
  edited: OwnInstrument | undefined
  last: SubmissionResult<string[]> | null | undefined
  onDone: () => void
}) {
  const unit = edited ? instrumentKinds[edited.kind].unit : ''
  const start = edited
    ? {
        name: edited.name,
        kind: edited.kind,
        resolution: formatQuantity(edited.resolution, unit, 3),
        accuracy: formatQuantity(edited.accuracy, unit, 3),
        checkDays: edited.checkDays === null ? '' : String(edited.checkDays),
        usual: edited.usual ? 'yes' : 'no',
      }
    : { checkDays: '180', usual: 'no' }
  const [form, fields] = useSchemaForm(instrumentSchema, { last, start })
  return (
    <EditCard form={form} id={id} noun="instrument" edited={edited?.name} onDone={onDone}>
      <TextBox field={fields.name!} label="Name" placeholder="the long caliper" />
      <ChoiceBox
        field={fields.kind!}
        label="What it is"
        options={Object.entries(instrumentKinds).map(([value, { label }]) => ({ value, label }))}
      />
      <Row $gap={16} style={{ alignItems: 'flex-start' }}>
        <TextBox field={fields.resolution!} label="Resolution" hint="The smallest step it shows: 0.01 mm, 0.1 g." />
        <TextBox field={fields.accuracy!} label="Accuracy, ±" hint="From its sheet: 0.03 mm, 0.3 g." />
        <TextBox field={fields.checkDays!} label="Check every, days" optional />
      </Row>
      <ChoiceBox
        field={fields.usual!}
        label="Taken when nothing else is said"
        options={[
          { value: 'yes', label: 'Yes' },
          { value: 'no', label: 'Only when chosen' },
        ]}
      />
    </EditCard>
  )
}
