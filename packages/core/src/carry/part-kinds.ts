import type { ClosureKinds } from '../closures/closure-kinds.ts';
import { strapOver } from '../closures/strap-over/strap-over.ts';
import { pocketStrap } from '../closures/pocket-strap.ts';
import { basePad } from '../inserts/base-pad.ts';
import { tabSnap } from '../closures/tab-snap.ts';
import { elasticBandClosure } from '../closures/elastic-band.ts';
import { stiffener } from '../inserts/stiffener.ts';
import { shoulderStrap } from './shoulder-strap.ts';
import { ringTabs } from './ring-tabs.ts';
import { trimBand } from './trim-band.ts';
import { handles } from './handles.ts';

/** What may be set on a body besides what closes it. */
export const partKinds = {
  handles,
  'strap-over': strapOver,
  'pocket-strap': pocketStrap,
  'base-pad': basePad,
  'tab-snap': tabSnap,
  'ring-tabs': ringTabs,
  'shoulder-strap': shoulderStrap,
  'elastic-band': elasticBandClosure,
  stiffener,
  'trim-band': trimBand,
} satisfies ClosureKinds;
