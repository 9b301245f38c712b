import { nothing } from '../../derived/constants.ts';
import { half } from '../../derived/constants.ts';
import {
  given,
  largest,
  minus,
  named,
  product,
  rounded,
  smallest,
  sum,
  times,
  type Derived,
} from '../../derived/derived.ts';
import { widenedTo, type Slab } from '../slab.ts';
import type { Params } from '../../document/design-document.ts';
import { capital } from '../../errors/first-letter.ts';
import { doubledReach } from '../../stacks/reach.ts';
import { boxedClosedDepth } from '../../sizing/depth.ts';
import { rectHalfGirth, tubeAround } from '../../sizing/tube-width.ts';
import { loadOf, sheafSlabs, sheafThings, type PocketLoad } from '../face-pocket/pocket.ts';
import type {
  HeldContents,
  HolderInputs,
  HolderKind,
  ParamSpec,
  MeasuredHolder,
  PlacedHolder,
} from '../holder-kind.ts';
import type { PlacedFace, SewnOn } from '../own-faces.ts';
import type { Host, SeatOf } from '../seat.ts';
import { choiceParam } from '../params.ts';
import { contributePouch } from './contribute.ts';
import type { DividerPouch } from './pouch.ts';
import { dividerAbove } from './rules.ts';
import { easePocketAcross, easePocketDeep } from '../face-pocket/rules.ts';

/** Common practice: a zipper stops this far before the side seams. */
const ENDS = given('zipper ends before the side by', 15, {
  kind: 'standard',
  path: 'pouch/ends',
  source: 'common practice',
});
/** Above the pouch: the zipper and room for a hand; below it: clear of the base. */
const ABOVE = given('zipper below the mouth by', 20, {
  kind: 'standard',
  path: 'pouch/above',
  source: 'common practice',
});

/** Between what is sewn onto its walls and the zipper: the stitching beside that, and the foot. */
const BELOW_ZIPPER = given('below the zipper', 10, {
  kind: 'standard',
  path: 'pouch/below-zipper',
  source: 'common practice',
});

export type PouchWalls = 'one' | 'lined';

