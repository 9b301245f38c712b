import type { Ring, WallGoesOn } from '../../pieces/room.ts';
import type { Round } from './params.ts';

export type RoundLayer = 'shell' | 'lining';
export const BAND = 'body/band';
/** The edge of the band that a layer is sewn to. */
export const bandEdge = { shell: 'bottom', lining: 'top' } as const;

/** The half of the band above a layer, up to its fold. */
export const bandAbove = (layer: RoundLayer): Omit<WallGoesOn, 'beyond'> => ({
  piece: BAND,
  from: { edge: bandEdge[layer] },
  to: { fold: 'mouth' },
});

/** Wall and base of each layer, the innermost first. */
export const roundRings = ({ lined, band }: Pick<Round, 'lined' | 'band'>): Ring[] =>
  (lined ? (['lining', 'shell'] as const) : (['shell'] as const)).map((layer) => ({
    walls: [
      {
        piece: `body/${layer}-wall`,
        left: { seam: `body/${layer}/side`, side: 'b' },
        right: { seam: `body/${layer}/side`, side: 'a' },
        base: { seam: `body/${layer}/base`, side: 'a' },
        mouth: { edge: 'top' },
        ...(band && { goesOn: { beyond: 'mouth' as const, ...bandAbove(layer) } }),
      },
    ],
    floor: { piece: `body/${layer}-base`, bounds: [{ seam: `body/${layer}/base`, side: 'b' }] },
  }));
