import {
  byRule,
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
  type Rule,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { say } from '../../errors/wording.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import type { StitchLine } from '../../pieces/piece.ts';
import { edgePart, faceLine, type Seam } from '../../pieces/seam.ts';
import { strip } from '../../pieces/strip.ts';
import { flatBackPocket } from '../../sizing/flat-back-pocket.ts';
import { loop } from '../../sizing/loop.ts';
import { standing, type Standing } from '../cavity/compartments.ts';
import type {
  Clearance,
  CutPieces,
  HeldContents,
  HolderInputs,
  HolderKind,
  ParamSpec,
  MeasuredHolder,
  PlacedHolder,
  Seat,
} from '../holder-kind.ts';
import { hardwareThickness, hardwareWidth } from '../hardware-sizes.ts';
import { choiceParam } from '../params.ts';
import { clearanceOf } from '../sides.ts';

/** The bands that loops are made of. */
type Band = 'elastic-20' | 'elastic-40';
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
const half = 0.5;

/** A loop of elastic over one thing. All mm. */
interface OneLoop {
  thing: Standing;
  /** From stitching to stitching, on the face and along the elastic at rest. */
  span: Derived;
  relaxed: Derived;
  /** To the same place of the next loop. */
  pitch: Derived;
}

export interface LoopRow {
  band: ReturnType<typeof bandOf>;
  /** Stitched down along the lower edge too. */
  pockets: boolean;
  loops: OneLoop[];
  rows: number;
  /** From loop to loop, at least. */
  between: Derived;
}

function loopOver(thing: Standing, between: Derived, elastic: Derived, { grid }: HolderInputs): OneLoop {
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
  return { thing, span, relaxed: named('elastic at rest', relaxed), pitch };
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
  const between = rules.length('loop.pitch');
  const loops = contents.flatMap(standing).map((thing) => loopOver(thing, between, own.thick, inputs));
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

/** Middle of each thing from the left edge of the row, mm. */
function middles({ loops, between }: LoopRow): number[] {
  let at = between.value / 2;
  return loops.map(({ pitch }) => {
    const middle = at + pitch.value / 2;
    at += pitch.value;
    return middle;
  });
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

/** Heights of the lower edges of the rows of elastic above the bottom of the seat, mm. */
function rowsAt({ rows, pockets, band: { wide } }: LoopRow, height: number): number[] {
  if (pockets) return [0];
  return rows === 1 ? [(height - wide.value) / 2] : [height * 0.2, height * 0.8 - wide.value];
}

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

const betweenRule: Rule = {
  id: 'loop',
  formula: 'from the stitching of each loop to that of the next, as they are marked',
  source: 'geometry',
};

/** One strip of elastic a row, stitched down on both sides of every thing. */
function contribute({ id, seat, detail }: Placed, { rules, grid }: HolderInputs): Contribution {
  const own = `holders/${id}`;
  const piece = `${own}/elastic`;
  const seam = rules.length('seam.allowance');
  const { wide } = detail.band;
  const at = middles(detail);
  const stitches: number[] = [];
  let along = seam.value;
  detail.loops.forEach(({ span, relaxed }, index) => {
    const next = detail.loops[index + 1];
    stitches.push(along, along + relaxed.value);
    const flat = next ? at[index + 1]! - next.span.value / 2 - (at[index]! + span.value / 2) : 0;
    along += relaxed.value + flat;
  });
  const beside = along - seam.value - relaxedOf(detail);
  const apart = detail.loops.flatMap(({ pitch, span }) => [pitch, span]);
  const flats = byRule(betweenRule, 'between the loops', beside, apart);
  const length = rounded(
    sum('elastic, cut length', [...detail.loops.map(({ relaxed }) => relaxed), flats, times(2, seam)]),
    grid,
    'up',
  );
  const lines = stitches.map((x, index): StitchLine => ({
    id: `stitch-${index + 1}`,
    from: [x, 0],
    to: [x, wide.value],
    label: '',
  }));
  const hostPlaces = detail.loops.flatMap(({ span }, index) => [
    at[index]! - span.value / 2,
    at[index]! + span.value / 2,
  ]);
  const host = rowsAt(detail, seat.height.value).flatMap((low, row) =>
    hostPlaces.map((x, index): StitchLine => ({
      id: `${id}-loop-${row + 1}-${index + 1}`,
      from: [seat.x + x, seat.y + low],
      to: [seat.x + x, seat.y + low + wide.value],
      label: index === 0 ? `loops of ${id}` : '',
    })),
  );
  const joins = host.map((line, index): Seam => ({
    id: `${own}#${line.id}`,
    kind: 'stitchedOn',
    a: faceLine(piece, lines[index % lines.length]!.id),
    b: faceLine(seat.host.piece, line.id),
  }));
  const bottoms = detail.pockets ? bottomsOf({ id, seat, detail }, piece, stitches) : [];
  return contribution({
    pieces: [
      {
        ...strip({
          id: piece,
          name: detail.pockets ? `Elastic pockets ${id}` : `Elastic loops ${id}`,
          cutFrom: detail.band.id,
          length,
          width: wide,
          count: detail.rows,
        }),
        lines,
      },
    ],
    hostEdits: [{ piece: seat.host.piece, lines: [...host, ...bottoms.map(({ line }) => line)] }],
    joins: [...joins, ...bottoms.map(({ join }) => join)],
    hardware: [{ id: detail.band.id, count: detail.rows, length: detail.rows * length.value }],
    operations: [
      {
        id: `${own}/set`,
        phase: 'pockets',
        needs: [],
        uses: [piece, seat.host.piece],
        seams: [...joins, ...bottoms.map(({ join }) => join)].map((join) => join.id),
        text: say`Mark the elastic of ${id}, lay it on its lines and stitch it down at every mark, back and forth: ${detail.loops.length} loops, the elastic a little shorter than the way over the things. Try each before the next.${detail.pockets ? ' Then stitch the lower edge down between them, what is too much in a small pleat on each side.' : ''}`,
      },
    ],
  });
}

/** The lower edge of each pocket: the elastic is longer there than its place, and laid in two small pleats. */
function bottomsOf({ id, seat, detail }: Pick<Placed, 'id' | 'seat' | 'detail'>, piece: string, stitches: number[]) {
  const at = middles(detail);
  return detail.loops.map(({ span, relaxed }, index): { line: StitchLine; join: Seam } => {
    const middle = seat.x + at[index]!;
    const reach = span.value * half;
    const line: StitchLine = {
      id: `${id}-bottom-${index + 1}`,
      from: [middle - reach, seat.y],
      to: [middle + reach, seat.y],
      label: '',
    };
    return {
      line,
      join: {
        id: `holders/${id}#bottom-${index + 1}`,
        kind: 'stitchedOn',
        a: edgePart(piece, 'bottom', stitches[2 * index]!, stitches[2 * index + 1]!),
        b: faceLine(seat.host.piece, line.id),
        ease: { by: sum('laid in pleats', [relaxed, minus(span)]) },
      },
    };
  });
}

const relaxedOf = ({ loops }: LoopRow): number => loops.reduce((total, { relaxed }) => total + relaxed.value, 0);

/** The loops are as far apart as marked on the host; the elastic gives over each thing. */
function readBack(_cut: CutPieces, { id, seat, detail }: Placed, { rules }: HolderInputs): Clearance[] {
  return detail.loops.flatMap(({ thing: { line, name, across, along }, pitch }) => {
    const about = { holder: id, line, name };
    return [
      clearanceOf({
        ...about,
        direction: 'across',
        required: sum('thing and elastic', [across, times(2, detail.band.thick)]),
        available: pitch,
        ease: rules.length('loop.pitch').value,
      }),
      clearanceOf({ ...about, direction: 'deep', required: along, available: seat.height, ease: 0 }),
    ];
  });
}

/** Loops of elastic side by side, one for each thing. */
export const loopRow: HolderKind<LoopRow> = {
  title: 'Loops',
  params: loopParams,
  rules: ['loop.pitch'],
  seats: ['leaf', 'wall'],
  suits: ({ shape, length, width }) => ({
    score: shape === 'cylinder' && length >= 2 * width ? 0.55 : 0.2,
    why: 'Round things hold well in elastic.',
  }),
  measure,
  place,
  contribute,
  readBack,
};
