import {
  given,
  halfOf,
  largest,
  minus,
  named,
  product,
  rounded,
  sum,
  times,
  type Derived,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { flatBackPocket } from '../../sizing/flat-back-pocket.ts';
import { loop } from '../../sizing/loop.ts';
import { standing, type Standing } from '../cavity/compartments.ts';
import type {
  HeldContents,
  HolderInputs,
  HolderKind,
  ParamSpec,
  MeasuredHolder,
  PlacedHolder,
} from '../holder-kind.ts';
import type { Seat } from '../seat.ts';
import { hardwareThickness, hardwareWidth } from '../hardware-sizes.ts';
import { choiceParam } from '../params.ts';
import { contribute } from './contribute.ts';
import { middles, rowsAt, type Band, type LoopRow, type OneLoop } from './row.ts';
import { loopPitch } from './rules.ts';

const bandOf = (id: Band, inputs: HolderInputs) => ({
  id,
  wide: hardwareWidth('elastic, wide', id, inputs),
  thick: hardwareThickness('elastic, thick', id, inputs),
});

export const loopParams = {
  elastic: {
    kind: 'choice',
    title: 'Elastic',
    standard: 'elastic-20' as Band,
    choices: [
      { id: 'elastic-20' as Band, title: '20 mm', why: 'Holds what is thin and light.' },
      { id: 'elastic-40' as Band, title: '40 mm', why: 'Holds what is short or heavy.' },
    ],
  },
  below: {
    kind: 'choice',
    title: 'Lower edge',
    standard: 'open' as Below,
    choices: [
      { id: 'open' as Below, title: 'open: loops', why: 'Long things go through.' },
      {
        id: 'stitched' as Below,
        title: 'stitched down: small pockets',
        why: 'Short things do not fall through; one row, at the bottom.',
      },
    ],
  },
} as const satisfies Record<string, ParamSpec>;
type Below = 'open' | 'stitched';
const TAKE_UP = given(
  'cut shorter by',
  0.1,
  { kind: 'standard', path: 'loop/takeUp', source: 'common practice' },
  'ratio',
);
const SLACK = given('beside the thing', 1, { kind: 'standard', path: 'loop/slack', source: 'common practice' });
/** Common practice: what is longer than this is held by two rows of loops. */
const TWO_ROWS = 130;

function loopOver(
  thing: Standing,
  { index, between, elastic }: { index: number; between: Derived; elastic: Derived },
  { id, grid, pin }: HolderInputs,
): OneLoop {
  const { across, thickness, round } = thing;
  const beside = sum('loop, stitching to stitching', [across, elastic, times(2, SLACK)]);
  const span = rounded(beside, grid, 'up');
  const relaxed = round
    ? loop({
        diameter: across,
        halfSpan: halfOf('half of the span', span),
        strapThickness: elastic,
        takeUp: TAKE_UP,
      }).relaxedLength
    : overBox(across, thickness, span, elastic);
  const hull = sum('thing, elastic and room', [across, times(2, elastic), between]);
  const pitch = rounded(largest('loop to loop', [span, hull]), grid, 'up');
  return { thing, span, relaxed: pin(`holders/${id}/loop${index + 1}`, named('elastic at rest', relaxed)), pitch };
}

function overBox(width: Derived, thickness: Derived, backSpan: Derived, elastic: Derived): Derived {
  const { frontLength } = flatBackPocket({ width, thickness, backSpan, frontThickness: elastic });
  const short = product('taken up', [frontLength, TAKE_UP]);
  return sum('elastic at rest', [frontLength, minus(short)]);
}

function measure(params: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<LoopRow> {
  const { rules } = inputs;
  const own = bandOf(choiceParam(params, 'elastic', loopParams.elastic), inputs);
  const pockets = choiceParam(params, 'below', loopParams.below) === 'stitched';
  const between = rules.length(loopPitch);
  const loops = contents
    .flatMap(standing)
    .map((thing, index) => loopOver(thing, { index, between, elastic: own.thick }, inputs));
  const longest = largest(
    'the longest',
    loops.map(({ thing }) => thing.along),
  );
  const rows = longest.value > TWO_ROWS && !pockets ? 2 : 1;
  const width = sum('row of loops', [...loops.map(({ pitch }) => pitch), between]);
  const least = given('rows of elastic', rows * 1.5 * own.wide.value, { kind: 'standard', path: 'loop/rows' });
  const height = largest('loops, high', [longest, least]);
  const detail: LoopRow = { band: own, pockets, loops, rows, between };
  return {
    width,
    height,
    slabs: slabsOf(detail, width.value, height.value),
    stretches: { width: false, height: false },
    sizes: Object.fromEntries(loops.map((each, index) => [`loop${index + 1}`, each.relaxed])),
    detail,
    findings: [],
  };
}

function slabsOf(detail: LoopRow, width: number, height: number): MeasuredHolder['slabs'] {
  const at = middles(detail);
  const things = detail.loops.map(({ thing }, index) => ({
    of: { line: thing.line },
    label: thing.name,
    x0: at[index]! - thing.across.value / 2,
    x1: at[index]! + thing.across.value / 2,
    y0: 0,
    y1: Math.min(height, thing.along.value),
    thickness: thing.thickness,
    ...(thing.round && { round: true }),
  }));
  const elastic = { of: { role: 'pocket' as const }, label: 'elastic', x0: 0, x1: width, y0: 0, y1: height };
  return [...things, { ...elastic, thickness: detail.band.thick }];
}

type Placed = PlacedHolder<LoopRow>;

function place({ detail, sizes, slabs }: MeasuredHolder<LoopRow>, seat: Seat, { id }: HolderInputs): Placed {
  const { x, y, width, height } = seat;
  const at = middles(detail);
  const wide = detail.band.wide.value;
  const lows = rowsAt(detail, height.value).map((low) => y + low);
  return {
    id,
    kind: 'loop-row',
    seat,
    sizes,
    mouths: [],
    stitching: detail.loops.flatMap(({ span }, index) =>
      [-1, 1].flatMap((side) => {
        const where = x + at[index]! + (side * span.value) / 2;
        return lows.map((low, row): Placed['stitching'][number] => ({
          id: `${id}-${index + 1}${side}-${row + 1}`,
          from: [where, low],
          to: [where, low + wide],
          label: 'loop',
        }));
      }),
    ),
    bands: lows.map((low) => ({ from: [x, low + wide / 2], to: [x + width.value, low + wide / 2], wide })),
    things: detail.loops.map(({ thing }, index) => ({
      line: thing.line,
      name: thing.name,
      x: x + at[index]! - thing.across.value / 2,
      y,
      width: thing.across.value,
      height: thing.along.value,
      radius: thing.round ? 0 : thing.radius,
    })),
    slabs,
    detail,
  };
}

/** Loops of elastic side by side, one for each thing. */
export const loopRow: HolderKind<LoopRow> = {
  title: 'Loops',
  params: loopParams,
  rules: [loopPitch],
  seats: ['leaf', 'wall'],
  suits: ({ shape, length, width }) => ({
    score: shape === 'cylinder' && length >= 2 * width ? 0.55 : 0.2,
    why: 'Round things hold well in elastic.',
  }),
  measure,
  place,
  contribute,
};
