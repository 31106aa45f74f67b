/** How a filter is built: a can that screws on, or an element for a housing. */
export type FilterForm = 'spin-on' | 'cartridge'

/** Both forms, and each alone, for catalogue entries. */
export const both: FilterForm[] = ['spin-on', 'cartridge']
export const spinOn: FilterForm[] = ['spin-on']
export const cartridge: FilterForm[] = ['cartridge']
