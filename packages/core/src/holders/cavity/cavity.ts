import type { HolderKind } from '../holder-kind.ts';
import { contributeCavity } from './contribute.ts';
import { measureCavity } from './measure.ts';
import { placeCavity } from './place.ts';
import { cavityParams, type Cavity, type CavitySeat } from './compartments.ts';
import { easeCavityAcross, easeCavityEnd } from './rules.ts';

/** The room between a front and a back: things stand in it side by side, open or parted by stitching. */
export const cavity: HolderKind<Cavity, CavitySeat> = {
  title: 'Inside',
  params: cavityParams,
  rules: [easeCavityAcross, easeCavityEnd],
  findings: ['cavity.pinchesBase'],
  shown: { clearWidth: 'room1', opening: 'mouth' },
  seats: ['cavity', 'walled', 'flat'],
  suits: () => ({ score: 0.6, why: 'Goes in if the mouth is wide enough.' }),
  measure: measureCavity,
  place: placeCavity,
  contribute: contributeCavity,
};
