// Keeps the bench at hand while the server is away: its pages, their data and all that they are made of.
const storeName = 'plicator-bench-1'
const month = 30 * 24 * 60 * 60 * 1000

self.addEventListener('install', () => self.skipWaiting())
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))

/** A page names what it was made of, so that it can be made again. */
self.addEventListener('message', (event) => event.waitUntil(keep(event.data.files)))

async function keep(files) {
  const store = await caches.open(storeName)
  for (const file of files) if (!(await store.match(file))) await store.add(file).catch(() => undefined)
  const inUse = new Set(files.map((file) => new URL(file, self.location.origin).href))
  for (const request of await store.keys()) {
    const kept = await store.match(request)
    const age = Date.now() - Date.parse(kept?.headers.get('date') ?? '')
    if (age > month && !inUse.has(request.url)) await store.delete(request)
  }
}

const isBenchPage = (url) => /^\/bench\/\w+$/.test(url.pathname)
const isBenchData = (url) => /^\/bench\/\w+\.data$/.test(url.pathname)

/** Where a page or its data is kept, whatever reading is up. */
function keyOf(url) {
  const key = new URL(url.pathname, self.location.origin)
  const routes = url.searchParams.get('_routes')
  if (routes) key.searchParams.set('_routes', routes)
  return key.href
}

self.addEventListener('fetch', (event) => {
  const { request } = event
  const url = new URL(request.url)
  if (request.method !== 'GET' || url.origin !== self.location.origin) return
  if (url.pathname.startsWith('/assets/')) event.respondWith(keptFirst(request))
  else if (isBenchPage(url) || isBenchData(url)) event.respondWith(serverFirst(request, keyOf(url)))
})

/** What never changes under its name. */
async function keptFirst(request) {
  const store = await caches.open(storeName)
  const kept = await store.match(request)
  if (kept) return kept
  const answer = await fetch(request)
  if (answer.ok) await store.put(request, answer.clone())
  return answer
}

/** What the server says; what it said last when it is away or has a fault. */
async function serverFirst(request, key) {
  const store = await caches.open(storeName)
  const answer = await fetch(request).catch(() => undefined)
  if (answer?.ok && !answer.redirected) await store.put(key, answer.clone())
  if (answer && answer.status < 500) return answer
  const kept = await store.match(key)
  if (!kept) return answer ?? Response.error()
  const headers = new Headers(kept.headers)
  headers.set('Server-Timing', 'kept')
  return new Response(kept.body, { status: kept.status, statusText: kept.statusText, headers })
}
