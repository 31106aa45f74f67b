/* Words of the interface: brand. */

export const brand = 'Brand'
export const title = (name: string) => `${name} · Plicator`
export const thisBrand = 'This brand'
export const theseTwoCodesDoNotTeach = 'These two codes do not teach that. Choose one of those offered.'
export const library = 'Library'
export const oneBrandAcrossEnginesItsTiers =
  'One brand across engines: its tiers, what went wrong in each, and what is steady across its range.'
export const itsRange = 'Its range'
export const itsFiltersWillStandHereOver =
  'Its filters will stand here, over all engines; add one on the line-up of an engine.'
export const tier = 'Tier'
export const product = 'Product'
export const engine = 'Engine'
export const opened = 'Opened'
export const construction = 'Construction'
export const faultsTierByTier = 'Faults, tier by tier'
export const noneWasFoundInWhatWas = 'None was found in what was opened and looked at.'
export const steadyAcrossItsRange = 'Steady across its range'
export const itTakesThreeProductsInWhich = 'It takes three products in which the same thing was seen.'
export const what = 'What'
export const mostly = 'Mostly'
export const products = 'Products'
export const inBracketsWhatTheShareMay =
  'In brackets: what the share may be in all that the brand sells, 95 times of 100.'
