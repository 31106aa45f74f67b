import { fromSI } from '#core/quantity/convert.ts'
import { formatFixed } from '#core/quantity/format.ts'
import type { Problem } from '#core/result.ts'
import * as texts from '#app/texts/devices.ts'
import type { LiveDevice } from './live.ts'

/** What a device shows, as it would be typed. */
export function formatDisplayed({ device, shows }: LiveDevice): string {
  const displayed = shows()
  const decimals = Math.max(0, Math.round(-Math.log10(fromSI(device.step, device.unit))))
  return displayed ? `${formatFixed(fromSI(displayed.value, device.unit), decimals)} ${device.unit}` : '–'
}

/** Takes what a device shows, once, when it holds still; returns why it cannot be taken now. */
export function takeFromDevice(live: LiveDevice, submit: (displayed: string) => boolean): Problem | undefined {
  const displayed = live.shows()
  const { kind } = live.device
  if (displayed?.taken)
    return {
      code: 'taken',
      message: texts.theHasNotMovedSinceIts(kind),
    }
  if (!displayed?.stable)
    return {
      code: 'unsettled',
      message: texts.theIsStillMovingWaitUntil(kind),
    }
  if (submit(formatDisplayed(live))) live.took()
  return undefined
}
