import type { Derived } from '../../derived/derived.ts';
import type { Outline } from '../../geometry/outline.ts';
import type { HardwareNeed } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';

export interface Flap {
  width: Derived;
  length: Derived;
  corner: Derived;
  /** Of the fastener, from the end. */
  end: Derived;
  /** Of its mate, from the edge of the front. */
  mate: Derived;
  /** Of the zipper that shows, if there is one across it. */
  exposed?: Derived;
}

/** The outside of a flap: its pieces, and the seams to its lining round it. */
export interface FlapOuter {
  pieces: PieceDraft[];
  joins: Seam[];
  /** Seams that are sewn before those round it. */
  first: Seam[];
  hardware: HardwareNeed[];
  /** The piece that is caught in the body. */
  base: string;
}

interface Drawn {
  id: string;
  name: string;
  role: PieceDraft['role'];
  outline: Outline;
  width: Derived;
  height: Derived;
}

/** A piece of a flap, its middle marked at the end where that is straight. */
export function flapPiece({ outline, ...rest }: Drawn, seam: Derived, zip?: Derived): PieceDraft {
  const tip = outline.find((edge) => edge.id === 'tip');
  const ids = outline.map((edge) => edge.id);
  const top = tip ? 'tip' : ids.includes('corner-right') ? 'corner-right' : 'zip';
  return {
    ...rest,
    stitch: outline,
    // it hangs down from its base when it is closed
    printUp: 'bottom',
    allowance: Object.fromEntries(ids.map((edge) => [edge, edge === 'zip' && zip ? zip : seam])),
    spans: { across: ['left', 'right'], up: [ids.includes('bottom') ? 'bottom' : 'zip', top] },
    notches: tip ? [{ id: 'middle', edge: 'tip', at: Math.abs(tip.to[0] - tip.from[0]) / 2 }] : [],
  };
}

/** The same edge on a piece that lies face to face. */
export const mirrored = (edge: string): string =>
  edge.replace(/left|right/, (side) => (side === 'left' ? 'right' : 'left'));
