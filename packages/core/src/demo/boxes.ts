import { cloth, design, plates, thing } from './words.ts';

export const lensPouch = design({
  id: 'lens-pouch',
  name: 'Lens pouch',
  story: 'Hand lens, whistle and the bus card on a clip: no larger than the card asks for.',
  body: 'zip-tube',
  contents: [
    thing('c1', 'hand-lens', 'Hand lens', { orientation: 'lying' }),
    thing('c2', 'whistle', 'Whistle', { orientation: 'lying' }),
    thing('c3', 'id1-card', 'Bus card', { orientation: 'lying' }),
  ],
  stacks: cloth('canvas-10oz ~fleece', 'quilting-cotton'),
  holders: [{ face: 'inside', id: 'A', kind: 'packed-room', lines: ['c1', 'c2', 'c3'] }],
  closure: 'zip-top',
  closing: { gauge: 'zipper-3', ends: 'tabs' },
  parts: [{ id: 'clip', kind: 'ring-tabs', params: { on: 'hook' } }],
  rules: { 'turning.gap': 75 },
});

export const loggerBag = design({
  id: 'logger-bag',
  name: 'Logger bag',
  story:
    'The salinity logger and two spare cells in a padded box cut as a cross; a flap with a magnet, a strap across the body.',
  body: 'box',
  params: { making: 'cross' },
  contents: [thing('c1', 'salinity-logger', 'Salinity logger'), thing('c2', 'aa-cell', 'Spare cell', { count: 2 })],
  stacks: cloth('canvas-10oz ^fleece', 'quilting-cotton'),
  holders: [{ face: 'inside', id: 'A', kind: 'packed-room', lines: ['c1', 'c2'] }],
  closure: 'flap',
  closing: { fastener: 'magnet' },
  parts: [{ id: 'strap', kind: 'shoulder-strap', params: { ends: 'sewn', embed: 50, drop: 600 } }],
  rules: { 'turning.gap': 75, 'ease.cavity.across': 6, 'seam.allowance': 8 },
});

export const refractometerCase = design({
  id: 'refractometer-case',
  name: 'Refractometer case',
  story:
    'The dip refractometer under two straps between stiff plates; six vials in elastic pockets in the lid, a guarded zipper round three sides.',
  body: 'shell',
  params: { radius: 25, hinge: 120, guard: 'strips' },
  contents: [
    thing('c1', 'refractometer', 'Dip refractometer', { orientation: 'lying' }),
    thing('c2', 'vial', 'Sample vial', { count: 6 }),
  ],
  stacks: plates(cloth('canvas-10oz', 'quilting-cotton fleece'), 'stiffener'),
  holders: [
    {
      face: 'base',
      id: 'A',
      kind: 'hold-straps',
      params: { way: 'upright', opens: 'middle', ends: 'edge' },
      lines: ['c1'],
    },
    { face: 'lid', id: 'B', kind: 'loop-row', params: { elastic: 'elastic-40', below: 'stitched' }, lines: ['c2'] },
  ],
  closure: 'zip-top',
  closing: { sliders: 'two' },
});

export const receiptsAccordion = design({
  id: 'receipts-accordion',
  name: 'Landing receipts',
  story:
    'Receipts and tide tables by place in three compartments that fan out of one seam, coins in a zipped divider, the permit behind a zipper in the back wall; the flap has a magnet.',
  body: 'accordion',
  params: { compartments: '3', foot: 'fan', dividers: 'zipped' },
  contents: [
    thing('c1', 'a6-booklet', 'Tide tables', { count: 2, perHolder: 2, orientation: 'lying' }),
    thing('c2', 'note-50', 'Ferry money', { count: 4, orientation: 'lying' }),
    thing('c3', 'a6-booklet', 'Receipts book', { orientation: 'lying' }),
    thing('c4', 'permit', 'Landing permit', { orientation: 'lying' }),
  ],
  stacks: cloth('canvas-10oz', 'cotton-lawn', 'quilting-cotton ~interfacing-woven'),
  holders: [
    { face: 'room-1', id: 'A', kind: 'file-room', lines: ['c1'] },
    { face: 'room-2', id: 'B', kind: 'file-room', lines: ['c2'] },
    { face: 'room-3', id: 'C', kind: 'file-room', lines: ['c3'] },
    { face: 'back-wall', id: 'D', kind: 'zip-pocket', params: { style: 'window', wide: 'face' }, lines: ['c4'] },
  ],
  closure: 'flap',
  closing: { fastener: 'magnet', overlap: 60 },
});

