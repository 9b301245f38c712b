import type { BodyKinds } from '../bodies/body-kinds.ts';
import type { ClosureKinds } from '../closures/closure-kinds.ts';
import type { HolderKinds } from '../holders/holder-kinds.ts';

/** The families that a design may use; a test or an extension may pass more. */
export interface Kinds {
  holders: HolderKinds;
  bodies: BodyKinds;
  closures: ClosureKinds;
  /** What may be set on a body besides what closes it. */
  parts: ClosureKinds;
}
