import type { FilterForm } from '#core/catalogue/index.ts'
import type { Tier } from '#app/data/products.server.ts'
import * as texts from '#app/texts/forms.ts'

export const filterForms = ['spin-on', 'cartridge'] as const satisfies FilterForm[]
export const tiers = ['low', 'middle', 'top', 'engine'] as const satisfies Tier[]

export const tierLabels: Record<Tier, string> = {
  low: texts.low,
  middle: texts.middle,
  top: texts.top,
  engine: texts.engineMakersOwn,
}

export const filterFormLabels: Record<FilterForm, string> = { 'spin-on': texts.spinOn, cartridge: texts.cartridge }
