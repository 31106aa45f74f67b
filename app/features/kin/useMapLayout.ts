import { useEffect, useState } from 'react'
import { z } from 'zod'
import type { MapPlace } from '#core/kin/map-layout.ts'
import { browserStorage } from '#app/ui/browser-storage.ts'
import type { KinMapRequest } from '#app/workers/kin-map.worker.ts'

export type MapLayout = ReadonlyMap<string, MapPlace>

const keptLayout = z.array(z.tuple([z.string(), z.object({ x: z.number(), y: z.number() })]))

/**
 * Where filters lie on a map, laid out in a worker, and remembered in this browser under a name: what was there before
 * stays about where it was.
 */
export function useMapLayout(name: string, { ids, links }: Omit<KinMapRequest, 'remembered'>): MapLayout | undefined {
  const [layout, setLayout] = useState<{ of: unknown; places: MapLayout }>()
  useEffect(() => {
    const key = `plicator.kin-map.${name}`
    const own = new Worker(new URL('../../workers/kin-map.worker.ts', import.meta.url), { type: 'module' })
    own.onmessage = ({ data }: MessageEvent<[string, MapPlace][]>) => {
      browserStorage()?.setItem(key, JSON.stringify(data))
      setLayout({ of: links, places: new Map(data) })
    }
    own.postMessage({ ids, links, remembered: rememberedUnder(key) } satisfies KinMapRequest)
    return () => own.terminate()
  }, [name, ids, links])
  return layout?.of === links ? layout.places : undefined
}

function rememberedUnder(key: string): [string, MapPlace][] {
  try {
    return keptLayout.parse(JSON.parse(browserStorage()?.getItem(key) ?? '[]'))
  } catch {
    return []
  }
}
