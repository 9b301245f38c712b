import type { Beneath, ClosingEdge, OverEdge } from '../../bodies/body-kind.ts';
import { half, nothing } from '../../derived/constants.ts';
import {
  byRule,
  given,
  halfOf,
  largest,
  minus,
  product,
  smallest,
  sum,
  times,
  type Derived,
  type Rule,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import { choiceParam, lengthParam } from '../../holders/params.ts';
import { limited } from '../../pieces/limited.ts';
import type { Finding } from '../../errors/finding.ts';
import { hardwareOf, type Hardware } from '../../shelves/hardware/hardware.ts';
import { flap as flapRule } from '../../sizing/flap.ts';
import { clothTurn } from '../../sizing/cloth-turn.ts';
import { roundEnd } from '../../sizing/round-end.ts';
import { rectHalfGirth } from '../../sizing/tube-width.ts';
import { wallReach } from '../../stacks/reach.ts';
import type { ClosureInputs } from '../closure-kind.ts';
import { fastenerParam, fasteners, insetAfter, insetFor } from '../fasteners.ts';
import { flapCorner, flapFastener, flapInset, flapOverlap } from '../flap/rules.ts';
import { flapWidth } from '../flap/width.ts';
import { laidOver } from '../laid-over.ts';
import { overlapFor } from '../overlap.ts';
import { tabSchool } from '../shoulder-rule.ts';
import { exposedOf, zipperParams } from '../zipper.ts';
import { zipClear } from '../../shelves/rules/common-rules.ts';
import { flapClosing, flapTab } from './rules.ts';

export const pouchParams = {
  fastener: fastenerParam,
  fastened: {
    kind: 'choice',
    title: 'Fasteners',
    standard: 'two',
    choices: [
      { id: 'one', title: 'one, in the middle', why: 'Enough for a narrow flap.' },
      { id: 'two', title: 'two, beside each other', why: 'A flap that holds things does not gape at its corners.' },
    ],
  },
  gauge: { ...zipperParams.gauge, standard: 'zipper-3' },
  overlap: { kind: 'length', title: 'Lies on the front by', rule: flapOverlap },
  inset: { kind: 'length', title: 'Narrower than the edge, each side', rule: flapInset },
  end: { kind: 'length', title: 'Fastener from the end', rule: flapFastener },
  corner: { kind: 'length', title: 'Radius of its corners', rule: flapCorner },
  tab: { kind: 'length', title: 'Tab at each end of the zipper', rule: flapTab },
} as const satisfies Record<string, ParamSpec>;

/** A flap of two faces, with a zipper between them round its free edge. All mm. */
export interface PouchFlap {
  width: Derived;
  length: Derived;
  corner: Derived;
  /** Of its fasteners from its end, and of their mates from the edge of the front. */
  end: Derived;
  mate: Derived;
  fastener: Hardware;
  /** Two of them beside each other, if there is room. */
  two: boolean;
  /** Id of the zipper, and what shows of the zipper. */
  gauge: string;
  exposed: Derived;
  /** Of each tab, along the edge. */
  tab: Derived;
  /** From its base: where it lies flat on the front when it is closed and full, or behind the closing stitch. */
  flat: Derived;
  findings: Finding[];
}

/** Common practice: it ends this far before the leaf that it lies on does. */
const CLEAR = given('clear of the fold', 8, { kind: 'standard', path: 'flap/clear', source: 'common practice' });

const own = (params: Params, key: 'overlap' | 'inset' | 'end' | 'corner' | 'tab', { rules, id }: ClosureInputs) =>
  lengthParam(params, key, pouchParams[key], rules, id);

const exposedIn = (params: Params, inputs: ClosureInputs): Derived =>
  exposedOf({ gauge: choiceParam(params, 'gauge', pouchParams.gauge) }, inputs);

/** Both faces and their linings. mm */
const clothOf = ({ stacks, cutStacks: cut = stacks }: ClosureInputs): Derived =>
  sum('flap, all four layers', [times(2, cut.exterior), times(2, cut.lining)]);

const clothRound = (inputs: ClosureInputs): Derived => clothTurn('cloth going round', 2, wallReach(inputs, 'a face'));

/** How wide the flap must be for what lies in it: half of the way round, less what the zipper gives. mm */
const acrossOf = (held: MeasuredFace, params: Params, inputs: ClosureInputs): Derived =>
  sum('flap, wide enough for what lies in it', [
    held.width,
    held.loaded,
    clothRound(inputs),
    minus(exposedIn(params, inputs)),
  ]);

/** The same from the closing stitch to its end; there the zipper gives at one end only, and round corners take some. mm */
function alongOf(held: MeasuredFace, width: Derived, params: Params, inputs: ClosureInputs): Derived {
  return largest('flap on the front', [
    roomAlong(held, width, params, inputs),
    opensAlong(held, width, params, inputs),
  ]);
}

const opensRule: Rule = {
  id: 'flap-pouch',
  formula: '(what goes in + both ends - width + (4 - π) × radius) / 2',
  source: 'geometry: a zipper along both sides, two round corners and the end',
};

/** How long it must be for its zipper to open far enough: so far as half of the way round what goes in. mm */
function opensAlong(held: MeasuredFace, width: Derived, params: Params, inputs: ClosureInputs): Derived {
  const passes = rectHalfGirth(held.width, held.loaded);
  const ends = sum('tabs, and clear of them', [
    times(2, own(params, 'tab', inputs)),
    times(2, inputs.rules.length(zipClear)),
  ]);
  const corner = cornerOf(width, params, inputs);
  const long = (passes.value + ends.value - width.value + (4 - Math.PI) * corner.value) / 2;
  return byRule(opensRule, 'flap, long enough to open', Math.max(0, long), [passes, ends, width, corner]);
}

function roomAlong(held: MeasuredFace, width: Derived, params: Params, inputs: ClosureInputs): Derived {
  const beside = halfOf('beside it', sum('left of the width', [width, minus(acrossOf(held, params, inputs))]));
  return sum('flap, long enough for what lies in it', [
    held.height,
    held.loaded,
    clothRound(inputs),
    roundEnd(cornerOf(width, params, inputs), beside),
    minus(halfOf('half of the zipper', exposedIn(params, inputs))),
  ]);
}

const cornerOf = (width: Derived, params: Params, inputs: ClosureInputs): Derived =>
  smallest('corner radius', [own(params, 'corner', inputs), product('half of its width', [width, half])]);

const widthIn = (edge: Derived, params: Params, inputs: ClosureInputs): Derived =>
  flapWidth(edge, own(params, 'inset', inputs), inputs.grid);

/** What lies in the flap, if something does. */
const heldBy = ({ own: [held] = [] }: ClosureInputs): MeasuredFace | undefined => (held?.occupied ? held : undefined);

/** How it goes over the edge of what is so thick beneath it, if it lies on the front by so much. */
const overEdge = (lies: Derived, { full, empty }: Beneath, end: Derived, inputs: ClosureInputs) =>
  flapRule({
    loadedDepth: full,
    emptyDepth: empty,
    overlap: lies,
    fastenerInset: end,
    flapThickness: clothOf(inputs),
    school: inputs.rules.choice(tabSchool),
  });

/** How much of it must lie on the front for what it holds, if the full piece is so thick beneath it: of a thin one the stitch that closes
 * it takes some. mm */
function neededOn(
  held: MeasuredFace,
  width: Derived,
  beneath: Derived,
  params: Params,
  inputs: ClosureInputs,
): Derived {
  const along = alongOf(held, width, params, inputs);
  const over = overEdge(nothing, { full: beneath, empty: beneath }, nothing, inputs).flapLength;
  const stitch = inputs.rules.length(flapClosing);
  if (over.value >= stitch.value) return along;
  return sum(along.label, [along, stitch, minus(over)]);
}

/** What the flap asks of its edge and of the leaf that it lies on. */
export function askOf(params: Params, inputs: ClosureInputs): OverEdge {
  const held = heldBy(inputs);
  const cloth = clothOf(inputs);
  const thick = { full: held ? sum('flap and what lies in it', [cloth, held.loaded]) : cloth, empty: cloth };
  if (!held) return { edge: nothing, front: () => nothing, thick };
  return {
    edge: sum('edge for the flap', [acrossOf(held, params, inputs), times(2, own(params, 'inset', inputs))]),
    front: (edge, beneath) =>
      sum('leaf for the flap', [neededOn(held, widthIn(edge, params, inputs), beneath, params, inputs), CLEAR]),
    thick,
  };
}

/** Sizes the flap on its body. */
export function sizePouch(params: Params, closing: ClosingEdge, inputs: ClosureInputs): PouchFlap {
  const { rules, hardware, id } = inputs;
  const held = heldBy(inputs);
  const edge = given('opening edge', closing.length, { kind: 'cut', path: closing.outer.piece });
  const width = widthIn(edge, params, inputs);
  const fastener = hardwareOf(fasteners[choiceParam(params, 'fastener', fastenerParam)], hardware);
  const end = insetFor(own(params, 'end', inputs), fastener);
  const wished = own(params, 'overlap', inputs);
  const needed = held ? [neededOn(held, width, closing.thick.full, params, inputs)] : [];
  const overlap = overlapFor(
    largest('lies on the front by', [wished, ...needed]),
    end,
    fastener,
    sum('leaf', [closing.leaf]),
  );
  const over = (lies: Derived) => overEdge(lies, closing.thick, end, inputs);
  const { length, reach, lies, solved } = laidOver(
    { path: `${id}/flapLength`, label: 'flap length', overlap, front: closing.leaf, fastener, inset: end, over },
    inputs,
  );
  const corner = cornerOf(width, params, inputs);
  // a tab lies along the straight part of a side, of which round corners leave half
  const halfLong = product('half of its length', [length, half]);
  const tab = smallest('tab', [own(params, 'tab', inputs), halfLong]);
  return {
    width,
    length,
    corner: smallest('corner radius', [corner, halfLong]),
    end: insetAfter(end, length, reach),
    mate: solved.mateLoaded,
    fastener,
    two: choiceParam(params, 'fastened', pouchParams.fastened) === 'two',
    gauge: choiceParam(params, 'gauge', pouchParams.gauge),
    exposed: exposedIn(params, inputs),
    tab,
    flat: largest('lies flat from', [rules.length(flapClosing), sum('over the edge', [length, minus(lies)])]),
    findings: [
      ...limited('The flap lies on the front', wished, smallest('as it lies', [wished, lies]), id),
      ...limited('Each tab of its zipper reaches along the side', own(params, 'tab', inputs), tab, id),
    ],
  };
}
