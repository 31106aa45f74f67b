import { range } from './ranges.ts'

export type Range = readonly [low: number, high: number]

const area = (low: number, high: number): Range => [low / 1e4, high / 1e4]

/**
 * Where most of a class lie, SI, by the class and the key of a characteristic or figure; what is not listed is as the
 * catalogue says for cars. Of cars: 0.27 to 0.33 in² of inlets and 60 to 210 in² of media; of large diesels: wall 0.6
 * mm, media over 2 m long and about 92 mm wide, 3 threads, drain-back disc 0.78 mm are common practice, no published
 * source. All else is an estimate from memory.
 */
export const classRanges: Readonly<Partial<Record<string, Readonly<Record<string, Range>>>>> = {
  car: { 'inlet.area': [174e-6, 213e-6], 'media.area': area(390, 1350) },
  'small-cartridge': { 'whole.weight': range.g(35, 130), 'media.area': area(390, 1350) },
  'small-engine': {
    'whole.weight': range.g(90, 200),
    'can.height': range.mm(45, 68),
    'can.diameter': range.mm(52, 67),
    'can.wall': range.mm(0.3, 0.45),
    'can.weight': range.g(25, 55),
    'plate.weight': range.g(35, 95),
    'plate.thickness': range.mm(1.6, 3),
    'thread.turns': range.count(2.5, 4.5),
    'gasket.thickness': range.mm(2.4, 4),
    'gasket.diameter': range.mm(42, 60),
    'gasket.weight': range.g(1, 4),
    'spring.weight': range.g(2, 8),
    'bypass.weight': range.g(3, 10),
    'adbv.thickness': range.mm(0.7, 1.4),
    'adbv.weight': range.g(1, 5),
    'element.od': range.mm(40, 56),
    'element.id': range.mm(17, 28),
    'element.height': range.mm(25, 48),
    'element.weight': range.g(12, 45),
    'pleats.count': range.count(25, 52),
    'media.length': range.m(0.35, 0.9),
    'media.width': range.mm(30, 50),
    'media.weight': range.g(4, 12),
    'inlet.area': [110e-6, 190e-6],
    'media.area': area(120, 480),
  },
  'large-diesel': {
    'whole.weight': range.g(700, 2000),
    'can.height': range.mm(140, 290),
    'can.diameter': range.mm(93, 125),
    'can.wall': range.mm(0.5, 0.75),
    'can.weight': range.g(180, 560),
    'plate.weight': range.g(220, 650),
    'plate.thickness': range.mm(3, 6),
    'thread.turns': range.count(3, 6),
    'gasket.thickness': range.mm(4, 6.5),
    'gasket.diameter': range.mm(70, 120),
    'gasket.weight': range.g(5, 20),
    'spring.weight': range.g(10, 40),
    'bypass.weight': range.g(10, 60),
    'adbv.thickness': range.mm(0.7, 1.4),
    'adbv.weight': range.g(4, 18),
    'element.od': range.mm(80, 110),
    'element.id': range.mm(35, 58),
    'element.height': range.mm(90, 240),
    'element.weight': range.g(200, 800),
    'pleats.count': range.count(45, 110),
    'media.length': range.m(1.8, 3.5),
    'media.width': range.mm(85, 230),
    'media.weight': range.g(50, 220),
    'inlet.area': [350e-6, 900e-6],
    'media.area': area(1500, 5500),
  },
  'large-cartridge': {
    'whole.weight': range.g(180, 850),
    'element.od': range.mm(80, 128),
    'element.id': range.mm(35, 65),
    'element.height': range.mm(140, 250),
    'element.weight': range.g(150, 800),
    'pleats.count': range.count(45, 120),
    'media.length': range.m(1.6, 4),
    'media.width': range.mm(130, 240),
    'media.weight': range.g(50, 260),
    'oring.inside': range.mm(45, 115),
    'media.area': area(2200, 8000),
  },
}
