import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    include: ['core/**/*.test.ts', 'app/**/*.test.{ts,tsx}', 'db/**/*.test.ts'],
    benchmark: { include: ['benchmarks/**/*.bench.ts'] },
  },
})
