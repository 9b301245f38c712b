import { edgePart, wholeEdge, type Seam } from '../../pieces/seam.ts';
import { halves, layers, type Half, type Ring } from './ring.ts';
import { hingeRun, zipperRun } from './runs.ts';

const outer: Record<Half, 'top' | 'bottom'> = { lid: 'top', base: 'bottom' };

/** The strips beside the zipper on their linings, the zipper between them. */
export const zipSeams = ({ own }: Ring): Seam[] =>
  halves.map((half) => {
    const edge = half === 'lid' ? 'bottom' : 'top';
    return {
      id: `${own}/zip-${half}`,
      kind: 'sewn',
      a: wholeEdge(`${own}/shell-zip-${half}`, edge),
      b: wholeEdge(`${own}/lining-zip-${half}`, edge, true),
    };
  });

/** Both ends of the hinge on the ends of the strips: between those the zipper lies. */
export function gussetSeams({ own, strip, depth }: Ring): Seam[] {
  const [near, far, whole] = [strip.value, depth.value - strip.value, depth.value];
  return layers.flatMap((layer) =>
    halves.flatMap((half): Seam[] => {
      const low = half === 'base';
      const zip = `${own}/${layer}-zip-${half}`;
      const hinge = `${own}/${layer}-hinge`;
      return [
        {
          id: `${own}/${layer}/gusset-right-${half}`,
          kind: 'sewn',
          a: low ? edgePart(hinge, 'right', 0, near) : edgePart(hinge, 'right', far, whole),
          b: wholeEdge(zip, 'left', true),
        },
        {
          id: `${own}/${layer}/gusset-left-${half}`,
          kind: 'sewn',
          a: low ? edgePart(hinge, 'left', far, whole) : edgePart(hinge, 'left', 0, near),
          b: wholeEdge(zip, 'right', true),
        },
      ];
    }),
  );
}

/** The gusset round both panels: hinge and zipper part, of the shell and of the lining. */
export const roundSeams = (ring: Ring): Seam[] =>
  layers.flatMap((layer) =>
    halves.flatMap((half): Seam[] => {
      const panel = ring.panel(layer, half);
      const seam = `${ring.own}/${layer}-${half}`;
      const edge = outer[half];
      // a panel is walked counter-clockwise, seen from outside, what is sewn to it the other way
      const along = (piece: string) => wholeEdge(piece, edge, true);
      return [
        {
          id: `${seam}/hinge`,
          kind: 'sewn',
          a: { piece: panel, parts: hingeRun(ring) },
          b: along(`${ring.own}/${layer}-hinge`),
        },
        {
          id: `${seam}/zipper`,
          kind: 'sewn',
          a: { piece: panel, parts: zipperRun(ring) },
          b: along(`${ring.own}/${layer}-zip-${half}`),
        },
      ];
    }),
  );

/** The edges of the two strips that the zipper lies between, and the seams that catch it. */
export const ringRims = ({ own }: Ring): { edge: ReturnType<typeof wholeEdge>; within: string }[] => [
  { edge: wholeEdge(`${own}/shell-zip-base`, 'top', true), within: `${own}/zip-base` },
  { edge: wholeEdge(`${own}/shell-zip-lid`, 'bottom'), within: `${own}/zip-lid` },
];
