import { nothing } from '../../derived/constants.ts';
import {
  byRule,
  given,
  largest,
  minus,
  named,
  rounded,
  sum,
  times,
  type Derived,
  type Rule,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import type { CutPieces } from '../../holders/seat.ts';
import type { Ring } from '../../pieces/room.ts';
import { choiceParam } from '../../holders/params.ts';
import { rectHalfGirth, tubeAround } from '../../sizing/tube-width.ts';
import { foldedRing } from '../folded-ring.ts';
import type { BodyInputs, ClosingSlit, SizedBody, SizedFace } from '../body-kind.ts';
import { doubleTubeParams, ends, type DoubleTube, type End } from './params.ts';
import { frontOf, mouthOf, shellRing } from './shell.ts';
import { boxTurns } from '../lining-turns.ts';
import { easeCavityAcross } from '../../holders/cavity/rules.ts';
import { pocketFrame, zipClear } from '../../shelves/rules/common-rules.ts';
import { wallReach } from '../../stacks/reach.ts';

const common = (label: string, value: number, path: string) =>
  given(label, value, { kind: 'standard', path: `double-tube/${path}`, source: 'common practice' });
const LEAST = { width: common('least width', 60, 'width'), length: common('least length', 80, 'length') };
/** Common practice: a lining that reaches the other zipper is caught by it. */
const SHORT = common('lining ends before the other mouth by', 12, 'short');

/** Both contents lie on each other in one shell: its width and thickness take both, its length the longer one. */
export function sizeDoubleTube(params: Params, measured: MeasuredFace[], inputs: BodyInputs): SizedBody<DoubleTube> {
  const [a, b, front] = measured as [MeasuredFace, MeasuredFace, MeasuredFace];
  const { rules, stacks, grid, pin, usual } = inputs;
  const thick = sum('both contents, and the linings between them', [a.loaded, b.loaded, times(2, stacks.lining)]);
  const wall = sum('a wall', [stacks.exterior, stacks.lining]);
  const around = wallReach(inputs, 'a wall');
  const clear = rules.length(zipClear);
  const { taper, shallower } = boxTurns(inputs, usual(LEAST.width));
  const ease = rules.length(easeCavityAcross);
  const widest = tubeAround(
    rectHalfGirth(largest('the wider', [acrossOf(a), acrossOf(b)]), thick),
    { front: around, back: around },
    ease,
  );
  const frame = times(2, rules.length(pocketFrame));
  const outside = (label: 'width' | 'height') =>
    front.occupied ? [sum('pocket on the outside', [front[label], frame])] : [];
  const width = pin(
    'body/width',
    rounded(
      largest('width', [
        usual(LEAST.width),
        sum('round both', [widest, taper]),
        sum('end A', [a.width, taper]),
        sum('end B', [b.width, taper]),
        sum('opening for the largest', [largest('half round it', [a.passes, b.passes]), times(2, clear)]),
        ...outside('width'),
      ]),
      grid,
      'up',
    ),
  );
  const needs = (face: MeasuredFace) => sum('length and thickness', [face.height, face.loaded]);
  const length = pin(
    'body/length',
    rounded(
      largest('length', [
        usual(LEAST.length),
        sum('the longer, and what the lining is shorter', [
          largest('the longer', [needs(a), needs(b)]),
          SHORT,
          shallower,
        ]),
        ...outside('height'),
      ]),
      grid,
      'up',
    ),
  );
  const depth = sum('lining, from its mouth', [length, minus(SHORT), minus(shallower)]);
  const making = choiceParam(params, 'making', doubleTubeParams.making);
  const detail: DoubleTube = { making, width, length, depth, taper };
  const closed = sum('thick, full', [thick, times(2, wall), front.loaded]);
  return {
    finished: { length: named('finished length', length), width: named('finished width', width) },
    closedThickness: closed,
    emptyThickness: sum('thick, empty', [times(2, wall), times(2, stacks.lining), front.empty]),
    sizes: { length, width, liningDepth: depth, liningNarrower: taper },
    faces: [endFace('a', detail), endFace('b', detail), frontFace(detail, inputs)],
    closing: slitOf(detail),
    detail,
  };
}

const free = { kind: 'free' } as const;
const stitched = { kind: 'stitchedOn' } as const;

/** A lining as cut: flat between its sides, and from its mouth to its fold, mm. */
export function liningAsCut(end: End, cut: CutPieces): { width: number; depth: number } {
  const { width, height } = cut(`body/lining-${end}`).sewn;
  return { width, depth: height / 2 };
}

/** From the first thing to the last, lying side by side, mm. */
function acrossOf({ slabs }: MeasuredFace): Derived {
  const [left, right] = [Math.min(...slabs.map(({ x0 }) => x0)), Math.max(...slabs.map(({ x1 }) => x1))];
  return slabs.length === 0 ? nothing : byRule(beside, 'side by side', right - left, []);
}
const beside: Rule = {
  id: 'tube-width',
  formula: 'from the first to the last',
  source: 'geometry: things side by side',
};

/** Its lining, folded at the far end, and the shell, which is open there. */
const endRings = (end: End, detail: DoubleTube): Ring[] => [foldedRing(`body/lining-${end}`), shellRing(detail, end)];

function endFace(end: End, detail: DoubleTube): SizedFace {
  const { width, depth } = detail;
  const piece = `body/lining-${end}`;
  return {
    id: end,
    seat: 'flat',
    host: { piece, width: width.value, height: 2 * depth.value },
    room: { x: 0, y: 0, width, height: depth, towards: 'left' },
    edges: { left: free, right: free, bottom: free, top: free },
    rings: endRings(end, detail),
    // folded at its far end: the front above, the back below, mouths outwards
    panels: {
      front: { piece, at: (fromLeft, down) => [fromLeft, 2 * depth.value - down] },
      back: { piece, at: (fromLeft, down) => [fromLeft, down] },
    },
  };
}

/** The outside of the front, clear of the fold, the seam and both mouths. */
function frontFace(detail: DoubleTube, { rules }: BodyInputs): SizedFace {
  const { width, length } = detail;
  const frame = rules.length(pocketFrame);
  const room = (label: string, size: Derived) => sum(label, [size, times(-2, frame)]);
  return {
    id: 'front',
    seat: 'wall',
    host: { ...frontOf(detail), height: length.value },
    room: {
      x: frame.value,
      y: frame.value,
      width: room('clear of seam and fold', width),
      height: room('clear of both mouths', length),
      towards: 'middle',
    },
    edges: { left: stitched, right: stitched, bottom: stitched, top: stitched },
  };
}

/** A zipper at each mouth, from the side seam to the fold, or to the other side. */
const slitOf = (detail: DoubleTube): ClosingSlit => ({
  kind: 'slit',
  run: detail.width,
  rims: ends.flatMap((end) => [
    { edge: mouthOf(detail, end, 'front'), within: `body/mouth-${end}-front` },
    { edge: mouthOf(detail, end, 'back', true), within: `body/mouth-${end}-back` },
  ]),
  endTabs: () => [],
});
