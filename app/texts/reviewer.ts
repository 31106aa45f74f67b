/* Words of the interface: reviewer. */

export const chooseUnderWhatOthersMayUse = 'Choose under what others may use it.'
export const sayWhatYouMayGainBy = 'Say what you may gain by it.'
export const withWhom = 'With whom'
export const sayWhichEndYouCallThe = 'Say which end you call the top.'
export const yourOwnWords = 'Your own words'
export const underWhichItHolds = 'Under which it holds'
export const forChangesWithinAYearNot = 'for changes within a year; not for towing; at the prices of this week'
export const putFirstAllTheSame = 'Put first all the same'
export const nobodyItStandsAsItIs = 'nobody: it stands as it is'
export const reasonToOverrule = 'Reason to overrule'
export const iHaveSeenItAndPublish = (contradictions: string) =>
  `I have seen it, and publish all the same: ${contradictions}`
export const keep = 'Keep'
export const publishAsItIs = 'Publish as it is'
export const kept = 'Kept.'
export const theReviewer = 'The reviewer'
