import { cloth, design, thing } from './words.ts';

export const caliperSleeve = design({
  id: 'caliper-sleeve',
  name: 'Caliper sleeve',
  story: 'The steel caliper goes in long side down, padded, and snaps shut above its jaws.',
  body: 'sleeve',
  params: { rim: 'plain' },
  contents: [thing('c1', 'caliper', 'Steel caliper')],
  stacks: cloth('canvas-10oz ~fleece', 'linen'),
  holders: [{ face: 'inside', id: 'A', kind: 'cavity', lines: ['c1'] }],
  closure: 'snap-row',
  rules: { 'turning.gap': 75 },
});

export const flaskBag = design({
  id: 'twin-flask-bag',
  name: 'Twin flask bag',
  story:
    'Two insulated flasks for a long low tide, front and back stitched together between them, standing on a boxed base.',
  body: 'sleeve',
  params: { form: 'boxed', bottom: 'seam' },
  contents: [thing('c1', 'flask', 'Insulated flask', { count: 2 })],
  stacks: cloth('waxed-canvas ~fleece', 'linen'),
  holders: [{ face: 'inside', id: 'A', kind: 'cavity', params: { divide: 'stitched' }, lines: ['c1'] }],
  rules: { 'turning.gap': 75 },
});

export const netSack = design({
  id: 'net-sack',
  name: 'Net stow sack',
  story:
    'The folded dip net goes wet into one layer of ripstop, folded at its side; the mouth folds over and a ribbon, sewn onto its hem, goes round it.',
  body: 'sleeve',
  params: { layers: 'single', bottom: 'side' },
  contents: [thing('c1', 'dip-net', 'Dip net, folded')],
  stacks: cloth('ripstop', 'cotton-lawn'),
  holders: [{ face: 'inside', id: 'A', kind: 'cavity', lines: ['c1'] }],
  closure: 'wrap-ribbon',
  closing: { place: 'hem' },
  rules: { 'ease.cavity.across': 15, 'ease.cavity.end': 20, 'mouth.hem': 50 },
});

export const boatTote = design({
  id: 'boat-tote',
  name: 'Boat tote',
  story:
    'Jars, notebook, cable and the logger stand apart between two loose dividers, on a base that comes out to be washed. The lining is dropped in, the handles are sunk between both.',
  body: 'sleeve',
  params: { form: 'boxed', bottom: 'fold', turn: 'dropped' },
  contents: [
    thing('c1', 'notebook', 'Waterproof notebook'),
    thing('c2', 'a6-booklet', 'Tide-table booklet'),
    thing('c3', 'cable', 'Coiled cable'),
    thing('c4', 'salinity-logger', 'Salinity logger'),
    thing('c5', 'sample-jar', 'Sample jar', { count: 3 }),
  ],
  stacks: cloth('waxed-canvas ~stiffener', 'linen', 'canvas-10oz'),
  holders: [{ face: 'inside', id: 'A', kind: 'loose-dividers', lines: ['c1', 'c2', 'c3', 'c4', 'c5'] }],
  parts: [
    { id: 'handles', kind: 'handles', params: { drop: 250, spread: 140, at: 'between', embed: 40, material: 'cloth' } },
    { id: 'base', kind: 'base-pad', params: {} },
  ],
  rules: { 'ease.cavity.across': 12, 'ease.cavity.end': 60, 'seam.allowance': 10 },
});

export const reelBag = design({
  id: 'reel-bag',
  name: 'String-reel bag',
  story: 'Two quadrat string reels stand on a boxed bottom; two cords draw the mouth shut from both sides.',
  body: 'sleeve',
  params: { form: 'boxed', bottom: 'seam' },
  contents: [thing('c1', 'string-reel', 'String reel', { count: 2, perHolder: 2 })],
  stacks: cloth('canvas-10oz', 'quilting-cotton'),
  holders: [{ face: 'inside', id: 'A', kind: 'cavity', lines: ['c1'] }],
  closure: 'drawstring',
  rules: { 'ease.cavity.across': 12, 'ease.cavity.end': 10 },
});

