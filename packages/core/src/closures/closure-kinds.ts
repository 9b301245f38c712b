import { contribution } from '../pieces/contribution.ts';
import type { ClosureKind } from './closure-kind.ts';
import { drawstring } from './drawstring.ts';
import { snaps } from './snap-row.ts';
import { wrapRibbon } from './wrap-ribbon.ts';
import { tie } from './tie.ts';
import { elasticBandClosure } from './elastic-band.ts';
import { zipTop } from './zip-top.ts';
import { edgeZip } from './edge-zip.ts';
import { foldZip } from './fold-zip.ts';
import { flap } from './flap/flap.ts';
import { flapPouch } from './flap-pouch/flap-pouch.ts';
import { magnets } from './magnets.ts';
import { strapOver } from './strap-over/strap-over.ts';
import { tabSnap } from './tab-snap.ts';

export type ClosureKinds = Readonly<Record<string, ClosureKind>>;

/** Nothing at all. */
export const noClosure: ClosureKind = {
  title: 'Nothing, it lies closed',
  on: 'edge',
  params: {},
  rules: [],
  solve: () => ({ sizes: {}, contribution: contribution({}) }),
};

/** The closures that ship. */
export const closureKinds = {
  none: noClosure,
  'tab-snap': tabSnap,
  'snap-row': snaps,
  tie,
  drawstring,
  'wrap-ribbon': wrapRibbon,
  'strap-over': strapOver,
  flap,
  'flap-pouch': flapPouch,
  magnets,
  'edge-zip': edgeZip,
  'zip-top': zipTop,
  'fold-zip': foldZip,
  'elastic-band': elasticBandClosure,
} satisfies ClosureKinds;
