import type { Derived } from '../../derived/derived.ts';

export const sides = ['left', 'right'] as const;
export type LeafSide = (typeof sides)[number];
/** The face behind what is sewn onto a leaf. */
export const behind = (side: LeafSide) => `${side}-behind` as const;

/** The face on both leaves, across the fold. */
export const ACROSS = 'across';

/** Driving sizes of a bifold, from the innermost layer outwards. All mm, on the grid. */
export interface Foldover {
  leafWidth: Derived;
  /** Spine of the layer that the leaves' holders lie on. */
  spine: Derived;
  /** How much longer the lining is than the note panel, if there is one. */
  liningExtra: Derived | undefined;
  /** How much longer the shell is than the lining. */
  shellExtra: Derived;
  liningWidth: Derived;
  shellWidth: Derived;
  height: Derived;
  /** Of the corners; 0 for square ones. */
  radius: Derived;
  /** What holders keep clear of rounded edges; 0 for square ones. */
  margin: Derived;
  /** A flap that can hold things lies on the front leaf. */
  flap: boolean;
  /** It is turned through its bottom, for the top is taken. */
  turnedBelow: boolean;
}
