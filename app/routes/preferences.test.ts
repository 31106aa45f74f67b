import { expect, test } from 'vitest'
import { keepPreferences, preferencesSchema, readPreferences } from './preferences.server.ts'

const asked = (cookie?: string) =>
  readPreferences(new Request('http://127.0.0.1/', cookie === undefined ? {} : { headers: { Cookie: cookie } }))

test('without a cookie, or with a broken one, they are the usual ones', async () => {
  const usual = { units: 'metric', money: '', theme: 'auto', letters: 'on' }
  expect(await asked()).toEqual(usual)
  expect(await asked('preferences=nonsense')).toEqual(usual)
  expect(await asked('other=1;;=; preferences=')).toEqual(usual)
})

test('what a browser is told to keep is read back', async () => {
  const preferences = { units: 'imperial', money: 'GBP', theme: 'dark', letters: 'off' } as const
  const [cookie] = (await keepPreferences(preferences)).split(';')
  expect(await asked(`first=1; ${cookie}`)).toEqual(preferences)
})

test('units by kind are kept as they come out of the form, as text, and one that is broken falls back', async () => {
  const units = { small: 'thou', long: 'in', weight: 'g', pressure: 'bar', distance: 'mi', rest: 'metric' } as const
  const sent = (text: string) => preferencesSchema.parse({ units: text }).units
  expect(sent(JSON.stringify(units))).toEqual(units)
  expect(sent('{"small":"cubits"}')).toBe('metric')
  expect(sent('{not json')).toBe('metric')
  const [cookie] = (await keepPreferences({ units, money: '', theme: 'auto', letters: 'on' })).split(';')
  expect((await asked(cookie)).units).toEqual(units)
})

test('a value that there is none of falls back alone', async () => {
  const [cookie] = (await keepPreferences({ units: 'cubits', theme: 'light' } as never)).split(';')
  expect(await asked(cookie)).toEqual({ units: 'metric', money: '', theme: 'light', letters: 'on' })
})
