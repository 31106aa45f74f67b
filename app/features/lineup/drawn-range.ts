/** Lines from one, up to but without another. */
export interface DrawnRange {
  from: number
  to: number
}

/** Whether so much is drawn beyond what is in sight, on either side, as far as there is any. */
export const isWithin = (sight: DrawnRange, drawn: DrawnRange, beyond: number, count: number): boolean =>
  drawn.from <= Math.max(0, sight.from - beyond) && drawn.to >= Math.min(count, sight.to + beyond)

/** Whole blocks: those in sight and one on either side. */
export const inBlocks = ({ from, to }: DrawnRange, block: number, count: number): DrawnRange => ({
  from: Math.max(0, (Math.floor(from / block) - 1) * block),
  to: Math.min(count, (Math.ceil(to / block) + 1) * block),
})
