import type { ElementHandle, Locator, Page } from 'puppeteer-core'

/** A page on which something arrives may move under the hand once, not for ever. */
const mostPresses = 3

/** Says of an element, once the mouse has come down, whether it came down on it or on one drawn in its place. */
const watched = (element: ElementHandle<Element>) =>
  element.evaluateHandle((wanted) => {
    const seen = { isMissed: false }
    document.addEventListener(
      'pointerdown',
      ({ target }) => {
        const pressed = target as Element
        const twin = pressed.closest(wanted.tagName)
        const isItsLabel = pressed.closest('label')?.control === wanted
        seen.isMissed = !wanted.contains(pressed) && !isItsLabel && twin?.textContent !== wanted.textContent
      },
      { once: true, capture: true },
    )
    return seen
  })

/** Presses what holds still; where the page moved under the hand and nothing was hit, again, as anybody would. */
export async function pressUntilHit(page: Page, selector: string, timeout: number): Promise<void> {
  const place = (): Locator<Element> => page.locator(selector).setTimeout(timeout) as Locator<Element>
  for (let presses = 0; presses < mostPresses; presses++) {
    const seen = await watched((await place().waitHandle()) as ElementHandle<Element>)
    await place().click()
    // Where the press has led to another page, there is nothing to be asked any more.
    const isMissed = await seen.evaluate(({ isMissed }) => isMissed).catch(() => false)
    if (!isMissed) return
  }
}
