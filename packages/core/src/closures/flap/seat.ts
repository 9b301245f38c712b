import { nothing } from '../../derived/constants.ts';
import type { Closing, ClosingEdge, ClosingMouth } from '../../bodies/body-kind.ts';
import { given, type Derived } from '../../derived/derived.ts';
import type { Ring } from '../../pieces/room.ts';
import { edgePart, type EdgeRun } from '../../pieces/seam.ts';
import type { Hardware } from '../../shelves/hardware/hardware.ts';
import type { ClosureInputs } from '../closure-kind.ts';
import { matePlace, type MatePlace } from '../mate.ts';

type Pockets = Pick<ClosureInputs, 'pockets'>;

/** Where a flap is caught, and where its end comes to lie. */
export interface FlapSeat {
  /** Of the edge that it is caught in, mm. */
  width: Derived;
  /** How far things stand out of the opening, mm. */
  proud: Derived;
  /** How far the front reaches from its edge, mm. */
  front: Derived | undefined;
  /** The walls of a mouth that lean together above the things, from the innermost. */
  rings?: readonly Ring[];
  /** The stretch that flap and lining are caught in, and the seam it lies in. */
  outer(from: number, to: number): EdgeRun;
  inner(from: number, to: number): EdgeRun;
  within: string;
  /** Where the mate is set at a distance from the edge of the front. */
  mateAt(distance: number, fastener: Hardware): MatePlace;
}

/** The back of a mouth, or the opening edge of a folded piece; nothing where a flap cannot be.
 * @param height of the front below a mouth, mm */
export function flapSeatOf(closing: Closing, height: Derived | undefined, pockets: Pockets): FlapSeat | undefined {
  if (closing.kind === 'mouth') return atMouth(closing, height);
  return closing.kind === 'edge' ? atEdge(closing, pockets) : undefined;
}

function atMouth({ width, proud, rim, front, rings }: ClosingMouth, height: Derived | undefined): FlapSeat {
  const back = rim[1]!;
  const run = (from: number, to: number) => edgePart(back.piece, back.edge, from, to);
  return {
    width,
    proud,
    ...(rings && { rings }),
    front: height,
    outer: run,
    inner: run,
    within: 'body/mouth-back',
    mateAt: (down) => {
      const at = front.at(width.value / 2, down);
      return { piece: front.piece, edge: { edge: rim[0]!.edge }, at, over: at };
    },
  };
}

const atEdge = (closing: ClosingEdge, pockets: Pockets): FlapSeat => {
  const { outer, inner, length, within, leaf } = closing;
  return {
    width: given('opening edge', length, { kind: 'cut', path: outer.piece }),
    proud: nothing,
    front: leaf,
    outer: (from, to) => edgePart(outer.piece, outer.edge, from, to),
    inner: (from, to) => edgePart(inner.piece, inner.edge, from, to),
    within,
    mateAt: (distance, fastener) => matePlace(closing, [distance, 0], fastener, pockets),
  };
};
