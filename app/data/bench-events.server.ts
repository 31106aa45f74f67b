import { EventEmitter } from 'node:events'

const events = new EventEmitter()
// As many pictures over cameras as somebody opens.
events.setMaxListeners(0)

/** Tells whoever follows the bench that readings of a specimen have come or gone. */
export const announceReadings = (specimenId: string): void => void events.emit('readings', specimenId)

/** Calls with the specimen whenever readings of one come or go; returns what ends it. */
export function whenReadingsChange(listener: (specimenId: string) => void): () => void {
  events.on('readings', listener)
  return () => void events.off('readings', listener)
}

/** Tells the pictures of an engine that they are driven otherwise. */
export const announceControl = (applicationId: string): void => void events.emit('control', applicationId)

/** Calls with the engine whenever its pictures are driven otherwise; returns what ends it. */
export function whenControlChanges(listener: (applicationId: string) => void): () => void {
  events.on('control', listener)
  return () => void events.off('control', listener)
}
