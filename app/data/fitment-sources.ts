/** How it is known that a product fits an engine. */
export const fitmentSources = [
  { key: 'maker', label: 'By the list of its maker' },
  { key: 'dealer', label: "By a dealer's list" },
  { key: 'trial', label: 'Tried on the engine' },
  { key: 'swap', label: 'Another size, on purpose' },
] as const

/** Empty for the engine that a product was entered for. */
export type FitmentSource = (typeof fitmentSources)[number]['key'] | ''
