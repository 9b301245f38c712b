import type { DesignDocument } from '../document/design-document.ts';
import { newDesign } from '../document/edits/new-design.ts';
import { placeForMe } from '../document/edits/place.ts';
import { standardItems } from '../shelves/items/standard-items.ts';
import { cloth, design, thing } from './words.ts';

const lying = { orientation: 'lying' } as const;
const inside = [
  thing('c1', 'permit', 'Shore permit', lying),
  thing('c2', 'bus-card', 'Bus card', { ...lying, count: 2, perHolder: 2 }),
  thing('c3', 'id1-card', 'Tide card', { ...lying, count: 3 }),
  thing('c4', 'note-50', 'Ferry money', { ...lying, count: 4, perHolder: 4 }),
];

const bifold: DesignDocument = {
  ...newDesign({ id: 'permit-bifold', name: 'Permit bifold' }),
  story: 'For the volunteers of Tern Quay Shore Survey: permit, bus cards, tide cards and the money for the ferry.',
};

const junior: DesignDocument = {
  ...newDesign({ id: 'junior-bifold', name: 'Junior bifold' }),
  story:
    'A first wallet for the youngest volunteers: pleated pockets facing each other, behind each a room for a folded note that is entered from the fold, and a tab that snaps.',
  contents: [thing('c1', 'id1-card', 'Member card', { ...lying, count: 4 })],
  stacks: cloth('quilting-cotton ~interfacing-firm', 'cotton-lawn'),
  closure: { kind: 'tab-snap', params: {} },
  // the seam that is turned through is wider, that beside the fold narrow, and strips are trimmed once they are pleated
  pieces: [
    { id: 'body/shell', allowance: { bottom: 10 } },
    { id: 'body/lining', allowance: { bottom: 10 } },
    { id: 'holders/A/strip', allowance: { bottom: 10, right: 3 }, rough: { bottom: 12 } },
    { id: 'holders/A/backing', allowance: { bottom: 10, left: 3 } },
    { id: 'holders/B/strip', allowance: { bottom: 10, left: 3 }, rough: { bottom: 12 } },
    { id: 'holders/B/backing', allowance: { bottom: 10, right: 3 } },
  ],
};

const pleated = (document: DesignDocument): DesignDocument => ({
  ...document,
  holders: document.holders.map((holder) =>
    holder.kind === 'card-tiers' ? { ...holder, params: { making: 'pleated' } } : holder,
  ),
});

export const permitBifold = placeForMe({ ...bifold, contents: inside }, standardItems);
/** The same with one more line of two, one behind each leaf. */
const withRooms = (document: DesignDocument): DesignDocument => ({
  ...document,
  contents: [...document.contents, thing('c2', 'note-20-folded', 'Pocket money', { count: 2 })],
  holders: [
    ...document.holders,
    ...['C', 'D'].map((id) => ({
      id,
      kind: 'fold-room',
      params: { front: 'cards' },
      contents: [{ line: 'c2', count: 1 }],
    })),
  ],
  faces: {
    ...document.faces,
    'left-behind': { kind: 'holder', id: 'C' },
    'right-behind': { kind: 'holder', id: 'D' },
  },
});
export const juniorBifold = withRooms(pleated(placeForMe(junior, standardItems)));
/** The one with the deliberate stop. */
export const permitBifoldLens = placeForMe(
  {
    ...bifold,
    id: 'permit-bifold-lens',
    name: 'Permit bifold with the hand lens',
    story: 'Can the hand lens come along? It is 17 mm thick, so this one is not finished.',
    contents: [...inside, thing('c5', 'hand-lens', 'Hand lens', lying)],
  },
  standardItems,
);

export const ferryPocket = design({
  id: 'ferry-pocket',
  name: 'Ferry-money pocket',
  story:
    'One half of a coarse zipper along the top and both outer edges, the bottom sewn last; one pleated card panel goes across the fold, its own back, bound by tabs at its ends; the money lies behind a zipper in the front.',
  body: 'foldover',
  params: { corners: 'rounded', radius: 25 },
  contents: [
    thing('c1', 'id1-card', 'Tide card', { count: 3 }),
    thing('c2', 'bus-card', 'Bus card'),
    thing('c3', 'note-20-folded', 'Ferry money, folded', { count: 2, perHolder: 2, orientation: 'lying' }),
  ],
  stacks: cloth('ripstop ~interfacing-woven', 'cotton-lawn', 'cotton-lawn'),
  holders: [
    { face: 'across', id: 'A', kind: 'fold-tiers', lines: ['c1', 'c2'] },
    { face: 'front', id: 'B', kind: 'zip-pocket', lines: ['c3'] },
  ],
  closure: 'edge-zip',
  closing: { path: 'upper' },
});

export const loggerPocket = design({
  id: 'logger-pocket',
  name: 'Edge-zip logger pocket',
  story: 'The slim position logger in padded cloth: a zipper edge to edge, a card pocket outside, a strap over all.',
  body: 'foldover',
  params: { corners: 'rounded', radius: 24 },
  contents: [thing('c1', 'position-logger', 'Position logger'), thing('c2', 'permit', 'Shore permit')],
  stacks: cloth('canvas-10oz ~fleece', 'linen'),
  holders: [
    { face: 'left', id: 'A', kind: 'slip-pocket', params: { visible: 20 }, lines: ['c1'] },
    { face: 'front', id: 'B', kind: 'slip-pocket', lines: ['c2'] },
  ],
  closure: 'edge-zip',
  parts: [
    { id: 'strap', kind: 'tab-snap', params: { overlap: 26 } },
    { id: 'ring', kind: 'ring-tabs', params: {} },
  ],
  rules: { 'turning.gap': 60 },
});
