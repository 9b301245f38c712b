import { edgeLength, roundedRectangle, type Outline } from '../../geometry/outline.ts';
import type { Notch } from '../../pieces/piece.ts';
import type { RunPart } from '../../pieces/seam.ts';
import type { ShellCase } from './params.ts';

export const panelOutline = ({ length, width, radius }: Pick<ShellCase, 'length' | 'width' | 'radius'>): Outline =>
  roundedRectangle(length.value, width.value, radius.value);

/** Where the hinge begins and ends on the bottom edge of a panel, mm from its start. */
function hingeSpan(detail: ShellCase): [from: number, to: number, whole: number] {
  const whole = detail.length.value - 2 * detail.radius.value;
  return [(whole - detail.hinge.value) / 2, (whole + detail.hinge.value) / 2, whole];
}

/** The stretch of a panel's edge that the hinge is sewn to. */
export function hingeRun(detail: ShellCase): RunPart[] {
  const [from, to] = hingeSpan(detail);
  return [{ edge: 'bottom', from, to }];
}

/** The rest of it, from the right end of the hinge all round to its left end. */
export function zipperRun(detail: ShellCase): RunPart[] {
  const [from, to, whole] = hingeSpan(detail);
  const around = panelOutline(detail).slice(1);
  return [
    { edge: 'bottom', from: to, to: whole },
    ...around.map(({ id }): RunPart => ({ edge: id })),
    { edge: 'bottom', from: 0, to: from },
  ];
}

/** Marks that panel and gusset share: both ends of each corner, and the middle of each straight side.
 * @returns for each its place on the panel, and how far along the zipper part it lies, mm */
export function quarterMarks(detail: ShellCase): { id: string; panel: Omit<Notch, 'id'>; along: number }[] {
  const [, to, whole] = hingeSpan(detail);
  let along = whole - to;
  return panelOutline(detail)
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
