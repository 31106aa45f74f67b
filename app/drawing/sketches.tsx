import { palette } from './palette.ts'

/** A small sketch of an answer: lines, filled shapes, and a colour of material where that is what tells. */
interface Sketch {
  lines: string
  solid?: string
  /** Shape filled with a colour of the palette. */
  stuff?: [path: string, colour: string]
}

const box = 'M5 10h30v14h-30z'
const can = 'M13 5h14q2 0 2 2v17h-18v-17q0-2 2-2z'
const ring = 'M20 4a10 10 0 1 1-.1 0zM20 9a5 5 0 1 0 .1 0z'
const disc = 'M20 4a10 10 0 1 1-.1 0z'
const pack = 'M12 6h16v16h-16zM16 6v16M20 6v16M24 6v16'
const tube = 'M6 9h28v10h-28z'
const strip = 'M5 14l4-7 4 14 4-14 4 14 4-14 4 14 4-14 2 4'
const cell = (colour: string): Sketch => ({ lines: ring, stuff: [ring, colour] })
const media = (colour: string, lines = ''): Sketch => ({
  lines: `M7 5h26v18h-26z${lines}`,
  stuff: ['M7 5h26v18h-26z', colour],
})

const rubber = {
  nitrile: cell('#26282a'),
  hnbr: cell('#3f6b4c'),
  silicone: cell('#e2803f'),
  acm: cell('#3b3140'),
  fkm: cell('#5b4032'),
  ptfe: cell('#ece9e0'),
}

