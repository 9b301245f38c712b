import { edgePart, faceLine, wholeEdge, type Seam } from '../../pieces/seam.ts';
import { pleatTakeUp } from '../../sizing/pleated-strip.ts';
import type { HolderInputs } from '../holder-kind.ts';
import { hostRun, type Side } from '../seat.ts';
import { ids, mirrored, opensBehind, sides, type Placed } from './fronts.ts';
import { tongue } from './t-slot.ts';
import { mouthAt, pocketBottom } from './tiers.ts';
import { foldLoss } from './rules.ts';

export function frontJoins(placed: Placed, { rules }: HolderInputs): Seam[] {
  const { id, seat, detail } = placed;
  const { front, backing } = ids(placed);
  const { outer, inner } = sides(placed);
  const [width, height] = [seat.width.value, seat.height.value];
  const pleated = detail.making === 'pleated';
  const takeUp = pleated && {
    ease: {
      by: pleatTakeUp(
        detail.slots.map(({ depth }) => depth),
        rules.length(foldLoss),
      ),
      lies: 'folds' as const,
    },
  };
  const inside = `holders/${id}`;
  return [
    { id: `${inside}#top`, kind: 'sewn', a: wholeEdge(front, 'top'), b: wholeEdge(backing, 'top', true) },
    {
      id: `${inside}#inner`,
      kind: 'sewn',
      a: wholeEdge(front, inner),
      b: wholeEdge(backing, mirrored[inner], true),
      ...takeUp,
    },
    caught(placed, `${inside}#outer`, front, outer, outer, height, takeUp || {}),
    caught(placed, `${inside}#bottom`, front, 'bottom', 'bottom', width, {}),
  ];
}

function caught(
  placed: Placed,
  id: string,
  piece: string,
  edge: Side,
  hostSide: Side,
  length: number,
  ease: Partial<Seam>,
): Seam {
  const fate = placed.seat.edges[hostSide];
  const a = wholeEdge(piece, edge);
  if (fate.kind === 'caught')
    return { id, kind: 'caught', a, b: hostRun(placed.seat, hostSide, 0, length), within: fate.within, ...ease };
  const b = faceLine(placed.seat.host.piece, `${placed.id}-${hostSide === 'bottom' ? 'bottom' : 'outer'}`);
  return { id, kind: 'stitchedOn', a, b, ...ease };
}

export function backingJoins(placed: Placed): Seam[] {
  const { id, seat } = placed;
  const { backing } = ids(placed);
  const { outer, inner } = sides(placed);
  const own = `holders/${id}/backing`;
  return [
    caught(placed, `${own}#outer`, backing, mirrored[outer], outer, seat.height.value, {}),
    caught(placed, `${own}#bottom`, backing, 'bottom', 'bottom', seat.width.value, {}),
    ...(opensBehind(placed)
      ? []
      : [
          {
            id: `${own}#inner`,
            kind: 'stitchedOn' as const,
            a: wholeEdge(backing, mirrored[inner]),
            b: faceLine(seat.host.piece, `${id}-inner`),
          },
        ]),
    { id: `${own}#top`, kind: 'stitchedOn', a: wholeEdge(backing, 'top'), b: faceLine(seat.host.piece, `${id}-top`) },
    ...(placed.detail.columns === 1
      ? []
      : [
          {
            id: `${own}#middle`,
            kind: 'stitchedOn' as const,
            a: faceLine(backing, 'middle'),
            b: faceLine(seat.host.piece, `${id}-middle`),
          },
        ]),
  ];
}

/** Each pocket's sides lie on the panel's sides; its bottom is stitched across, the last one's is caught. */
export function pocketJoins(placed: Placed): Seam[] {
  const { id, detail, seat } = placed;
  const { front, pocket } = ids(placed);
  const height = seat.height.value;
  return detail.slots.flatMap((_, index): Seam[] => {
    const isLast = index === detail.slots.length - 1;
    const [bottom, mouth] = [isLast ? 0 : pocketBottom(detail, index), mouthAt(detail, index)];
    const own = pocket(index);
    const shape = isLast ? undefined : tongue(detail, seat.width.value, mouth - bottom);
    const low = shape ? mouth - shape.bar : bottom;
    const sideBy = (side: 'left' | 'right', from: number, to: number): Seam => ({
      id: `${own}#${side}`,
      kind: 'caught',
      within: `holders/${id}#${side}`,
      a: wholeEdge(own, side),
      b: edgePart(front, side, from, to),
    });
    const middle: Seam[] =
      detail.columns === 1
        ? []
        : [
            {
              id: `${own}#middle`,
              kind: 'stitchedOn',
              a: faceLine(own, 'middle'),
              b: { piece: front, parts: [{ line: 'middle', from: bottom, to: mouth }] },
            },
          ];
    return [
      ...middle,
      sideBy('left', height - mouth, height - low),
      sideBy('right', low, mouth),
      isLast
        ? { id: `${own}#bottom`, kind: 'caught', a: wholeEdge(own, 'bottom'), b: wholeEdge(front, 'bottom') }
        : {
            id: `${own}#bottom`,
            kind: 'stitchedOn',
            a: wholeEdge(own, 'bottom'),
            b: faceLine(front, `pocket-${index + 1}`),
          },
    ];
  });
}
