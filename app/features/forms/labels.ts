export const forms = ['spin-on', 'cartridge'] as const
export const tiers = ['low', 'middle', 'top', 'engine'] as const
export const currencies = [
  'EUR',
  'GBP',
  'USD',
  'CAD',
  'AUD',
  'NZD',
  'CHF',
  'SEK',
  'NOK',
  'DKK',
  'PLN',
  'ISK',
  'ZAR',
  'INR',
  'JPY',
] as const

export const tierLabels: Record<(typeof tiers)[number], string> = {
  low: 'Low',
  middle: 'Middle',
  top: 'Top',
  engine: "Engine maker's own",
}
export const formLabels: Record<(typeof forms)[number], string> = { 'spin-on': 'Spin-on', cartridge: 'Cartridge' }
