import type { FilterForm } from '#core/catalogue/index.ts'
import type { Tier } from '#app/data/products.server.ts'

export const filterForms = ['spin-on', 'cartridge'] as const satisfies FilterForm[]
export const tiers = ['low', 'middle', 'top', 'engine'] as const satisfies Tier[]

export const tierLabels: Record<Tier, string> = {
  low: 'Low',
  middle: 'Middle',
  top: 'Top',
  engine: "Engine maker's own",
}

export const filterFormLabels: Record<FilterForm, string> = { 'spin-on': 'Spin-on', cartridge: 'Cartridge' }
