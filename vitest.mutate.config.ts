import { defineConfig } from 'vitest/config'

/** The tests that mutants have to get past; bin/mutate.ts names them. */
export default defineConfig({
  test: {
    include: (process.env['MUTATED_TESTS'] ?? 'core/**/*').split(',').map((name) => `${name}.test.ts`),
    testTimeout: 120_000,
  },
})
