import type { Ring } from '../../pieces/room.ts';

/** Wall and base of each layer, the innermost first. */
export const roundRings = (lined: boolean): Ring[] =>
  (lined ? ['lining', 'shell'] : ['shell']).map((layer) => ({
    walls: [
      {
        piece: `body/${layer}-wall`,
        left: { seam: `body/${layer}/side`, side: 'b' },
        right: { seam: `body/${layer}/side`, side: 'a' },
        base: { seam: `body/${layer}/base`, side: 'a' },
        mouth: { edge: 'top' },
      },
    ],
    floor: { piece: `body/${layer}-base`, bounds: [{ seam: `body/${layer}/base`, side: 'b' }] },
  }));
