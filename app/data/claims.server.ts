import type { Claim, ClaimKind, ClaimParts } from '#core/claims/claim.ts'
import type { ClaimDecision } from '#core/claims/standing.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { forEngine } from './fitments.server.ts'
import type { RawInput } from './raw-input.ts'
import { addOnce, changeSeen, type Added, type Changed } from './records.server.ts'

export interface StoredClaim extends Claim {
  photoId: string | null
  rawInput: RawInput
  version: number
}

export type ClaimFields = Omit<StoredClaim, 'version'>

interface ClaimRow extends Omit<StoredClaim, 'parts' | 'rawInput'> {
  parts: string
  rawInput: string
}

const toClaim = ({ parts, rawInput, ...rest }: ClaimRow): StoredClaim => ({
  ...rest,
  parts: JSON.parse(parts) as ClaimParts,
  rawInput: JSON.parse(rawInput) as RawInput,
})

const columns = [
  'claim.id',
  'productId',
  'claim.revisionId',
  'kind',
  'words',
  'place',
  'readOn',
  'parts',
  'photoId',
  'claim.rawInput',
  'claim.version',
]

/** All claims on the products of an application, oldest first. */
export async function listClaims(applicationId: string): Promise<StoredClaim[]> {
  const db = await database()
  const rows: ClaimRow[] = await db('claim')
    .join('product', 'product.id', 'claim.productId')
    .modify(forEngine, applicationId)
    .orderByRaw('claim.created_at, claim.rowid')
    .select(columns)
  return rows.map(toClaim)
}

/** All claims on one product, oldest first. */
export async function listClaimsOf(productId: string): Promise<StoredClaim[]> {
  const db = await database()
  const rows: ClaimRow[] = await db('claim').where({ productId }).orderByRaw('created_at, rowid').select(columns)
  return rows.map(toClaim)
}

export async function findClaim(id: string): Promise<StoredClaim | undefined> {
  const db = await database()
  const row: ClaimRow | undefined = await db('claim').where({ id }).first(columns)
  return row && toClaim(row)
}

const toRow = (claim: ClaimFields) => ({
  ...claim,
  parts: JSON.stringify(claim.parts),
  rawInput: JSON.stringify(claim.rawInput),
})

/** Adds a claim. */
export const addClaim = (claim: ClaimFields): Promise<Added> =>
  addOnce({ id: claim.id, content: claim }, (trx) => trx('claim').insert({ ...toRow(claim), createdAt: now() }))

/** Adds several claims that were read at once: all of them, or none. */
export const addClaims = (id: string, claims: readonly ClaimFields[]): Promise<Added> =>
  addOnce({ id, content: claims.map(({ id: _, ...claim }) => claim) }, (trx) =>
    trx('claim').insert(claims.map((claim) => ({ ...toRow(claim), createdAt: now() }))),
  )

/** Changes a claim of which a version was seen. */
export const changeClaim = (claim: ClaimFields, version: number): Promise<Changed> =>
  changeSeen('claim', { id: claim.id, version }, toRow(claim))

export async function removeClaim(id: string): Promise<void> {
  const db = await writableDatabase()
  await db('claim').where({ id }).delete()
}

/** The user's decisions on contradicting claims of an application. */
export async function listDecisions(applicationId: string): Promise<ClaimDecision[]> {
  const db = await database()
  return db('claimDecision')
    .join('product', 'product.id', 'claimDecision.productId')
    .modify(forEngine, applicationId)
    .select('productId', 'kind', 'claimId', 'reason', 'decidedAt')
}

/** Keeps which of contradicting claims is used, and why; a later decision takes its place. */
export async function saveDecision({
  productId,
  kind,
  claimId,
  reason,
}: Omit<ClaimDecision, 'decidedAt'>): Promise<void> {
  const db = await writableDatabase()
  await db('claimDecision')
    .insert({ productId, kind, claimId, reason, decidedAt: now() })
    .onConflict(['productId', 'kind'])
    .merge()
}

/** Goes back to the lower claim. */
export async function removeDecision(productId: string, kind: ClaimKind): Promise<void> {
  const db = await writableDatabase()
  await db('claimDecision').where({ productId, kind }).delete()
}