export const slateCarrier = design({
  id: 'slate-carrier',
  name: 'Slate carrier',
  story:
    'The field slate is gripped by its upper corners, which stick out of a padded carrier: its mouth runs over three sides. Outside, a bellows pocket stitched in the middle takes notebook and tide tables.',
  body: 'sleeve',
  params: { bottom: 'seam', corners: 'mouth' },
  contents: [
    thing('c1', 'field-slate', 'Field slate'),
    thing('c2', 'notebook', 'Waterproof notebook'),
    thing('c3', 'a6-booklet', 'Tide-table booklet'),
  ],
  stacks: cloth('waxed-canvas ~fleece', 'linen'),
  holders: [
    { face: 'inside', id: 'A', kind: 'cavity', lines: ['c1'] },
    { face: 'front', id: 'B', kind: 'bellows-pocket', params: { parts: 'two', visible: 20 }, lines: ['c2', 'c3'] },
  ],
  closure: 'strap-over',
  closing: { material: 'webbing' },
  parts: [{ id: 'handles', kind: 'handles', params: { at: 'seam', drop: 120, spread: 40 } }],
  rules: { 'turning.gap': 75 },
});

export const probeRoll = design({
  id: 'probe-roll',
  name: 'Probe roll',
  story: 'Probes, tweezers and brushes roll round the rigid chart board, which lies at the inside end.',
  body: 'roll',
  contents: [
    thing('c1', 'chart-board', 'Chart board'),
    thing('c2', 'probe', 'Steel probe', { count: 3 }),
    thing('c3', 'tweezers', 'Tweezers'),
    thing('c4', 'brush', 'Feather brush', { count: 2 }),
  ],
  stacks: cloth('waxed-canvas', 'quilting-cotton'),
  holders: [{ face: 'pocket', id: 'A', kind: 'channel-row', lines: ['c1', 'c2', 'c3', 'c4'] }],
  closure: 'tie',
});

export const sieveBag = design({
  id: 'sieve-bag',
  name: 'Sieve bag',
  story:
    'The round sieve drops onto a round base; a band is rim and facing of the mouth at once, and two flat ribbons in short casings draw it shut.',
  body: 'round',
  params: { mouth: 'band', band: 40 },
  contents: [thing('c1', 'sieve', 'Round sieve')],
  stacks: cloth('canvas-10oz', 'linen'),
  holders: [{ face: 'inside', id: 'A', kind: 'round-room', lines: ['c1'] }],
  closure: 'drawstring',
  closing: { casing: 'applied', reach: 'patch', patch: 150, cord: 'flat', header: 10 },
  // so that the ribbons draw it shut over the sieve
  pins: { 'body/height': 200 },
});

export const loggerPouch = design({
  id: 'logger-pouch',
  name: 'Position logger pouch',
  story:
    'One padded strip, folded at its foot: a single tape of a zipper runs along its long side and, folded with it, closes the pouch. Outside a pocket that opens towards the top; a strap from the top seam closes it, beside a ring.',
  body: 'sleeve',
  params: { bottom: 'side' },
  contents: [
    thing('c1', 'position-logger', 'Position logger', { orientation: 'lying' }),
    thing('c2', 'permit', 'Shore permit'),
  ],
  stacks: cloth('canvas-10oz ~fleece', 'linen'),
  holders: [
    { face: 'inside', id: 'A', kind: 'cavity', lines: ['c1'] },
    { face: 'front', id: 'B', kind: 'slip-pocket', params: { mouth: 'left' }, lines: ['c2'] },
  ],
  closure: 'fold-zip',
  parts: [
    { id: 'ring', kind: 'ring-tabs', params: {} },
    { id: 'strap', kind: 'pocket-strap', params: { material: 'webbing' } },
  ],
  rules: { 'turning.gap': 75 },
});
