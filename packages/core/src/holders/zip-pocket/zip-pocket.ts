import { nothing } from '../../derived/constants.ts';
import {
  given,
  largest,
  named,
  rounded,
  roundedAmount,
  smallest,
  sum,
  times,
  type Derived,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { closedDepth } from '../../sizing/depth.ts';
import { rectHalfGirth, tubeAround } from '../../sizing/tube-width.ts';
import { asWideAsFace, farther, loadOf, sheafSlabs, sheafThings, wideParam } from '../face-pocket/pocket.ts';
import type {
  HeldContents,
  HolderInputs,
  HolderKind,
  MeasuredHolder,
  ParamSpec,
  PlacedHolder,
  PlacedMouth,
} from '../holder-kind.ts';
import type { Seat } from '../seat.ts';
import { widenedTo } from '../slab.ts';
import { choiceParam, chosen, lengthParam } from '../params.ts';
import { contributeApplied } from './applied.ts';
import { contributeWindow } from './window.ts';
import type { Gauge } from './zipper.ts';
import { STRIP, zipperAt, type ZipFront, type ZipPocket, type ZipStyle } from './zip.ts';
import { easePocketAcross, easePocketDeep } from '../face-pocket/rules.ts';
import { zipDrop, zipWindow } from './rules.ts';
import { topstitchInset, zipBeyond } from '../../shelves/rules/common-rules.ts';

export const dropParam = {
  kind: 'length',
  title: 'Window below the top of its pocket',
  rule: zipDrop,
} as const satisfies ParamSpec;

/** Whether it can be turned on its side: a window lies level, and so does what a flap hangs over. */
export const zipTurns = (design: Params): boolean => chosen(design, 'style', 'window') === 'applied';

/** A mouth that is set on what cannot be turned changes nothing. */
const asMade = (design: Params): Params => (zipTurns(design) ? design : { ...design, mouth: 'up' });

export const zipParams = {
  style: {
    kind: 'choice',
    title: 'Zipper',
    standard: 'window' as ZipStyle,
    choices: [
      {
        id: 'window' as ZipStyle,
        title: 'in a window',
        why: 'Only the teeth show; the pocket hangs behind the face.',
      },
      { id: 'applied' as ZipStyle, title: 'along the top of a patch', why: 'Nothing is cut into the face.' },
      { id: 'flap' as ZipStyle, title: 'along the top, behind a flap', why: 'Keeps rain and sand off the teeth.' },
    ],
  },
  gauge: {
    kind: 'choice',
    title: 'Gauge',
    standard: 'zipper-3' as Gauge,
    choices: [
      { id: 'zipper-3' as Gauge, title: 'no. 3, fine', why: 'Soft: it does not stiffen the face.' },
      { id: 'zipper-5' as Gauge, title: 'no. 5', why: 'Runs better where it is opened often, and outside.' },
    ],
  },
  front: {
    kind: 'choice',
    title: 'Its front is',
    standard: 'pocket' as ZipFront,
    choices: [
      { id: 'pocket' as ZipFront, title: 'of the pocket cloth', why: 'Hides what is in it.' },
      { id: 'mesh' as ZipFront, title: 'of mesh', why: 'Shows what is in it, and lets it dry.' },
    ],
    when: (design) => chosen(design, 'style', 'window') !== 'window',
  },
  wide: { ...wideParam, when: (design) => wideParam.when(asMade(design)) },
  drop: {
    ...dropParam,
    when: (design) => chosen(design, 'style', 'window') === 'window',
  },
  window: { kind: 'length', title: 'Window, high', rule: zipWindow },
} as const satisfies Record<string, ParamSpec>;

/** Common practice: cloth beside the ends of a zipper. */
const BESIDE = given('beside each end of the opening', 8, {
  kind: 'standard',
  path: 'zip/beside',
  source: 'common practice',
});

function measure(design: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<ZipPocket> {
  const { rules, stacks, reach, grid, id, pin } = inputs;
  const load = loadOf(design, contents, inputs, nothing);
  const style = choiceParam(design, 'style', zipParams.style);
  const front = style === 'window' ? 'pocket' : choiceParam(design, 'front', zipParams.front);
  const around = { front: reach[front], back: style === 'window' ? reach.pocket : (inputs.host ?? reach.lining) };
  const ease = rules.length(easePocketAcross);
  const bite = rules.length(topstitchInset);
  const clear = rounded(tubeAround(rectHalfGirth(load.across, load.thickness), around, ease), grid, 'up');
  // the slit opens to a ring: half of the largest thing's girth goes through, one at a time
  const passes = load.sheaves.map((sheaf) => sum(`${sheaf.name} passes`, [sheaf.across, sheaf.one, ease]));
  const wished = pin(`holders/${id}/opening`, rounded(largest('opening', passes), grid, 'up'));
  const drop = roundedAmount(lengthParam(design, 'drop', zipParams.drop, rules, `holders/${id}`), grid);
  const window = roundedAmount(lengthParam(design, 'window', zipParams.window, rules, `holders/${id}`), grid);
  const beyond = rules.length(zipBeyond);
  const asked = largest('pocket, clear width', [
    clear,
    sum('opening and what is beside it', [wished, times(2, BESIDE)]),
  ]);
  const inner = pin(`holders/${id}/clearWidth`, asked);
  const most = sum('pocket less what is beside the opening', [inner, times(-2, BESIDE)]);
  const opening = wished.value > most.value + 1e-9 ? smallest('opening', [wished, most]) : wished;
  const width = sum('pocket, stitch to stitch', [inner, times(2, bite)]);
  const above = style === 'window' ? [drop, window] : [window, STRIP];
  const deep = sum('pocket, bottom to top', [closedDepth({ ...load, reach: farther(around) }), bite, ...above]);
  const height = pin(`holders/${id}/depth`, rounded(deep, grid, 'up'));
  const gauge = choiceParam(design, 'gauge', zipParams.gauge);
  const detail: ZipPocket = { style, gauge, front, load, opening, window, drop, beyond, reach: around, bite };
  return {
    width,
    height,
    slabs: slabsOf(detail, width.value, height.value, stacks[front]),
    stretches: { width: asWideAsFace(asMade(design), inner === asked), height: false },
    sizes: { clearWidth: named('pocket, clear width', inner), opening, depth: height },
    detail,
    findings: [],
  };
}

function slabsOf(
  { load, bite, style }: ZipPocket,
  width: number,
  height: number,
  cloth: Derived,
): MeasuredHolder['slabs'] {
  const things = sheafSlabs(load.sheaves, width / 2, bite.value);
  const layer = (label: string, thickness: Derived) => ({
    of: { role: 'pocket' as const },
    label,
    x0: 0,
    x1: width,
    y0: 0,
    y1: height,
    thickness,
  });
  // the bag of a window has two layers of its own
  return style === 'window'
    ? [layer('pocket, back', cloth), ...things, layer('pocket, front', cloth)]
    : [...things, layer('patch', cloth)];
}

type Placed = PlacedHolder<ZipPocket>;

/** In a pocket that is wider than it must be the opening goes from side to side, unless it is pinned. */
function widened(
  { detail, width: least, sizes, slabs }: MeasuredHolder<ZipPocket>,
  width: Derived,
  { id, grid, pin }: HolderInputs,
): Pick<MeasuredHolder<ZipPocket>, 'detail' | 'sizes' | 'slabs'> {
  if (width.value - least.value < 1e-6) return { detail, sizes, slabs };
  const inner = sum('pocket, clear width', [width, times(-2, detail.bite)]);
  const most = rounded(sum('pocket less what is beside the opening', [inner, times(-2, BESIDE)]), grid, 'down');
  const opening = smallest('opening', [pin(`holders/${id}/opening`, most), most]);
  return {
    detail: { ...detail, opening },
    sizes: { ...sizes, clearWidth: inner, opening },
    slabs: widenedTo(slabs, width.value),
  };
}

function place(measured: MeasuredHolder<ZipPocket>, seat: Seat, inputs: HolderInputs): Placed {
  const { x, y, width, height } = seat;
  const { id } = inputs;
  const { detail, sizes, slabs } = widened(measured, width, inputs);
  const at = y + zipperAt(detail, height.value);
  // a patch is as wide as its seat; of what hangs behind a face only the window is seen
  const seen = detail.style === 'window' ? detail.opening.value : width.value;
  const [left, right] = [x + (width.value - seen) / 2, x + (width.value + seen) / 2];
  return {
    id,
    kind: 'zip-pocket',
    seat,
    sizes,
    mouths: [{ id, y: at, bottom: y, x0: left, x1: right, ...windowOf(detail) }],
    stitching: [],
    things: sheafThings(detail.load.sheaves, x + width.value / 2, y + detail.bite.value),
    slabs,
    detail,
  };
}

const windowOf = ({
  style,
  window,
  front,
  open = false,
}: ZipPocket): Pick<PlacedMouth, 'window' | 'mesh' | 'zipped'> =>
  style === 'window'
    ? { window: { high: window.value, zipped: !open } }
    : {
        ...(front === 'mesh' && { mesh: true }),
        // a flap hides both
        ...(style === 'applied' && { zipped: { zipper: window.value, strip: STRIP.value } }),
      };

/** A pocket with a zipper: its opening passes the largest thing. */
export const zipPocket: HolderKind<ZipPocket> = {
  title: 'Zip pocket',
  params: zipParams,
  rules: [easePocketAcross, easePocketDeep, zipBeyond, topstitchInset],
  shown: { clearWidth: 'clearWidth' },
  seats: ['leaf', 'wall'],
  behind: (params) => chosen(params, 'style', 'window') === 'window',
  suits: ({ thickness }) => ({ score: thickness <= 12 ? 0.4 : 0.2, why: 'For what must not fall out.' }),
  measure,
  place,
  contribute: (placed, inputs) =>
    placed.detail.style === 'window' ? contributeWindow(placed, inputs) : contributeApplied(placed, inputs),
};
