import { simulatedDisplay, simulatedDrift } from '#core/device/simulated.ts'
import * as texts from '#app/texts/devices.ts'
import type { Device } from './device.ts'

const every = 100

/** A device that behaves like one: it wanders, swings and settles on what is put on it. */
export function simulatedDevice(kind: Device['kind']): Device {
  const step = kind === 'scale' ? 0.0001 : 0.00001
  const noise = simulatedDrift(kind === 'scale' ? 11 : 23)
  let from = 0
  let to = 0
  let since = Date.now() - 10_000
  const now = () => simulatedDisplay(from, to, Date.now() - since, step, noise())
  return {
    name: texts.simulated(kind),
    kind,
    unit: kind === 'scale' ? 'g' : 'mm',
    step,
    listen(onValue) {
      const timer = setInterval(() => onValue(now()), every)
      return () => clearInterval(timer)
    },
    put(value) {
      from = now()
      to = value
      since = Date.now()
    },
  }
}
