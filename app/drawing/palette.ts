/** Colours of the drawing: the mat is the same in light and dark. */
export const palette = {
  mat: '#17463a',
  grid: '#2a5a4b',
  gridStrong: '#33685a',
  chalk: '#e9efe6',
  faint: '#a9c4b4',
  steel: '#cfd6d0',
  steelDark: '#9aa69f',
  hole: '#12372c',
  rubber: '#26282a',
  silicone: '#e2803f',
  other: '#b9b1d0',
  core: '#a6b8ac',
  now: '#fff3c4',
  fault: '#ff9c85',
  cap: { steel: '#d6dbd6', fibre: '#b98f5c', moulded: '#3d4a52', none: '#e9d9a4' },
  media: { cellulose: '#e8d79c', blend: '#e6dfc4', synthetic: '#dfe8ea', glass: '#f6f6f2' },
  rubberOf: {
    nitrile: '#26282a',
    hnbr: '#3f6b4c',
    silicone: '#e2803f',
    acm: '#3b3140',
    fkm: '#5b4032',
    ptfe: '#ece9e0',
    other: '#b9b1d0',
  },
}

/** The colour of an answer; another where it has none of its own. */
export const colourOf = (colours: Readonly<Record<string, string>>, answer: string, otherwise: string): string =>
  colours[answer] ?? otherwise
