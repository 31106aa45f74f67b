// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react'
import { createRoutesStub, data, useRouteError } from 'react-router'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { RouteError } from './RouteError.tsx'

beforeEach(() => vi.spyOn(console, 'error').mockImplementation(() => undefined))
afterEach(() => {
  cleanup()
  vi.restoreAllMocks()
})

const Failed = () => <RouteError error={useRouteError()} />

function show(fault: unknown): void {
  const Stub = createRoutesStub([
    {
      path: '/',
      Component: () => null,
      ErrorBoundary: Failed,
      HydrateFallback: () => null,
      loader: () => {
        throw fault
      },
    },
  ])
  render(<Stub />)
}

test.each([
  [data('This specimen is not here.', { status: 404 }), 'Not here', 'This specimen is not here.'],
  [data(null, { status: 404 }), 'Not here', 'Nothing is kept under this address. It may have been removed.'],
  [data('That form could not be read.', { status: 400 }), 'That cannot be done', 'That form could not be read.'],
  [data('', { status: 400 }), 'That cannot be done', 'What was sent could not be read.'],
  [new TypeError('Failed to fetch'), 'No connection', 'Plicator cannot be reached.'],
  [new TypeError('x is not a function'), 'Something broke', 'The fault is ours.'],
  [new Error('at line 7 of secret.ts'), 'Something broke', 'The fault is ours.'],
])('case %#: what went wrong, in words, and a way back', async (fault, title, text) => {
  show(fault)
  expect((await screen.findByRole('heading', { level: 1 })).textContent).toBe(title)
  expect(document.body.textContent).toContain(text)
  expect(document.body.textContent).not.toContain('secret.ts')
  expect(screen.getByRole('link', { name: 'To the line-ups' }).getAttribute('href')).toBe('/')
})
