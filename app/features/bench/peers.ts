import type { Assessed } from '#app/data/assessments.server.ts'

/** One other specimen's value of a characteristic. */
export interface Peer {
  specimen: string
  name: string
  value: number
  /** Another specimen of the same product. */
  own: boolean
}

export type Peers = Record<string, Peer[]>

/** Numbers of all other specimens of an application, by characteristic: the field beside a reading. */
export function peersOf(assessed: readonly Assessed[], self: string): Peers {
  const peers: Peers = {}
  const product = assessed.find(({ specimen }) => specimen.id === self)?.specimen.product
  for (const { specimen, assessment } of assessed) {
    if (specimen.id === self) continue
    for (const [key, { number }] of assessment.known) {
      if (!number) continue
      ;(peers[key] ??= []).push({ specimen: specimen.id, name: `${specimen.brand} ${specimen.partNumber} ${specimen.label}`, value: number.value, own: specimen.product === product })
    }
  }
  return peers
}
