import { layMap, type MapPlace } from '#core/kin/map-layout.ts'

export interface KinMapRequest {
  ids: string[]
  links: { a: string; b: string; strength: number }[]
  remembered: [string, MapPlace][]
}

/** Lays the map out off the page. */
self.onmessage = ({ data: { ids, links, remembered } }: MessageEvent<KinMapRequest>) => {
  self.postMessage([...layMap(ids, links, new Map(remembered))])
}
