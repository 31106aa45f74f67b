import { expect, test } from 'vitest'
import { keepPreferences, readPreferences } from './preferences.server.ts'

const asked = (cookie?: string) =>
  readPreferences(new Request('http://127.0.0.1/', cookie === undefined ? {} : { headers: { Cookie: cookie } }))

test('without a cookie, or with a broken one, they are the usual ones', async () => {
  const usual = { units: 'metric', theme: 'auto' }
  expect(await asked()).toEqual(usual)
  expect(await asked('preferences=nonsense')).toEqual(usual)
  expect(await asked('other=1;;=; preferences=')).toEqual(usual)
})

test('what a browser is told to keep is read back', async () => {
  const preferences = { units: 'imperial', theme: 'dark' } as const
  const [cookie] = (await keepPreferences(preferences)).split(';')
  expect(await asked(`first=1; ${cookie}`)).toEqual(preferences)
})

test('a value that there is none of falls back alone', async () => {
  const [cookie] = (await keepPreferences({ units: 'cubits', theme: 'light' } as never)).split(';')
  expect(await asked(cookie)).toEqual({ units: 'metric', theme: 'light' })
})
