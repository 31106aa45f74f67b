import { settle, type Sample, type Settling } from '#core/device/settle.ts'
import type { Device } from './device.ts'

const samplesKept = 30

/** A device that is being listened to. */
export interface Live {
  device: Device
  /** What it shows, tare taken off; undefined before its first value. */
  shows(): Settling | undefined
  subscribe(onChange: () => void): () => void
  /** Takes what lies on it now for zero; only when it holds still. */
  tare(): void
  isTared(): boolean
  stop(): void
}

/** Listens to a device; its values settle here, so that nobody but its own line is drawn anew. */
export function listenTo(device: Device, onEnd: (why: string) => void): Live {
  const listeners = new Set<() => void>()
  let samples: Sample[] = []
  let offset = 0
  let gross: Settling | undefined
  let net: Settling | undefined
  const change = () => {
    net = gross && { ...gross, value: gross.value - offset }
    for (const listener of listeners) listener()
  }
  const stop = device.listen((value, stable) => {
    samples = [...samples.slice(1 - samplesKept), { value, at: performance.now() }]
    gross = { value, stable: settle(samples, device.step)!.stable && stable !== false }
    change()
  }, onEnd)
  return {
    device,
    shows: () => net,
    subscribe(onChange) {
      listeners.add(onChange)
      return () => listeners.delete(onChange)
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
