import { expect, test } from 'vitest'
import { describeAct, editableField } from './describe-act.ts'

test.each([
  [{ intent: 'take', characteristic: 'can.wall', typed: '0.49', unit: 'mm' }, 'Can wall 0.49 mm'],
  [{ intent: 'take', characteristic: 'can.wall', typed: '20 thou', unit: 'mm' }, 'Can wall 20 thou'],
  [{ intent: 'take', characteristic: 'gone.since', typed: '7' }, 'gone.since 7'],
  [{ intent: 'strike', id: 'r1' }, 'A reading struck'],
  [{ intent: 'restore', id: 'r1' }, 'A reading brought back'],
  [{ intent: 'note', part: 'can', text: 'a dent' }, 'Note on can: a dent'],
  [{ intent: 'photo', part: 'can', name: 'dent.jpg' }, 'Picture of can: dent.jpg'],
  [{ intent: 'drop-note', id: 'n1' }, 'A note removed'],
  [{ intent: 'drop-photo', id: 'p1' }, 'A picture removed'],
  [{ intent: 'pass', point: 'cut', reason: 'no scale' }, 'Gone on past the cut: no scale'],
  [{ intent: 'zero', shows: '0.02 mm' }, 'Zero of an instrument: 0.02 mm'],
  [{ intent: 'ask', characteristic: 'bypass.push', asked: 'yes' }, 'What to record: Push to open the bypass'],
  [{ intent: 'owe', characteristic: 'can.wall' }, 'To be shown later: Can wall'],
  [{ intent: 'settle', id: 'o1' }, 'Shown, as was promised'],
  [{ intent: 'predict', characteristic: 'can.wall', typed: '0.5' }, 'Predicted: Can wall 0.5'],
  [{ intent: 'ask-like', from: 's2' }, 'What to record, as of another specimen'],
] as const)('%o: %s', (fields, words) => {
  expect(describeAct(fields as unknown as Record<string, string>)).toBe(words)
})

test('what was typed can be written anew, and nothing else', () => {
  expect(editableField({ intent: 'take' })).toBe('typed')
  expect(editableField({ intent: 'note' })).toBe('text')
  for (const intent of ['strike', 'photo', 'pass', 'zero']) expect(editableField({ intent })).toBeUndefined()
})
