/** How many filters may be bought at once. */
export const orderSizes = [1, 2, 4, 6, 12, 24, 100]
