/* Words of the interface: on-air. */

export const thisLineUp = 'This line-up'
export const onAirTitle = 'On air · Plicator'
export const onAir = 'On air'
export const aPictureToLayOverThe =
  "A picture to lay over the camera's: one reading at a time, as it is taken. Struck readings never show."
export const openThePicture19201080 = 'Open the picture, 1920 × 1080'
export const followsTheBench = 'Follows the bench.'
export const notConnectedItComesBackBy = 'Not connected; it comes back by itself.'
export const show = 'Show'
export const hide = 'Hide'
export const theReadingAlone = 'The reading alone'
export const besideTheOthers = 'Beside the others'
export const followTheBench = 'Follow the bench'
export const delay = 'Delay'
export const keysOnThePictureSpaceHolds =
  'Keys on the picture: Space holds and lets go, H hides, C sets it beside the others.'
export const theBench = 'The bench'
export const nothingWasReadForThisEngine = 'Nothing was read for this engine yet.'
export const held = 'Held'
export const hold = 'Hold'
