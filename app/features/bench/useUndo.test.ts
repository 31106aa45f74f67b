// @vitest-environment happy-dom
import { act, renderHook } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { undone, useUndo } from './useUndo.ts'

function undoer() {
  const send = vi.fn()
  const { result } = renderHook(() => useUndo(send))
  const does = <T>(step: (undo: typeof result.current) => T): T => {
    let said: T | undefined
    act(() => {
      said = step(result.current)
    })
    return said as T
  }
  return { send, does }
}

test('with nothing done there is nothing to take back', () => {
  const { send, does } = undoer()
  expect(does((undo) => undo.undo())).toBeUndefined()
  expect(send).not.toHaveBeenCalled()
})

test('what was taken is struck, what was struck comes back, what came back is struck', () => {
  const { send, does } = undoer()
  does((undo) => undo.noteTaken('a'))
  does((undo) => undo.strike('b'))
  does((undo) => undo.restore('c'))
  send.mockClear()
  expect(does((undo) => undo.undo())).toBe('The reading is struck.')
  expect(does((undo) => undo.undo())).toBe('The reading is back.')
  expect(does((undo) => undo.undo())).toBe('The reading is struck.')
  expect(send.mock.calls.map(([fields]) => fields as unknown)).toEqual([
    { intent: 'strike', id: 'c', why: undone },
    { intent: 'restore', id: 'b' },
    { intent: 'strike', id: 'a', why: undone },
  ])
  expect(does((undo) => undo.undo())).toBeUndefined()
})

test('a step that is taken back is no step itself', () => {
  const { does } = undoer()
  does((undo) => undo.strike('a'))
  does((undo) => undo.undo())
  expect(does((undo) => undo.undo())).toBeUndefined()
})