const sketches: Record<string, Record<string, Sketch>> = {
  'box.maker': {
    named: { lines: `${box}M9 14h14M9 18h20M9 21h12` },
    'brand-only': { lines: box, solid: 'M14 15h12v4h-12z' },
  },
  'box.closure': {
    'glue-lines': { lines: `${box}M5 10l4-6h22l4 6M8 13h24`, solid: 'M8 12h24v2h-24z' },
    'glue-dots': { lines: `${box}M5 10l4-6h22l4 6`, solid: 'M10 12h3v3h-3zM19 12h3v3h-3zM28 12h3v3h-3z' },
    tape: { lines: `${box}M5 10l4-6h22l4 6`, solid: 'M17 6h6v12h-6z' },
    flap: { lines: `${box}M5 10l-2-7 12 3M35 10l2-7-12 3` },
  },
  'box.seal': {
    film: { lines: `${can}M8 4q12-5 24 0M8 4v21M32 4v21` },
    bag: { lines: `${can}M8 8q-2 18 4 18h16q6 0 4-18M15 3q5 4 10 0` },
    cap: { lines: can, solid: 'M10 20h20v5h-20z' },
    none: { lines: can },
  },
  'can.print': {
    printed: { lines: can, solid: 'M14 11h12v2h-12zM14 15h12v2h-12z' },
    sticker: { lines: `${can}M12 9h16v10l-3 3h-13zM25 22v-3h3` },
    stamped: { lines: `${can}M15 11v6M15 14h4M19 11v6M22 11h4M24 11v6` },
  },
  'gasket.material': rubber,
  'oring.material': rubber,
  'gasket.section': {
    square: { lines: 'M12 6h16v16h-16z', solid: 'M12 6h16v16h-16z' },
    round: { lines: disc, solid: 'M20 6a8 8 0 1 1-.1 0z' },
    lipped: { lines: '', solid: 'M12 10h5l3-6 3 6h5v12h-16z' },
  },
  'tube.keys': {
    locked: { lines: `${tube}M20 9v10`, solid: 'M17 6h6v4h-6zM17 18h6v4h-6z' },
    loose: { lines: `${tube}M20 9v10M15 4h6v3h-6zM19 21h6v3h-6z` },
    none: { lines: `${tube}M20 9v10` },
  },
  'tube.place': {
    fixed: { lines: pack, solid: 'M18 4h4v20h-4z' },
    loose: { lines: `${pack}M32 4h4v20h-4z` },
    engine: { lines: `${pack}M6 24h28M18 24v-20h4v20` },
  },
  'cartridge.spigot': {
    sealed: { lines: 'M10 5h20v12h-20zM17 17v7h6v-7', solid: 'M15 20h10v3h-10z' },
    plain: { lines: 'M10 5h20v12h-20zM17 17v7h6v-7' },
    none: { lines: 'M10 7h20v14h-20z' },
  },
  'inside.centred': {
    centred: { lines: 'M20 3a11 11 0 1 1-.1 0z', solid: 'M20 8a6 6 0 1 1-.1 0z' },
    off: { lines: 'M20 3a11 11 0 1 1-.1 0z', solid: 'M23.5 9a6 6 0 1 1-.1 0z' },
  },
  'spring.type': {
    coil: { lines: 'M10 5h20M10 5l20 4.5-20 4.5 20 4.5-20 4.5h20' },
    leaf: { lines: 'M4 18q8-12 16-6q8-6 16 6M16 20h8' },
    combination: { lines: 'M4 20q6-10 11-6M36 20q-6-10-11-6M15 10h10v10h-10zM17 12l6 3-6 3' },
    none: { lines: 'M8 22q12-16 24 0' },
  },
  'bypass.place': {
    thread: { lines: 'M6 6h28v16h-28zM6 10h-3v8h3', solid: 'M8 10h4v8h-4z' },
    dome: { lines: 'M6 6h28v16h-28zM6 10h-3v8h3', solid: 'M28 10h4v8h-4z' },
    none: { lines: 'M6 6h28v16h-28zM6 10h-3v8h3' },
  },
  'bypass.build': {
    coil: { lines: 'M8 5v18M12 7v14M12 9l14 3-14 3 14 3M30 7v14', solid: 'M8 9h4v10h-4z' },
    leaf: { lines: 'M6 8h28M11 8v4M20 8v4M29 8v4M6 13q14 10 28 0' },
    combination: { lines: 'M4 20q6-10 11-6M36 20q-6-10-11-6M15 10h10v10h-10z', solid: 'M17 12h6v3h-6z' },
  },
  'bypass.seal': {
    rubber: { lines: ring, stuff: [ring, '#26282a'] },
    plastic: { lines: ring, stuff: [ring, '#e6e2d6'] },
    board: { lines: ring, stuff: [ring, '#b98f5c'] },
    metal: { lines: ring, stuff: [ring, '#cfd6d0'] },
  },
  'bypass.support': {
    yes: { lines: 'M8 7h24M8 21h24', solid: 'M10 11h20v3h-20zM10 16h20v2h-20z' },
    no: { lines: 'M8 7h24M8 21h24', solid: 'M10 12h20v3h-20z' },
  },
  'bypass.screen': {
    yes: { lines: `${disc}M12 9h16M10 14h20M12 19h16M15 5v18M20 4v20M25 5v18` },
    no: { lines: disc },
  },
  'adbv.build': {
    flap: { lines: 'M6 8h28M20 8v-3', solid: 'M8 10q12 3 24 0l3 8q-3-3-7-4h-16q-4 1-7 4z' },
    disc: { lines: 'M6 6h28M12 10h16M14 10l12 3-12 3 12 3M8 21h24' },
    none: { lines: 'M6 10h28v5h-28zM12 10v5M20 10v5M28 10v5' },
  },
  'adbv.material': { silicone: rubber.silicone, nitrile: rubber.nitrile, other: cell('#b9b1d0') },
  'caps.material': {
    steel: { lines: pack, stuff: ['M10 3h20v4h-20zM10 21h20v4h-20z', palette.cap.steel] },
    fibre: { lines: pack, stuff: ['M10 3h20v4h-20zM10 21h20v4h-20z', palette.cap.fibre] },
    moulded: { lines: pack, stuff: ['M10 2h20v6h-20zM10 20h20v6h-20z', palette.cap.moulded] },
    none: { lines: `${pack}M12 6l2-2 2 2 2-2 2 2 2-2 2 2 2-2 2 2` },
  },
  'element.seam': {
    crimp: { lines: 'M4 14h12M24 14h12', solid: 'M15 8h10v12h-10z' },
    glue: { lines: 'M4 12h20M16 16h20', stuff: ['M16 11h8v6h-8z', '#d58a12'] },
    weld: { lines: 'M4 12h20M16 16h20M17 10v8M20 10v8M23 10v8' },
  },
  'pleats.band': {
    none: { lines: pack },
    string: { lines: `${pack}M12 10l16 3M12 15l16 3` },
    wrap: { lines: pack, solid: 'M12 12h16v4h-16z' },
  },
  'core.seam': {
    spiral: { lines: `${tube}M8 19l8-10M16 19l8-10M24 19l8-10` },
    lock: { lines: `${tube}M6 13h28M6 15h28` },
    butt: { lines: `${tube}M6 14h28` },
  },
  'core.type': {
    perforated: {
      lines: tube,
      solid:
        'M10 11h2v2h-2zM16 11h2v2h-2zM22 11h2v2h-2zM28 11h2v2h-2zM10 15h2v2h-2zM16 15h2v2h-2zM22 15h2v2h-2zM28 ' +
        '15h2v2h-2z',
    },
    louvred: {
      lines: tube,
      solid: 'M9 11h5v1.4h-5zM18 11h5v1.4h-5zM27 11h5v1.4h-5zM9 15.5h5v1.4h-5zM18 15.5h5v1.4h-5zM27 15.5h5v1.4h-5z',
    },
    cage: { lines: 'M6 7h28v14h-28zM11 7v14M16 7v14M21 7v14M26 7v14M31 7v14M6 14h28' },
    none: { lines: 'M6 9h28M6 19h28' },
  },
  'media.backing': {
    none: { lines: strip },
    wire: { lines: 'M6 5h28v18h-28zM6 9h28M6 14h28M6 19h28M11 5v18M17 5v18M23 5v18M29 5v18' },
    plastic: { lines: 'M6 5l28 18M6 14l14 9M20 5l14 9M34 5l-28 18M34 14l-14 9M20 5l-14 9' },
  },
  'media.how': {
    strip: {
      lines: 'M5 8h30v12h-30zM8 4v-1M5 24h30M5 22v4M35 22v4',
      stuff: ['M5 8h30v2.5h-30zM5 17.5h30v2.5h-30z', '#d58a12'],
    },
    between: { lines: 'M12 6h16v16h-16zM32 8v12M30 8h4M30 20h4', solid: 'M10 4h20v4h-20zM10 20h20v4h-20z' },
  },
  'media.type': {
    cellulose: media(palette.media.cellulose, 'M10 9q6 4 20-1M9 16q9-4 22 2'),
    blend: media(palette.media.blend, 'M10 9q6 4 20-1M9 20l22-8'),
    synthetic: media(palette.media.synthetic, 'M9 8l22 6M9 14l22-6M9 20l22-6'),
    glass: media(palette.media.glass, 'M12 8l8 12M20 7l-6 13M26 8l-3 12M30 9l-9 11'),
  },
}

/** A sketch of one answer of a choice; nothing where words say it better. */
export function OptionSketch({ characteristic, value }: { characteristic: string; value: string }) {
  const sketch = sketches[characteristic]?.[value]
  if (!sketch) return null
  const { lines, solid, stuff } = sketch
  return (
    <svg
      viewBox="0 0 40 28"
      width={60}
      height={42}
      aria-hidden
      fill="none"
      stroke="currentColor"
      strokeWidth={1.5}
      strokeLinejoin="round"
      strokeLinecap="round"
    >
      {stuff && <path d={stuff[0]} fill={stuff[1]} fillRule="evenodd" />}
      {solid && <path d={solid} fill="currentColor" stroke="none" />}
      {lines && <path d={lines} />}
    </svg>
  )
}

/** Whether every answer of a choice has a sketch. */
export const isSketched = (characteristic: string, values: readonly string[]): boolean =>
  values.every((value) => sketches[characteristic]?.[value] !== undefined)
