import type { ClosureKinds } from '../closures/closure-kinds.ts';
import { strapOver } from '../closures/strap-over.ts';
import { basePad } from '../inserts/base-pad.ts';
import { handles } from './handles.ts';

/** What may be set on a body besides what closes it. */
export const partKinds = { handles, 'strap-over': strapOver, 'base-pad': basePad } satisfies ClosureKinds;
