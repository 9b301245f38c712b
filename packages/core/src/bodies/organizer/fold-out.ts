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
import { organizerParams, outerNames, type FoldOut, type OuterBack, type OuterWall } from './params.ts';
import { shellOffset } from '../gusset-ring/rules.ts';
import { pocketFrame, zipSeam } from '../../shelves/rules/common-rules.ts';

const least = (name: string, value: number) =>
  given(`least ${name}`, value, { kind: 'standard', path: `organizer/outer/${name}`, source: 'common practice' });
const LEAST = { length: least('width of the outer pocket', 90), width: least('height of the outer pocket', 60) };

/** What is sewn onto the back of an outer pocket and onto the inside of its flap. */
export interface OuterFaces {
  behind: MeasuredFace;
  flap: MeasuredFace;
}

/** The outer pocket as its contents ask for it, before the front is known. All mm. */
export interface WishedFoldOut {
  wall: OuterWall;
  length: Derived;
  width: Derived;
  radius: Derived;
  depth: Derived;
  strip: Derived;
  clear: Derived;
  shells: Derived;
  back: OuterBack;
}

/** How large a pocket the things on its back and on its flap ask for, and how deep. */
export function wishFoldOut(
  wall: OuterWall,
  params: Params,
  { behind, flap }: OuterFaces,
  inputs: BodyInputs,
): WishedFoldOut {
  const { called, key } = outerNames[wall];
  const { rules, stacks, grid, pin, usual } = inputs;
  const radius = roundedAmount(lengthParam(params, 'radius', organizerParams.radius, rules, 'body'), grid);
  const clear = clearOfCorners(radius, rules);
  const straight = sum('corners and a straight part', [times(2, radius), STRAIGHT, times(2, BESIDE)]);
  const side = (name: keyof typeof LEAST, of: 'width' | 'height', label: string): Derived =>
    pin(
      `body/${key}-${name}`,
      rounded(
        largest(label, [
          usual(LEAST[name]),
          straight,
          ...[behind, flap]
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
  const budget = sum(`depth of the ${called}`, [behind.loaded, flap.loaded, shells]);
  const narrowest = sum('zipper and strips', [exposed, times(2, LEAST_STRIP)]);
  const depth = pin(`body/${key}-depth`, rounded(largest(`depth of the ${called}`, [narrowest, budget]), grid, 'up'));
  return {
    wall,
    length: side('length', 'width', `${called}, wide`),
    width: side('width', 'height', `${called}, high`),
    radius,
    depth,
    strip: product('strip beside the zipper', [sum('both strips', [depth, minus(exposed)]), half]),
    clear,
    shells,
    back: choiceParam(params, 'back', organizerParams.back),
  };
}

/** An outer pocket on its wall: as wide as that allows.
 * @param wall width of the wall, mm */
export function planFoldOut(wished: WishedFoldOut, wall: Derived, { rules, grid, stacks }: BodyInputs): FoldOut {
  const { radius } = wished;
  const { called, key } = outerNames[wished.wall];
  const own = `body/${key}`;
  const frame = rules.length(pocketFrame);
  const offset = rules.length(shellOffset);
  const length = rounded(sum(`${called}, wide`, [wall, times(-2, frame)]), grid, 'down');
  const size = { length, width: wished.width };
  const round = gussetRun({ ...size, cornerRadius: radius, offset: nothing }).stitchLine;
  const hinge = sum(`hinge of the ${called}`, [length, times(-2, radius), times(-2, BESIDE)]);
  const inner = (label: string, of: Derived) => sum(label, [of, times(-2, offset)]);
  return {
    ...wished,
    ...size,
    own,
    backThick: wished.back === 'shell' ? stacks.exterior : stacks.lining,
    // both layers of the gusset are sewn to the one panel that lies on the wall
    panel: (layer, part) => (part === 'lid' ? `${own}/${layer}-flap` : `${own}/back`),
    round,
    hinge,
    zipperPart: sum('zipper part', [round, minus(hinge)]),
    plate: {
      length: inner('stiffener, wide', length),
      width: inner('stiffener, high', wished.width),
      radius: largest('radius of the stiffener', [nothing, sum('inside the corner', [radius, minus(offset)])]),
    },
    at: { x: (wall.value - length.value) / 2, y: frame.value },
  };
}
