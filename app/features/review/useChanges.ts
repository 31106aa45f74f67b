import { useRef } from 'react'
import { href } from 'react-router'
import type { SectionChange } from '#core/review/review-version.ts'
import type { ReviewState } from '#app/data/review-states.server.ts'
import { useJson } from '#app/ui/useJson.ts'
import { useNear } from '#app/ui/useNear.ts'

/** What has changed since a review was published; asked for once its place comes into sight. */
export function useChanges<Place extends HTMLElement>({ id: review, applicationId: application, number }: ReviewState) {
  const place = useRef<Place>(null)
  const isNear = useNear(place)
  const path = href('/lineups/:application/review/:review/changes', { application, review })
  const { data, isLoading } = useJson<{ changes: SectionChange[] }>(isNear && number !== null ? path : undefined)
  return { place, changes: data?.changes, isLoading }
}
