import type { Action } from '../sewing/actions/action.ts';
import { CLIP } from '../pieces/clip.ts';
import { nothing } from '../derived/constants.ts';
import { given, rounded, smallest, sum, times, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { choiceParam, chosen, lengthParam } from '../holders/params.ts';
import type { HardwareNeed, OperationDraft } from '../pieces/contribution.ts';
import type { Lap } from '../pieces/lap.ts';
import type { PieceDraft } from '../pieces/piece.ts';
import { idsOf, edgePart, wholeEdge, type EdgeRun, type Seam } from '../pieces/seam.ts';
import { strip } from '../pieces/strip.ts';
import { seamAllowance, topstitchInset } from '../shelves/rules/common-rules.ts';
import { hardwareOf, type Hardware } from '../shelves/hardware/hardware.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';
import { bandOf, bandParams } from './band.ts';
import type { ClosureInputs } from './closure-kind.ts';
import { fastenerParam, fasteners, halfMark, insetFor, widthFor } from './fasteners.ts';
import { tabOutline } from './tab-outline.ts';

const strapWidth = lengthRule(
  'strap.width',
  'closures',
  'Strap width',
  30,
  15,
  80,
  'Wider than the fastener by its width on each side.',
);
const strapInset = lengthRule(
  'strap.inset',
  'closures',
  'Fastener from the end of the strap',
  18,
  8,
  60,
  'Its plate needs cloth all round it.',
);

type StrapMade = 'cloth' | 'webbing';
const isCloth = (design: Params): boolean => chosen(design, 'material', 'cloth') === 'cloth';

/** What is chosen of any strap with a fastener at its end. */
export const strapParams = {
  fastener: fastenerParam,
  material: {
    kind: 'choice',
    title: 'Made from',
    standard: 'cloth' as StrapMade,
    choices: [
      {
        id: 'cloth' as StrapMade,
        title: 'two layers of the shell',
        why: 'The same cloth as the bag, its edges inside.',
      },
      {
        id: 'webbing' as StrapMade,
        title: 'webbing',
        why: 'What is left over from the handles: its raw end is folded over the fastener and hides it.',
      },
    ],
  },
  webbing: { ...bandParams.webbing, when: (design) => !isCloth(design) },
  width: { kind: 'length', title: 'Strap width', rule: strapWidth, when: isCloth },
  inset: { kind: 'length', title: 'Fastener from the end', rule: strapInset },
} as const satisfies Record<string, ParamSpec>;

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
  /** How it is made. */
  actions: Action[];
  cautions?: OperationDraft['cautions'];
}

/** What is chosen of a strap, before it is known how far it goes. All mm. */
export interface StrapAsked {
  fastener: Hardware;
  /** The middle of its fastener from its end. */
  inset: Derived;
  /** As it is asked for, and as it is made. */
  asked: Derived;
  width: Derived;
  /** All its layers. */
  thickness: Derived;
  /** On the hardware shelf; nothing if it is of cloth. */
  webbing?: string;
}

/** A strap as it is set: of cloth it is as wide as there is room for, of webbing the narrower one where there is little.
 * @param room how wide it may be, and what one of that width is called */
export function strapAsked(
  design: Params,
  { room, label }: { room: Derived; label: string },
  inputs: ClosureInputs,
): StrapAsked {
  const { rules, stacks, grid, hardware, id } = inputs;
  const own = (key: 'width' | 'inset') => lengthParam(design, key, strapParams[key], rules, id);
  const fastener = hardwareOf(fasteners[choiceParam(design, 'fastener', fastenerParam)], hardware);
  const inset = insetFor(own('inset'), fastener);
  if (choiceParam(design, 'material', strapParams.material) === 'webbing') {
    const { wide, webbing } = bandOf(design, 'strap, wide', inputs, room);
    const { name, thickness = 0 } = hardwareOf(webbing!, hardware);
    const thick = given(`${name}, thick`, thickness, { kind: 'hardware', path: `hardware/${webbing!}` });
    return { fastener, inset, asked: wide, width: wide, thickness: thick, webbing: webbing! };
  }
  const asked = rounded(widthFor(own('width'), fastener), grid, 'up');
  const width = asked.value <= room.value ? asked : smallest(label, [asked, room]);
  return { fastener, inset, asked, width, thickness: sum('strap, both layers', [times(2, stacks.exterior)]) };
}

/** What a strap is cut as, of cloth or of webbing. */
export const cutStrap = (piece: string, strap: Strap, fastener: Hardware, inputs: ClosureInputs): CutStrap =>
  strap.webbing === undefined
    ? ofCloth(piece, strap, fastener, inputs)
    : ofWebbing(piece, strap, fastener, strap.webbing, inputs);

/** The step that makes it. */
export const makeStrap = ({ actions, cautions }: CutStrap, id: string): OperationDraft => ({
  id: `${id}/strap`,
  phase: 'prepare',
  needs: [],
  title: 'Make the strap',
  ...(cautions && { cautions }),
  actions,
});

/** The half of the fastener that the strap carries. */
const capSet = (piece: string, fastener: Hardware, id: string, backed: boolean): Action => ({
  verb: 'setHardware',
  hardware: fastener.id,
  half: 'upper',
  piece,
  mark: `${id}-cap`,
  ...(backed && { backed }),
});

/** Two layers of cloth, sewn round the end and turned. */
function ofCloth(
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
  const made = [round('right', 'left'), round('tip', 'tip')];
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
    made,
    base: wholeEdge(piece, 'bottom'),
    lap: { base: { edge: 'bottom' }, tip: { edge: 'tip' }, double: true },
    hardware: [],
    actions: [
      capSet(piece, fastener, id, true),
      { verb: 'sew', seams: idsOf(made) },
      { verb: 'clip', pieces: [piece], every: CLIP },
      { verb: 'turn', pieces: [piece] },
      { verb: 'press', pieces: [piece] },
      { verb: 'topstitch', piece, along: ['right', 'tip', 'left'], distance: rules.length(topstitchInset).value },
      ...(caught ? [] : [{ verb: 'turnIn', pieces: [piece], edges: ['bottom'] } as const]),
    ],
  };
}

/** Webbing, its end folded back over the fastener. */
function ofWebbing(
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
    cautions: ['flame'],
    actions: [
      { verb: 'seal', pieces: [piece] },
      capSet(piece, fastener, id, false),
      { verb: 'fold', piece, fold: 'tip', sides: 'right', by: back.value },
      { verb: 'topstitch', piece, place: 'foldedEnd', distance: rules.length(topstitchInset).value },
    ],
  };
}
