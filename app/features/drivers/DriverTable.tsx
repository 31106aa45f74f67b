import { byKey } from '#core/by-key.ts'
import { systemOf, unitOfKind } from '#core/quantity/unit-habit.ts'
import { climates, duties, positions, oilKinds } from '#core/money/driver.ts'
import { formatInterval } from '#core/quantity/interval.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import type { StoredDriver } from '#app/data/drivers.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/drivers.ts'
import { Button } from '#app/ui/Button.tsx'
import { Row, Small, Soft } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'

const labelOf = <Key extends string>(list: readonly { key: Key; label: string }[], key: Key): string =>
  list.find((one) => one.key === key)?.label ?? key

/** Driver profiles, each to change or remove. */
export function DriverTable({ drivers, onEdit }: { drivers: StoredDriver[]; onEdit: (driver: StoredDriver) => void }) {
  const { send } = useAction()
  if (drivers.length === 0) return <Soft>{texts.noneYetAddTheOneYou}</Soft>
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col">{texts.driver}</th>
          <th scope="col">{texts.aYear}</th>
          <th scope="col">{texts.changesAfter}</th>
          <th scope="col">{texts.duty}</th>
          <th scope="col">{texts.filterSits}</th>
          <th scope="col">{texts.hottestOil}</th>
          <th scope="col">{texts.vehicles}</th>
        </tr>
      </thead>
      <tbody>
        {drivers.map((driver) => (
          <DriverRow
            key={driver.id}
            driver={driver}
            onEdit={() => onEdit(driver)}
            onRemove={() => send({ intent: 'remove', id: driver.id })}
          />
        ))}
      </tbody>
    </Table>
  )
}

interface RowProps {
  driver: StoredDriver
  onEdit: () => void
  onRemove: () => void
}

function DriverRow({ driver, onEdit, onRemove }: RowProps) {
  const { units: system } = usePreferences()
  const far = unitOfKind(system, 'distance')
  const { oilTemperatureMax } = driver
  return (
    <tr>
      <td>
        <strong>{driver.name}</strong>
        <Row $gap={4}>
          <Button $kind="quiet" onPress={onEdit} aria-label={texts.changeOfName(driver.name)}>
            {texts.change}
          </Button>
          <Button $kind="quiet" onPress={onRemove} aria-label={texts.removeOfName(driver.name)}>
            {texts.remove}
          </Button>
        </Row>
      </td>
      <td>
        {formatQuantity(driver.annualDistance, far)}
        {driver.annualHours !== null && (
          <>
            <br />
            <Small>{texts.engineHours(driver.annualHours)}</Small>
          </>
        )}
      </td>
      <td>{formatInterval(driver.habit, far) || texts.asClaimOrManualSay}</td>
      <td>
        {labelOf(duties, driver.duty)}, {labelOf(climates, driver.climate).toLowerCase()}
      </td>
      <td>{labelOf(positions, driver.position)}</td>
      <td>
        {oilTemperatureMax === null
          ? '–'
          : formatQuantity(oilTemperatureMax, systemOf(system) === 'metric' ? '°C' : '°F')}
        <br />
        <Small>{texts.oilOfLabel(byKey(oilKinds, driver.oil).label.toLowerCase())}</Small>
      </td>
      <td>{driver.vehicles}</td>
    </tr>
  )
}
