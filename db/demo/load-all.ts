import { removeDemo, showDemo } from '#app/data/demo.server.ts'
import brae from './brae-16p.json'
import instrumentFile from './instruments.json'
import { loadApplication } from './load-application.ts'
import { loadInstruments } from './load-instruments.ts'
import { loadMarket } from './load-market.ts'
import { loadPlan } from './load-plan.ts'
import { loadReviews } from './load-reviews.ts'
import market from './market.json'
import plan from './plan.json'
import reviews from './reviews.json'
import skerry from './skerry-1.1-d.json'

/** Loads every file of the demo, all of it or nothing; returns how many readings there are. */
export async function loadAllOfDemo(): Promise<number> {
  await removeDemo()
  try {
    const instruments = await loadInstruments(instrumentFile)
    const products = new Map<string, string>()
    let readings = 0
    for (const file of [skerry, brae]) {
      const loaded = await loadApplication(file, instruments)
      readings += loaded.readings
      for (const [partNumber, id] of loaded.products) products.set(partNumber, id)
    }
    await loadMarket(market, products)
    await loadPlan(plan, products)
    await loadReviews(reviews)
    await showDemo(true)
    return readings
  } catch (error) {
    await removeDemo()
    throw error
  }
}
