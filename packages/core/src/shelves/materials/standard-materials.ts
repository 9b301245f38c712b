import type { Material } from './material.ts';

type Row = [
  id: string,
  name: string,
  thickness: number,
  ratio: number,
  mass: number,
  tint: string,
  use: Material['use'],
];

// thickness and mass: common practice, typical cloth of the kind; a maker measures ten layers of her own
const woven: Row[] = [
  ['quilting-cotton', 'Quilting cotton, weld green', 0.27, 0.85, 145, '#A9BDB4', 'lining'],
  ['cotton-lawn', 'Cotton lawn, oat', 0.16, 0.9, 75, '#DDD3BD', 'lining'],
  ['linen', 'Linen, undyed', 0.4, 0.8, 190, '#CFC4AB', 'lining'],
  ['canvas-10oz', 'Cotton canvas, indigo', 0.62, 0.85, 340, '#3B4C74', 'shell'],
  ['waxed-canvas', 'Waxed canvas, tarred brown', 0.55, 0.9, 370, '#6E5C49', 'shell'],
  ['denim', 'Denim, washed', 0.85, 0.8, 400, '#5F7695', 'shell'],
  ['ripstop', 'Ripstop nylon, slate', 0.12, 0.95, 70, '#8A97A1', 'lining'],
];
const whole: Row[] = [
  ['felt-1', 'Wool felt 1 mm, lichen', 1, 0.7, 240, '#AEB48C', 'lining'],
  ['felt-2', 'Wool felt 2 mm, moss', 2, 0.7, 480, '#7C8660', 'shell'],
  ['leather-1', 'Goat leather 1.0, chestnut', 1, 0.95, 650, '#8B5E45', 'shell'],
  ['coated-cloth', 'Coated cloth, brine', 0.8, 0.9, 520, '#4F7C82', 'shell'],
];
const seenThrough: Row[] = [
  ['mesh', 'Stretch mesh, slate', 0.5, 0.7, 130, '#9AA5AD', 'mesh'],
  ['clear-film', 'Clear film 0.3', 0.3, 1, 380, '#DCE6E8', 'mesh'],
];
const hidden: Row[] = [
  ['interfacing-woven', 'Woven fusible interfacing', 0.2, 0.9, 80, '#E7E2D4', 'interfacing'],
  ['interfacing-firm', 'Firm fusible interfacing', 0.45, 0.9, 160, '#E2DCCB', 'interfacing'],
  ['fleece', 'Fusible fleece', 2.4, 0.35, 130, '#EDE8DA', 'padding'],
  ['stiffener', 'Woven stiffener 1.5', 1.5, 0.95, 620, '#D8D2C2', 'interfacing'],
];

const NYLON = { iron: 110, washable: true };
const COTTON = { iron: 200, washable: true };
/** Heat by the dots of ISO 3758 (from memory), give and care: common practice. */
const more: Record<string, Partial<Material>> = {
  'quilting-cotton': COTTON,
  'cotton-lawn': COTTON,
  linen: COTTON,
  'canvas-10oz': COTTON,
  'waxed-canvas': { iron: 0 },
  denim: COTTON,
  ripstop: NYLON,
  'felt-1': { iron: 150 },
  'felt-2': { iron: 150 },
  'leather-1': { iron: 0, needle: 'leather point' },
  'coated-cloth': { iron: 0, washable: true },
  mesh: { ...NYLON, stretchAcross: 0.3, stretchAlong: 0.1 },
  'clear-film': { iron: 0, washable: true },
  // about ten times as thick as it is
  stiffener: { bends: 'rolls', leastRadius: 15 },
};

const materials = (rows: Row[], frays: boolean, fusible = false): Material[] =>
  rows.map(([id, name, thickness, compressedRatio, arealMass, tint, use]) => {
    const shared = { id, name, thickness, compressedRatio, arealMass, tint, frays, use };
    return { ...shared, ...more[id], ...(fusible && { fusible }) };
  });

/** A first set of cloths. */
export const standardMaterials: readonly Material[] = [
  ...materials(woven, true),
  ...materials(whole, false),
  ...materials(seenThrough, false),
  ...materials(hidden, false, true),
];
