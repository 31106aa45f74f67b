/* Words of the interface: server. */

export const theRequestNamesNoHost = 'The request names no host.'
export const plicatorDoesNotAnswerToIf = (name: string) =>
  `Plicator does not answer to "${name}". If it should, start it with PLICATOR_HOSTS=${name}`
export const pagesAreReadWithGet = (method: string) =>
  `Plicator is read with GET and written to with POST. It does nothing for ${method}.`
export const thisWasSentByAPage = 'This was sent by a page that is none of Plicator, so nothing was done.'
export const guestsMayLookAndChangeNothing = 'Guests may look, and change nothing. Nothing was done.'
export const nobodyComesInWithoutTheKey = 'Nobody comes in without the key of the house. Open /enter in a browser.'
export const tooManyWrongKeysFromThis = 'Too many wrong keys from this device. Wait a quarter of an hour.'
export const thatIsNotTheKeyOf = 'That is not the key of this house.'
export const aDevice = 'a device'
export const thisIsMoreThanAForm = 'This is more than a form may hold: at most 1 MB. Shorten it; nothing was changed.'
export const thisPictureIsLargerThan60 = 'This picture is larger than 60 MB. Save it smaller and add it again.'
export const theFileIsLargerThan200 = 'The file is larger than 200 MB. Split it.'
export const thisTableIsLargerThan12 = 'This table is larger than 12 MB. Split it.'
export const theFileIsLargerThan12 = 'The file is larger than 12 MB. Split it.'
export const thisBackupIsLargerThan100 = 'This backup is larger than 100 GB.'
