/* Words of the interface: devices. */

export const theHasNotMovedSinceIts = (kind: string) =>
  `The ${kind} has not moved since its last reading was taken. Put the next on it, or lift this one and put it back.`
export const theIsStillMovingWaitUntil = (kind: string) =>
  `The ${kind} is still moving. Wait until it is steady, then press Enter.`
export const serialScale = 'Serial scale'
export const theScaleWentSilent = 'The scale went silent.'
export const theScaleWasUnplugged = 'The scale was unplugged.'
export const simulated = (kind: string) => `Simulated ${kind}`
export const connectA = (kind: string) => `Connect a ${kind}`
export const noPortWasChosen = 'No port was chosen.'
export const thatPortCannotBeOpenedAnother = 'That port cannot be opened: another program may hold it.'
export const at = 'at'
export const baud = (one: number) => `${one} baud`
export const aThatTypesLikeAKeyboard = (kind: string) =>
  `A ${kind} that types like a keyboard needs none of this: its digits land in the reading by themselves.`
export const thisBrowserCannotSpeakToA = ' This browser cannot speak to a serial scale.'
export const that = 'That'
export const shows = (name: string) => `${name} shows`
export const takenPutTheNextOn = 'taken: put the next on'
export const steadyEnterTakesIt = 'steady: Enter takes it'
export const settling = 'settling'
export const tare = 'Tare'
export const onTheSimulatedScaleG = 'On the simulated scale, g'
export const betweenTheSimulatedJawsMm = 'Between the simulated jaws, mm'
export const putOnG = 'put on, g'
export const betweenMm = 'between, mm'
export const disconnectThe = (name: string) => `Disconnect the ${name}`
export const noOtherDeviceWasLetIn = 'No other device was let in yet.'
export const devicesThatWereLetIn = 'Devices that were let in'
export const device = 'Device'
export const may = 'May'
export const since = 'Since'
export const lastSeen = 'Last seen'
export const change = 'Change'
export const doAll = 'do all'
export const look = 'look'
export const sendAwayOfName = (name: string) => `Send ${name} away`
export const sendAway = 'Send away'
export const codeThatOpens = (title: string) => `Code that opens ${title}`
export const open = 'Open'
export const enter = (address: string) => `${address}/enter`
export const andType = 'and type'
export const orShowTheCodeToThe = ', or show the code to the camera of a tablet.'
export const itHoldsUntilPlicatorIsStarted = 'It holds until Plicator is started again.'
export const devicesTitle = 'Devices · Plicator'
export const devices = 'Devices'
export const othersOfYourNetworkComeIn =
  'Others of your network come in with the key of this run; a device that is in stays in for half a year.'
export const onlyThisMachineReachesPlicatorNow =
  'Only this machine reaches Plicator now. Started with HOST=0.0.0.0 it lets others of your network in, with a key.'
export const allOfIt = 'All of it'
export const theBenchAndEverythingElse = 'The bench, and everything else.'
export const onlyToLook = 'Only to look'
export const guestsReadWhatIsRecordedAnd = 'Guests read what is recorded, and change nothing.'
export const letIn = 'Let in'
