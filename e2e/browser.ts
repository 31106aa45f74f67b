import type { LaunchOptions } from 'puppeteer-core'

/** Debian's Chromium, or the one that is named; it asks for nothing of its own. */
export const browserOptions: LaunchOptions = {
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    // As large as the pages that are looked at: what lies outside the window is never painted.
    '--window-size=1280,900',
    // A camera that shows a made-up picture, and a page that may use it.
    '--use-fake-device-for-media-stream',
    '--use-fake-ui-for-media-stream',
  ],
}
