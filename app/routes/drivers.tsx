import { addDriver, changeDriver, listDrivers, removeDriver, type StoredDriver } from '#app/data/drivers.server.ts'
import { newId } from '#app/data/id.ts'
import { DriverForm } from '#app/features/drivers/DriverForm.tsx'
import { DriverTable } from '#app/features/drivers/DriverTable.tsx'
import { driverFields, driverSchema, driverValues } from '#app/features/forms/driver-fields.ts'
import { useEdited } from '#app/features/forms/useEdited.ts'
import * as texts from '#app/texts/drivers.ts'
import { Card, Page, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/drivers'
import { accepted, fieldsOf, parseFields, refused } from './http.server.ts'
import { additionRefusal, changeRefusal, seenVersion } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.driversTitle }]

export const loader = async () => ({ drivers: await listDrivers(), newDriver: newId() })

export async function action({ request }: Route.ActionArgs) {
  const typed = await fieldsOf(request)
  if (typed.intent === 'remove') {
    await removeDriver(String(typed.id))
    return accepted()
  }
  const parsed = parseFields(driverSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const fields = driverFields(parsed.value, typed)
  const taken = { field: 'name', message: texts.anotherDriverHasThisName }
  if (!typed.version) return additionRefusal(await addDriver(fields), taken) ?? accepted()
  const changed = await changeDriver(fields, seenVersion(typed))
  const current = (await listDrivers()).find(({ id }) => id === fields.id)
  if (!current) return refused(texts.thisDriverIsNotHereAny)
  return changeRefusal(changed, taken, { version: current.version, values: driverValues(current) }) ?? accepted()
}

export default function Drivers({ loaderData: { drivers, newDriver }, actionData }: Route.ComponentProps) {
  const [edited, edit] = useEdited<StoredDriver>(actionData)
  const id = edited?.id ?? newDriver
  return (
    <Page>
      <Stack $gap={4}>
        <h1>{texts.drivers}</h1>
        <Soft>{texts.whoBuysAndForWhatDuty}</Soft>
      </Stack>
      <Card>
        <DriverTable drivers={drivers} onEdit={edit} />
      </Card>
      <DriverForm key={id} id={id} edited={edited} result={actionData} onDone={() => edit(undefined)} />
    </Page>
  )
}
