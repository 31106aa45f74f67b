import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    // All files are run at once, on machines that may be slow.
    testTimeout: 60_000,
    hookTimeout: 60_000,
    include: ['core/**/*.test.ts', 'app/**/*.test.{ts,tsx}', 'db/**/*.test.ts'],
    benchmark: { include: ['benchmarks/**/*.bench.ts'] },
  },
})
