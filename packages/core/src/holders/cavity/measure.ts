import { minus, named, rounded, sum, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { tubeAround } from '../../sizing/tube-width.ts';
import type { HeldContents, HolderInputs, MeasuredHolder } from '../holder-kind.ts';
import { choiceParam, visibleParam } from '../params.ts';
import { standsOut } from '../sides.ts';
import type { Slab } from '../slab.ts';
import {
  cavityParams,
  halfGirthBefore,
  halfGirthOf,
  piledUp,
  standing,
  widest,
  type Cavity,
  type Compartment,
  type Standing,
} from './compartments.ts';
import { roomsOnBase } from './on-base.ts';
import { easeCavityAcross, easeCavityEnd } from './rules.ts';
import { wallReach } from '../../stacks/reach.ts';

/** Sizes the room from the girth of the things, the walls and the rules. */
export function measureCavity(params: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<Cavity> {
  const { rules, grid, id, pin } = inputs;
  const divide = choiceParam(params, 'divide', cavityParams.divide);
  const wished = visibleParam(params, contents, cavityParams.visible, rules, `holders/${id}`);
  // what lies in one room lies on what is below it
  const things = contents.flatMap((held) =>
    divide === 'open' && held.line.orientation === 'lying' ? [piledUp(standing(held))] : standing(held),
  );
  const wall = wallReach(inputs);
  const around = { front: wall, back: wall };
  const groups = divide === 'stitched' ? things.map((thing) => [thing]) : [things];
  const compartments = groups.map((group, index): Compartment => {
    const halfGirth = halfGirthOf(group);
    const width = tubeAround(halfGirth, around, rules.length(easeCavityAcross));
    const room = rounded(named('room, between its stitches', width), grid, 'up');
    return { things: group, halfGirth, width: pin(`holders/${id}/room${index + 1}`, room) };
  });
  const along = widest(
    'the longest',
    things.map((thing) => thing.along),
  );
  const visible = wished.value > 0 ? standsOut(along, wished) : wished;
  const detail: Cavity = { divide, compartments, along, visible, reach: around };
  const width = sum(
    'flat width',
    compartments.map((compartment) => compartment.width),
  );
  const height = sum('depth', [along, minus(visible), rules.length(easeCavityEnd)]);
  return {
    width,
    height,
    slabs: slabsOf(compartments),
    footing: sum(
      'things side by side',
      things.map((thing) => thing.across),
    ),
    ...(compartments.length > 1 && {
      widthOn: (base: Derived, now: HolderInputs) =>
        sum(
          'rooms beside each other on the base',
          roomsOnBase(compartments, base, now).map((room) => room.width),
        ),
    }),
    ...(compartments.length === 1 && {
      widthBefore: (across: Derived, thick: Derived) =>
        tubeAround(halfGirthBefore(things, across, thick), around, rules.length(easeCavityAcross)),
    }),
    stretches: { width: true, height: true },
    passes: widest(
      'half round the largest',
      things.map((thing) => thing.halfGirth),
    ),
    sizes: {
      ...Object.fromEntries(compartments.map((compartment, index) => [`room${index + 1}`, compartment.width])),
      depth: height,
      ...(visible.value > 0 && { visible }),
    },
    detail,
    findings: [],
  };
}

/** Things as they stand in the middle of their rooms.
 * @param height only as far as they are below it, mm; default all of them */
export function slabsOf(compartments: readonly Compartment[], height = Infinity): Slab[] {
  return placedAcross(compartments).map(({ thing, x0, x1 }) => ({
    of: { line: thing.line },
    label: thing.name,
    x0,
    x1,
    y0: 0,
    y1: Math.min(height, thing.along.value),
    thickness: thing.thickness,
    ...(thing.round && { round: true }),
  }));
}

/** Where each thing stands, mm from the left stitch line; a room's things lie flat in its middle. */
export function placedAcross(compartments: readonly Compartment[]): { thing: Standing; x0: number; x1: number }[] {
  let left = 0;
  return compartments.flatMap(({ things, width }) => {
    const all = things.reduce((total, { across }) => total + across.value, 0);
    let at = left + (width.value - all) / 2;
    left += width.value;
    return things.map((thing) => {
      const x0 = at;
      at += thing.across.value;
      return { thing, x0, x1: at };
    });
  });
}
