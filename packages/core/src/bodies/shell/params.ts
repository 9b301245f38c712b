import type { Derived } from '../../derived/derived.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';

export const shellParams = {
  radius: { kind: 'length', title: 'Radius of the corners', rule: 'shell.radius' },
  hinge: { kind: 'length', title: 'Hinge, without zipper', rule: 'shell.hinge' },
} as const satisfies Record<string, ParamSpec>;

/** Driving sizes of a case of two stiff shells with a gusset between them. All mm. */
export interface ShellCase {
  /** The plate in each shell. */
  plate: { length: Derived; width: Derived; radius: Derived };
  /** Along the stitch line: the plate and the stand-off all round. */
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
  /** What is sewn onto an inside stays so far from its edge. */
  frame: Derived;
  offset: Derived;
  /** What the walls of the gusset take of length and width, and both shells of the depth. */
  walls: Derived;
  shells: Derived;
}

export const halves = ['lid', 'base'] as const;
export type Half = (typeof halves)[number];
export const layers = ['shell', 'lining'] as const;
export type Layer = (typeof layers)[number];
