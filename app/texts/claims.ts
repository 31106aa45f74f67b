import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: claims. */

export const chooseWhatWasLookedFor = 'Choose what was looked for.'
export const sayWhatCameOfIt = 'Say what came of it.'
export const thePlace = 'The place'
export const theDay = 'The day'
export const capacity = 'Capacity'
export const flowRate = 'Flow rate'
export const bypassPressure = 'Bypass pressure'
export const collapsePressure = 'Collapse pressure'
export const burstPressure = 'Burst pressure'
export const coldEnd = 'Cold end'
export const hotEnd = 'Hot end'
export const thatIsTooLong = 'That is too long.'
export const chooseWhatIsClaimed = 'Choose what is claimed.'
export const theWording = 'The wording'
export const sayWhereItWasRead = 'Say where it was read.'
export const theTest = 'The test'
export const theAnswer = 'The answer'
export const theRival = 'The rival'
export const theInterval = 'The interval'
export const theOil = 'The oil'
export const sayWhatHoldsUnderSevereDuty = 'Say what holds under severe duty.'
export const writeADistanceMonthsOrBoth = 'Write a distance, months, or both: 15000 km or 12 months.'
export const writeAtLeastOneEndOf = 'Write at least one end of the range.'
export const theHotEndLiesAboveThe = 'The hot end lies above the cold one.'
export const writeTheWithItsUnit = (name: string) => `Write the ${name}, with its unit.`
export const seeTheManual = 'see the manual'
export const thereIsNoSuchClaim = 'There is no such claim.'
export const theReason = 'The reason'
export const m = (points: string) => `${points} µm`
export const noTestNamed = 'no test named'
export const leftToTheManual = 'left to the manual'
export const onlyWith = (oil: string) => `only with ${oil}`
export const notUnderSevereDuty = 'not under severe duty'
export const ofItUnderSevereDuty = (number: string) => `${number} % of it under severe duty`
export const about = (rival: string) => `about ${rival}`
export const aboutSomebodyElse = 'about somebody else'
export const theTextIsMissing = 'The text is missing.'
export const pasteOrTypeWhatIsClaimed = 'Paste or type what is claimed first.'
export const thatIsTooLongAtMost = (longestPaste: number) =>
  `That is too long: at most ${longestPaste} characters at once.`
export const aClaimInALine = 'A claim in a line'
export const whatIsClaimedInALine = 'What is claimed, in a line'
export const n9920MIso454812 = '99% @ 20 µm, ISO 4548-12, 20,000 mi or 12 mo'
export const keepClaims = (claimsCount: number) => `Keep ${formatCount(claimsCount, 'claim')}`
export const keep = 'Keep'
export const lookAgain = (doubt: string) => ` (look again: ${doubt})`
export const notKnownOfWhatBoxesSay = (openCount: number) => `Not known: ${openCount} of what boxes say`
export const removeWhatWasFoundAboutOn = (claimLabel: string, madeOn: string) =>
  `Remove what was found about ${claimLabel} on ${madeOn}`
export const remove = 'Remove'
export const whereOrWhom = (name: string) => `Where or whom, ${name}`
export const makersSiteByLetter = "maker's site; by letter"
export const onWhichDay = (name: string) => `On which day, ${name}`
export const keepIt = 'Keep it'
export const notLookedUpNotPublishedAnd =
  'Not looked up, not published and not answered are three things: each is said as it is.'
export const complete = '■ complete'
export const partial = '◧ partial'
export const slogan = '□ slogan'
export const sampleGivenBy = (given: string) => `sample given by ${given}`
export const pasteClaimsOn = (name: string) => `Paste claims on ${name}`
export const pasteClaims = 'Paste claims'
export const addAClaimOn = (name: string) => `Add a claim on ${name}`
export const addAClaim = 'Add a claim'
export const nothingIsClaimedOrNothingWas = 'Nothing is claimed, or nothing was written down yet.'
export const anotherRevision = 'another revision'
export const ofLabel = (revision: string) => ` · of ${revision}`
export const photo = 'photo'
export const putAsideContradictedByAnotherClaim = 'put aside: contradicted by another claim'
export const contradictsItselfSinceLarger = (share: string, particleSize: string) =>
  `contradicts itself, since larger particles are easier: it counts as at least ${share} at ${particleSize}`
