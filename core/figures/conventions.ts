/** Dimension and units in which a kind of figure is shown. */
export const area = { dimension: 'area', unit: 'cm²', imperial: 'in²' } as const
export const smallArea = { dimension: 'area', unit: 'mm²', imperial: 'in²', decimals: 0 } as const
export const length = { dimension: 'length', unit: 'mm', imperial: 'in' } as const
export const pressure = { dimension: 'pressure', unit: 'bar', imperial: 'psi' } as const
export const ratio = { dimension: 'ratio', unit: '', imperial: '' } as const
export const share = { dimension: 'ratio', unit: '%', imperial: '%' } as const
export const margin = { dimension: 'temperatureDifference', unit: 'ΔK', imperial: 'Δ°F', decimals: 0 } as const

/** Source of figures that follow from shape alone. */
export const geometry = 'Plane geometry; common practice, no published source'
