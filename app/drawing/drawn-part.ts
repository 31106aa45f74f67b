/** A part of a filter as the drawing shows it. */
export type DrawnPart =
  'plate' | 'gasket' | 'oring' | 'adbv' | 'bypass' | 'element' | 'core' | 'pleats' | 'spring' | 'can'
