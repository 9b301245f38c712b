import { minus, sum, type Derived } from '../derived/derived.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Contribution } from '../pieces/contribution.ts';
import type { PieceDraft } from '../pieces/piece.ts';
import type { NamedLine } from '../pieces/room.ts';
import type { PlacedHolder } from './holder-kind.ts';
import { thickest } from './slab.ts';

/** A pocket with one mouth as it is sewn onto a face, for what closes it. All mm. */
export interface SewnPocket {
  /** Id of the holder. */
  id: string;
  face: string;
  /** Where its mouth looks, if not up. */
  towards?: 'left' | 'right';
  /** The box of its front on the host. */
  x0: number;
  x1: number;
  y0: number;
  y1: number;
  /** The piece of its front, its mouth on that and the middle of it; the front is drawn mouth up. */
  front: { piece: string; mouth: NamedLine; middle: Point };
  /** From its mouth to its other end, and along its mouth. */
  deep: Derived;
  wide: Derived;
  /** Its cloth, and with what lies in it. */
  empty: Derived;
  full: Derived;
}

type Placed = Pick<PlacedHolder, 'id' | 'seat' | 'mouths' | 'slabs'>;

/** What a holder is to what closes it: nothing if it is no single pocket that is sewn onto a face. */
export function sewnPocketOf(placed: Placed, made: Pick<Contribution, 'rooms' | 'pieces'>): SewnPocket | undefined {
  const { id, seat, slabs } = placed;
  const [mouth, ...others] = placed.mouths;
  const front = frontOf(placed, made);
  if (!mouth || mouth.window || others.length > 0 || !front) return undefined;
  const { x0, x1, bottom: y0, y: y1, towards } = mouth;
  const full = thickest('pocket, full', slabs).thickness;
  const things = slabs.filter(({ of }) => 'line' in of);
  const { width, height } = seat;
  return {
    id,
    face: seat.face,
    ...{ x0, x1, y0, y1 },
    front,
    ...(towards ? { towards, deep: width, wide: height } : { deep: height, wide: width }),
    empty: sum('pocket, empty', [full, minus(thickest('what lies in it', things).thickness)]),
    full,
  };
}

/** The front of the one room of a holder, if its back is what it is sewn to. */
function frontOf({ seat }: Placed, { rooms, pieces }: Pick<Contribution, 'rooms' | 'pieces'>) {
  const [front, back] = rooms.length === 1 ? (rooms[0]!.rings[0]?.walls ?? []) : [];
  if (!front?.mouth || back?.piece !== seat.host.piece) return undefined;
  const draft = pieces.find((piece) => piece.id === front.piece);
  const middle = draft && middleOf(draft, front.mouth);
  return middle && { piece: front.piece, mouth: front.mouth, middle };
}

function middleOf({ folds = [], stitch }: PieceDraft, mouth: NamedLine): Point | undefined {
  const line =
    'fold' in mouth
      ? folds.find(({ id }) => id === mouth.fold)
      : stitch.find(({ id }) => 'edge' in mouth && id === mouth.edge);
  return line && [(line.from[0] + line.to[0]) / 2, (line.from[1] + line.to[1]) / 2];
}
