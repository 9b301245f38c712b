import type { DesignDocument } from '../document/design-document.ts';
import { newDesign } from '../document/edits/new-design.ts';
import { placeForMe } from '../document/edits/place.ts';
import { standardItems } from '../shelves/items/standard-items.ts';
import { cloth, thing } from './words.ts';

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
  story: 'A first wallet for the youngest volunteers: pleated pockets facing each other, and a tab that snaps.',
  contents: [
    thing('c1', 'id1-card', 'Member card', { ...lying, count: 4 }),
    thing('c2', 'note-20', 'Pocket money', { ...lying, count: 2, perHolder: 2 }),
  ],
  stacks: cloth('quilting-cotton ~interfacing-firm', 'cotton-lawn'),
  closure: { kind: 'tab-snap', params: {} },
};

const pleated = (document: DesignDocument): DesignDocument => ({
  ...document,
  holders: document.holders.map((holder) =>
    holder.kind === 'card-tiers' ? { ...holder, params: { making: 'pleated' } } : holder,
  ),
});

export const permitBifold = placeForMe({ ...bifold, contents: inside }, standardItems);
export const juniorBifold = pleated(placeForMe(junior, standardItems));
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
