/* Words of the interface: findings. */

export const contradictionsTitle = 'Contradictions · Plicator'
export const thisSpecimen = 'This specimen'
export const contradictions = 'Contradictions'
export const readingsThatCannotAllBeRight =
  'Readings that cannot all be right, the likeliest culprit, and what to take again.'
export const noneWhatIsRecordedAgreesWith = 'None: what is recorded agrees with itself.'
