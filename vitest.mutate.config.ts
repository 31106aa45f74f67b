import { defineConfig } from 'vitest/config'

/** The tests that mutants of quantities, teardown and claims have to get past. */
export default defineConfig({
  test: { include: ['core/{quantity,teardown,claims}/**/*.test.ts', 'core/examples.test.ts'] },
})
