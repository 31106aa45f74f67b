/// <reference types="w3c-web-serial" />
import { parseDeviceLine } from '#core/device/line.ts'
import * as texts from '#app/texts/devices.ts'
import type { Device } from './device.ts'

/** Whether this browser can speak to a serial scale. */
export const hasSerial = (): boolean => typeof navigator !== 'undefined' && 'serial' in navigator

/** Speeds that bench scales are set to, the usual first. Common practice, no published source. */
export const speeds = [9600, 4800, 2400, 19200, 115200] as const

/**
 * A scale on a serial port that the user chooses.
 *
 * @throws DOMException when the user chooses none, or the port is in use
 */
export async function serialScale(baudRate: number): Promise<Device> {
  const port = await navigator.serial.requestPort()
  await port.open({ baudRate })
  return {
    name: texts.serialScale,
    kind: 'scale',
    unit: 'g',
    step: 0.0001,
    listen(onValue, onEnd) {
      if (!port.readable) throw new Error('The port is not open')
      const reader = port.readable
        .pipeThrough(new TextDecoderStream() as unknown as ReadableWritablePair<string, Uint8Array>)
        .getReader()
      let ended = false
      let rest = ''
      const read = async () => {
        while (!ended) {
          const { value, done } = await reader.read()
          if (done) break
          const lines = (rest + value).split(/\r\n|\n|\r/)
          rest = lines.pop() ?? ''
          for (const line of lines) {
            const found = parseDeviceLine(line, { dimension: 'mass', unit: 'g' })
            if (found?.dimension === 'mass') onValue(found.value, found.stable)
          }
        }
      }
      read()
        .then(() => onEnd(texts.theScaleWentSilent))
        .catch(() => onEnd(texts.theScaleWasUnplugged))
      return () => {
        ended = true
        void reader
          .cancel()
          .catch(() => undefined)
          .then(() => port.close())
          .catch(() => undefined)
      }
    },
  }
}
