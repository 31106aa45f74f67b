import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import type { Device } from './device.ts'
import { listenTo, type LiveDevice } from './live.ts'
import { takeFromDevice, formatDisplayed } from './take-from-device.ts'

/** A scale that shows what it is told to, and how it is listened to. */
function scale(): {
  device: Device
  shows: (value: number, stable?: boolean) => void
  end: (why: string) => void
  stop: () => void
} {
  const stop = vi.fn()
  let onValue: (value: number, stable?: boolean) => void = () => undefined
  let onEnd: (why: string) => void = () => undefined
  return {
    device: {
      name: 'Test scale',
      kind: 'scale',
      unit: 'g',
      step: 0.0001,
      listen(valued, ended) {
        onValue = valued
        onEnd = ended
        return stop
      },
    },
    shows: (value, stable) => onValue(value, stable),
    end: (why) => onEnd(why),
    stop,
  }
}

beforeEach(() => vi.useFakeTimers({ toFake: ['performance'] }))
afterEach(() => vi.useRealTimers())

/** Shows one value again and again for so many milliseconds. */
function hold(shows: (value: number) => void, value: number, milliseconds: number): void {
  for (let passed = 0; passed <= milliseconds; passed += 100) {
    shows(value)
    vi.advanceTimersByTime(100)
  }
}

function connected(): {
  live: LiveDevice
  shows: (value: number, stable?: boolean) => void
  end: (why: string) => void
  ended: ReturnType<typeof vi.fn>
  stop: () => void
} {
  const { device, shows, end, stop } = scale()
  const ended = vi.fn()
  return { live: listenTo(device, ended), shows, end, ended, stop }
}

describe('a device that is listened to', () => {
  test('shows nothing before its first value, and a dash for it', () => {
    const { live } = connected()
    expect(live.shows()).toBeUndefined()
    expect(formatDisplayed(live)).toBe('–')
  })

  test('is steady once it has held still, and not before', () => {
    const { live, shows } = connected()
    hold(shows, 0.3024, 300)
    expect(live.shows()).toMatchObject({ value: 0.3024, stable: false })
    hold(shows, 0.3024, 700)
    expect(live.shows()).toMatchObject({ stable: true, taken: false })
    expect(formatDisplayed(live)).toBe('302.4 g')
  })

  test('is not steady while it says itself that it moves', () => {
    const { live, shows } = connected()
    hold(shows, 0.3024, 1000)
    shows(0.3024, false)
    expect(live.shows()?.stable).toBe(false)
  })

  test('tells whoever listens, until they leave', () => {
    const { live, shows } = connected()
    const heard = vi.fn()
    const leave = live.subscribe(heard)
    shows(0.1)
    leave()
    shows(0.2)
    expect(heard).toHaveBeenCalledOnce()
  })

  test('takes what lies on it for zero, but only when it holds still', () => {
    const { live, shows } = connected()
    shows(0.0052)
    live.tare()
    expect(live.isTared()).toBe(false)
    hold(shows, 0.0052, 1000)
    live.tare()
    expect(live.isTared()).toBe(true)
    hold(shows, 0.3052, 1000)
    expect(formatDisplayed(live)).toBe('300.0 g')
  })

  test('says why it went, and is stopped when asked', () => {
    const { live, end, ended, stop } = connected()
    end('The scale was unplugged.')
    expect(ended).toHaveBeenCalledExactlyOnceWith('The scale was unplugged.')
    live.stop()
    expect(stop).toHaveBeenCalledOnce()
  })
})

describe('taking what it shows', () => {
  test('waits until it is steady', () => {
    const { live, shows } = connected()
    shows(0.3024)
    const submit = vi.fn(() => true)
    expect(takeFromDevice(live, submit)).toEqual({
      code: 'unsettled',
      message: 'The scale is still moving. Wait until it is steady, then press Enter.',
    })
    expect(submit).not.toHaveBeenCalled()
  })

  test('takes it once, with its unit, until it has moved', () => {
    const { live, shows } = connected()
    const submit = vi.fn(() => true)
    hold(shows, 0.3024, 1000)
    expect(takeFromDevice(live, submit)).toBeUndefined()
    expect(submit).toHaveBeenCalledExactlyOnceWith('302.4 g')
    expect(takeFromDevice(live, submit)?.code).toBe('taken')
    hold(shows, 0.3025, 1000)
    expect(takeFromDevice(live, submit)?.code).toBe('taken')
    hold(shows, 0, 1000)
    hold(shows, 0.3024, 1000)
    expect(takeFromDevice(live, submit)).toBeUndefined()
    expect(submit).toHaveBeenCalledTimes(2)
  })

  test('what the reading does not take can be taken again', () => {
    const { live, shows } = connected()
    hold(shows, 0.3024, 1000)
    expect(takeFromDevice(live, () => false)).toBeUndefined()
    const submit = vi.fn(() => true)
    expect(takeFromDevice(live, submit)).toBeUndefined()
    expect(submit).toHaveBeenCalledOnce()
  })
})
