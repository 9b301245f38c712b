import type { Room, Stood } from '../pieces/room.ts';
import type { Fitting } from './fitting.ts';
import type { Load } from './load.ts';
import { packedOf } from './packed.ts';
import { endways, pileOf, thingOf, type Pile, type Thing } from './things.ts';

/** The things of a room as they stand in it; nothing if there are none. */
export function thingsIn(
  { stands, lengthwise }: Room,
  { contents }: Pick<Fitting, 'contents'>,
): Pick<Load, 'things' | 'own' | 'piles'> | undefined {
  if (!stands) return undefined;
  const thing = (stood: Stood): Thing[] => {
    const held = contents(stood.line);
    if (!held) return [];
    const own = thingOf(stood, held);
    return [lengthwise ? endways(own) : own];
  };
  if ('packed' in stands) {
    const { things, whole } = packedOf(stands.packed, contents);
    const heap = things.length > 0 ? piled([[whole]]) : undefined;
    return heap && { ...heap, things };
  }
  return piled('above' in stands ? [stands.above.flatMap(thing)] : stands.beside.map((stood) => stood.flatMap(thing)));
}

/** The things of a room as they stand beside each other; none if it is empty. */
export const pilesIn = (room: Room, fitting: Pick<Fitting, 'contents'>): readonly Pile[] =>
  thingsIn(room, fitting)?.own ?? [];

function piled(all: readonly (readonly Thing[])[]): Pick<Load, 'things' | 'own' | 'piles'> | undefined {
  const own = all.filter((things) => things.length > 0).map(pileOf);
  return own.length > 0 ? { things: own.flatMap(({ things }) => things), own, piles: own } : undefined;
}
