import { newDesign } from '../document/edits/new-design.ts';
import { placeForMe } from '../document/edits/place.ts';
import type { ContentsLine, DesignDocument } from '../document/design-document.ts';
import { standardItems } from '../shelves/items/standard-items.ts';

const line = (id: string, item: string, name: string, count = 1, perHolder = 1): ContentsLine => ({
  id,
  item,
  name,
  count,
  perHolder,
  orientation: 'lying',
});

const inside: ContentsLine[] = [
  line('c1', 'permit', 'Shore permit'),
  line('c2', 'bus-card', 'Bus card', 2, 2),
  line('c3', 'id1-card', 'Tide card', 3),
  line('c4', 'note-50', 'Ferry money', 4, 4),
];

const bifold: DesignDocument = {
  ...newDesign({ id: 'permit-bifold', name: 'Permit bifold' }),
  story: 'For the volunteers of Tern Quay Shore Survey: permit, bus cards, tide cards and the money for the ferry.',
};

const junior: DesignDocument = {
  ...newDesign({ id: 'junior-bifold', name: 'Junior bifold' }),
  story: 'A first wallet for the youngest volunteers: pleated pockets facing each other, and a tab that snaps.',
  contents: [line('c1', 'id1-card', 'Member card', 4), line('c2', 'note-20', 'Pocket money', 2, 2)],
  stacks: {
    exterior: [
      { material: 'quilting-cotton', coverage: 'full' },
      { material: 'interfacing-firm', coverage: 'trimmed' },
    ],
    lining: [{ material: 'cotton-lawn', coverage: 'full' }],
    pocket: [{ material: 'quilting-cotton', coverage: 'full' }],
  },
  closure: { kind: 'tab-snap', params: {} },
};

const upright = (id: string, item: string, name: string, count = 1): ContentsLine => ({
  ...line(id, item, name, count),
  orientation: 'upright',
});

const caliperSleeve: DesignDocument = {
  ...newDesign({ id: 'caliper-sleeve', name: 'Caliper sleeve' }),
  story: 'The steel caliper goes in long side down, padded, and snaps shut above its jaws.',
  contents: [upright('c1', 'caliper', 'Steel caliper')],
  stacks: {
    exterior: [
      { material: 'canvas-10oz', coverage: 'full' },
      { material: 'fleece', coverage: 'trimmed' },
    ],
    lining: [{ material: 'linen', coverage: 'full' }],
    pocket: [{ material: 'quilting-cotton', coverage: 'full' }],
  },
  body: { kind: 'sleeve', params: {} },
  closure: { kind: 'snap-row', params: {} },
};

const flaskBag: DesignDocument = {
  ...newDesign({ id: 'twin-flask-bag', name: 'Twin flask bag' }),
  story:
    'Two insulated flasks for a long low tide, front and back stitched together between them, standing on a boxed base.',
  contents: [upright('c1', 'flask', 'Insulated flask', 2)],
  stacks: {
    exterior: [
      { material: 'waxed-canvas', coverage: 'full' },
      { material: 'fleece', coverage: 'trimmed' },
    ],
    lining: [{ material: 'linen', coverage: 'full' }],
    pocket: [{ material: 'quilting-cotton', coverage: 'full' }],
  },
  body: { kind: 'sleeve', params: { form: 'boxed', bottom: 'seam' } },
};

const probeRoll: DesignDocument = {
  ...newDesign({ id: 'probe-roll', name: 'Probe roll' }),
  story: 'Probes, tweezers and brushes roll round the rigid chart board, which lies at the inside end.',
  contents: [
    upright('c1', 'chart-board', 'Chart board'),
    upright('c2', 'probe', 'Steel probe', 3),
    upright('c3', 'tweezers', 'Tweezers'),
    upright('c4', 'brush', 'Feather brush', 2),
  ],
  stacks: {
    exterior: [{ material: 'waxed-canvas', coverage: 'full' }],
    lining: [{ material: 'quilting-cotton', coverage: 'full' }],
    pocket: [{ material: 'quilting-cotton', coverage: 'full' }],
  },
  body: { kind: 'roll', params: {} },
  closure: { kind: 'tie', params: {} },
};

const apart = (document: DesignDocument): DesignDocument => ({
  ...document,
  holders: document.holders.map((holder) =>
    holder.kind === 'cavity' ? { ...holder, params: { divide: 'stitched' } } : holder,
  ),
});

const pleated = (document: DesignDocument): DesignDocument => ({
  ...document,
  holders: document.holders.map((holder) =>
    holder.kind === 'card-tiers' ? { ...holder, params: { making: 'pleated' } } : holder,
  ),
});

/** The designs that ship: all invented, in the workshop of Saltmarsh Bench. */
export const demoDesigns: readonly DesignDocument[] = [
  placeForMe({ ...bifold, contents: inside }, standardItems),
  pleated(placeForMe(junior, standardItems)),
  placeForMe(
    {
      ...bifold,
      id: 'permit-bifold-lens',
      name: 'Permit bifold with the hand lens',
      story: 'Can the hand lens come along? It is 17 mm thick, so this one is not finished.',
      contents: [...inside, line('c5', 'hand-lens', 'Hand lens')],
    },
    standardItems,
  ),
  placeForMe(caliperSleeve, standardItems),
  apart(placeForMe(flaskBag, standardItems)),
  placeForMe(probeRoll, standardItems),
];
