import { expect, test } from 'vitest'
import { sayMoney } from './money.ts'
import { readPreferences } from './preferences.ts'

const asked = (cookie?: string) =>
  readPreferences(new Request('http://127.0.0.1/', cookie === undefined ? {} : { headers: { Cookie: cookie } }))

test.each([
  [undefined, { units: 'metric', theme: 'auto' }],
  ['units=imperial; theme=dark', { units: 'imperial', theme: 'dark' }],
  ['theme=purple; units=cubits', { units: 'metric', theme: 'auto' }],
  ['other=1;;=; theme=light', { units: 'metric', theme: 'light' }],
])('cookies %j', (cookie, preferences) => {
  expect(asked(cookie)).toEqual(preferences)
})

test('money in hundredths', () => {
  expect(sayMoney(1290, 'EUR')).toBe('12.90 EUR')
  expect(sayMoney(0, null)).toBe('0.00')
})
