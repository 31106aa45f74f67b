/* Words of the interface: log. */

export const logOfASpecimenTitle = 'Log of a specimen · Plicator'
export const thatIsNoDateAndTime = 'That is no date and time.'
export const thisSpecimen = 'This specimen'
export const log = 'Log'
export const whenEachStationBeganAndEach =
  'When each station began and each reading was taken. Say when the camera ran, and the times on film follow.'
