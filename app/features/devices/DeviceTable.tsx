import type { HouseDevice } from '#app/storage/house.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { Button } from '#app/ui/Button.tsx'
import { Day } from '#app/ui/Day.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Soft } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

/** Devices that were let in, each of which can be sent away. */
export function DeviceTable({ devices }: { devices: readonly HouseDevice[] }) {
  const { send, isIdle, refusal } = useAction()
  if (devices.length === 0) return <Soft>No other device was let in yet.</Soft>
  return (
    <>
      <Table aria-label="Devices that were let in">
        <thead>
          <tr>
            <th scope="col">Device</th>
            <th scope="col">May</th>
            <th scope="col">Since</th>
            <th scope="col">Last seen</th>
            <th scope="col">Change</th>
          </tr>
        </thead>
        <tbody>
          {devices.map(({ id, name, role, since, seen }) => (
            <tr key={id}>
              <td style={{ overflowWrap: 'anywhere' }}>{name}</td>
              <td>{role === 'full' ? 'do all' : 'look'}</td>
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
                  aria-label={`Send ${name} away`}
                  onPress={() => send({ device: id })}
                >
                  Send away
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
