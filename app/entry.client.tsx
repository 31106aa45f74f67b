import { startTransition } from 'react'
import { hydrateRoot } from 'react-dom/client'
import { HydratedRouter } from 'react-router/dom'
import { keepOffline } from '#app/features/outbox/keep-offline.ts'

startTransition(() => {
  hydrateRoot(document, <HydratedRouter />)
})

// Without it the bench needs its server, and says so: nothing else depends on it.
const keep = () => void keepOffline().catch(() => undefined)
if (document.readyState === 'complete') keep()
else window.addEventListener('load', keep)
