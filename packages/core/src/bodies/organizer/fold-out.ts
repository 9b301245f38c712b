import { half, nothing } from '../../derived/constants.ts';
import {
  given,
  largest,
  minus,
  product,
  rounded,
  roundedAmount,
  sum,
  times,
  type Derived,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import { choiceParam, lengthParam } from '../../holders/params.ts';
import { tapeWidth } from '../../holders/zip-pocket/zipper.ts';
import { gussetRun } from '../../sizing/gusset-run.ts';
import type { BodyInputs } from '../body-kind.ts';
import { BESIDE, LEAST_STRIP, STRAIGHT } from '../gusset-ring/corners.ts';
import { clearOfCorners } from '../gusset-ring/panel-face.ts';
import { organizerParams, type FoldOut, type OuterBack } from './params.ts';
import { shellOffset } from '../gusset-ring/rules.ts';
import { pocketFrame, zipSeam } from '../../shelves/rules/common-rules.ts';

const least = (name: string, value: number) =>
  given(`least ${name}`, value, { kind: 'standard', path: `organizer/outer/${name}`, source: 'common practice' });
const LEAST = { length: least('width of the outer pocket', 90), width: least('height of the outer pocket', 60) };

/** What is sewn behind the flap and onto its inside. */
export interface OuterFaces {
  front: MeasuredFace;
  flap: MeasuredFace;
}

/** The outer pocket as its contents ask for it, before the front is known. All mm. */
export interface WishedFoldOut {
  length: Derived;
  width: Derived;
  radius: Derived;
  depth: Derived;
  strip: Derived;
  clear: Derived;
  shells: Derived;
  back: OuterBack;
}

/** How large a pocket the things on the front and on the flap ask for, and how deep. */
export function wishFoldOut(params: Params, { front, flap }: OuterFaces, inputs: BodyInputs): WishedFoldOut {
  const { rules, stacks, grid, pin, usual } = inputs;
  const radius = roundedAmount(lengthParam(params, 'radius', organizerParams.radius, rules, 'body'), grid);
  const clear = clearOfCorners(radius, rules);
  const straight = sum('corners and a straight part', [times(2, radius), STRAIGHT, times(2, BESIDE)]);
  const side = (name: keyof typeof LEAST, of: 'width' | 'height', label: string): Derived =>
    pin(
      `body/outer-${name}`,
      rounded(
        largest(label, [
          usual(LEAST[name]),
          straight,
          ...[front, flap]
            .filter(({ occupied }) => occupied)
            .map((face) => sum('sewn onto an inside', [face[of], times(2, clear)])),
        ]),
        grid,
        'up',
      ),
    );
  const shells = sum('flap, to the middle of its outer', [
    stacks.lining,
    stacks.base,
    product('half of the outer', [stacks.exterior, half]),
  ]);
  const exposed = sum('zipper that shows', [tapeWidth('zipper-3', inputs), times(-2, rules.length(zipSeam))]);
  const budget = sum('depth of the outer pocket', [front.loaded, flap.loaded, shells]);
  const narrowest = sum('zipper and strips', [exposed, times(2, LEAST_STRIP)]);
  const depth = pin('body/outer-depth', rounded(largest('depth of the outer pocket', [narrowest, budget]), grid, 'up'));
  return {
    length: side('length', 'width', 'outer pocket, wide'),
    width: side('width', 'height', 'outer pocket, high'),
    radius,
    depth,
    strip: product('strip beside the zipper', [sum('both strips', [depth, minus(exposed)]), half]),
    clear,
    shells,
    back: choiceParam(params, 'back', organizerParams.back),
  };
}

/** The outer pocket on its front: as wide as that allows.
 * @param front width of the front, mm */
export function planFoldOut(wished: WishedFoldOut, front: Derived, { rules, grid, stacks }: BodyInputs): FoldOut {
  const { radius } = wished;
  const frame = rules.length(pocketFrame);
  const offset = rules.length(shellOffset);
  const length = rounded(sum('outer pocket, wide', [front, times(-2, frame)]), grid, 'down');
  const size = { length, width: wished.width };
  const round = gussetRun({ ...size, cornerRadius: radius, offset: nothing }).stitchLine;
  const hinge = sum('hinge of the outer pocket', [length, times(-2, radius), times(-2, BESIDE)]);
  const inner = (label: string, of: Derived) => sum(label, [of, times(-2, offset)]);
  return {
    ...wished,
    ...size,
    own: 'body/outer',
    backThick: wished.back === 'shell' ? stacks.exterior : stacks.lining,
    // both layers of the gusset are sewn to the one panel that lies on the front
    panel: (layer, part) => (part === 'lid' ? `body/outer/${layer}-flap` : 'body/outer/back'),
    round,
    hinge,
    zipperPart: sum('zipper part', [round, minus(hinge)]),
    plate: {
      length: inner('stiffener, wide', length),
      width: inner('stiffener, high', wished.width),
      radius: largest('radius of the stiffener', [nothing, sum('inside the corner', [radius, minus(offset)])]),
    },
    at: { x: (front.value - length.value) / 2, y: frame.value },
  };
}
