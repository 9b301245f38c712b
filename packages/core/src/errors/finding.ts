import type { Wording } from './wording.ts';

/** `stop`: it will not work; `watch`: it may annoy or wear; `note`: good to know. */
export type Severity = 'stop' | 'watch' | 'note';

export type FindingCode =
  | 'contents.notHeld'
  | 'contents.unknownItem'
  | 'contents.heldTwice'
  | 'item.girthImpossible'
  | 'item.girthDoubtful'
  | 'holder.unknownKind'
  | 'holder.noSeat'
  | 'holder.tooMany'
  | 'holder.unsuited'
  | 'materials.missing'
  | 'hardware.missing'
  | 'rule.outOfRange'
  | 'clearance.tooTight'
  | 'seam.doesNotWalk'
  | 'pin.tooSmall'
  | 'pin.unknown'
  | 'limit.exceeded'
  | 'limit.unknown'
  | 'corner.notCutOut'
  | 'packing.notProved'
  | 'gusset.tightCorner'
  | 'channel.sinks'
  | 'channel.tipsOut'
  | 'roll.flatNotInside'
  | 'closure.notForBody'
  | 'part.notForBody'
  | 'closure.drift'
  | 'gap.small'
  | 'closure.hole'
  | 'closure.cornerTooTight'
  | 'closure.casingInHem';

/** Something a maker has brought about and should know: data, never an exception. */
export interface Finding {
  code: FindingCode;
  severity: Severity;
  /** Paths of the objects concerned, such as `holders/A` or `contents/c2`. */
  about: string[];
  /** Lengths in mm unless the name says otherwise. */
  numbers: Record<string, number>;
  limit?: number;
  text: Wording;
}
