import type { SubmissionResult } from '@conform-to/react'
import { parseWithZod } from '@conform-to/zod/v4'
import { useState } from 'react'
import { useFetcher } from 'react-router'
import { climates, duties, positions, type Driver } from '#core/money/driver.ts'
import { sayInterval } from '#core/money/interval.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { listDrivers, removeDriver, saveDriver } from '#app/data/drivers.server.ts'
import { newId } from '#app/data/id.ts'
import { driverSchema } from '#app/features/forms/market-schemas.ts'
import { EditCard } from '#app/features/forms/EditCard.tsx'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import { Button } from '#app/ui/Button.tsx'
import { ChoiceBox, TextBox } from '#app/ui/fields.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Route } from './+types/drivers'
import { formDataOf } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Drivers · Plicator' }]

export const loader = async () => ({ drivers: await listDrivers(), newDriver: newId() })

export async function action({ request }: Route.ActionArgs) {
  const form = await formDataOf(request)
  if (form.get('intent') === 'remove') {
    await removeDriver(String(form.get('id')))
    return null
  }
  const submission = parseWithZod(form, { schema: driverSchema })
  if (submission.status !== 'success') return submission.reply()
  if ((await saveDriver(submission.value)) === 'name-taken')
    return submission.reply({ fieldErrors: { name: ['Another driver has this name.'] } })
  return submission.reply({ resetForm: true })
}

const labelOf = (list: readonly { key: string; label: string }[], key: string): string =>
  list.find((one) => one.key === key)!.label
const optionsFrom = (list: readonly { key: string; label: string }[]) =>
  list.map(({ key, label }) => ({ value: key, label }))

export default function Drivers({ loaderData: { drivers, newDriver }, actionData }: Route.ComponentProps) {
  const [edited, edit] = useState<Driver>()
  const { units: system } = usePreferences()
  const far = system === 'metric' ? 'km' : 'mi'
  const fetcher = useFetcher()
  return (
    <Page>
      <Stack $gap={4}>
        <h1>Drivers</h1>
        <Soft>Who buys, and for what duty. An interval beyond one's own habit is worth nothing to that driver.</Soft>
      </Stack>
      <Card>
        {drivers.length === 0 ? (
          <Soft>None yet. Add the one you buy for.</Soft>
        ) : (
          <Table>
            <thead>
              <tr>
                <th scope="col">Driver</th>
                <th scope="col">A year</th>
                <th scope="col">Changes after</th>
                <th scope="col">Duty</th>
                <th scope="col">Filter sits</th>
                <th scope="col">Hottest oil</th>
                <th scope="col">Vehicles</th>
              </tr>
            </thead>
            <tbody>
              {drivers.map((driver) => (
                <tr key={driver.id}>
                  <td>
                    <strong>{driver.name}</strong>
                    <Row $gap={4}>
                      <Button $kind="quiet" onPress={() => edit(driver)} aria-label={`Change ${driver.name}`}>
                        Change
                      </Button>
                      <Button
                        $kind="quiet"
                        onPress={() => void fetcher.submit({ intent: 'remove', id: driver.id }, { method: 'post' })}
                        aria-label={`Remove ${driver.name}`}
                      >
                        Remove
                      </Button>
                    </Row>
                  </td>
                  <td>{formatQuantity(driver.distance, far)}</td>
                  <td>{sayInterval(driver.habit, far) || 'as claim or manual say'}</td>
                  <td>
                    {labelOf(duties, driver.duty)}, {labelOf(climates, driver.climate).toLowerCase()}
                  </td>
                  <td>{labelOf(positions, driver.position)}</td>
                  <td>
                    {driver.oilHot === null ? '–' : formatQuantity(driver.oilHot, system === 'metric' ? '°C' : '°F')}
                    <br />
                    <Small>{driver.meetsOil ? 'uses oil that claims ask for' : 'ordinary oil'}</Small>
                  </td>
                  <td>{driver.vehicles}</td>
                </tr>
              ))}
            </tbody>
          </Table>
        )}
      </Card>
      <DriverForm
        key={edited?.id ?? newDriver}
        id={edited?.id ?? newDriver}
        edited={edited}
        last={actionData}
        onDone={() => edit(undefined)}
      />
    </Page>
  )
}

function DriverForm({
  id,
  edited,
  last,
  onDone,
}: {
  id: string
  edited: Driver | undefined
  last: SubmissionResult<string[]> | null | undefined
  onDone: () => void
}) {
  const start = edited
    ? {
        name: edited.name,
        distance: formatQuantity(edited.distance, 'km').replace(',', ''),
        habit: sayInterval(edited.habit, 'km').replace(',', ''),
        duty: edited.duty,
        climate: edited.climate,
        position: edited.position,
        oilHot: edited.oilHot === null ? '' : formatQuantity(edited.oilHot, '°C'),
        meetsOil: edited.meetsOil ? 'yes' : 'no',
        vehicles: String(edited.vehicles),
      }
    : { duty: 'normal', climate: 'mild', position: 'upright', meetsOil: 'yes', vehicles: '1' }
  const [form, fields] = useSchemaForm(driverSchema, { last, start })
  return (
    <EditCard form={form} id={id} noun="driver" edited={edited?.name} onDone={onDone}>
      <TextBox field={fields.name!} label="Name" placeholder="the ferry taxi" />
      <Row $gap={16} style={{ alignItems: 'flex-start' }}>
        <TextBox field={fields.distance!} label="Distance a year" placeholder="18000 km" />
        <TextBox field={fields.habit!} label="Changes oil after" optional placeholder="10000 km or 12 months" />
        <TextBox field={fields.vehicles!} label="Vehicles" inputMode="decimal" />
      </Row>
      <ChoiceBox
        field={fields.duty!}
        label="Duty"
        options={optionsFrom(duties)}
        hint={duties.map(({ label, says }) => `${label}: ${says}`).join(' ')}
      />
      <ChoiceBox field={fields.climate!} label="Climate" options={optionsFrom(climates)} />
      <ChoiceBox field={fields.position!} label="The filter sits" options={optionsFrom(positions)} />
      <TextBox field={fields.oilHot!} label="Hottest oil" optional placeholder="120 °C" />
      <ChoiceBox
        field={fields.meetsOil!}
        label="Uses the oil that a claim may ask for"
        options={[
          { value: 'yes', label: 'Yes' },
          { value: 'no', label: 'No' },
        ]}
      />
    </EditCard>
  )
}
