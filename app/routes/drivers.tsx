import { listDrivers, removeDriver, saveDriver, type StoredDriver } from '#app/data/drivers.server.ts'
import { newId } from '#app/data/id.ts'
import { DriverForm } from '#app/features/drivers/DriverForm.tsx'
import { DriverTable } from '#app/features/drivers/DriverTable.tsx'
import { driverFields, driverSchema } from '#app/features/forms/driver-fields.ts'
import { useEdited } from '#app/features/forms/useEdited.ts'
import { Card, Page, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/drivers'
import { accepted, fieldsOf, parseFields, refusedField } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Drivers · Plicator' }]

export const loader = async () => ({ drivers: await listDrivers(), newDriver: newId() })

export async function action({ request }: Route.ActionArgs) {
  const typed = await fieldsOf(request)
  if (typed.intent === 'remove') {
    await removeDriver(String(typed.id))
    return accepted()
  }
  const parsed = parseFields(driverSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const saved = await saveDriver(driverFields(parsed.value, typed))
  return saved === 'taken' ? refusedField('name', 'Another driver has this name.') : accepted()
}

export default function Drivers({ loaderData: { drivers, newDriver }, actionData }: Route.ComponentProps) {
  const [edited, edit] = useEdited<StoredDriver>(actionData)
  const id = edited?.id ?? newDriver
  return (
    <Page>
      <Stack $gap={4}>
        <h1>Drivers</h1>
        <Soft>Who buys, and for what duty. An interval beyond one's own habit is worth nothing to that driver.</Soft>
      </Stack>
      <Card>
        <DriverTable drivers={drivers} onEdit={edit} />
      </Card>
      <DriverForm key={id} id={id} edited={edited} result={actionData} onDone={() => edit(undefined)} />
    </Page>
  )
}
