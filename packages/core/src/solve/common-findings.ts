import type { FindingCode } from '../errors/finding.ts';

/** Findings that any design may have, whatever its families. */
export const commonFindings = [
  'contents.notHeld',
  'contents.unknownItem',
  'contents.heldTwice',
  'item.girthImpossible',
  'item.girthDoubtful',
  'holder.unknownKind',
  'holder.noSeat',
  'holder.unsuited',
  'materials.missing',
  'hardware.missing',
  'rule.outOfRange',
  'clearance.tooTight',
  'seam.doesNotWalk',
  'pin.tooSmall',
  'pin.unknown',
  'limit.exceeded',
  'limit.unknown',
  'closure.notForBody',
  'part.notForBody',
  'gap.small',
  'setting.limited',
  'load.heavy',
  'load.tooHeavy',
  'magnet.near',
] as const satisfies readonly FindingCode[];
