/** The one after another in a ring; the first when it is not among them. */
export const nextOf = <T>(ring: readonly T[], present: T | undefined): T | undefined =>
  ring[(ring.findIndex((one) => one === present) + 1) % ring.length]
