import type { Characteristic } from './characteristic.ts'
import { both, spinOn } from './filter-form.ts'
import { range, reads } from './ranges.ts'

const box = { part: 'box', station: 'box', forms: both, lostAfter: 'wrap' } as const

/** What the box tells before it is opened. Claims are kept elsewhere, word for word. */
export const boxCharacteristics: Characteristic[] = [
  {
    ...box,
    key: 'box.suffix',
    kind: 'text',
    label: 'Part number as printed',
    how: 'Copy it from the box with every suffix letter, and look whether the filter says the same.',
    why: 'Makers change what is inside under one number; the suffix often tells.',
  },
  {
    ...box,
    key: 'box.datecode',
    kind: 'text',
    label: 'Date code',
    how: 'Printed or stamped on box or can; copy it as it stands.',
    why: 'Dates this revision.',
  },
  {
    ...box,
    key: 'box.origin',
    kind: 'text',
    label: 'Country of origin',
    how: 'As printed: country, and whether it says made, assembled or packed.',
    why: 'Separates revisions.',
  },
  {
    ...box,
    key: 'box.maker',
    kind: 'choice',
    label: 'Maker named',
    how: 'Look for a maker besides the brand.',
    why: 'Someone answers for it.',
    options: [
      { value: 'named', label: 'Named', description: 'A maker with an address is printed.' },
      { value: 'brand-only', label: 'Brand only', description: 'Only the brand or a distributor.' },
    ],
  },
  {
    ...box,
    key: 'box.closure',
    kind: 'choice',
    label: 'How the box is closed',
    how: 'Before opening: look under the flap.',
    why: 'One of the clues to a counterfeit.',
    options: [
      { value: 'glue-lines', label: 'Glue lines', description: 'A line of glue right across the flap.' },
      { value: 'glue-dots', label: 'Glue dots', description: 'A few dots of glue.' },
      { value: 'tape', label: 'Tape or label', description: 'A tape or a seal label over the flap.' },
      { value: 'flap', label: 'Loose flap', description: 'Tucked in; opens and closes without a trace.' },
      { value: 'no-box', label: 'No box', description: 'Sold bare, in a bag or in a tray.' },
    ],
  },
  {
    ...box,
    key: 'box.seal',
    kind: 'choice',
    label: 'Cover over the filter',
    how: 'What keeps dust out of the open end.',
    why: 'Dust on a shelf ends on the clean side.',
    options: [
      { value: 'film', label: 'Shrink film', description: 'Film over the open end or the whole filter.' },
      { value: 'bag', label: 'Bag', description: 'A plastic bag round the filter.' },
      { value: 'cap', label: 'Cap', description: 'A plastic cap or a sticker over the opening.' },
      { value: 'none', label: 'Nothing', description: 'The filter stands bare in the box.' },
    ],
  },
  {
    ...box,
    key: 'box.contents',
    kind: 'text',
    label: 'What else is in the box',
    how: 'Drain washer, spare O-rings, leaflet; "nothing" if nothing.',
    why: 'A washer is worth money and is compared as such.',
  },
  {
    ...box,
    key: 'box.capacity',
    part: 'media',
    kind: 'quantity',
    ...reads.weight,
    plausible: range.g(1, 200),
    typical: range.g(8, 30),
    label: 'Dirt capacity as claimed',
    how: 'In grams, from the box or the maker: a claim. Say where it was read.',
    why: 'Over the measured area it shows which claim is hard to believe.',
    extra: true,
  },
  {
    ...box,
    key: 'can.print',
    part: 'can',
    forms: spinOn,
    kind: 'choice',
    label: 'Printing on the can',
    how: 'Scratch the edge of the print with a nail.',
    why: 'A sticker hides another brand as easily as it names one.',
    options: [
      { value: 'printed', label: 'Printed', description: 'Print on the paint itself.' },
      { value: 'sticker', label: 'Sticker', description: 'A label round the can.' },
      { value: 'stamped', label: 'Stamped', description: 'Pressed or etched into the metal.' },
    ],
  },
]
