import type { Orientation } from '../document/design-document.ts';

/** A side of a thing by its length: as it is seen from above, its long and its short one; and how thick it is. */
export type OwnSide = 'long' | 'short' | 'thin';

interface Way {
  across: OwnSide;
  down: OwnSide;
  title: string;
  why: string;
}

/** How a thing may stand in a room. */
const ways: Readonly<Record<Orientation, Way>> = {
  lying: {
    across: 'long',
    down: 'short',
    title: 'lying',
    why: 'Its long side runs across, its broad side looks to the front.',
  },
  upright: {
    across: 'short',
    down: 'long',
    title: 'upright',
    why: 'Its long side goes down, its broad side looks to the front.',
  },
  flat: {
    across: 'long',
    down: 'thin',
    title: 'flat, across',
    why: 'It lies on its broad side, its long side across.',
  },
  'flat-inwards': {
    across: 'short',
    down: 'thin',
    title: 'flat, inwards',
    why: 'It lies on its broad side, its long side from front to back.',
  },
  edge: {
    across: 'thin',
    down: 'long',
    title: 'upright, edge first',
    why: 'Its long side goes down, its narrow edge looks to the front.',
  },
  'edge-lying': {
    across: 'thin',
    down: 'short',
    title: 'lying, edge first',
    why: 'Its short side goes down, its narrow edge looks to the front.',
  },
};

/** What the maker chooses from. */
export const waysToStand = (Object.entries(ways) as [Orientation, Way][]).map(([id, { title, why }]) => ({
  id,
  title,
  why,
}));

/** Which side goes where; a way that this version does not know is as if it stood upright. */
export function wayOf(orientation: Orientation): Record<'across' | 'down' | 'inwards', OwnSide> {
  const { across, down } = Object.hasOwn(ways, orientation) ? ways[orientation] : ways.upright;
  const inwards = (['long', 'short', 'thin'] as const).find((side) => side !== across && side !== down)!;
  return { across, down, inwards };
}
