/**
 * A question on which practitioners differ, and which schools take which side; Neutral takes none, and does not count
 * what the question is about. Common practice, no published source.
 */
export interface Disagreement {
  question: string
  /** Criteria that the question is about. */
  criteria: string[]
  sides: { position: string; schools: string[] }[]
}

export const disagreements: readonly Disagreement[] = [
  {
    question: 'What stands for filtering?',
    criteria: ['pleat-count', 'area', 'efficiency', 'fine'],
    sides: [
      { position: 'pleat count, if nothing else is known', schools: ['old'] },
      { position: 'unfolded area', schools: ['build', 'long', 'hard', 'thrift'] },
      { position: 'the claimed efficiency', schools: ['paper', 'fine'] },
    ],
  },
  {
    question: 'Fine media or much media?',
    criteria: ['media', 'backing'],
    sides: [
      { position: 'full synthetic with mesh stops smaller dirt', schools: ['fine', 'build'] },
      { position: 'a blend with far more area lasts longer', schools: ['long'] },
    ],
  },
  {
    question: 'Retainer spring',
    criteria: ['spring'],
    sides: [
      { position: 'a coil keeps its force', schools: ['build', 'hard', 'old', 'long', 'fine'] },
      { position: 'a leaf does the same for less', schools: ['thrift', 'paper'] },
    ],
  },
  {
    question: 'Bypass place',
    criteria: ['bypass-place', 'bypass-build'],
    sides: [
      {
        position: 'thread end: settled dirt is not swept through',
        schools: ['build', 'hard', 'old', 'long', 'fine', 'paper'],
      },
      { position: 'either: the build matters more', schools: ['thrift'] },
    ],
  },
  {
    question: 'End caps',
    criteria: ['caps'],
    sides: [
      { position: 'steel is rugged', schools: ['build', 'hard', 'old', 'long', 'fine'] },
      { position: 'fibre or none is glued just as well', schools: ['thrift', 'paper'] },
    ],
  },
  {
    question: 'Core',
    criteria: ['core', 'core-seam'],
    sides: [
      { position: 'steel with a spiral seam', schools: ['build', 'hard', 'old', 'long', 'paper', 'thrift'] },
      { position: 'a nylon cage: far larger openings', schools: ['fine'] },
    ],
  },
  {
    question: 'Anti-drain-back valve',
    criteria: ['adbv-material'],
    sides: [
      { position: 'silicone always', schools: ['build', 'hard', 'long', 'old', 'fine', 'paper'] },
      { position: 'nitrile is enough at short intervals', schools: ['thrift'] },
    ],
  },
  {
    question: 'Glue',
    criteria: ['glue-flood'],
    sides: [
      { position: 'plenty', schools: ['old', 'hard'] },
      { position: 'clean: excess may travel', schools: ['fine', 'build', 'long', 'paper', 'thrift'] },
    ],
  },
  {
    question: 'Weight',
    criteria: ['whole-weight'],
    sides: [
      { position: 'a good sign of steel where it counts', schools: ['old'] },
      {
        position: 'says nothing about filtering',
        schools: ['build', 'paper', 'fine', 'long', 'hard', 'thrift'],
      },
    ],
  },
  {
    question: "Engine maker's own filter",
    criteria: ['own'],
    sides: [
      { position: 'the safest', schools: ['old'] },
      { position: 'look inside first', schools: ['build', 'paper', 'fine', 'long', 'hard', 'thrift'] },
    ],
  },
  {
    question: 'Price',
    criteria: ['price', 'area-for-money'],
    sides: [
      { position: 'the same build can be had for half', schools: ['thrift'] },
      {
        position: 'a few coins for the top tier are nothing on one change',
        schools: ['build', 'paper', 'fine', 'long', 'hard', 'old'],
      },
    ],
  },
  {
    question: 'Service context',
    criteria: ['claim-interval', 'capacity'],
    sides: [
      {
        position: 'a car cruises at a fifth of its power',
        schools: ['build', 'paper', 'fine', 'long', 'thrift', 'old'],
      },
      { position: 'a pump or a boat works near its limit: buy for the duty', schools: ['hard'] },
    ],
  },
]
