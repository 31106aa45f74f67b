/* Words of the interface: bench. */

export const takenBackByUndo = 'taken back by undo'
export const theReadingIsBack = 'The reading is back.'
export const theReadingIsStruck = 'The reading is struck.'
export const theNoteIsEmpty = 'The note is empty.'
export const thatNoteHasCharactersFitSplit = (inputCount: number, longestNote: number) =>
  `That note has ${inputCount} characters; ${longestNote} fit. Split it in two.`
export const thatIsTooLongForA = 'That is too long for a reading. Put remarks into a note.'
export const chooseHowYouKnowIt = 'Choose how you know it.'
export const whereItWasRead = 'Where it was read'
export const theZeroOfTheInstrumentIs = 'The zero of the instrument is no number.'
export const theReason = 'The reason'
export const chooseAPartForTheNote = 'Choose a part for the note.'
export const sayWhetherItIsAskedFor = 'Say whether it is asked for.'
export const sayWhatYouExpect = 'Say what you expect.'
export const thatIsTooLongForAPrediction = 'That is too long for a prediction.'
export const whatIsSaidOfTheTwo = 'What is said of the two'
export const thatIsTooLongForAZero = 'That is too long for a zero.'
export const thereIsNoSuchPoint = 'There is no such point.'
export const theReasonWhyYouGoOn = 'The reason why you go on, which is kept with the specimen,'
export const thisPageIsOutOfDate = 'This page is out of date. Load it again.'
export const thisReadingIsNotHereIt = 'This reading is not here. It may have been removed.'
export const thereIsNo = (characteristic: string) => `There is no "${characteristic}".`
export const sayWhyItIsStruckIt = 'Say why it is struck: it ends the discussion of this filter.'
export const nothingWasRecordedOfThatSpecimen = 'Nothing was recorded of that specimen.'
export const thereIsNoOfKey = (key: string) => `There is no "${key}".`
export const isKnownAlreadyThatWouldBe = (label: string) => `${label} is known already: that would be no prediction.`
export const theOtherFilterIsNotHere = 'The other filter is not here. It may have been removed.'
export const aFilterIsNotComparedWith = 'A filter is not compared with itself.'
export const thatInstrumentIsNotInThe = 'That instrument is not in the list any more.'
export const thisSpecimenIsNotHereIt = 'This specimen is not here. It may have been removed.'
export const thisCharacteristic = 'This characteristic'
export const thisSpecimen = 'This specimen'
export const thisLineUp = 'This line-up'
export const defaultSrcNoneSandbox = "default-src 'none'; sandbox"
export const thisPicture = 'This picture'
export const chooseAPartForThePicture = 'Choose a part for the picture.'
export const noPictureArrivedChooseOneAgain = 'No picture arrived. Choose one again.'
export const specimen = (value: string, label: string) => `${value}specimen ${label} ·`
export const onLoanFrom = 'on loan from'
export const givenBy = 'given by'
export const drawing = 'drawing'
export const log = 'log'
export const howItWorks = 'how it works'
export const severalAtOnce = 'Several at once'
export const explodedDrawing = (brand: string, partNumber: string) => `${brand} ${partNumber}, exploded drawing`
export const dimensions = 'Dimensions'
export const figuresSoFar = 'Figures so far'
export const workedOutAsSoonAsTheir = 'Worked out as soon as their readings are in.'
export const findAReading = 'Find a reading'
export const noReadingIsCalledSo = 'No reading is called so.'
export const enterGoesToTheFirstEscape = 'Enter goes to the first; Escape closes.'
export const before = (label: string) => `Before ${label}`
export const oneReadingIs = 'One reading is'
export const readingsAre = (lostCount: number) => `${lostCount} readings are`
export const missingAndCanNeverBeTaken = (detail: string) =>
  `${detail} missing and can never be taken afterwards. Choose one to record it now.`
export const lostForGood = 'Lost for good'
export const alsoOpenButStillToBe = 'Also open, but still to be had later:'
export const stillToBeHad = 'Still to be had'
export const goingOnWithoutBecause = 'Going on without, because'
export const goOn = 'Go on'
export const sayWhyYouGoOnIt = 'Say why you go on: it is kept with the specimen.'
export const worthMostNow = 'Worth most now'
export const theRightOneIsLikelierTo = (chance: string) => `the right one is ${chance} likelier to be named`
export const itHasOfWhatMakesThis = (chance: string) => `it has ${chance} of what makes this filter's score unsure`
export const min = (number: string, detail: string) => `${number} min; ${detail}`
export const notes = 'Notes'
export const removeTheNoteOn = (partLabel: string) => `Remove the note on ${partLabel}`
export const on = (partLabel: string) => `On ${partLabel}`
export const thatNoteHasCharactersFitSplitItIn = (textCount: number, longest: number) =>
  `That note has ${textCount} characters; ${longest} fit. Split it in two.`
