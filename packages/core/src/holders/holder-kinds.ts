import { cardTiers } from './card-tiers/card-tiers.ts';
import { cavity } from './cavity/cavity.ts';
import { channelPocket } from './channel-pocket/channel-pocket.ts';
import { setInPocket } from './zip-pocket/set-in.ts';
import { zipPocket, zipTurns } from './zip-pocket/zip-pocket.ts';
import { channelRow } from './channel-row/channel-row.ts';
import type { HolderKind } from './holder-kind.ts';
import { bellowsPocket } from './face-pocket/bellows.ts';
import { meshPocket, pageSleeve, slipPocket } from './face-pocket/pockets.ts';
import { dividerPouch } from './divider-pouch/divider-pouch.ts';
import { foldTiers } from './fold-tiers/fold-tiers.ts';
import { foldRoom } from './fold-room/fold-room.ts';
import { holdStraps } from './hold-straps/hold-straps.ts';
import { loopRow } from './loop-row/loop-row.ts';
import { fileRoom } from './file-room/file-room.ts';
import { packedRoom } from './packed-room/packed-room.ts';
import { roundRoom } from './round-room/round-room.ts';
import { bookCover } from './book-cover/book-cover.ts';
import { looseDividers } from './loose-dividers/loose-dividers.ts';
import { turnable } from './turned.ts';
import { noteCompartment } from './note-compartment/note-compartment.ts';

// eslint-disable-next-line @typescript-eslint/no-explicit-any -- each kind keeps its own detail to itself
export type HolderKinds = Readonly<Record<string, HolderKind<any>>>;

/** The holder families that ship. */
export const holderKinds = {
  // sewn straight onto the face; panels lie in seams of the body at two of their sides
  'card-tiers': turnable(cardTiers, (params) => params.making === 'applied'),
  cavity,
  'channel-row': channelRow,
  'note-compartment': noteCompartment,
  'slip-pocket': turnable(slipPocket),
  'bellows-pocket': bellowsPocket,
  'mesh-pocket': turnable(meshPocket),
  'page-sleeve': turnable(pageSleeve),
  'loose-dividers': looseDividers,
  'zip-pocket': turnable(zipPocket, zipTurns),
  'set-in-pocket': setInPocket,
  'channel-pocket': turnable(channelPocket),
  'loop-row': loopRow,
  'hold-straps': holdStraps,
  'fold-room': foldRoom,
  'fold-tiers': foldTiers,
  'divider-pouch': dividerPouch,
  'round-room': roundRoom,
  'book-cover': bookCover,
  'packed-room': packedRoom,
  'file-room': fileRoom,
} satisfies HolderKinds;
