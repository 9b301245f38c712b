import type { Derived } from '../../derived/derived.ts';

export const halves = ['lid', 'base'] as const;
export type Half = (typeof halves)[number];
export const layers = ['shell', 'lining'] as const;
export type Layer = (typeof layers)[number];

/** A ring of gusset round two panels with rounded corners: a hinge, and a zipper between two strips. All mm. */
export interface Ring {
  /** Path of its own pieces. */
  own: string;
  /** The piece of a layer that one side of the ring is sewn to. */
  panel(layer: Layer, half: Half): string;
  /** The panels along the stitch line. */
  length: Derived;
  width: Derived;
  radius: Derived;
  /** Of the gusset. */
  depth: Derived;
  /** The stitch line all round, and the parts of the gusset along it. */
  round: Derived;
  hinge: Derived;
  zipperPart: Derived;
  /** Of each strip beside the zipper. */
  strip: Derived;
  /** What keeps a panel flat, inside its stitch line. */
  plate: { length: Derived; width: Derived; radius: Derived };
  /** What is sewn onto a panel stays so far from its edge. */
  clear: Derived;
}
