import type { HouseDevice } from '#app/storage/house.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/devices.ts'
import { Button } from '#app/ui/Button.tsx'
import { Day } from '#app/ui/Day.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Soft } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

/** Devices that were let in, each of which can be sent away. */
export function DeviceTable({ devices }: { devices: readonly HouseDevice[] }) {
  const { send, isIdle, refusal } = useAction()
  if (devices.length === 0) return <Soft>{texts.noOtherDeviceWasLetIn}</Soft>
  return (
    <>
      <Table aria-label={texts.devicesThatWereLetIn}>
        <thead>
          <tr>
            <th scope="col">{texts.device}</th>
            <th scope="col">{texts.may}</th>
            <th scope="col">{texts.since}</th>
            <th scope="col">{texts.lastSeen}</th>
            <th scope="col">{texts.change}</th>
          </tr>
        </thead>
        <tbody>
          {devices.map(({ id, name, role, since, seen }) => (
            <tr key={id}>
              <td style={{ overflowWrap: 'anywhere' }}>{name}</td>
              <td>{role === 'full' ? texts.doAll : texts.look}</td>
              <td>
                <Day of={since} />
              </td>
              <td>
                <Day of={seen} />
              </td>
              <td>
                <Button
                  $kind="quiet"
                  isDisabled={!isIdle}
                  aria-label={texts.sendAwayOfName(name)}
                  onPress={() => send({ device: id })}
                >
                  {texts.sendAway}
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      <ErrorText role="alert">{refusal}</ErrorText>
    </>
  )
}