export const pouchParams = {
  walls: {
    kind: 'choice',
    title: 'Its walls',
    standard: 'one' as PouchWalls,
    choices: [
      { id: 'one' as PouchWalls, title: 'one layer', why: 'Light and thin; its seams show inside.' },
      {
        id: 'lined' as PouchWalls,
        title: 'lined with the same',
        why: 'All seams lie between both layers: nothing frays, nothing catches in the zipper.',
      },
    ],
  },
  bottom: {
    kind: 'choice',
    title: 'Its bottom',
    standard: 'contents',
    choices: [
      { id: 'contents', title: 'as deep as its contents', why: 'Takes no more of the room than it needs.' },
      { id: 'base', title: 'as deep as the base', why: 'Takes the whole room when nothing else stands in it.' },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

function measure(design: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<DividerPouch> {
  const { rules, stacks, reach: reaches, grid } = inputs;
  const load = loadOf(design, contents, inputs, nothing);
  const lined = choiceParam(design, 'walls', pouchParams.walls) === 'lined';
  const reach = lined ? doubledReach(inputs, 'pocket', 'wall of the pouch') : reaches.pocket;
  const wall = lined ? sum('wall of the pouch, both layers', [times(2, stacks.pocket)]) : stacks.pocket;
  const around = { front: reach, back: reach };
  const ease = rules.length(easePocketAcross);
  const clear = tubeAround(rectHalfGirth(load.across, load.thickness), around, ease);
  const passes = load.sheaves.map((sheaf) =>
    sum(`${sheaf.name} passes the zipper`, [sheaf.across, sheaf.one, ease, times(2, ENDS)]),
  );
  const halfDepth = rounded(
    product('half of the pouch’s depth', [
      sum('things, ease and cloth', [load.thickness, ease, times(2, reach)]),
      half,
    ]),
    grid,
    'up',
  );
  // it stands on its boxed bottom, as wide and as high as what is in it
  const onBottom = sum('things on its bottom', [standing(load, reach, ease), times(2, halfDepth)]);
  const sewnOn = Object.values(inputs.sewnOn ?? {});
  const wide = sewnOn.map((face) => face.width);
  const onIt = sewnOn.map((face) => sum('sewn onto it', [face.height, BELOW_ZIPPER]));
  const width = rounded(largest('pouch, flat width', [clear, onBottom, ...passes, ...wide]), grid, 'up');
  const up = highOf(boxedClosedDepth({ ...load, reach }, twice(halfDepth)), onIt, inputs);
  const panel = sum('pouch, zipper to bottom line', [up, halfDepth]);
  const off = rules.length(dividerAbove);
  const height = sum('pouch and room above it', [up, ABOVE, off, ROUND]);
  const zipper = sum('off the base, to the zipper', [off, up]).value;
  const cloth = (label: string): Slab => ({
    of: { role: 'pocket' },
    label,
    x0: 0,
    x1: width.value,
    y0: off.value,
    y1: zipper,
    thickness: wall,
  });
  const thickness = sum('pouch, thick', [load.thickness, times(2, wall), ...sewnOn.map(({ loaded }) => loaded)]);
  return {
    width,
    height,
    slabs: [
      ...sewnOnSlabs(inputs.sewnOn?.back, cloth('sewn onto its back')),
      cloth('pouch, back'),
      ...sheafSlabs(load.sheaves, width.value / 2, off.value),
      cloth('pouch, front'),
      ...sewnOnSlabs(inputs.sewnOn?.front, cloth('sewn onto its front')),
    ],
    loaded: named('pouch, thick', thickness),
    footing: wide.length > 0 ? largest('side by side', [load.across, ...wide]) : load.across,
    stretches: { width: true, height: true },
    sizes: { pouchWidth: width, high: up },
    detail: {
      load,
      reach: around,
      halfDepth,
      up,
      onIt,
      panel,
      opening: width,
      lined,
      wholeBase: choiceParam(design, 'bottom', pouchParams.bottom) === 'base',
    },
    findings: [],
  };
}
/** From the zipper to the base, as it is made.
 * @param onIt how high what is sewn onto it asks it to be, mm */
function highOf(things: Derived, onIt: readonly Derived[], { id, grid, pin }: HolderInputs): Derived {
  const label = 'pouch, zipper to base';
  const asked = onIt.length > 0 ? largest(label, [things, ...onIt]) : named(label, things);
  return pin(`holders/${id}/high`, rounded(asked, grid, 'up'));
}

/** What is sewn onto a wall as it lies on all of that, up to the zipper: its cloth, and what is in it. */
function sewnOnSlabs(face: SewnOn | undefined, cloth: Slab): Slab[] {
  if (!face) return [];
  const inIt = sum(`in what is ${cloth.label}`, [face.loaded, minus(face.empty)]);
  return [
    { ...cloth, thickness: face.empty },
    { ...cloth, label: inIt.label, thickness: inIt, filling: true },
  ];
}

/** Between the corners of the bottom, with the cloth on both sides, mm. */
const standing = ({ across }: PocketLoad, reach: Derived, ease: Derived): Derived =>
  sum('between its corners', [across, times(2, reach), ease]);
const LEAST_BOTTOM = given('bottom line', 20, { kind: 'standard', path: 'pouch/bottom', source: 'common practice' });
const ROUND = given('for rounding', 4, { kind: 'standard', path: 'pouch/rounding' });

const twice = (halfDepth: Derived): Derived => sum('pouch, deep', [times(2, halfDepth)]);

type Placed = PlacedHolder<DividerPouch, 'pouch'>;

function place(
  { detail: measured, sizes, slabs }: MeasuredHolder<DividerPouch>,
  seat: SeatOf<'pouch'>,
  inputs: HolderInputs,
): Placed {
  const { id, rules } = inputs;
  const detail = { ...measured, ...onBase(measured, seat, inputs) };
  const { x, y, width } = seat;
  const bottom = y + rules.length(dividerAbove).value;
  const opening = sum('opening', [width, times(-2, ENDS)]);
  const top = bottom + detail.up.value;
  return {
    id,
    kind: 'divider-pouch',
    seat,
    sizes: {
      ...sizes,
      high: detail.up,
      opening,
      pouchDepth: twice(detail.halfDepth),
      pouchPanel: detail.panel,
    },
    mouths: [{ id, y: top, bottom, x0: x, x1: x + width.value }],
    stitching: [],
    things: sheafThings(detail.load.sheaves, x + width.value / 2, bottom),
    slabs: widenedTo(slabs, width.value, top - y),
    detail: { ...detail, opening },
  };
}

/** With a bottom as deep as the base, its panels are so much longer: it hangs as high as before. Without a base, or where panels
 * that lean so far would reach above the mouth, it is as deep as its contents. */
function onBase(
  { halfDepth, up, onIt, panel, wholeBase, load, reach: { front: reach } }: DividerPouch,
  { inner, width, height }: SeatOf<'pouch'>,
  inputs: HolderInputs,
): Pick<DividerPouch, 'halfDepth' | 'up' | 'panel'> {
  if (!wholeBase || !inner?.base) return { halfDepth, up, panel };
  const { grid, rules } = inputs;
  const bottom = largest('bottom line', [LEAST_BOTTOM, standing(load, reach, rules.length(easePocketAcross))]);
  const narrow = sum('room beside its bottom', [width, minus(bottom)]);
  const side = smallest('base, or what its width allows', [inner.base, narrow]);
  const most = rounded(product('half of the base', [side, half]), grid, 'down');
  const deep = largest('half of the pouch’s depth', [halfDepth, most]);
  // its walls lean in over what is in it
  const leaning = boxedClosedDepth({ ...load, reach }, twice(deep));
  if (leaning.value + ABOVE.value + rules.length(dividerAbove).value > height.value) return { halfDepth, up, panel };
  const high = highOf(leaning, onIt, inputs);
  return { halfDepth: deep, up: high, panel: sum('pouch, zipper to bottom line', [high, deep]) };
}

/** Its walls above its boxed bottom, from side to side, up to below the zipper. */
function placeFaces({ id, seat, detail: { panel, halfDepth, up } }: Placed): PlacedFace[] {
  const [width, height, low] = [seat.width.value, panel.value, halfDepth.value];
  const run: Host['run'] = (side, from, to) =>
    side === 'right'
      ? { edge: 'right', from: from - low, to: to - low }
      : { edge: 'left', from: height - to, to: height - from, reversed: true };
  const stitchedOn = { kind: 'stitchedOn' } as const;
  return (['front', 'back'] as const).map((face) => {
    const piece = `holders/${id}/pouch-${face}`;
    // a back is drawn right side up: its left edge is on the right, seen from the front
    const [left, right] = face === 'front' ? ['left', 'right'] : ['right', 'left'];
    const inSeam = (side: string | undefined) => ({ kind: 'caught', within: `${piece}#${side}` }) as const;
    return {
      id: face,
      host: { piece, width, height, run },
      x: 0,
      y: low,
      width: seat.width,
      height: sum('wall of the pouch below the zipper', [up, minus(BELOW_ZIPPER)]),
      edges: { left: inSeam(left), right: inSeam(right), bottom: stitchedOn, top: stitchedOn },
      high: 'high',
    };
  });
}

/** A zipped pouch with a boxed bottom of its own, hung between the side seams of a bag. */
export const dividerPouch: HolderKind<DividerPouch, 'pouch'> = {
  title: 'Divider pouch',
  params: pouchParams,
  rules: [easePocketAcross, easePocketDeep, dividerAbove],
  seats: ['pouch'],
  findings: ['corner.notCutOut'],
  suits: () => ({ score: 0.2, why: 'Parts a bag, and keeps what is small together.' }),
  faces: (['front', 'back'] as const).map((face) => ({
    id: face,
    title: (holder) => `on the ${face} of pouch ${holder}`,
    board: (holder) => `${capital(face)} of pouch ${holder}`,
  })),
  measure,
  place,
  placeFaces,
  contribute: contributePouch,
};
