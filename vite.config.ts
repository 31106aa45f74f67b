import { reactRouter } from '@react-router/dev/vite'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [reactRouter()],
  build: { target: 'es2022' },
  // Packages of hundreds of small modules are bundled: the server starts in a third of the time.
  ssr: {
    external: ['better-sqlite3', 'knex'],
    noExternal: [
      'lucide-react',
      /^react-aria/,
      /^@react-aria/,
      /^react-stately/,
      /^@react-stately/,
      /^@internationalized/,
    ],
  },
})
