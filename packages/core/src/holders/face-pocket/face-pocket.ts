import { nothing } from '../../derived/constants.ts';
import {
  given,
  minus,
  named,
  product,
  rounded,
  roundedBelow,
  smallest,
  sum,
  times,
  type Derived,
} from '../../derived/derived.ts';
import type { Params, Role } from '../../document/design-document.ts';
import { type Contribution } from '../../pieces/contribution.ts';
import type { Item } from '../../shelves/items/item.ts';
import type { HouseRule } from '../../shelves/rules/house-rule.ts';
import { rectHalfGirth, tubeAround, type Walls } from '../../sizing/tube-width.ts';
import type {
  HeldContents,
  HolderInputs,
  HolderKind,
  MeasuredHolder,
  ParamSpec,
  PlacedHolder,
} from '../holder-kind.ts';
import type { Seat } from '../seat.ts';
import { openDepth } from '../../sizing/depth.ts';
import { patchOn, pocketEase } from './patch.ts';
import { pocketFront, type FrontStyle } from './front.ts';
import {
  farther,
  frontSeat,
  loadOf,
  pocketParams,
  sheafSlabs,
  sheafThings,
  visibleHandle,
  asWideAsFace,
  wideParam,
  type PocketLoad,
} from './pocket.ts';
import { easePocketAcross, easePocketDeep } from './rules.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';
import { doubledReach } from '../../stacks/reach.ts';

/** How a family of pockets differs from the others. */
export interface PocketStyle {
  kind: string;
  title: string;
  /** Cloth of the front. */
  role: Extract<Role, 'pocket' | 'mesh'>;
  front: FrontStyle;
  /** The front is cut narrower than the back and stretched across it, mm. */
  less?(inputs: HolderInputs): Derived;
  params?: Record<string, ParamSpec>;
  rules?: readonly HouseRule[];
  /** Whether the pocket takes all the width of its face. */
  stretches?: boolean;
  suits(item: Item): { score: number; why: string };
}

export interface FacePocket {
  load: PocketLoad;
  /** Of the front, bottom to mouth, mm. */
  high: Derived;
  /** Of both walls, to their outermost layers, mm. */
  reach: Walls;
  bite: Derived;
  less: Derived;
}

type Placed = PlacedHolder<FacePocket>;

/** A pocket sewn flat onto a face: its front and the face both give, so the girth of what is in it decides. */
export function facePocket(style: PocketStyle): HolderKind<FacePocket> {
  return {
    title: style.title,
    params: { ...pocketParams, ...(!style.stretches && { wide: wideParam }), ...style.params },
    rules: [easePocketAcross, easePocketDeep, topstitchInset, ...(style.rules ?? [])],
    shown: { clearWidth: 'clearWidth' },
    seats: ['leaf', 'wall'],
    suits: (item) => style.suits(item),
    measure: (params, contents, inputs) => measure(style, params, contents, inputs),
    place: (measured, seat, inputs) => place(style, measured, seat, inputs),
    contribute: (placed, inputs) => contribute(style, placed, inputs),
    mouthHandle: ({ detail }) => visibleHandle(detail.load.visible),
  };
}

function measure(
  style: PocketStyle,
  params: Params,
  contents: HeldContents[],
  inputs: HolderInputs,
): MeasuredHolder<FacePocket> {
  const { rules, stacks, reach, grid, id, pin } = inputs;
  const load = loadOf(params, contents, inputs);
  const cloth = stacks[style.role];
  const front = style.front === 'fold' ? sum('front, both layers', [times(2, cloth)]) : cloth;
  const bite = rules.length(topstitchInset);
  const half = rectHalfGirth(load.across, load.thickness);
  const around = {
    front: style.front === 'fold' ? doubledReach(inputs, style.role) : reach[style.role],
    back: inputs.host ?? reach.lining,
  };
  const clear = rounded(tubeAround(half, around, rules.length(easePocketAcross)), grid, 'up');
  const wished = named('pocket, clear width', clear);
  const clearWidth = pin(`holders/${id}/clearWidth`, wished);
  const width = sum('pocket, stitch to stitch', [clearWidth, times(2, bite)]);
  const deep = openDepth({ ...load, reach: farther(around) });
  const high = pin(
    `holders/${id}/depth`,
    roundedBelow(sum('pocket, bottom to mouth', [deep, bite]), load.visible, grid),
  );
  const [w, h] = [width.value, high.value];
  return {
    width,
    height: sum('pocket and what stands out of it', [high, load.visible]),
    slabs: [
      ...sheafSlabs(load.sheaves, w / 2, bite.value),
      {
        of: { role: 'pocket' as const },
        label: style.title.toLowerCase(),
        x0: 0,
        x1: w,
        y0: 0,
        y1: h,
        thickness: front,
      },
    ],
    stretches: {
      width: (style.stretches ?? false) || asWideAsFace(params, clearWidth === wished),
      height: false,
    },
    sizes: { clearWidth, depth: high },
    detail: { load, high, reach: around, bite, less: lessOf(style, width, inputs) },
    findings: [],
  };
}

/** Common practice: mesh is not stretched by more than a tenth, or it draws the face together. */
const STRETCHED = given('a tenth', 0.1, { kind: 'standard', path: 'mesh/most', source: 'common practice' }, 'ratio');

function lessOf({ less }: PocketStyle, width: Derived, inputs: HolderInputs): Derived {
  const wished = less?.(inputs) ?? nothing;
  // what does not stretch is cut as wide as it is sewn
  const share = smallest('it stretches by, a tenth at most', [STRETCHED, inputs.reach.meshStretch]);
  const most = product('of its width, what it stretches', [width, share]);
  return wished.value > most.value ? smallest('stretched across', [wished, most]) : wished;
}

function place(
  style: PocketStyle,
  { detail, sizes, slabs, width: least }: MeasuredHolder<FacePocket>,
  whole: Seat,
  { id }: HolderInputs,
): Placed {
  const seat = frontSeat(whole, detail.high);
  const { x, y, width, height } = seat;
  const shift = (width.value - least.value) / 2;
  return {
    id,
    kind: style.kind,
    seat,
    sizes: {
      ...sizes,
      ...(shift > 0 && { clearWidth: sum('pocket, clear width', [width, times(-2, detail.bite)]) }),
      pocketWidth: width,
    },
    mouths: [
      {
        id,
        ...{ y: y + height.value, bottom: y, x0: x, x1: x + width.value },
        ...(style.role === 'mesh' && { mesh: true }),
      },
    ],
    stitching: [],
    things: sheafThings(detail.load.sheaves, x + width.value / 2, y + detail.bite.value),
    slabs: slabs.map((slab) =>
      'line' in slab.of ? { ...slab, x0: slab.x0 + shift, x1: slab.x1 + shift } : { ...slab, x1: width.value },
    ),
    detail,
  };
}

function contribute(style: PocketStyle, { id, seat, detail }: Placed, inputs: HolderInputs): Contribution {
  const width = sum('front, stitch to stitch', [seat.width, minus(detail.less)]);
  const made = pocketFront({ ...style, id, width, height: seat.height, name: style.title }, inputs);
  const less = detail.less.value > 0 && {
    bottom: { by: sum('stretched across', [minus(detail.less)]), lies: 'stretch' as const },
  };
  const { sheaves, visible: shows } = detail.load;
  return patchOn({ id, seat, made, rooms: [sheaves], shows, asks: pocketEase(inputs), ...(less && { ease: less }) });
}
