import { wallReach, wallsReach } from '../../stacks/reach.ts';
import { hardwareWidth } from '../../holders/hardware-sizes.ts';
import { half, nothing } from '../../derived/constants.ts';
import { given, largest, minus, named, product, rounded, sum, times, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import { cylinderHalfGirth, tubeAround } from '../../sizing/tube-width.ts';
import type { BodyInputs } from '../body-kind.ts';
import { boxLining } from '../box/size.ts';
import { boxTurns } from '../lining-turns.ts';
import { planFoldOut, wishFoldOut, type OuterFaces, type WishedFoldOut } from './fold-out.ts';
import { outerNames, type Organizer, type OuterWall } from './params.ts';
import { frameEase } from './rules.ts';
import { pocketFrame, topstitchInset, zipClear } from '../../shelves/rules/common-rules.ts';

const common = (label: string, value: number, path: string) =>
  given(label, value, { kind: 'standard', path: `organizer/${path}`, source: 'common practice' });
/** Smaller ones cannot be turned, nor a frame be set. */
const LEAST = {
  width: common('least width', 120, 'width'),
  depth: common('least depth', 60, 'depth'),
  height: common('least height', 60, 'height'),
};
export const FRAME_WIRE = 'frame-wire-3';
/** How thick the wire of the frame is. */
export const wireOf = (inputs: BodyInputs): Derived => hardwareWidth('frame wire, through', FRAME_WIRE, inputs);
const ONE = given('one wire', 1, { kind: 'standard', path: 'organizer/wires' }, 'ratio');
/** The two wires end clear of each other in the middle of a side. */
const APART = common('frame ends before the middle of the side', 5, 'apart');
const PLATE = common('base clear of each wall', 2, 'plate');

/** What lies loose inside, what hangs between the sides, and what is sewn onto the back; and the outer pockets by their wall. */
export interface OrganizerFaces {
  inside: MeasuredFace;
  divider: MeasuredFace;
  back: MeasuredFace;
  outers: readonly (OuterFaces & { wall: OuterWall })[];
}

/** Everything that a framed organizer is made by: box, bands, frame, and the pocket that folds out. */
export function planOrganizer(params: Params, faces: OrganizerFaces, inputs: BodyInputs): Organizer {
  const { stacks, reach, grid, exposed = nothing } = inputs;
  const { inside, divider, back } = faces;
  const wished = faces.outers.map(({ wall, ...on }) => wishFoldOut(wall, params, on, inputs));
  const walls = wallsReach(inputs);
  const below = sum('the base, to its outermost layer', [stacks.lining, stacks.base, reach.exterior]);
  const { channel, band } = bandFor(inputs);
  const { depth, width } = planBase(faces, { walls, wished }, inputs);
  const lean = product('front and back lean together by', [
    sum('from wall to zipper, both', [depth, minus(exposed)]),
    half,
  ]);
  const high = heights({ inside, divider, back }, { band, below, lean, wished }, inputs);
  const height = inputs.pin('body/height', rounded(largest('height', high), grid, 'up'));
  const shell = { width, depth, height, taper: nothing };
  const run = sum('rim, from side to side', [width, depth]);
  const wall = sum('a wall, all layers', [stacks.exterior, stacks.lining]);
  const inner = (label: string, of: Derived) => rounded(sum(label, [of, minus(wall), times(-2, PLATE)]), grid, 'down');
  const leg = rounded(sum('leg of the frame', [product('half a side', [depth, half]), minus(APART)]), grid, 'down');
  const bar = rounded(
    sum('frame along the mouth', [width, minus(stacks.exterior), minus(wireOf(inputs))]),
    grid,
    'down',
  );
  return {
    shell,
    lining: boxLining(shell, inputs),
    run,
    band,
    channel,
    frame: { bar, leg, length: sum('frame, all of it', [bar, times(2, leg)]) },
    lean,
    plate: { width: inner('firm base, wide', width), depth: inner('firm base, deep', depth) },
    walls,
    outers: wished.map((each) => planFoldOut(each, width, inputs)),
    divided: divider.occupied,
  };
}

/** The channel goes round the wire, and the zipper is topstitched above it. */
function bandFor(inputs: BodyInputs): Pick<Organizer, 'band' | 'channel'> {
  const { rules, reach, grid } = inputs;
  const round = cylinderHalfGirth(wireOf(inputs), ONE);
  const clear = tubeAround(round, { front: reach.exterior, back: reach.lining }, rules.length(frameEase));
  const channel = named('channel of the frame', rounded(clear, grid, 'up'));
  return { channel, band: rounded(sum('band', [channel, rules.length(topstitchInset)]), grid, 'up') };
}

/** Width and depth of the base. */
function planBase(
  { inside, divider, back }: OrganizerFaces,
  { walls, wished }: { walls: Derived; wished: readonly WishedFoldOut[] },
  inputs: BodyInputs,
) {
  const { rules, grid, pin, usual } = inputs;
  const { across = nothing, thick = nothing } = inside.sizes;
  const frame = rules.length(pocketFrame);
  const things = [thick, divider.loaded, back.loaded];
  const behind = sum('things and walls', [...things, walls]);
  // the lining is narrower at its base, and judged on its own: by half of a base at most, so that of one twice as deep things have half
  const twice = sum(
    'twice the things and the lining',
    [...things, inputs.reach.lining, inputs.reach.lining].map((of) => times(2, of)),
  );
  const narrower = boxTurns(inputs, twice).taper;
  const inLining = (label: string, of: Derived[], taper: Derived) =>
    sum(label, [...of, times(2, inputs.reach.lining), taper]);
  const lined = inLining('things, in the lining', things, narrower);
  const depth = pin('body/depth', rounded(largest('depth', [usual(LEAST.depth), behind, lined]), grid, 'up'));
  const taper = boxTurns(inputs, depth).taper;
  const demands = [
    usual(LEAST.width),
    sum('things and walls', [across, walls]),
    inLining('things, in the lining', [across], taper),
    sum('the largest passes the zipper', [inside.passes, times(2, rules.length(zipClear)), minus(depth)]),
  ];
  if (divider.occupied) demands.push(sum('what hangs between the sides', [divider.width, walls]));
  if (back.occupied) demands.push(sum('sewn onto the back', [back.width, taper, times(2, frame)]));
  for (const { length, wall } of wished) demands.push(sum(outerNames[wall].called, [length, times(2, frame)]));
  return { depth, width: pin('body/width', rounded(largest('width', demands), grid, 'up')) };
}

/** What asks for height: the things under the roof, and what hangs from or is sewn onto a wall. */
function heights(
  { inside, divider, back }: Pick<OrganizerFaces, 'inside' | 'divider' | 'back'>,
  {
    band,
    below,
    lean,
    wished,
  }: Pick<Organizer, 'band' | 'lean'> & { below: Derived; wished: readonly WishedFoldOut[] },
  inputs: BodyInputs,
): Derived[] {
  const { rules, usual, reach } = inputs;
  const roof = wallReach(inputs, 'the roof');
  const frame = rules.length(pocketFrame);
  const { up = nothing } = inside.sizes;
  const { onBase = nothing } = inputs;
  const { shallower } = boxTurns(inputs, usual(LEAST.depth));
  const demands = [
    usual(LEAST.height),
    sum('things under the roof', [up, onBase, below, lean, roof, minus(band)]),
    sum('things under the roof, in the lining', [up, onBase, reach.lining, shallower, lean, reach.lining, minus(band)]),
  ];
  if (divider.occupied) demands.push(sum('what hangs between the sides', [divider.height, shallower]));
  if (back.occupied) demands.push(sum('sewn onto the back', [back.height, times(2, frame), shallower]));
  for (const { width, wall } of wished) demands.push(sum(outerNames[wall].called, [width, times(2, frame)]));
  return demands;
}