export const lacks = (lacks: string) => `lacks ${lacks}`
export const kept = '✓ kept'
export const broken = '✗ broken'
export const notChecked = '○ not checked'
export const inOfLookedAt = (kept: number, lookedAt: number) => ` in ${kept} of ${lookedAt} looked at`
export const checkItAtTheBench = 'check it at the bench'
export const itsReadings = 'its readings'
export const timesTheMiddleOfTheLine = (times: string, doubt: string) =>
  `${times} times the middle of the line-up: ${doubt}`
export const timesTheMiddle = (times: string) => `${times} times the middle`
export const noneStandsOut = 'None stands out.'
export const others = (usualCount: number) => formatCount(usualCount, 'other')
export const whatIsClaimed = 'What is claimed'
export const product = 'Product'
export const also = 'Also'
export const completePartialSloganStruckPut =
  '■ complete, ◧ partial, □ slogan; struck: put aside, since another claim contradicts it; ≠ it contradicts itself. Press a product to read it word for word.'
export const asked = 'asked'
export const n1At = '$1 % at '
export const conditions = (conditionsCount: number) => formatCount(conditionsCount, 'condition')
export const more = (rest: number) => formatCount(rest, 'more', 'more')
export const contradiction = (name: string, claimLabel: string) => `Contradiction: ${name}, ${claimLabel}`
export const youDecidedFor = (words: string, reason: string) => `You decided for "${words}": ${reason}`
export const untilYouDecideTheLowerCounts = (words: string) => `Until you decide the lower counts: "${words}".`
export const because = 'because'
export const reasonFor = (name: string) => `Reason for ${name}`
export const decide = 'Decide'
export const backToTheLower = 'Back to the lower'
export const boundsOfTheEfficiencyOverParticle = (name: string) =>
  `Bounds of the efficiency of ${name} over particle size`
export const boundsAtEachSize = 'Bounds at each size'
export const mOfSize = (size: number) => `${size} µm`
export const beta = (fixed: string) => `beta ${fixed}`
export const aboutBetweenItsOwnTwo = (fixed: string) => `about ${fixed} % between its own two`
export const atLeastAsGood = 'at least as good'
export const theSame = 'the same'
export const atMostAsGood = 'at most as good'
export const cannotBeCompared = 'cannot be compared'
export const allPairsAt = (particleSize: string) => `All pairs at ${particleSize}`
export const rowAgainstColumnEachTestThat =
  'Row against column, each test that both name for itself: ▲ ahead, △ at least as good, = the same, ▿ at most as good, ▽ behind, · cannot be compared.'
export const efficiencyWhatFollowsAtEach = 'Efficiency: what follows at each particle size'
export const smallerParticlesAreHarderAFilter =
  'Smaller particles are harder. A filter that stops 98.7 % at 20 µm stops at least that above 20 µm and at most that below; nothing more follows.'
export const noClaimNamesBothAPercentage =
  'No claim names both a percentage and a particle size, so there is nothing to compare.'
export const put = 'Put'
export const against = 'against'
export const at = 'at'
export const mOfOne = (one: number) => `${one} µm`
export const inNumbersSizeBySize = 'In numbers, size by size'
export const boxClaimsTitle = 'Box claims · Plicator'
export const thatClaimIsNotThereAny = 'That claim is not there any more.'
export const thisProductIsNotHereAny = 'This product is not here any more.'
export const thisIsThereAlready = 'This is there already.'
export const boxClaims = (name: string) => `Box claims: ${name}`
export const whatIsPromisedWordForWord =
  'What is promised, word for word, and what can honestly be compared. None of it was tested here.'
