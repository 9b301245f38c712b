import type { Derived } from '../../derived/derived.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import type { Ring } from '../gusset-ring/ring.ts';

export const shellParams = {
  radius: { kind: 'length', title: 'Radius of the corners', rule: 'shell.radius' },
  hinge: { kind: 'length', title: 'Hinge, without zipper', rule: 'shell.hinge' },
} as const satisfies Record<string, ParamSpec>;

/** Driving sizes of a case of two stiff shells with a gusset between them. All mm. */
export interface ShellCase extends Ring {
  /** The plate in each shell. */
  plate: { length: Derived; width: Derived; radius: Derived };
  /** What is sewn onto an inside stays so far from its edge. */
  frame: Derived;
  offset: Derived;
  /** What the walls of the gusset take of length and width, and both shells of the depth. */
  walls: Derived;
  shells: Derived;
}