export const doubleTube = design({
  id: 'double-tube',
  name: 'Double-ended case',
  story:
    'Lens cloth at one end, four spare cells at the other, so that grit never meets the cloth; the bus card behind a window zip.',
  body: 'double-tube',
  params: { making: 'panels' },
  contents: [
    thing('c1', 'lens-cloth', 'Lens cloth'),
    thing('c2', 'aa-cell', 'Spare cell', { count: 4 }),
    thing('c3', 'bus-card', 'Bus card', { orientation: 'lying' }),
  ],
  stacks: cloth('canvas-10oz', 'quilting-cotton'),
  holders: [
    { face: 'a', id: 'A', kind: 'cavity', lines: ['c1'] },
    { face: 'b', id: 'B', kind: 'cavity', lines: ['c2'] },
    { face: 'front', id: 'C', kind: 'zip-pocket', params: { style: 'window' }, lines: ['c3'] },
  ],
  closure: 'zip-top',
  closing: { gauge: 'zipper-3', ends: 'tabs' },
});

export const landingOrganizer = design({
  id: 'landing-organizer',
  name: 'Landing organizer',
  story:
    'Notebook and landing receipts face each other in slip pockets; the flap has two faces, zipped round its edge, and holds the passport.',
  body: 'foldover',
  contents: [
    thing('c1', 'notebook', 'Waterproof notebook'),
    thing('c2', 'a6-booklet', 'Tide tables'),
    thing('c3', 'receipt', 'Landing receipts', { count: 20, perHolder: 20 }),
    thing('c4', 'passport', 'Passport', { orientation: 'lying' }),
  ],
  stacks: cloth('canvas-10oz ~interfacing-woven', 'cotton-lawn', 'quilting-cotton'),
  holders: [
    { face: 'left', id: 'A', kind: 'slip-pocket', params: { visible: 20 }, lines: ['c1'] },
    { face: 'right', id: 'B', kind: 'slip-pocket', params: { parts: 'two', visible: 20 }, lines: ['c2', 'c3'] },
    { face: 'flap', id: 'C', kind: 'file-room', lines: ['c4'] },
  ],
  closure: 'flap-pouch',
  closing: { fastener: 'magnet', corner: 50 },
  parts: [
    { id: 'tabs', kind: 'ring-tabs', params: { place: 'ends' } },
    { id: 'strap', kind: 'shoulder-strap', params: {} },
  ],
});

export const fieldOrganizer = design({
  id: 'field-organizer',
  name: 'Field organizer',
  story:
    'Stands open on the rocks: jars inside, the notebook in a pouch that parts them, receipts at the back; vials in loops on a flap that folds out.',
  body: 'organizer',
  params: { back: 'shell' },
  contents: [
    thing('c1', 'sample-jar', 'Sample jar', { count: 2 }),
    thing('c2', 'notebook', 'Waterproof notebook', { orientation: 'lying' }),
    thing('c3', 'receipt', 'Landing receipts', { count: 20, perHolder: 20, orientation: 'lying' }),
    thing('c4', 'lens-cloth', 'Lens cloth', { orientation: 'lying' }),
    thing('c5', 'vial', 'Sample vial', { count: 5 }),
  ],
  stacks: plates(cloth('canvas-10oz ^fleece', 'quilting-cotton'), 'stiffener'),
  holders: [
    { face: 'inside', id: 'A', kind: 'packed-room', lines: ['c1'] },
    { face: 'divider', id: 'B', kind: 'divider-pouch', params: { bottom: 'base' }, lines: ['c2'] },
    { face: 'back', id: 'C', kind: 'zip-pocket', params: { style: 'applied' }, lines: ['c3'] },
    { face: 'front', id: 'D', kind: 'mesh-pocket', lines: ['c4'] },
    { face: 'flap', id: 'E', kind: 'loop-row', lines: ['c5'] },
  ],
  closure: 'zip-top',
  closing: { ends: 'tabs', sliders: 'two' },
  parts: [{ id: 'grab', kind: 'ring-tabs', params: { on: 'loop' } }],
  rules: { 'turning.gap': 100, 'ease.cavity.across': 6 },
});