export const keepTheNote = 'Keep the note'
export const owed = 'Owed'
export const promisedToBeShownLaterA = 'Promised to be shown later. A reading, a note or a picture of it settles it.'
export const wasShown = (label: string) => `${label} was shown`
export const shown = 'Shown'
export const thisBrowserGivesNoCameraTo = 'This browser gives no camera to this page.'
export const noCameraCanBeUsedNone = 'No camera can be used: none is there, or the browser was told not to.'
export const cameraJpg = (toISOString: string) => `camera ${toISOString}.jpg`
export const camera = 'Camera'
export const takeThePicture = 'Take the picture'
export const closeTheCamera = 'Close the camera'
export const ofSent = (arrivedCount: number, previewsCount: number) => `, ${arrivedCount} of ${previewsCount} sent`
export const photos = 'Photos'
export const remove = (name: string) => `Remove ${name}`
export const addOf = (name: string) => `Add of ${name}`
export const photographThe = (name: string) => `Photograph the ${name}`
export const picturesOf = (name: string) => `Pictures of ${name}`
export const allOfThisSpecimen = (photosCount: number) => `all ${photosCount} of this specimen`
export const jpegPngOrWebpUpTo = 'JPEG, PNG or WebP, up to 25 MB. Where it was taken is removed.'
export const onTheWay = (sent: string, map: string) => `On the way${sent}: ${map}`
export const stations = 'Stations'
export const complete = 'complete'
export const ofLabel = (done: number, ofText: number) => `${done} of ${ofText}`
export const extraOpen = 'extra, open'
export const lost = (missingCount: number, reason: string) => `, ${missingCount} lost: ${reason}`
export const wouldBeLost = (lost: number) => `: ${lost} would be lost`
export const whatToRecord = 'What to record'
export const notAskedForOnThisSpecimen = 'Not asked for on this specimen:'
export const askForTheSameAsOf = 'Ask for the same as of (no values are copied)'
export const chooseASpecimen = 'choose a specimen'
export const oneReadingDeparts = 'One reading departs'
export const readingsDepart = (departs: number) => `${departs} readings depart`
export const fromWhatIsUsual = (detail: string) => `${detail} from what is usual.`
export const askAsUsual = 'Ask as usual'
export const tape = 'Tape'
export const readingsAppearHereAsYouTake = 'Readings appear here as you take them.'
export const struck = 'struck'
export const restore = (words: string) => `Restore ${words}`
export const strike = (words: string) => `Strike ${words}`
export const andBefore = (value: number) => `and ${value} before`
export const lookAtThisFirst = 'Look at this first'
export const theEngineIsKnownForIt = (label: string) => `${label}: the engine is known for it.`
export const beforeThePartsGo = 'Before the parts go'
export const stillToBeHadFromThe = 'Still to be had from the parts, as long as they are kept:'
export const lostForGoodOfMap = (map: string) => `Lost for good: ${map}.`
export const isOwedToBeShownLater = (label: string) => `${label} is owed: to be shown later.`
export const showThisLater = 'show this later'
export const writeANote = 'write a note'
export const findAReadingInLine = 'find a reading'
export const severalInALine = 'several in a line'
export const takeBack = 'take back'
export const nothingToTakeBack = 'Nothing to take back.'
export const work = 'Work'
export const record = 'Record'
export const bench = 'Bench'
export const title = (detail: string) => `${detail} · Plicator`
export const benchCardTitle = 'Bench card · Plicator'
export const benchCard = (name: string) => `Bench card: ${name}`
export const theCheapestCompleteReviewWhatTo =
  'The cheapest complete review: what to take of each filter, in the order of the bench.'
export const itTakesTwoFiltersWithA = 'It takes two filters with a specimen each.'
export const lookingForTheFewestMinutesThat = 'Looking for the fewest minutes that would do …'
export const print = 'Print'
export const lookedUp = 'looked up'
export const benchTitle = 'Bench · Plicator'
export const theBenchIsEmpty = 'The bench is empty'
export const aSpecimenWillLieHereDrawn =
  'A specimen will lie here, drawn as it is measured: name an engine, add a filter that is sold for it, open one.'
export const toTheEngines = 'To the engines'
export const isEmpty = (name: string) => `"${name}" is empty.`
export const mb = (value: number) => `${value} MB`
export const isAHeicPictureWhichBrowsers = (name: string) =>
  `"${name}" is a HEIC picture, which browsers cannot show. Set the phone's camera to "most compatible", or save it as JPEG.`
export const isNoPictureThatCanBe = (name: string) => `"${name}" is no picture that can be kept: JPEG, PNG or WebP.`
export const picturesWaitAlreadySendAgainIn = (mostWaiting: number, name: string) =>
  `${mostWaiting} pictures wait already. Send "${name}" again in a minute.`
export const cannotBeReadTheFileIs = (name: string) => `"${name}" cannot be read: the file is broken.`
export const anotherPictureHasTheNumberThat = (name: string) =>
  `Another picture has the number that "${name}" was given. Add it again.`
export const take = (value: number) => `, take ${value}`
