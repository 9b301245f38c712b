import { edgePart, wholeEdge, type Seam } from '../../pieces/seam.ts';
import { halves, layers, type Half, type Layer, type ShellCase } from './params.ts';
import { hingeRun, panelOutline, zipperRun } from './runs.ts';

const outer: Record<Half, 'top' | 'bottom'> = { lid: 'top', base: 'bottom' };

/** The strips beside the zipper on their linings, the zipper between them. */
export const zipSeams = (): Seam[] =>
  halves.map((half) => {
    const edge = half === 'lid' ? 'bottom' : 'top';
    return {
      id: `body/zip-${half}`,
      kind: 'sewn',
      a: wholeEdge(`body/shell-zip-${half}`, edge),
      b: wholeEdge(`body/lining-zip-${half}`, edge, true),
    };
  });

/** Both ends of the hinge on the ends of the strips: between those the zipper lies. */
export function gussetSeams({ strip, depth }: ShellCase): Seam[] {
  const [near, far, whole] = [strip.value, depth.value - strip.value, depth.value];
  return layers.flatMap((layer) =>
    halves.flatMap((half): Seam[] => {
      const low = half === 'base';
      const zip = `body/${layer}-zip-${half}`;
      const hinge = `body/${layer}-hinge`;
      return [
        {
          id: `body/${layer}/gusset-right-${half}`,
          kind: 'sewn',
          a: low ? edgePart(hinge, 'right', 0, near) : edgePart(hinge, 'right', far, whole),
          b: wholeEdge(zip, 'left', true),
        },
        {
          id: `body/${layer}/gusset-left-${half}`,
          kind: 'sewn',
          a: low ? edgePart(hinge, 'left', far, whole) : edgePart(hinge, 'left', 0, near),
          b: wholeEdge(zip, 'right', true),
        },
      ];
    }),
  );
}

/** The gusset round both panels: hinge and zipper part, of the shell and of the lining. */
export const roundSeams = (detail: ShellCase): Seam[] =>
  layers.flatMap((layer: Layer) =>
    halves.flatMap((half): Seam[] => {
      const panel = `body/${layer}-${half}`;
      const edge = outer[half];
      // the top edge of a piece runs leftwards: walked the other way it begins, as the bottom edge does, on the left
      const along = (piece: string) => wholeEdge(piece, edge, edge === 'top');
      return [
        {
          id: `${panel}/hinge`,
          kind: 'sewn',
          a: { piece: panel, parts: hingeRun(detail) },
          b: along(`body/${layer}-hinge`),
        },
        {
          id: `${panel}/zipper`,
          kind: 'sewn',
          a: { piece: panel, parts: zipperRun(detail) },
          b: along(`body/${layer}-zip-${half}`),
        },
      ];
    }),
  );

/** Tape round the raw edges of each shell. */
export const bindingSeams = (detail: ShellCase): Seam[] =>
  halves.map((half) => ({
    id: `body/binding#${half}`,
    kind: 'caught',
    within: `body/shell-${half}/zipper`,
    a: edgePart('body/binding', 'bottom', 0, detail.round.value),
    b: { piece: `body/shell-${half}`, parts: panelOutline(detail).map(({ id }) => ({ edge: id })) },
  }));
