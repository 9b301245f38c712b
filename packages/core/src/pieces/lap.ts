import type { Point } from '../geometry/perimeter.ts';
import type { NamedLine, Ring } from './room.ts';

/** What is sewn to the back, goes over an edge and fastens on the front. */
export interface Lap {
  /** `closure` or `parts/…`. */
  id: string;
  /** What it is called. */
  name: 'flap' | 'strap' | 'tab';
  /** The piece that its fastener is set in. */
  piece: string;
  /** All its layers. */
  layers: readonly string[];
  /** Two of each lie on each other. */
  double?: boolean;
  /** Where it is sewn on, the mark of its fastener, and its end. */
  base: NamedLine;
  cap: string;
  tip: NamedLine;
  /** Where it is sewn on below the edge: that line, and the edge. */
  behind?: { piece: string; line: NamedLine; edge: NamedLine };
  /** The fastener's mate, and the edge of the front that it lies below; of a mate on a pocket the mouth of that, and the edge of the
   * piece that the pocket is sewn to. */
  mate: { piece: string; mark: string; edge: NamedLine; on?: { piece: string; edge: NamedLine } };
  /** Where mates on pockets lie, on the piece that those are sewn to. */
  onPockets?: readonly { piece: string; at: Point }[];
  /** It is caught in a sewn end of the front: beneath it are only the layers of that, and the pocket that its mate is set on. The piece
   * and the edge of that end; distances are from there. */
  end?: { piece: string; edge: NamedLine; layers: readonly string[] };
  /** How it goes over the edge. */
  over: 'square' | 'rounded';
  /** The walls of the mouth that it goes over, from the innermost; nothing where it goes over the edge of something folded or stiff. */
  rings?: readonly Ring[];
  /** How far the front reaches from that edge, mm; nothing if it is not known. */
  front?: number;
}
