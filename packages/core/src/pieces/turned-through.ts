import { edgeLength } from '../geometry/outline.ts';
import type { Piece, TurningGap } from './piece.ts';

/** What must be known of a material to say how it passes a gap. mm */
export interface Bending {
  thickness: number;
  /** `rigid`: not at all; `rolls`: round, if not too tightly; `creases`: it may be crumpled. Default it creases. */
  bends?: 'rigid' | 'rolls' | 'creases';
  /** The tightest it may be rolled; default nothing. */
  leastRadius?: number;
}
export type BendingOf = (material: string) => Bending | undefined;

/** A stiff piece, or a piece with a stiff layer, that goes through a gap: narrow end first. All mm. */
export interface Stiff {
  id: string;
  name: string;
  /** Its second side. */
  wide: number;
  /** Its stiff layers. */
  thick: number;
  /** Whether it may be rolled up to pass. */
  rolls: boolean;
}

/** A gap left open for turning or filling, on its piece. mm */
export interface OpenGap {
  piece: string;
  gap: TurningGap;
  /** Of the edge that it lies in. */
  edge: number;
}

/** Gaps that have no purpose of their own, such as letting a cord in. */
export const turningGapsOf = (pieces: readonly Piece[]): OpenGap[] =>
  pieces.flatMap(({ id, stitch, gaps }) =>
    gaps
      .filter(({ label }) => label === undefined)
      .map((gap) => ({ piece: id, gap, edge: edgeLength(stitch.find((edge) => edge.id === gap.edge)!) })),
  );

/** The stiff pieces that go through a gap: what names its piece goes through that one, all that does not name any is turned
 * through those of the body.
 * @param piece that has the gap */
export function stiffThrough(piece: string, pieces: readonly Piece[], bendingOf: BendingOf): Stiff[] {
  return pieces.flatMap((each): Stiff[] => {
    const { id, name, byRuler, goesThrough = 'body', cutWidth, cutHeight, layerOf, layers } = each;
    if (byRuler || (goesThrough === 'body' ? !piece.startsWith('body/') : goesThrough !== piece)) return [];
    // inner layers that end before the seams are pieces of their own
    const known = layers
      .filter(({ coverage }) => layerOf || coverage === 'full')
      .flatMap(({ material }) => bendingOf(material) ?? []);
    const stiff = known.filter(({ bends = 'creases' }) => bends !== 'creases');
    if (stiff.length === 0) return [];
    const wide = Math.min(cutWidth.value, cutHeight.value);
    // rolled up, it goes round itself
    const round = 2 * Math.PI * Math.max(...stiff.map(({ leastRadius = 0 }) => leastRadius));
    const rolls = stiff.every(({ bends }) => bends === 'rolls') && wide >= round;
    return [{ id, name, wide, thick: stiff.reduce((sum, { thickness }) => sum + thickness, 0), rolls }];
  });
}
