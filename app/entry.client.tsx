import { startTransition } from 'react'
import { hydrateRoot } from 'react-dom/client'
import { HydratedRouter } from 'react-router/dom'
import { keepOffline } from '#app/features/outbox/keep-offline.ts'
import { whenIdle } from '#app/ui/when-idle.ts'

startTransition(() => {
  hydrateRoot(document, <HydratedRouter />)
})

/** Who opened the page presses something first; then it is kept, which takes as many requests as the page did. */
const keptAfter = 3000

// Without it the bench needs its server, and says so: nothing else depends on it.
const keep = () => void keepOffline().catch(() => undefined)
const keepLater = () => void setTimeout(() => whenIdle(keep), keptAfter)
if (document.readyState === 'complete') keepLater()
else window.addEventListener('load', keepLater)
