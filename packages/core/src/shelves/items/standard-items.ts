import type { Item } from './item.ts';

const ID = 'ISO/IEC 7810';
const PAPER = 'ISO 216';
const EURO = 'published size, European Central Bank (from memory)';
const DEMO = 'Saltmarsh Bench, measured';

const card = (id: string, name: string, more: Partial<Item> = {}): Item => ({
  id,
  name,
  shape: 'card',
  length: 85.6,
  width: 53.98,
  thickness: 0.76,
  planRadius: 3.18,
  rigid: true,
  source: `${ID} ID-1`,
  ...more,
});
const note = (id: string, name: string, length: number, width: number, source = EURO): Item => ({
  id,
  name,
  shape: 'card',
  length,
  width,
  thickness: 0.11,
  source,
});
const sheet = (id: string, name: string, length: number, width: number, thickness: number): Item => ({
  id,
  name,
  shape: 'card',
  length,
  width,
  thickness,
  source: `${PAPER} (thickness: common practice)`,
});

const tool = (
  id: string,
  name: string,
  length: number,
  width: number,
  thickness: number,
  more: Partial<Item> = {},
): Item => ({
  id,
  name,
  shape: 'box',
  length,
  width,
  thickness,
  rigid: true,
  source: DEMO,
  ...more,
});
const rod = (
  id: string,
  name: string,
  length: number,
  diameter: number,
  { source = DEMO, ...more }: Partial<Item> = {},
): Item => tool(id, name, length, diameter, diameter, { shape: 'cylinder', source, ...more });

/** Things of known size. A maker's own things live in her design or on her own shelf. */
export const standardItems: readonly Item[] = [
  card('id1-card', 'Card'),
  card('bus-card', 'Bus card', { magnetSensitive: true }),
  card('permit', 'Shore permit, laminated'),
  card('id2-card', 'ID-2 card', { length: 105, width: 74, source: `${ID} ID-2` }),
  {
    id: 'passport',
    name: 'Passport',
    shape: 'book',
    length: 125,
    width: 88,
    thickness: 5,
    planRadius: 3.18,
    source: 'ICAO Doc 9303, ID-3 booklet (thickness: common practice)',
  },
  note('note-5', 'Banknote, 5', 120, 62),
  note('note-10', 'Banknote, 10', 127, 67),
  note('note-20', 'Banknote, 20', 133, 72),
  sheet('note-20-folded', 'Banknote, 20, folded once', 72, 66.5, 0.22),
  note('note-50', 'Banknote, 50', 140, 77),
  sheet('a6-booklet', 'Tide-table booklet, A6', 148, 105, 2.4),
  sheet('a7-sheet', 'Paper, A7', 105, 74, 0.1),
  sheet('a6-sheet', 'Paper, A6', 148, 105, 0.1),
  sheet('receipt', 'Landing receipt', 105, 74, 0.1),
  {
    id: 'sd-card',
    name: 'SD card',
    shape: 'card',
    length: 32,
    width: 24,
    thickness: 2.1,
    rigid: true,
    smallPart: true,
    source: 'SD card, published size (from memory)',
  },
  {
    id: 'hand-lens',
    name: 'Hand lens',
    shape: 'disc',
    length: 46,
    width: 46,
    thickness: 17,
    rigid: true,
    source: DEMO,
  },
  tool('caliper', 'Steel caliper', 236, 78, 16),
  tool('salinity-logger', 'Salinity logger', 132, 74, 31, { fragile: true }),
  tool('position-logger', 'Position logger', 140, 70, 11),
  tool('field-slate', 'Field slate', 300, 215, 4),
  tool('species-deck', 'Deck of species cards', 94, 66, 24),
  rod('flask', 'Insulated flask', 268, 74),
  rod('vial', 'Sample vial', 95, 16),
  rod('refractometer', 'Dip refractometer', 168, 40, { fragile: true, valuable: true }),
  rod('aa-cell', 'AA cell', 50.5, 14.5, { source: 'IEC 60086, R6 maximum (from memory)' }),
  tool('chart-board', 'Chart board', 190, 60, 3),
  rod('probe', 'Steel probe', 210, 6, { sharp: true }),
  rod('brush', 'Feather brush', 180, 9),
  tool('tweezers', 'Tweezers', 150, 12, 7),
  tool('string-reel', 'Quadrat string reel', 120, 120, 44, { shape: 'disc' }),
  rod('sample-jar', 'Sample jar, glass', 92, 68, { fragile: true }),
  tool('sieve', 'Round sieve', 205, 205, 55, { shape: 'disc' }),
  tool('notebook', 'Waterproof notebook, A6', 148, 105, 14, { shape: 'book', rigid: false }),
  tool('dip-net', 'Dip net, folded', 320, 130, 70, { shape: 'soft', rigid: false, wet: true }),
  tool('lens-cloth', 'Lens cloth, folded', 90, 60, 6, { shape: 'soft', rigid: false, compressible: 0.5 }),
  tool('cable', 'Coiled cable', 110, 110, 30, { shape: 'soft', rigid: false }),
  tool('folding-rule', 'Folding rule', 235, 30, 16),
  tool('whistle', 'Whistle', 50, 20, 18),
  rod('pencil', 'Pencil', 176, 7.5),
];
