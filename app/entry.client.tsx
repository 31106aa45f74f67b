import { startTransition } from 'react'
import { hydrateRoot } from 'react-dom/client'
import { HydratedRouter } from 'react-router/dom'
import { keepOffline } from '#app/features/outbox/keep-offline.ts'
import { afterFirstLook } from '#app/ui/when-idle.ts'

startTransition(() => {
  hydrateRoot(document, <HydratedRouter />)
})

// It takes as many requests as the page. Without it the bench needs its server, and says so.
const keep = () => void keepOffline().catch(() => undefined)
const keepLater = () => void afterFirstLook(keep)
if (document.readyState === 'complete') keepLater()
else window.addEventListener('load', keepLater)
