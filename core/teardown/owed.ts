import { characteristicOf, findCharacteristic } from '#core/catalogue/index.ts'

/** Something that was promised to be shown later. */
export interface Owed {
  id: string
  characteristic: string
  /** UTC, ISO 8601. */
  owedAt: string
  settledAt: string | null
}

/** What may settle it: a reading of it, or a note or a picture of its part; with their moments, ISO 8601. */
export interface Settling {
  readings: readonly { characteristic: string; recordedAt: string }[]
  notes: readonly { part: string; recordedAt: string }[]
  photos: readonly { part: string; recordedAt: string }[]
}

/**
 * What is still owed: neither settled by hand, nor by a reading of it or a note or picture of its part that came later.
 *
 * @param owed all that was promised of a specimen
 * @param settling what was recorded of it
 * @example openOwed([{ id: 'a', characteristic: 'can.wall', owedAt: '2026-01-01T00:00:00.000Z', settledAt: null }],
 *   { readings: [], notes: [], photos: [] }).length // => 1
 */
export function openOwed(owed: readonly Owed[], { readings, notes, photos }: Settling): Owed[] {
  return owed.filter(({ characteristic, owedAt, settledAt }) => {
    if (settledAt !== null || !findCharacteristic(characteristic)) return false
    const { part } = characteristicOf(characteristic)
    const isLater = (moment: string) => moment === '' || moment >= owedAt
    return !(
      readings.some((one) => one.characteristic === characteristic && isLater(one.recordedAt)) ||
      [...notes, ...photos].some((one) => one.part === part && isLater(one.recordedAt))
    )
  })
}
