/** Dangers of the work, a line each, with more for who asks. Common practice, no published source. */
export const cautions = {
  cut: {
    summary: 'Fresh-cut edges are razors: cut-resistant gloves, eye protection, both hands behind the cut.',
    details:
      'Tighten the wheel a little only when it turns easily, and go slowest when it gives: that is when people ' +
      'cut themselves. Wipe or fold the edge before the can is handed on. Never grind or saw near what you will ' +
      'call contamination.',
  },
  blades: {
    summary: 'Blades away from the body, the element on the bench and not in the hand.',
    details:
      'Score the glue line all the way round before you pry. A blade that sticks slips next: back it out and ' +
      'start again. Gloves stay on, the can is still sharp.',
  },
  fibres: {
    summary: 'Fibres: do not tear dry media near your face; wipe down wet.',
    details:
      'Glass microfibre itches and does not belong in the lungs: damp the strip before it is torn, do not blow ' +
      'it clean, wipe the bench with a wet cloth and wash your hands before you touch your eyes.',
  },
  used: {
    summary:
      'A used filter is hot, under oil and hazardous waste in many places: drain, gloves, dispose by local rules.',
    details:
      'Let it stand open end down until it no longer drips, and keep rags and oil for the collecting point. ' +
      'Readings of weight and cleanliness of a used filter say nothing about a new one.',
  },
  moved: {
    summary: 'A cartridge that moved in a twist test is never fitted to an engine.',
    details: 'Keep it with the specimen, marked. If a second one moves too it is a pattern; one alone is a finding.',
  },
  opened: {
    summary: 'A filter that was opened never goes on an engine.',
    details:
      'Nor do its gasket, valve or spring on another filter. Keep the parts together, labelled, or dispose of ' +
      'them by local rules.',
  },
} as const

export type CautionKey = keyof typeof cautions
