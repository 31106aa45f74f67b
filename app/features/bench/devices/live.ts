import { assessStability, type Sample, type Stability } from '#core/device/stability.ts'
import type { Device } from './device.ts'

const samplesKept = 30

interface DisplayedValue extends Stability {
  /** Taken already, and not moved since. */
  taken: boolean
}

/** A device that is being listened to. */
export interface LiveDevice {
  device: Device
  /** What it shows, tare taken off; undefined before its first value. */
  shows(): DisplayedValue | undefined
  /** Notes that what it shows was taken: the same is not taken twice unless it moved in between. */
  took(): void
  subscribe(onChange: () => void): () => void
  /** Takes what lies on it now for zero; only when it holds still. */
  tare(): void
  isTared(): boolean
  stop(): void
}

/** Listens to a device; its values settle here, so that nobody but its own line is drawn anew. */
export function listenTo(device: Device, onEnd: (why: string) => void): LiveDevice {
  const listeners = new Set<() => void>()
  let samples: Sample[] = []
  let offset = 0
  let gross: Stability | undefined
  let net: DisplayedValue | undefined
  let taken: number | undefined
  const change = () => {
    net = gross && { ...gross, value: gross.value - offset, taken: taken !== undefined }
    for (const listener of listeners) listener()
  }
  const stop = device.listen((value, stable) => {
    samples = [...samples.slice(1 - samplesKept), { value, at: performance.now() }]
    gross = { value, stable: assessStability(samples, device.step)?.stable === true && stable !== false }
    if (taken !== undefined && Math.abs(value - taken) > 2 * device.step) taken = undefined
    change()
  }, onEnd)
  return {
    device,
    shows: () => net,
    subscribe(onChange) {
      listeners.add(onChange)
      return () => listeners.delete(onChange)
    },
    took() {
      taken = gross?.value
      change()
    },
    tare() {
      if (!gross?.stable) return
      offset = gross.value
      change()
    },
    isTared: () => offset !== 0,
    stop,
  }
}
