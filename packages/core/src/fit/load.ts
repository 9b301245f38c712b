import { sum, type Addend, type Derived } from '../derived/derived.ts';
import type { WallCloth } from './cut-parts.ts';
import { widest, type Pile, type Thing } from './things.ts';

/** What stands in a room, and how its mouth is. */
export interface Load {
  /** Its own things. */
  things: readonly Thing[];
  /** Its own, beside each other; loose things are one. */
  own: readonly Pile[];
  /** All that lies within its walls, beside each other, with the cloth of pockets between. */
  piles: readonly Pile[];
  /** Front and back meet above it. */
  shut: boolean;
  /** What the closure takes of each wall below its mouth; empty for none. */
  taken: readonly Addend[];
  /** How long the loop is that lets them in; nothing where all of the mouth opens. mm */
  opening?: Derived;
  /** What shows of the zipper between the walls; empty for none. mm */
  shows: readonly Derived[];
  /** What of its walls goes over the edge of the piece when that is closed; nothing where nothing does. mm */
  overRoot?: Derived;
  /** Its walls go from one edge of the zipper round to the other. */
  aroundZipper?: boolean;
  /** What is sewn onto its walls or hangs between them takes so much of it, mm. */
  onWalls: readonly Derived[];
  /** What lies loose on the base, mm. */
  beneath: readonly Derived[];
  ease: { across: Derived; deep: Derived; thick?: Derived };
}

/** The cloth of a ring, with what lies within it from other rings. */
export interface RingCloth {
  /** By wall. */
  walls: readonly WallCloth[];
  floor?: WallCloth;
  /** Of what lies on it. */
  over?: RingCloth;
}

/** From the first pile to the last, mm. */
export const rowOf = ({ piles }: Pick<Load, 'piles'>): Derived =>
  piles.length === 1
    ? piles[0]!.across
    : sum(
        'side by side',
        piles.map(({ across }) => across),
      );

/** The thickest pile, mm. */
export const thickestOf = ({ piles }: Pick<Load, 'piles'>): Derived =>
  widest(
    'the thickest',
    piles.map(({ thick }) => thick),
  );

/** The least of several sizes. */
export const narrowest = (sizes: readonly Derived[]): Derived =>
  sizes.reduce((least, each) => (each.value < least.value ? each : least));

/** The wall whose outermost layer is farthest from the things decides for all. mm */
export const farthest = (cloth: readonly WallCloth[]): Derived =>
  cloth.map(({ reach }) => reach).reduce((most, each) => (each.value > most.value ? each : most));
