/** What the words round an amount allow, with an example of each. Common practice, no published source. */
export interface SaidRule {
  words: string
  allows: string
  example: { characteristic: string; said: string }
}

export const saidRules: readonly SaidRule[] = [
  {
    words: 'about, around, roughly, ~, -ish, or so, maybe, I think',
    allows: 'one of the last place said, 2 % at least; round numbers 5 %',
    example: { characteristic: 'whole.weight', said: 'about 300 g' },
  },
  {
    words: 'a number in words, or with a fraction',
    allows: 'half of the smallest part that was said',
    example: { characteristic: 'media.length', said: '37 and a half inches' },
  },
  {
    words: 'between … and …, … to …, … or …',
    allows: 'all between the two',
    example: { characteristic: 'can.height', said: '4 to 5 in' },
  },
  {
    words: 'give or take …, ±, plus or minus',
    allows: 'as much as was said',
    example: { characteristic: 'pleats.count', said: '55, give or take 2' },
  },
  {
    words: 'nearly, almost, over, under, more than, less than',
    allows: 'one step on that side: tens for 340, one for 52; more than a count is one more, up to what is usual',
    example: { characteristic: 'whole.weight', said: 'over 340' },
  },
  {
    words: 'not much over, not much under',
    allows: 'half a step on that side',
    example: { characteristic: 'whole.weight', said: 'not much over 330' },
  },
  {
    words: 'just over, just under, slightly, a bit',
    allows: 'a quarter of a step on that side',
    example: { characteristic: 'can.height', said: 'just under 3 in' },
  },
  {
    words: 'a hair, a touch, a whisker over or under',
    allows: 'a tenth of a step on that side',
    example: { characteristic: 'media.width', said: 'a hair over 3 in' },
  },
  {
    words: 'in the 260s, mid forties, 240-something',
    allows: 'the ten that was named, or its low, middle or high part',
    example: { characteristic: 'pleats.count', said: 'in the mid forties' },
  },
  {
    words: 'closer to … than …',
    allows: 'from the middle of the two to a quarter beyond the nearer',
    example: { characteristic: 'media.length', said: 'closer to 38 than 37 inches' },
  },
  {
    words: 'at least, at most, … or more, up to',
    allows: 'to where the usual range ends',
    example: { characteristic: 'can.wall', said: 'no more than 20 thou' },
  },
  {
    words: '… gauge',
    allows: 'half a number of the sheet-steel gauge either way',
    example: { characteristic: 'can.wall', said: '28 gauge' },
  },
  {
    words: '…, no, …',
    allows: 'the last one counts; what was typed is kept',
    example: { characteristic: 'media.thickness', said: '0.5, no, 0.48' },
  },
]

/** What one breath may hold beside the one amount that was asked for. */
export const togetherText =
  'Some things are said in one breath and become a reading each: the strip as “39½ by 4¼”, a span of temperatures as ' +
  '“-40 to 230 °C”, a weight with what lay on the scale as “24 with its mesh”, a width with how it was measured as ' +
  '“3.14 in between the caps”. What was taken back (“0.5, no, 0.48”) is kept as a reading of its own that is struck. ' +
  '“3.24 less a tenth” asks whether the tenth was glue, “28 gauge, or the heavier of the two usual” which of the two.'
