import { cardTiers } from './card-tiers/card-tiers.ts';
import { cavity } from './cavity/cavity.ts';
import { channelRow } from './channel-row/channel-row.ts';
import type { HolderKind } from './holder-kind.ts';
import { noteCompartment } from './note-compartment/note-compartment.ts';

// eslint-disable-next-line @typescript-eslint/no-explicit-any -- each kind keeps its own detail to itself
export type HolderKinds = Readonly<Record<string, HolderKind<any>>>;

/** The holder families that ship. */
export const holderKinds = {
  'card-tiers': cardTiers,
  cavity,
  'channel-row': channelRow,
  'note-compartment': noteCompartment,
} satisfies HolderKinds;
