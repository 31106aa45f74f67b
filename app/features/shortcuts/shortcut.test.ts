// @vitest-environment happy-dom
import { describe, expect, test } from 'vitest'
import { bindingsOf, isMeant, shownKey, type Shortcut } from './shortcut.ts'

const letter: Shortcut = { key: 'E', does: 'how you know it', act: () => undefined }
const sign: Shortcut = { ...letter, key: ';' }
const undo: Shortcut = { ...letter, key: 'Ctrl Z' }
const arrow: Shortcut = { ...letter, key: '↓' }

describe('a shortcut', () => {
  test('binds a letter alone and with Alt, a sign however it is typed, and a named key by its name', () => {
    expect(bindingsOf(letter).map(({ binding }) => binding)).toEqual(['e', 'Alt+KeyE'])
    expect(bindingsOf(sign).map(({ binding }) => binding)).toEqual([';', 'Shift+;'])
    expect(bindingsOf(arrow).map(({ binding }) => binding)).toEqual(['ArrowDown'])
    expect(bindingsOf({ ...letter, key: 'Ctrl K' }).map(({ binding }) => binding)).toEqual(['$mod+k'])
  })

  test('is told with Alt where a letter alone does nothing', () => {
    expect(shownKey(letter, true)).toBe('Alt E')
    expect(shownKey(letter, false)).toBe('E')
    expect(shownKey(arrow, true)).toBe('↓')
  })
})

describe('whether a key is meant', () => {
  document.body.innerHTML =
    '<input id="empty"><input id="full" value="3"><textarea id="note"></textarea><button id="press"></button>'
  const on = (id: string) => ({ target: document.getElementById(id) }) as unknown as KeyboardEvent

  test.each([
    ['a letter on a button', letter, 'press', true, 'on', true],
    ['a letter in an empty field', letter, 'empty', true, 'on', false],
    ['a letter in a full field', letter, 'full', true, 'on', false],
    ['a letter in a note', letter, 'note', true, 'on', false],
    ['a letter where letters are off', letter, 'press', true, 'off', false],
    ['a letter with Alt in a field', letter, 'full', false, 'off', true],
    ['a sign in an empty field', sign, 'empty', true, 'on', true],
    ['a sign in a full field', sign, 'full', true, 'on', false],
    ['an arrow in a full field', arrow, 'full', false, 'on', true],
    ['take back in an empty field', undo, 'empty', false, 'on', true],
    ['take back where something is typed', undo, 'full', false, 'on', false],
    ['an arrow in a note', arrow, 'note', false, 'on', false],
    ['what works while typing', { ...letter, whileTyping: true }, 'note', false, 'on', true],
  ] as const)('%s', (_, shortcut, target, isPlain, letters, expected) => {
    expect(isMeant(shortcut, on(target), isPlain, letters)).toBe(expected)
  })
})
