import type { ParamSpec } from '../../holders/holder-kind.ts';
import { jacketFlap } from './rules.ts';

export const jacketParams = {
  flaps: {
    kind: 'choice',
    title: 'Flaps',
    standard: 'elastic',
    choices: [
      { id: 'elastic', title: 'one stitched, one under an elastic', why: 'Takes books of a range of spines.' },
      { id: 'fixed', title: 'both stitched', why: 'Sits tight on one book only.' },
    ],
  },
  flap: { kind: 'length', title: 'Flaps', rule: jacketFlap },
  marker: {
    kind: 'choice',
    title: 'Marker',
    standard: 'ribbon',
    choices: [
      { id: 'ribbon', title: 'a ribbon over the spine', why: 'Keeps the page.' },
      { id: 'none', title: 'none', why: 'Less to get in the way.' },
    ],
  },
} as const satisfies Record<string, ParamSpec>;
