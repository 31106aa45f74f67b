import { z } from 'zod'
import qrcode from 'qrcode-generator'
import {
  entryAddress,
  houseAddresses,
  houseKeys,
  isHouseLocked,
  listDevices,
  sendAway,
  type HouseRole,
} from '#app/storage/house.ts'
import { DeviceTable } from '#app/features/devices/DeviceTable.tsx'
import { KeyCard } from '#app/features/devices/KeyCard.tsx'
import * as texts from '#app/texts/devices.ts'
import { Card, Page, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/devices'
import { accepted, fieldsOf, parseFields } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.devicesTitle }]

export function loader() {
  const [address] = houseAddresses()
  const keyOf = (role: HouseRole) =>
    address === undefined
      ? undefined
      : { typed: houseKeys()[role], address, code: codePath(entryAddress(address, role)) }
  return {
    isLocked: isHouseLocked(),
    keys: isHouseLocked() ? { full: keyOf('full'), guest: keyOf('guest') } : undefined,
    devices: listDevices(),
  }
}

/** The dark squares of a code, as a path, and how many squares a side has. */
function codePath(text: string): { path: string; side: number } {
  const code = qrcode(0, 'M')
  code.addData(text)
  code.make()
  const side = code.getModuleCount()
  const at = Array.from({ length: side }, (_, place) => place)
  const path = at.flatMap((y) => at.flatMap((x) => (code.isDark(y, x) ? `M${x} ${y}h1v1h-1z` : []))).join('')
  return { path, side }
}

const schema = z.object({ device: z.string().min(1).max(40) })

export async function action({ request }: Route.ActionArgs) {
  const parsed = parseFields(schema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  sendAway(parsed.value.device)
  return accepted()
}

export default function Devices({ loaderData: { isLocked, keys, devices } }: Route.ComponentProps) {
  return (
    <Page>
      <Stack $gap={4}>
        <h1>{texts.devices}</h1>
        <Soft>{isLocked ? texts.othersOfYourNetworkComeIn : texts.onlyThisMachineReachesPlicatorNow}</Soft>
      </Stack>
      {keys?.full && <KeyCard title={texts.allOfIt} says={texts.theBenchAndEverythingElse} {...keys.full} />}
      {keys?.guest && <KeyCard title={texts.onlyToLook} says={texts.guestsReadWhatIsRecordedAnd} {...keys.guest} />}
      <Card>
        <Stack $gap={10}>
          <h2>{texts.letIn}</h2>
          <DeviceTable devices={devices} />
        </Stack>
      </Card>
    </Page>
  )
}
