import { characteristicOf } from '#core/catalogue/index.ts'
import type { Specimen } from '#app/data/specimens.server.ts'
import type { loadValue } from '#app/data/value-page.server.ts'
import { CharacteristicDetail } from './CharacteristicDetail.tsx'
import { FigureDetail } from './FigureDetail.tsx'

/** A figure or a characteristic of a specimen, with the specimen. */
export type OpenedValue = { specimen: Specimen } & NonNullable<Awaited<ReturnType<typeof loadValue>>>

/** A figure or a characteristic opened: what it rests on. */
export const ValueDetail = ({ value }: { value: OpenedValue }) =>
  value.kind === 'figure' ? (
    <FigureDetail
      figureKey={value.key}
      specimen={value.specimen}
      spread={value.spread}
      result={value.result}
      inputs={value.inputs}
    />
  ) : (
    <CharacteristicDetail
      characteristic={characteristicOf(value.key)}
      specimen={value.specimen}
      spread={value.spread}
      readings={value.readings}
      resolved={value.resolved}
    />
  )
