import type { Evidence, FilterPartKey } from '#core/catalogue/index.ts'
import type { ClaimGrade } from '#core/claims/claim.ts'
import type { Mark } from '#core/compare/cell.ts'
import type { PriceRange } from '#core/money/price-range.ts'
import type { OilWay } from '#core/figures/oil-way.ts'
import type { Call } from '#core/verdict/call.ts'
import type { TalkingPoint } from './talking-points.ts'

/** A value of one product as a review says it. */
export interface MaterialCell {
  text: string
  /** What it rests on; none where nothing is known. */
  evidence?: Evidence
  /** SI, a count or the step of a grade, where it is a number. */
  value?: number
  mark?: Mark
}

/** One row of the line-up, its cells in the order of the products. */
export interface MaterialRow {
  key: string
  label: string
  part: FilterPartKey
  cells: MaterialCell[]
  /** At least two differ by more than their uncertainty. */
  differs: boolean
}

/** What a box says, word for word, and what it lacks. */
export interface MaterialClaim {
  kind: string
  words: string
  grade: ClaimGrade
  lacks: string[]
  /** Test standard by its designation; empty for none. */
  standard: string
  /** Has a percentage that is stopped. */
  hasShare: boolean
  place: string
  readOn: string
}

/** What a filter costs where it is cheapest, with the day it was seen. */
export interface MaterialPrice {
  text: string
  shop: string
  seenOn: string
  freightKnown: boolean
}

/** What a review draws from about one product. */
export interface ReviewedProduct {
  /** Of its column. */
  id: string
  productId: string
  specimenId: string
  name: string
  brand: string
  partNumber: string
  nickname: string
  tier: string
  specimens: number
  /** Who gave samples of it. */
  given: string[]
  maker: string
  remarks: string[]
  /** The fault that ends the discussion, and in how many it was there of those that were looked at. */
  fault: { description: string; found: number; lookedAt: number } | undefined
  /** Why it is not ranked. */
  excluded: string | undefined
  score: { mean: number; low: number; high: number; chance: number } | undefined
  judgedOn: string
  notLookedAt: string[]
  /** What contradicts itself, among its readings or what its box says, a sentence each. */
  contradictions: { text: string; of: 'readings' | 'claims' }[]
  claims: MaterialClaim[]
  /** What the claims allow to say of what is stopped at 20 µm; empty for nothing. */
  efficiency: string
  price: MaterialPrice | undefined
  /** What shops ask for one, without freight. */
  asked: PriceRange | undefined
  /** How it can be had; empty where nobody looked. */
  availability: string
  /** The reviewer's word on it with its condition; empty for none. */
  word: string
  points: TalkingPoint[]
  oilWay: MaterialOilWay
}

/** The oil's way through a product, with what is known of each part. */
interface MaterialOilWay extends Pick<OilWay, 'says' | 'beliefs'> {
  parts: { label: string; job: string; has: string }[]
}

/** What was promised at the bench to be shown later, and what is known of it; empty for nothing. */
export interface MaterialPromise {
  id: string
  product: string
  label: string
  text: string
}

/** Two of the products against each other, in sentences. */
export interface MaterialFaceOff {
  a: string
  b: string
  sentences: string[]
}

/** All that a review draws from, as it is on a day: plain data. */
export interface ReviewMaterial {
  engine: string
  /** The engine's known trouble; empty for none. */
  trouble: string
  /** Day, ISO 8601. */
  day: string
  method: number
  school: string
  call: Call | undefined
  /** Who is first and how sure that is, in words. */
  callText: string
  /** What the reviewer says beside it, and under what it holds. */
  verdictWords: string
  /** What the reviewer may gain, in words, and whether it was said at all. */
  interest: { text: string; isSaid: boolean }
  /** Best first; those that are not ranked last. */
  products: ReviewedProduct[]
  rows: MaterialRow[]
  faceOffs: MaterialFaceOff[]
  promised: MaterialPromise[]
}
