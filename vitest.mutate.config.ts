import { defineConfig } from 'vitest/config'

/** The tests that mutants of quantities, teardown, claims, score and verdict have to get past. */
export default defineConfig({
  test: {
    include: ['core/{quantity,teardown,claims,compare,score,verdict}/**/*.test.ts', 'core/examples.test.ts'],
    testTimeout: 120_000,
  },
})
