import {
  catalogue,
  irreversibleStep,
  optionsOf,
  partLabel,
  stations,
  type Characteristic,
} from '#core/catalogue/index.ts'
import { formatValueNumber } from '#core/figures/format-value.ts'
import * as texts from '#app/texts/method.ts'
import { Card, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { methodAnchor } from './method-anchor.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'

/** Everything that can be recorded, station by station. */
export function CatalogueCard() {
  return (
    <Card id="catalogue">
      <Stack>
        <h2>{texts.whatIsRecorded}</h2>
        {stations.map((station) => (
          <Stack key={station.key} $gap={4} id={methodAnchor('station', station.key)}>
            <h3>{station.label}</h3>
            <Table>
              <tbody>
                {catalogue
                  .filter((one) => one.station === station.key)
                  .map((one) => (
                    <CharacteristicRow key={one.key} characteristic={one} />
                  ))}
              </tbody>
            </Table>
          </Stack>
        ))}
      </Stack>
    </Card>
  )
}

function CharacteristicRow({ characteristic }: { characteristic: Characteristic }) {
  const { units: system } = usePreferences()
  const { label, part, how, why, lostAfter } = characteristic
  const options = optionsText(characteristic)
  return (
    <tr id={methodAnchor('recorded', characteristic.key)}>
      <td style={{ width: '22%' }}>
        {label}
        <br />
        <Small>{partLabel(part)}</Small>
      </td>
      <td>
        {how}
        {options && (
          <>
            <br />
            <Small>{options}</Small>
          </>
        )}
        {'typical' in characteristic && (
          <>
            <br />
            <Small>
              {texts.typicalTo(
                formatValueNumber(characteristic, characteristic.typical[0], system),
                formatValueNumber(characteristic, characteristic.typical[1], system),
              )}
            </Small>
          </>
        )}
      </td>
      <td>{why}</td>
      <td>
        <Small>{lostAfter === 'wrap' ? '' : texts.lostAfter(irreversibleStep(lostAfter).label)}</Small>
      </td>
    </tr>
  )
}

const optionsText = (characteristic: Characteristic): string =>
  optionsOf(characteristic)
    .map(({ label, description }) => (characteristic.kind === 'grade' ? `${label} ${description}` : label))
    .join(' · ')
