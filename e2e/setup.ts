import { afterEach, expect } from 'vitest'
import { takeFaults } from './app.ts'

/** A console error or a failed request fails the test in which it happened. */
afterEach(() => expect(takeFaults()).toEqual([]))