export const whatTheBoxesAndShopsPromise =
  'What the boxes and shops promise will stand here word for word, filter by filter; a claim belongs to one.'
export const contradictions = 'Contradictions'
export const claimedCapacityOverMeasuredArea = 'Claimed capacity over measured area'
export const hardToBelieve = 'hard to believe'
export const claimedDistanceOverMeasuredArea = 'Claimed distance over measured area'
export const kmFor100Cm = (number: string) => `${number} km for 100 cm²`
export const worthAQuestion = 'worth a question'
export const whatItBecame = 'What it became'
export const claim = 'Claim'
export const readAs = 'Read as'
export const wordForWord = 'Word for word'
export const keepOfClaimLabel = (claimLabel: string, words: string) => `Keep ${claimLabel}: ${words}`
export const lacksOfLacks = (lacks: string) => `: lacks ${lacks}`
export const lookAgainOfDoubt = (doubt: string) => `Look again: ${doubt}.`
export const keepTheClaim = 'Keep the claim'
export const saveTheClaim = 'Save the claim'
export const asItIsPrintedSmallPrint = 'As it is printed, small print and all.'
export const whereItWasRead = 'Where it was read'
export const day = 'Day'
export const photoOfIt = 'Photo of it'
export const percentageAtParticleSizeM = 'Percentage at particle size, µm'
export const n99At2094At15 = '99 at 20, 94 at 15'
export const asPrinted987At20 =
  'As printed: "98.7+ at 20", "up to 99 at 25". What is not said is a question mark: 99 at ?.'
export const testNamed = 'Test named'
export const iso454812 = 'ISO 4548-12'
export const passes = 'Passes'
export const multiPass = 'Multi-pass'
export const singlePass = 'Single pass'
export const notSaid = 'Not said'
export const interval = 'Interval'
export const n15000KmOr12Months = '15000 km or 12 months'
export const whicheverComesFirstIsUnderstood = 'Whichever comes first is understood when both are given.'
export const onlyWithThisOil = 'Only with this oil'
export const underSevereDuty = 'Under severe duty'
export const nothingIsSaid = 'Nothing is said'
export const halfOfItHolds = 'Half of it holds'
export const itDoesNotHold = 'It does not hold'
export const whichPartAndWhatOfIt = 'Which part and what of it'
export const whatIsPromised = 'What is promised'
export const silicone = 'silicone'
export const aboutWhom = 'About whom'
export const theLeadingBrand = 'the leading brand'
export const itIsKeptAsThisMakers = "It is kept as this maker's word on somebody else, never as the rival's own."
export const editAClaimTitle = 'Edit a claim · Plicator'
export const thisClaim = 'This claim'
export const itsProduct = 'Its product'
export const itsEngine = 'Its engine'
export const thisClaimIsThereAlready = 'This claim is there already.'
export const aClaimOn = (brand: string, partNumber: string) => `A claim on ${brand} ${partNumber}`
export const removeThisClaim = 'Remove this claim'
export const newClaimTitle = 'New claim · Plicator'
export const thisProduct = 'This product'
export const severalClaimsTitle = 'Several claims · Plicator'
export const nothingIsLeftToKeep = 'Nothing is left to keep.'
export const theseClaimsAreThereAlready = 'These claims are there already.'
export const claimsOn = 'Claims on'
export const typeOrPasteWhatTheBox =
  'Type or paste what the box or the page says; each claim is shown as what it becomes.'
export const whatIsClaimedALineEach = 'What is claimed, a line each or all in one'
export const aDistanceWithoutAUnitIs = (unit: string) =>
  `A distance without a unit is in ${unit}, as your units are set.`
export const ofRevision = 'Of revision'
export const keepTheClaims = 'Keep the claims'
export const keepClaimsOfKept = (kept: number) => `Keep ${formatCount(kept, 'claim')}`
