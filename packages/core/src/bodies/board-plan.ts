import type { Role } from '../document/design-document.ts';
import type { Outline } from '../geometry/outline.ts';

/** A size with its line on a board, from one place to another, mm. */
export interface BoardSize {
  /** What it is in the solution, such as `body/leafWidth`. */
  path: string;
  /** What is pinned when its end is dragged, if the size itself cannot be pinned. */
  pin?: string;
  from: number;
  to: number;
  /** `near` and `far` below the drawing, or at its right. */
  side: 'near' | 'far' | 'right';
  quiet?: boolean;
}

/** How a face of the body lies on a board: its host moved by (dx, dy), mm, and stretched across. */
export interface BoardFace {
  id: string;
  dx: number;
  dy: number;
  stretch: number;
  /** The cloth of the fronts that are seen there. */
  cloth: Role;
  /** Its front is left away, so that what is in there shows. */
  open: boolean;
}

/** One side of the finished thing as the maker looks at it, drawn flat and to scale. All mm from its lower left corner, y
 * upwards. */
export interface BoardPlan {
  id: string;
  title: string;
  /** The layer that everything is laid on. */
  ground: Role;
  width: number;
  height: number;
  /** Default: a rectangle. */
  outline?: Outline;
  faces: BoardFace[];
  /** Where the cloth goes round a fold. */
  folds: { x0: number; x1: number }[];
  sizes: BoardSize[];
  note?: { text: string; path: string };
  /** The edge that a tab or flap of the closure stands out from; `top` is a mouth, which handles stand over too. */
  tab?: 'left' | 'right' | 'top';
  /** The piece that lies on top, and where its corner is: fasteners that are marked on it are drawn. */
  top?: { piece: string; dx: number; dy: number };
}

type Words = Pick<BoardPlan, 'id' | 'title' | 'ground'>;
interface Extent {
  width: number;
  height: number;
}

/** A face that lies on its board as it lies on its host. */
export const boardFace = (
  id: string,
  { dx = 0, dy = 0, stretch = 1, cloth = 'pocket', open = false }: Partial<BoardFace> = {},
): BoardFace => ({ id, dx, dy, stretch, cloth, open });

/** A board of a size with faces on it, dimensioned by its width and height.
 * @param sizes paths of the two sizes; the pins behind them, where they have others */
export function board(
  words: Words,
  { width, height }: Extent,
  faces: BoardFace[],
  sizes: { across?: Sized; up?: Sized } = {},
): BoardPlan {
  const { across, up } = sizes;
  return {
    ...words,
    width,
    height,
    faces,
    folds: [],
    sizes: [
      ...(across ? [{ ...across, from: 0, to: width, side: 'near' } as const] : []),
      ...(up ? [{ ...up, from: 0, to: height, side: 'right' } as const] : []),
    ],
  };
}
type Sized = Pick<BoardSize, 'path' | 'pin'>;
