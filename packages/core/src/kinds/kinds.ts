import { checkedKinds } from './check-kinds.ts';
import type { Kinds } from './kind-set.ts';
import { bodyKinds } from '../bodies/body-kinds.ts';
import { closureKinds } from '../closures/closure-kinds.ts';
import { partKinds } from '../carry/part-kinds.ts';
import { holderKinds } from '../holders/holder-kinds.ts';

/** The families that ship. */
export const builtInKinds: Kinds = checkedKinds({
  holders: holderKinds,
  bodies: bodyKinds,
  closures: closureKinds,
  parts: partKinds,
});
