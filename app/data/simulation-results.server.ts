import results from '#simulation/results.json'

/** What the simulation found when it was run last. */
export const simulationResults = (): typeof results => results
