import { useState } from 'react'

interface History<State> {
  past: State[]
  present: State
  future: State[]
  /** What was changed last: changes of one thing in a row are one step. */
  about: string
}

/** So many steps can be taken back. */
const steps = 100

/** A state with steps back and forth. */
export function useHistory<State>(first: State) {
  const [{ past, present, future }, setHistory] = useState<History<State>>({
    past: [],
    present: first,
    future: [],
    about: '',
  })
  return {
    present,
    /** Changes it; changes about the same thing are one step, those about nothing one each. */
    change: (about: string, next: (state: State) => State) =>
      setHistory((old) => ({
        past: about !== '' && about === old.about ? old.past : [...old.past, old.present].slice(-steps),
        present: next(old.present),
        future: [],
        about,
      })),
    undo:
      past.length === 0
        ? undefined
        : () =>
            setHistory((old) => {
              const last = old.past.at(-1)
              if (last === undefined) return old
              return { past: old.past.slice(0, -1), present: last, future: [old.present, ...old.future], about: '' }
            }),
    redo:
      future.length === 0
        ? undefined
        : () =>
            setHistory((old) => {
              const [next, ...rest] = old.future
              if (next === undefined) return old
              return { past: [...old.past, old.present], present: next, future: rest, about: '' }
            }),
  }
}
