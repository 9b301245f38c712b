import { edgeLength, roundedRectangle, type Outline } from '../../geometry/outline.ts';
import type { Notch } from '../../pieces/piece.ts';
import type { RunPart } from '../../pieces/seam.ts';
import type { Ring } from './ring.ts';

export const panelOutline = ({ length, width, radius }: Pick<Ring, 'length' | 'width' | 'radius'>): Outline =>
  roundedRectangle(length.value, width.value, radius.value);

/** Where the hinge begins and ends on the bottom edge of a panel, mm from its start. */
export function hingeSpan(ring: Ring): [from: number, to: number, whole: number] {
  const whole = ring.length.value - 2 * ring.radius.value;
  return [(whole - ring.hinge.value) / 2, (whole + ring.hinge.value) / 2, whole];
}

/** The stretch of a panel's edge that the hinge is sewn to. */
export function hingeRun(ring: Ring): RunPart[] {
  const [from, to] = hingeSpan(ring);
  return [{ edge: 'bottom', from, to }];
}

/** The rest of it, from the right end of the hinge all round to its left end. */
export function zipperRun(ring: Ring): RunPart[] {
  const [from, to, whole] = hingeSpan(ring);
  const around = panelOutline(ring).slice(1);
  return [
    { edge: 'bottom', from: to, to: whole },
    ...around.map(({ id }): RunPart => ({ edge: id })),
    { edge: 'bottom', from: 0, to: from },
  ];
}

/** Where the zipper part goes round the corners: the middle of each along it, and how much of it, mm. */
export function cornerBends(ring: Ring): { middle: number; over: number }[] {
  const over = (Math.PI / 2) * ring.radius.value;
  return quarterMarks(ring)
    .filter(({ id }) => id.startsWith('corner') && id.endsWith('-start'))
    .map(({ along }) => ({ middle: along + over / 2, over }));
}

/** Marks that panel and gusset share: both ends of each corner, and the middle of each straight side.
 * @returns for each its place on the panel, and how far along the zipper part it lies, mm */
export function quarterMarks(ring: Ring): { id: string; panel: Omit<Notch, 'id'>; along: number }[] {
  const [, to, whole] = hingeSpan(ring);
  let along = whole - to;
  return panelOutline(ring)
    .slice(1)
    .flatMap((edge) => {
      const length = edgeLength(edge);
      const at = along;
      along += length;
      const mark = (id: string, from: number) => ({ id, panel: { edge: edge.id, at: from }, along: at + from });
      if (edge.kind === 'arc') return [mark(`${edge.id}-start`, 0), mark(`${edge.id}-end`, length)];
      return [mark(`middle-${edge.id}`, length / 2)];
    });
}
