import { usablePoints, type CaptureEfficiency } from '#core/claims/bounds.ts'
import type { ProductClaims } from '#app/data/claim-overview.server.ts'

/** A product with an efficiency claim that can be compared. */
export interface ClaimingProduct {
  id: string
  name: string
  points: CaptureEfficiency[]
}

/** The products with a claim that names both a percentage and a particle size. */
export const claimingProducts = (products: readonly ProductClaims[]): ClaimingProduct[] =>
  products
    .map(({ id, name, claims }) => ({ id, name, points: usablePoints(claims) }))
    .filter(({ points }) => points.length > 0)

/** Particle sizes that are compared, µm. */
export const micrometres = [5, 10, 15, 20, 25, 30, 40]

export const toMetres = (size: number): number => size * 1e-6
