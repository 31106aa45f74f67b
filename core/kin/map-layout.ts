import {
  forceCollide,
  forceLink,
  forceManyBody,
  forceSimulation,
  forceX,
  forceY,
  type SimulationNodeDatum,
} from 'd3-force'

/** Where something lies on the map; without unit. */
export interface MapPlace {
  x: number
  y: number
}

interface Body extends SimulationNodeDatum {
  id: string
}

/** Steps until what is laid out anew lies still; what is remembered only has to make room. */
const steps = { anew: 300, remembered: 80 }
const distance = 34
const room = 14

/**
 * Where filters lie on a map: those that share a part close to each other, the others apart. The same is always laid
 * out alike, and what was laid out before stays about where it was.
 *
 * Source: force-directed placement with velocity Verlet steps, as d3-force does it.
 *
 * @param ids of the filters
 * @param links between two that share a part, strength 0 to 1
 * @param remembered places of some of them, from before
 * @returns a place each
 * @example layMap(['x'], [], new Map([['x', { x: 0, y: 0 }]])).get('x') // => { x: 0, y: 0 }
 */
export function layMap(
  ids: readonly string[],
  links: readonly { a: string; b: string; strength: number }[],
  remembered: ReadonlyMap<string, MapPlace> = new Map(),
): Map<string, MapPlace> {
  const bodies: Body[] = ids.map((id) => ({ id, ...remembered.get(id) }))
  const pulls = links.map(({ a, b, strength }) => ({ source: a, target: b, strength }))
  const isKnown = bodies.some(({ x }) => x !== undefined)
  const simulation = forceSimulation(bodies)
    .force(
      'links',
      forceLink<Body, (typeof pulls)[number]>(pulls)
        .id(({ id }) => id)
        .distance(distance)
        .strength(({ strength }) => 0.2 + 0.6 * strength),
    )
    .force('apart', forceManyBody<Body>().strength(-260).distanceMax(400))
    .force('room', forceCollide<Body>(room))
    .force('x', forceX<Body>().strength(0.05))
    .force('y', forceY<Body>().strength(0.08))
    .alpha(isKnown ? 0.2 : 1)
    .stop()
  simulation.tick(isKnown ? steps.remembered : steps.anew)
  return new Map(bodies.map(({ id, x = 0, y = 0 }) => [id, { x, y }]))
}
