/**
 * A question on which practitioners differ, and which schools take which side. Common practice, no published source.
 */
export interface Disagreement {
  question: string
  sides: { position: string; schools: string[] }[]
}

export const disagreements: readonly Disagreement[] = [
  {
    question: 'What stands for filtering?',
    sides: [
      { position: 'pleat count, if nothing else is known', schools: ['old'] },
      { position: 'unfolded area', schools: ['build', 'long', 'hard', 'plain', 'thrift'] },
      { position: 'the claimed efficiency', schools: ['paper', 'fine'] },
    ],
  },
  {
    question: 'Fine media or much media?',
    sides: [
      { position: 'full synthetic with mesh stops smaller dirt', schools: ['fine', 'build'] },
      { position: 'a blend with far more area lasts longer', schools: ['long'] },
    ],
  },
  {
    question: 'Retainer spring',
    sides: [
      { position: 'a coil keeps its force', schools: ['build', 'hard', 'old', 'long', 'fine'] },
      { position: 'a leaf does the same for less', schools: ['thrift', 'plain', 'paper'] },
    ],
  },
  {
    question: 'Bypass place',
    sides: [
      {
        position: 'thread end: settled dirt is not swept through',
        schools: ['build', 'hard', 'old', 'long', 'fine', 'paper'],
      },
      { position: 'either: the build matters more', schools: ['plain', 'thrift'] },
    ],
  },
  {
    question: 'End caps',
    sides: [
      { position: 'steel is rugged', schools: ['build', 'hard', 'old', 'long', 'fine'] },
      { position: 'fibre or none is glued just as well', schools: ['plain', 'thrift', 'paper'] },
    ],
  },
  {
    question: 'Core',
    sides: [
      { position: 'steel with a spiral seam', schools: ['build', 'hard', 'old', 'long', 'paper', 'thrift'] },
      { position: 'a nylon cage: far larger openings', schools: ['fine'] },
      { position: 'either', schools: ['plain'] },
    ],
  },
  {
    question: 'Anti-drain-back valve',
    sides: [
      { position: 'silicone always', schools: ['build', 'hard', 'long', 'old', 'fine', 'paper'] },
      { position: 'nitrile is enough at short intervals', schools: ['thrift', 'plain'] },
    ],
  },
  {
    question: 'Glue',
    sides: [
      { position: 'plenty', schools: ['old', 'hard'] },
      { position: 'clean: excess may travel', schools: ['plain', 'fine', 'build', 'long', 'paper', 'thrift'] },
    ],
  },
  {
    question: 'Weight',
    sides: [
      { position: 'a good sign of steel where it counts', schools: ['old'] },
      {
        position: 'says nothing about filtering',
        schools: ['build', 'paper', 'fine', 'long', 'hard', 'thrift', 'plain'],
      },
    ],
  },
  {
    question: "Engine maker's own filter",
    sides: [
      { position: 'the safest', schools: ['old'] },
      { position: 'look inside first', schools: ['build', 'paper', 'fine', 'long', 'hard', 'thrift', 'plain'] },
    ],
  },
  {
    question: 'Price',
    sides: [
      { position: 'the same build can be had for half', schools: ['thrift'] },
      {
        position: 'a few coins for the top tier are nothing on one change',
        schools: ['build', 'paper', 'fine', 'long', 'hard', 'old', 'plain'],
      },
    ],
  },
  {
    question: 'Service context',
    sides: [
      {
        position: 'a car cruises at a fifth of its power',
        schools: ['build', 'paper', 'fine', 'long', 'thrift', 'plain', 'old'],
      },
      { position: 'a pump or a boat works near its limit: buy for the duty', schools: ['hard'] },
    ],
  },
]
