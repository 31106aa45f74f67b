import { currencies } from '#core/money/currency.ts'
import type { StoredDriver } from '#app/data/drivers.server.ts'
import * as texts from '#app/texts/money.ts'
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
        label={texts.driver}
        value={driver?.id ?? ''}
        options={drivers.length === 0 ? [{ value: '', label: texts.noneYet }] : namedOptions(drivers)}
        onPick={(id) => set({ driver: id })}
      />
      <SelectMenu
        label={texts.buysAtOnce}
        value={String(wanted)}
        options={orderSizes.map((size) => ({ value: String(size), label: size }))}
        onPick={(size) => set({ buy: size })}
      />
      <SelectMenu
        label={texts.inLabel}
        value={currency}
        options={currencies.map((one) => ({ value: one, label: one }))}
        onPick={(one) => set({ currency: one })}
      />
    </>
  )
}
