/** Has the browser keep what the page is made of, so that it can be loaded while the server is away. */
export async function keepOffline(): Promise<void> {
  if (!('serviceWorker' in navigator) || import.meta.env.DEV) return
  await navigator.serviceWorker.register('/sw.js')
  const { active } = await navigator.serviceWorker.ready
  const files = performance
    .getEntriesByType('resource')
    .map(({ name }) => name)
    .filter((name) => new URL(name).pathname.startsWith('/assets/'))
  active?.postMessage({ files: [...new Set(files)] })
}

/** Whether this page is a copy that was kept, since the server was away. */
export function isKeptCopy(): boolean {
  const [navigation] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[]
  return navigation?.serverTiming.some(({ name }) => name === 'kept') ?? false
}
