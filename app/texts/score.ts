/* Words of the interface: score. */

export const to = (low: number, high: number) => `${low} to ${high}`
export const toOfLow = (low: string, high: string) => `${low} to ${high}`
export const criterion = 'Criterion'
export const rule = 'Rule'
export const points = 'Points'
export const weight = 'Weight'
export const adds = 'Adds'
export const costs = 'Costs'
export const evidence = 'Evidence'
export const leftOut = (notApplicableReason: string) => `left out: ${notApplicableReason}`
export const missing = 'missing'
export const whatItCosts = 'what it costs'
export const constructionScoreTitle = 'Construction score · Plicator'
export const thisSpecimen = 'This specimen'
export const notKnown = 'not known'
export const of100 = (value: number) => `${value} of 100`
export const constructionScore = (detail: string) => `Construction score ${detail}`
export const ofTheWeightRestsOnEvidence = (value: number, low: number, high: number) =>
  `${value} % of the weight rests on evidence; what is missing leaves it anywhere from ${low} to ${high}. `
export const aJudgementOfConstructionByMethod = (version: number) =>
  `A judgement of construction by method ${version}, not a filtration test.`
export const cappedAtOpenASecondSpecimen = (fatalFaultCap: number, description: string) =>
  `Capped at ${fatalFaultCap}: ${description}. Open a second specimen before publishing it as a pattern.`
export const scores = 'Scores'
export const whatIWouldRun = 'what I would run'
export const workingItOut = 'Working it out…'
export const noProductIsJudgedHereYet = 'No product is judged here yet.'
export const effect = 'Effect'
export const rank = 'Rank'
export const product = 'Product'
export const firstIn = 'First in'
export const score = 'Score'
export const before = 'Before'
export const notJudged = 'not judged'
export const from = (anyFormerRank: boolean, value: number) => `, ${anyFormerRank ? 'up' : 'down'} from ${value}`
export const scoreTitle = 'Score · Plicator'
export const verdict = (name: string) => `Verdict: ${name}`
export const of100OfMean = (mean: string) => `${mean} of 100`
export const ofTheWeightRestsOnEvidenceOfValue = (value: number) => `${value} % of the weight rests on evidence.`
export const withAllThatIsUncertainDrawn = (low: number, high: number) =>
  `With all that is uncertain drawn, the score lies from ${low} to ${high} in 95 of 100 draws.`
export const aJudgementOfConstructionAndValue = 'A judgement of construction and value, not a filtration test.'
export const notJudgedOfValue = (value: string) => `Not judged: ${value}.`
export const aRingIsThisProductAn =
  'A ring is this product, an amber stroke each of the others. Costs: points of a hundred behind the best of them.'
export const sortedBy = 'Sorted by'
export const notHere = 'Not here'
export const thisProductIsNotInThe = 'This product is not in the line-up any more.'
export const back = 'Back'
