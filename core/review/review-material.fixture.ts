import type { MaterialRow, ReviewedProduct, ReviewMaterial } from './review-material.ts'

/** A product of a review of which nothing special is known. */
export const reviewedProduct = (
  of: Partial<ReviewedProduct> & { id: string; partNumber: string },
): ReviewedProduct => ({
  productId: of.id,
  specimenId: `${of.id}-a`,
  name: `${of.brand ?? 'Norrith'} ${of.partNumber}`,
  brand: 'Norrith',
  nickname: '',
  tier: 'middle',
  specimens: 2,
  given: [],
  maker: '',
  remarks: [],
  fault: undefined,
  excluded: undefined,
  score: { mean: 71.6, low: 64.2, high: 80.1, chance: 0.84 },
  judgedOn: '20 of 30, 66 % of the weight',
  notLookedAt: [],
  contradictions: [],
  claims: [],
  efficiency: '',
  price: { text: '12.90 EUR', shop: 'Harbour Chandlery', seenOn: '2026-10-02', freightKnown: true },
  asked: undefined,
  availability: '',
  word: '',
  points: [],
  oilWay: { says: { running: 'Runs.', stopped: 'Stands.', bypass: 'Goes past.' }, parts: [], beliefs: [] },
  ...of,
})

const row = (key: string, label: string, part: MaterialRow['part'], texts: string[]): MaterialRow => ({
  key,
  label,
  part,
  differs: new Set(texts).size > 1,
  cells: texts.map((text) => ({ text, evidence: 'measured' })),
})

/** What a small review draws from. Invented. */
export const reviewMaterial: ReviewMaterial = {
  engine: 'Skerry 1.1 D',
  trouble: '',
  day: '2026-11-27',
  method: 5,
  school: 'Build first',
  call: {
    word: 'leads',
    named: [{ id: 'n', chance: 0.84 }],
    chance: 0.84,
    behind: [{ id: 'm', chance: 0.16 }],
  },
  callText: 'Norrith N-40 leads: first in 84 % of what may be.',
  verdictWords: '',
  interest: { text: 'The reviewer has no interest in any of the makers or sellers.', isSaid: true },
  products: [
    reviewedProduct({ id: 'n', partNumber: 'N-40' }),
    reviewedProduct({
      id: 'm',
      brand: 'Merribank',
      partNumber: 'M-2',
      specimens: 1,
      score: { mean: 60, low: 50, high: 70, chance: 0.16 },
    }),
  ],
  rows: [
    row('can.wall', 'Can wall', 'can', ['0.51 mm', '0.38 mm']),
    row('can.height', 'Can height', 'can', ['86.4 mm', '86.4 mm']),
    row('media.area', 'Media area', 'media', ['1193 cm²', '768 cm²']),
  ],
  faceOffs: [{ a: 'n', b: 'm', sentences: ['Norrith N-40 leads against Merribank M-2.'] }],
  promised: [],
}
