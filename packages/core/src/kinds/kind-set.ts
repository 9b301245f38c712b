import type { BodyKinds } from '../bodies/body-kinds.ts';
import type { ClosureKinds } from '../closures/closure-kinds.ts';
import type { Params } from '../document/design-document.ts';
import type { HolderKinds } from '../holders/holder-kinds.ts';

/** What the maker usually chooses, by family such as `bodies/sleeve`: choices by the name of their setting. */
export type Usual = Readonly<Record<string, Params>>;

/** The families that a design may use; a test or an extension may pass more. */
export interface Kinds {
  holders: HolderKinds;
  bodies: BodyKinds;
  closures: ClosureKinds;
  /** What may be set on a body besides what closes it. */
  parts: ClosureKinds;
  /** What something new begins with; default with the standard choices. */
  usual?: Usual;
}
