import { useRouteLoaderData } from 'react-router'
import type { Specimen } from '#app/data/specimens.server.ts'

/** The specimen that the page is about. */
export function useSpecimen(): Specimen {
  const loaded = useRouteLoaderData<{ specimen: Specimen }>('routes/specimen-layout')
  if (!loaded) throw new Error('This page does not belong to a specimen')
  return loaded.specimen
}
