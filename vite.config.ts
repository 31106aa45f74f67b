import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { reactRouter } from '@react-router/dev/vite'
import { defineConfig } from 'vite'

/** Tells one version of the computations from another. */
function coreVersion(): string {
  const hash = createHash('sha256')
  for (const file of sources('core')) hash.update(readFileSync(file))
  return hash.digest('hex').slice(0, 16)
}

const sources = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => /(?<!\.test)\.ts$/.test(name))
    .sort()
    .map((name) => `${folder}/${name}`)

/** What most pages need comes in few files: each file that is asked for costs more than its few lines. */
const clientBundle = {
  optimization: { inlineConst: true },
  output: {
    codeSplitting: {
      groups: [
        { name: 'common', minShareCount: 40, priority: 4 },
        // What the next groups need of it would else come with them, to every page.
        { name: 'catalogue', minShareCount: 2, priority: 3, test: /core.catalogue/ },
        {
          name: 'often',
          minShareCount: 12,
          maxModuleSize: 1500,
          priority: 2,
          test: /app.(ui|texts|features.(shortcuts|forms.useAction))|lucide|core.quantity|core.money.currency/,
        },
        // What all places of an engine judge by, and few other pages.
        {
          name: 'judged',
          minShareCount: 8,
          maxModuleSize: 12_000,
          priority: 1,
          test: /core.(verdict|score|compare)|app.features.(verdict|lineup)/,
        },
      ],
    },
  },
}

export default defineConfig(({ isSsrBuild }) => ({
  plugins: [reactRouter()],
  define: { __CORE_VERSION__: JSON.stringify(coreVersion()) },
  build: { target: 'es2022', rollupOptions: isSsrBuild ? { input: './app/server/main.ts' } : clientBundle },
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
}))
