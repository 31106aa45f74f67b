import type { FilterForm, FilterPartKey } from '#core/catalogue/index.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'

/** What the oil does: the engine runs warm, stands, or the element is blocked or the oil thick. */
export const oilStates = [
  { key: 'running', label: 'Running' },
  { key: 'stopped', label: 'Stopped' },
  { key: 'bypass', label: 'Cold or clogged' },
] as const

export type OilState = (typeof oilStates)[number]['key']

/** Where the oil can go round the element; `unknown` where nobody has looked. */
export type BypassPlace = 'thread' | 'dome' | 'none' | 'unknown'

/** Whether something keeps the oil in when the engine stands. */
type DrainBack = 'kept' | 'drains' | 'unknown'

/** A part with its job, and whether this filter has it. */
interface PartJob {
  part: FilterPartKey
  job: string
}

/** A belief that is heard and is wrong or too general, with what this filter says to it. */
interface BeliefAnswer {
  belief: string
  answer: string
}

/** The oil's way through one filter. */
export interface OilWay {
  bypass: BypassPlace
  drainBack: DrainBack
  /** What happens in each state, in a sentence or two. */
  says: Record<OilState, string>
  parts: PartJob[]
  beliefs: BeliefAnswer[]
}

const spinOnJobs: PartJob[] = [
  { part: 'plate', job: 'Lets dirty oil in through its ring of holes and clean oil out through the thread.' },
  { part: 'gasket', job: 'Keeps the oil between plate and engine.' },
  { part: 'adbv', job: 'A one-way lip over the inlet holes: oil comes in past it, and does not drain back.' },
  { part: 'element', job: 'Parts dirty oil outside from clean oil inside.' },
  { part: 'caps', job: 'Close the pleats at both ends: what is not sealed there goes past the media.' },
  { part: 'media', job: 'Holds the dirt; the oil goes through it from outside to inside.' },
  { part: 'core', job: 'Bears the push of the oil on the pleats, and lets it out through its openings.' },
  { part: 'bypass', job: 'Opens when the difference across the element grows too large, so that the engine is fed.' },
  { part: 'spring', job: 'Presses the element on its seat.' },
  { part: 'can', job: 'Holds the pressure.' },
]
const cartridgeJobs: PartJob[] = [
  { part: 'oring', job: 'Seals the cover, or keeps dirty from clean at an end of the cartridge.' },
  ...spinOnJobs.filter(({ part }) => ['element', 'caps', 'media', 'core'].includes(part)),
]

/**
 * The oil's way through a filter in three states, each part's job in one line, and what is wrongly believed.
 *
 * Source: common practice, no published source.
 *
 * @param form of the filter
 * @param known resolved values of a specimen
 * @example oilWay('spin-on', new Map()).bypass // => 'unknown'
 */
export function oilWay(form: FilterForm, known: ResolvedValues): OilWay {
  const bypass = (known.get('bypass.place')?.text ?? 'unknown') as BypassPlace
  const drainBack = drainBackOf(form, known)
  const hasNone: FilterPartKey[] = [
    ...(bypass === 'none' ? (['bypass'] as const) : []),
    ...(known.get('adbv.build')?.text === 'none' ? (['adbv'] as const) : []),
    ...(known.get('spring.type')?.text === 'none' ? (['spring'] as const) : []),
  ]
  return {
    bypass,
    drainBack,
    says: {
      running: runningText(form),
      stopped: stoppedTexts[form === 'cartridge' ? 'cartridge' : drainBack],
      bypass: form === 'cartridge' ? cartridgeBypass : bypassTexts[bypass],
    },
    parts: (form === 'cartridge' ? cartridgeJobs : spinOnJobs).filter(({ part }) => !hasNone.includes(part)),
    beliefs: beliefsOf(form, bypass, known),
  }
}

function drainBackOf(form: FilterForm, known: ResolvedValues): DrainBack {
  const build = known.get('adbv.build')?.text
  if (form === 'cartridge' || build === undefined) return 'unknown'
  return build === 'none' || known.get('adbv.fit')?.number?.value === 0 ? 'drains' : 'kept'
}

const runningText = (form: FilterForm): string =>
  form === 'cartridge'
    ? 'Oil fills the housing, goes through the pleats from outside to inside, and leaves through the middle.'
    : 'Oil comes in through the ring of holes, past the lip of the drain-back valve, round the element, through the ' +
      'media from outside to inside, and leaves through the thread.'

const stoppedTexts: Record<DrainBack | 'cartridge', string> = {
  kept: 'The lip lies on the holes: the oil stays in, and the engine has pressure at once when it starts.',
  drains:
    'Nothing covers the holes: the oil can drain back, and the first seconds of the next start are without pressure.',
  unknown: 'Whether something covers the holes was not looked at: if nothing does, the oil drains back.',
  cartridge: 'What keeps the oil up sits in the engine’s housing, not in the cartridge.',
}

const bypassTexts: Record<BypassPlace, string> = {
  thread:
    'The valve at the thread end opens: oil goes from the inlet straight to the outlet, past ' +
    'the media. Dirt that settled at the dome is not stirred.',
  dome:
    'The valve at the dome end opens: oil goes along the outside of the element, through the ' +
    'dome, and up the centre tube, past the media.',
  none:
    'This filter has no bypass of its own. An engine that needs one in the filter starves or the ' +
    'element gives way; many engines have their own.',
  unknown: 'Whether there is a bypass, and where, was not looked at.',
}
const cartridgeBypass = 'The valve that opens sits in the engine’s housing as a rule; oil goes past the media then.'

function beliefsOf(form: FilterForm, bypass: BypassPlace, known: ResolvedValues): BeliefAnswer[] {
  const pressure = known.get('bypass.printed')?.number?.value
  const pleats = known.get('pleats.count')?.number?.value
  const opens = pressure === undefined ? 'its opening pressure' : formatQuantity(pressure, 'bar')
  return [
    {
      belief: 'Every filter has a bypass valve.',
      answer: form === 'cartridge' ? 'A cartridge hardly ever has one: it is in the housing.' : whetherBypass(bypass),
    },
    {
      belief: 'Most of the oil skips the media.',
      answer:
        `Only while the difference across the element is above ${opens}: cold, thick oil at high speed, or a ` +
        'blocked element. Warm, all of it goes through.',
    },
    {
      belief: 'More pleats means more area.',
      answer:
        'Area is length times width of the unfolded strip. ' +
        (pleats === undefined
          ? 'Few deep pleats can hold more than many shallow ones.'
          : `These ${pleats} pleats can hold more or less than another filter’s, by how deep they are.`),
    },
  ]
}

function whetherBypass(bypass: BypassPlace): string {
  if (bypass === 'none') return 'This one has none.'
  const own = bypass === 'unknown' ? 'Of this one it was not looked at.' : 'This one has one.'
  return `${own} Others have none, since the engine has its own.`
}
