import type { Hardware } from '../shelves/hardware/hardware.ts';
import type { CutParts } from './cut-parts.ts';
import type { Fitting } from './fitting.ts';

/** Nobody sets a fastener truer (common practice). mm */
export const SET_TO = 1;

/** A fastener that is set at a mark: what it is called, what it forgives and what it takes all round, mm. */
export type SetFastener = Pick<Hardware, 'name' | 'driftTolerated'> & { radius: number };

/** The fastener at a mark of a piece; nothing if none is set there. */
export function fastenerAt(fitting: Fitting, parts: CutParts, piece: string, mark: string): SetFastener | undefined {
  const set = parts.hardwareAt(piece, mark);
  const found = set && fitting.hardwareOf(set.id);
  return found && { name: found.name, driftTolerated: found.driftTolerated, radius: set.radius };
}
