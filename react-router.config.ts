import type { Config } from '@react-router/dev/config'

export default {
  ssr: true,
  // The whole map of the app comes with the first page: nothing is asked for while the connection is down.
  routeDiscovery: { mode: 'initial' },
} satisfies Config
