import { currencies } from '#core/money/currency.ts'
import type { StoredDriver } from '#app/data/drivers.server.ts'
import { namedOptions, SelectMenu } from '#app/ui/SelectMenu.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { orderSizes } from './order-sizes.ts'

interface Props {
  drivers: StoredDriver[]
  driver: StoredDriver | undefined
  wanted: number
  currency: string
}

/** Who buys how many, and in what money. */
export function MoneyMenus({ drivers, driver, wanted, currency }: Props) {
  const { set } = useAddress()
  return (
    <>
      <SelectMenu
        label="Driver"
        value={driver?.id ?? ''}
        options={drivers.length === 0 ? [{ value: '', label: 'none yet' }] : namedOptions(drivers)}
        onPick={(id) => set({ driver: id })}
      />
      <SelectMenu
        label="buys at once"
        value={String(wanted)}
        options={orderSizes.map((size) => ({ value: String(size), label: size }))}
        onPick={(size) => set({ buy: size })}
      />
      <SelectMenu
        label="in"
        value={currency}
        options={currencies.map((one) => ({ value: one, label: one }))}
        onPick={(one) => set({ currency: one })}
      />
    </>
  )
}
