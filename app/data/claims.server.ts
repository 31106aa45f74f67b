import type { Claim, ClaimKind, ClaimParts } from '#core/claims/claim.ts'
import type { Decision } from '#core/claims/standing.ts'
import { database, now } from './database.server.ts'

export interface OwnClaim extends Claim {
  photo: string | null
}

interface ClaimRow {
  id: string
  product_id: string
  kind: ClaimKind
  words: string
  place: Claim['place']
  read_on: string
  parts: string
  photo_id: string | null
}

const fromRow = ({ id, product_id, kind, words, place, read_on, parts, photo_id }: ClaimRow): OwnClaim => ({
  id,
  product: product_id,
  kind,
  words,
  place,
  readOn: read_on,
  parts: JSON.parse(parts) as ClaimParts,
  photo: photo_id,
})

const columns = ['claim.id', 'product_id', 'kind', 'words', 'place', 'read_on', 'parts', 'photo_id']

/** All claims on the products of an application, oldest first. */
export async function listClaims(application: string): Promise<OwnClaim[]> {
  const db = await database()
  const rows: ClaimRow[] = await db('claim')
    .join('product', 'product.id', 'claim.product_id')
    .where({ application_id: application })
    .orderBy(['claim.created_at', 'claim.id'])
    .select(columns)
  return rows.map(fromRow)
}

export async function findClaim(id: string): Promise<OwnClaim | undefined> {
  const db = await database()
  const row: ClaimRow | undefined = await db('claim').where({ id }).first(columns)
  return row && fromRow(row)
}

/** Adds or changes a claim; the same id twice changes nothing twice. */
export async function saveClaim({ id, product, kind, words, place, readOn, parts, photo }: OwnClaim): Promise<void> {
  const db = await database()
  const row = {
    product_id: product,
    kind,
    words,
    place,
    read_on: readOn,
    parts: JSON.stringify(parts),
    photo_id: photo,
  }
  await db('claim')
    .insert({ id, ...row, created_at: now() })
    .onConflict('id')
    .merge(Object.keys(row))
}

export async function removeClaim(id: string): Promise<void> {
  const db = await database()
  await db('claim').where({ id }).delete()
}

/** The user's decisions on contradicting claims of an application. */
export async function listDecisions(application: string): Promise<Decision[]> {
  const db = await database()
  const rows: { product_id: string; kind: ClaimKind; claim_id: string; reason: string; at: string }[] = await db(
    'claim_decision',
  )
    .join('product', 'product.id', 'claim_decision.product_id')
    .where({ application_id: application })
    .select('product_id', 'kind', 'claim_id', 'reason', 'at')
  return rows.map(({ product_id, claim_id, ...rest }) => ({ product: product_id, claim: claim_id, ...rest }))
}

/** Keeps which of contradicting claims is used, and why; a later decision takes its place. */
export async function decide({ product, kind, claim, reason }: Omit<Decision, 'at'>): Promise<void> {
  const db = await database()
  await db('claim_decision')
    .insert({ product_id: product, kind, claim_id: claim, reason, at: now() })
    .onConflict(['product_id', 'kind'])
    .merge()
}

/** Goes back to the lower claim. */
export async function undecide(product: string, kind: ClaimKind): Promise<void> {
  const db = await database()
  await db('claim_decision').where({ product_id: product, kind }).delete()
}
