import { nothing } from '../derived/constants.ts';
import { rounded, sum, times, type Derived } from '../derived/derived.ts';
import { mm, say, type Wording } from '../errors/wording.ts';
import type { HardwareNeed } from '../pieces/contribution.ts';
import type { Lap } from '../pieces/lap.ts';
import type { PieceDraft } from '../pieces/piece.ts';
import { edgePart, wholeEdge, type EdgeRun, type Seam } from '../pieces/seam.ts';
import { strip } from '../pieces/strip.ts';
import { seamAllowance } from '../shelves/rules/common-rules.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';
import type { ClosureInputs } from './closure-kind.ts';
import { halfMark } from './fasteners.ts';
import { tabOutline } from './tab-outline.ts';

/** A strap with a fastener at its end, by its sizes. All mm. */
export interface Strap {
  width: Derived;
  /** From where it is sewn on to its end. */
  length: Derived;
  /** The middle of its fastener from the end. */
  inset: Derived;
  /** On the hardware shelf; nothing if it is of two layers of cloth. */
  webbing?: string;
  /** Its straight end is caught in a seam; default it is sewn on. */
  caught?: boolean;
}

/** What a strap is cut as, and how it lies in its lap. */
export interface CutStrap {
  draft: PieceDraft;
  /** Seams that make it. */
  made: Seam[];
  base: EdgeRun;
  lap: Pick<Lap, 'base' | 'tip' | 'double'>;
  hardware: HardwareNeed[];
  text: Wording;
}

/** Two layers of cloth, sewn round the end and turned. */
export function ofCloth(
  piece: string,
  { width, length, inset, caught }: Strap,
  fastener: Hardware,
  { rules, id }: ClosureInputs,
): CutStrap {
  const seam = rules.length(seamAllowance);
  const round = (edge: string, mate: string): Seam => ({
    id: `${piece}#${edge}`,
    kind: 'sewn',
    a: wholeEdge(piece, edge),
    b: wholeEdge(piece, mate, true),
  });
  return {
    draft: {
      id: piece,
      name: 'Strap',
      role: 'exterior',
      printUp: 'bottom',
      count: 2,
      stitch: tabOutline(width.value, length.value),
      width,
      height: length,
      allowance: { bottom: seam, right: seam, tip: seam, left: seam },
      spans: { across: ['left', 'right'], up: ['bottom', 'tip'] },
      marks: [
        halfMark(fastener, 'upper', {
          id: `${id}-cap`,
          at: [width.value / 2, length.value - inset.value],
          label: 'fastener',
        }),
      ],
      note: 'Mark the fastener on one of the two.',
    },
    made: [round('right', 'left'), round('tip', 'tip')],
    base: wholeEdge(piece, 'bottom'),
    lap: { base: { edge: 'bottom' }, tip: { edge: 'tip' }, double: true },
    hardware: [],
    text: say`Set the fastener in one strap piece, its plate backed by a scrap. Sew the two right sides together round the end, turn through the straight edge, press, topstitch${caught ? '.' : '; turn the straight edge in.'}`,
  };
}

/** Webbing, its end folded back over the fastener. */
export function ofWebbing(
  piece: string,
  { width, length, inset, caught }: Strap,
  fastener: Hardware,
  webbing: string,
  { grid, id, rules }: ClosureInputs,
): CutStrap {
  const start = caught ? rules.length(seamAllowance) : nothing;
  const end = start.value + length.value;
  const back = rounded(sum('folded back over the fastener', [times(2, inset)]), grid, 'up');
  const whole = sum('strap, and its end folded back', [...(caught ? [start] : []), length, back]);
  return {
    draft: {
      ...strip({ id: piece, name: 'Strap', cutFrom: webbing, length: whole, width, note: 'Seal the end.' }),
      folds: [{ id: 'tip', order: 1, kind: 'valley', from: [end, 0], to: [end, width.value] }],
      ...(caught && {
        lines: [{ id: 'base', from: [start.value, 0], to: [start.value, width.value], label: 'in the seam' }],
      }),
      marks: [
        halfMark(fastener, 'upper', {
          id: `${id}-cap`,
          at: [end - inset.value, width.value / 2],
          label: 'fastener',
        }),
      ],
    },
    made: [],
    base: edgePart(piece, 'left', 0, width.value),
    lap: { base: caught ? { line: 'base' } : { edge: 'left' }, tip: { fold: 'tip' } },
    hardware: [{ id: webbing, count: 1, length: whole.value }],
    text: say`Seal the end of the strap. Set its half of the fastener, fold the end back over the plate, ${mm(back.value)} of it, and stitch it down all round; a little glue behind the plate holds it while you sew.`,
  };
}
