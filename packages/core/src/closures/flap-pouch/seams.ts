import type { ClosingEdge } from '../../bodies/body-kind.ts';
import { edgeLength, type Outline } from '../../geometry/outline.ts';
import { edgePart, wholeEdge, type EdgeRun, type RunPart, type Seam } from '../../pieces/seam.ts';
import { mirrored } from '../flap/piece.ts';

/** Ids of its pieces. */
export const idsOf = (id: string) => ({
  front: `${id}/flap`,
  frontLining: `${id}/flap-front-lining`,
  back: `${id}/flap-back`,
  backLining: `${id}/flap-back-lining`,
  zipper: `${id}/zipper`,
  tab: `${id}/zipper-tab`,
});
export type Ids = ReturnType<typeof idsOf>;

/** Its edges that a zipper runs along, counter-clockwise from its base. */
export const freeEdges = (outline: Outline) => outline.filter(({ id }) => id !== 'bottom');

/** Of the zipper and its tabs, mm. */
interface Tape {
  sewn: number;
  cut: number;
  tab: number;
}

export interface PouchSeams {
  front: Seam[];
  back: Seam[];
  linings: Seam[];
}

/** Zipper and tabs round the free edge of both faces, and each lining on its face with those between them. */
export function seamsOf(ids: Ids, outline: Outline, { sewn, cut, tab }: Tape): PouchSeams {
  const free = freeEdges(outline);
  // from the left end of its base round to the right one, as what is laid on it walks
  const whole = [...free].reverse().map(({ id }): RunPart => ({ edge: id, reversed: true }));
  const side = edgeLength(free[0]!);
  const between = whole.map((part): RunPart => {
    if (!('edge' in part)) return part;
    if (part.edge === 'left') return { ...part, from: 0, to: side - tab };
    return part.edge === 'right' ? { ...part, from: tab, to: side } : part;
  });
  const start = (cut - sewn) / 2;
  const onTo = (piece: string, edge: 'bottom' | 'top', name: string): Seam[] => {
    const run = (part: RunPart): EdgeRun => ({ piece, parts: [part] });
    const tabAt = (end: number, part: RunPart): Seam => ({
      id: `${ids.tab}-${end}#${name}`,
      kind: 'sewn',
      a: edgePart(ids.tab, edge, tab, 2 * tab),
      b: run(part),
    });
    return [
      {
        id: `${ids.zipper}#${name}`,
        kind: 'sewn',
        centre: true,
        a: edgePart(ids.zipper, edge, start, start + sewn),
        b: { piece, parts: between },
      },
      tabAt(1, { edge: 'left', from: side - tab, to: side, reversed: true }),
      tabAt(2, { edge: 'right', from: 0, to: tab, reversed: true }),
    ];
  };
  const lined = (face: string, lining: string): Seam[] =>
    free.map(({ id }) => ({
      id: `${face}#${id}`,
      kind: 'sewn',
      a: wholeEdge(face, id),
      b: wholeEdge(lining, mirrored(id), true),
    }));
  return {
    front: onTo(ids.front, 'bottom', 'front'),
    back: onTo(ids.back, 'top', 'back'),
    linings: [...lined(ids.front, ids.frontLining), ...lined(ids.back, ids.backLining)],
  };
}

/** The front goes on from the shell, the back from the lining. */
export function baseSeams(ids: Ids, { outer, inner, within }: ClosingEdge, from: number, to: number): Seam[] {
  const caught = (piece: string, on: ClosingEdge['outer']): Seam => ({
    id: `${piece}#base`,
    kind: 'caught',
    within,
    centre: true,
    a: wholeEdge(piece, 'bottom'),
    b: edgePart(on.piece, on.edge, from, to),
  });
  return [
    caught(ids.front, outer),
    caught(ids.frontLining, outer),
    caught(ids.back, inner),
    caught(ids.backLining, inner),
  ];
}
