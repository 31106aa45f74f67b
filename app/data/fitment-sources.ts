import * as texts from '#app/texts/products.ts'
/** How it is known that a product fits an engine. */
export const fitmentSources = [
  { key: 'maker', label: texts.byTheListOfItsMaker },
  { key: 'dealer', label: texts.byADealersList },
  { key: 'trial', label: texts.triedOnTheEngine },
  { key: 'swap', label: texts.anotherSizeOnPurpose },
] as const

/** Empty for the engine that a product was entered for. */
export type FitmentSource = (typeof fitmentSources)[number]['key'] | ''
