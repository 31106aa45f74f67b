import type { Claim, ClaimKind, ClaimParts } from '#core/claims/claim.ts'
import type { ClaimDecision } from '#core/claims/standing.ts'
import { now } from './clock.ts'
import { database, upsert } from './database.server.ts'
import type { RawInput } from './raw-input.ts'

export interface StoredClaim extends Claim {
  photoId: string | null
  rawInput: RawInput
}

interface ClaimRow extends Omit<StoredClaim, 'parts' | 'rawInput'> {
  parts: string
  rawInput: string
}

const toClaim = ({ parts, rawInput, ...rest }: ClaimRow): StoredClaim => ({
  ...rest,
  parts: JSON.parse(parts) as ClaimParts,
  rawInput: JSON.parse(rawInput) as RawInput,
})

const columns = ['claim.id', 'productId', 'kind', 'words', 'place', 'readOn', 'parts', 'photoId', 'claim.rawInput']

/** All claims on the products of an application, oldest first. */
export async function listClaims(applicationId: string): Promise<StoredClaim[]> {
  const db = await database()
  const rows: ClaimRow[] = await db('claim')
    .join('product', 'product.id', 'claim.productId')
    .where({ applicationId })
    .orderByRaw('claim.created_at, claim.rowid')
    .select(columns)
  return rows.map(toClaim)
}

export async function findClaim(id: string): Promise<StoredClaim | undefined> {
  const db = await database()
  const row: ClaimRow | undefined = await db('claim').where({ id }).first(columns)
  return row && toClaim(row)
}

/** Adds or changes a claim; the same id twice changes nothing twice. */
export async function saveClaim(claim: StoredClaim): Promise<void> {
  const db = await database()
  await upsert(db, 'claim', {
    ...claim,
    parts: JSON.stringify(claim.parts),
    rawInput: JSON.stringify(claim.rawInput),
  })
}

export async function removeClaim(id: string): Promise<void> {
  const db = await database()
  await db('claim').where({ id }).delete()
}

/** The user's decisions on contradicting claims of an application. */
export async function listDecisions(applicationId: string): Promise<ClaimDecision[]> {
  const db = await database()
  return db('claimDecision')
    .join('product', 'product.id', 'claimDecision.productId')
    .where({ applicationId })
    .select('productId', 'kind', 'claimId', 'reason', 'decidedAt')
}

/** Keeps which of contradicting claims is used, and why; a later decision takes its place. */
export async function saveDecision({
  productId,
  kind,
  claimId,
  reason,
}: Omit<ClaimDecision, 'decidedAt'>): Promise<void> {
  const db = await database()
  await db('claimDecision')
    .insert({ productId, kind, claimId, reason, decidedAt: now() })
    .onConflict(['productId', 'kind'])
    .merge()
}

/** Goes back to the lower claim. */
export async function removeDecision(productId: string, kind: ClaimKind): Promise<void> {
  const db = await database()
  await db('claimDecision').where({ productId, kind }).delete()
}
