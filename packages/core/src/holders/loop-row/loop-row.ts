import { given, largest, minus, named, rounded, sum, times, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { say } from '../../errors/wording.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import type { StitchLine } from '../../pieces/piece.ts';
import { faceLine, type Seam } from '../../pieces/seam.ts';
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
  MeasuredHolder,
  PlacedHolder,
  Seat,
} from '../holder-kind.ts';
import { clearanceOf } from '../sides.ts';

const ELASTIC = given('elastic, thick', 1.1, { kind: 'hardware', path: 'hardware/elastic-20/thickness' });
const WIDE = given('elastic, wide', 20, { kind: 'hardware', path: 'hardware/elastic-20' });
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
  loops: OneLoop[];
  rows: number;
  /** From loop to loop, at least. */
  between: Derived;
}

function loopOver(thing: Standing, between: Derived, { grid }: HolderInputs): OneLoop {
  const { across, thickness, round } = thing;
  const beside = sum('loop, stitching to stitching', [across, ELASTIC, times(2, SLACK)]);
  const span = rounded(beside, grid, 'up');
  const relaxed = round
    ? loop({
        diameter: across,
        halfSpan: { ...sum('half of the span', [span]), value: span.value * half },
        strapThickness: ELASTIC,
        takeUp: TAKE_UP,
      }).relaxedLength
    : overBox(across, thickness, span);
  const hull = sum('thing, elastic and room', [across, times(2, ELASTIC), between]);
  const pitch = rounded(largest('loop to loop', [span, hull]), grid, 'up');
  return { thing, span, relaxed: named('elastic at rest', relaxed), pitch };
}

function overBox(width: Derived, thickness: Derived, backSpan: Derived): Derived {
  const { frontLength } = flatBackPocket({ width, thickness, backSpan, frontThickness: ELASTIC });
  const short = { ...sum('taken up', [frontLength]), value: frontLength.value * TAKE_UP.value };
  return sum('elastic at rest', [frontLength, minus(short)]);
}

function measure(_params: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<LoopRow> {
  const { rules } = inputs;
  const between = rules.length('loop.pitch');
  const loops = contents.flatMap(standing).map((thing) => loopOver(thing, between, inputs));
  const longest = largest(
    'the longest',
    loops.map(({ thing }) => thing.along),
  );
  const rows = longest.value > TWO_ROWS ? 2 : 1;
  const width = sum('row of loops', [...loops.map(({ pitch }) => pitch), between]);
  const least = given('rows of elastic', rows * 1.5 * WIDE.value, { kind: 'standard', path: 'loop/rows' });
  const height = largest('loops, high', [longest, least]);
  const detail: LoopRow = { loops, rows, between };
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
  return [...things, { ...elastic, thickness: ELASTIC }];
}

type Placed = PlacedHolder<LoopRow>;

/** Heights of the lower edges of the rows of elastic above the bottom of the seat, mm. */
const rowsAt = ({ rows }: LoopRow, height: number): number[] =>
  rows === 1 ? [(height - WIDE.value) / 2] : [height * 0.2, height * 0.8 - WIDE.value];

function place({ detail, sizes, slabs }: MeasuredHolder<LoopRow>, seat: Seat, { id }: HolderInputs): Placed {
  const { x, y, height } = seat;
  const at = middles(detail);
  return {
    id,
    kind: 'loop-row',
    seat,
    sizes,
    mouths: [],
    stitching: detail.loops.flatMap(({ span }, index) =>
      [-1, 1].map((side) => {
        const where = x + at[index]! + (side * span.value) / 2;
        return {
          id: `${id}-${index + 1}${side}`,
          from: [where, y],
          to: [where, y + height.value],
          label: 'loop',
        } as const;
      }),
    ) as Placed['stitching'],
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

/** One strip of elastic a row, stitched down on both sides of every thing. */
function contribute({ id, seat, detail }: Placed, { rules, grid }: HolderInputs): Contribution {
  const own = `holders/${id}`;
  const piece = `${own}/elastic`;
  const seam = rules.length('seam.allowance');
  const at = middles(detail);
  const stitches: number[] = [];
  let along = seam.value;
  detail.loops.forEach(({ span, relaxed }, index) => {
    const next = detail.loops[index + 1];
    stitches.push(along, along + relaxed.value);
    const flat = next ? at[index + 1]! - next.span.value / 2 - (at[index]! + span.value / 2) : 0;
    along += relaxed.value + flat;
  });
  const flats = given('between the loops', along - seam.value - relaxedOf(detail), { kind: 'document', path: own });
  const length = rounded(
    sum('elastic, cut length', [...detail.loops.map(({ relaxed }) => relaxed), flats, times(2, seam)]),
    grid,
    'up',
  );
  const lines = stitches.map((x, index): StitchLine => ({
    id: `stitch-${index + 1}`,
    from: [x, 0],
    to: [x, WIDE.value],
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
      to: [seat.x + x, seat.y + low + WIDE.value],
      label: index === 0 ? `loops of ${id}` : '',
    })),
  );
  const joins = host.map((line, index): Seam => ({
    id: `${own}#${line.id}`,
    kind: 'stitchedOn',
    a: faceLine(piece, lines[index % lines.length]!.id),
    b: faceLine(seat.host.piece, line.id),
  }));
  return contribution({
    pieces: [
      {
        ...strip({
          id: piece,
          name: `Elastic loops ${id}`,
          cutFrom: 'elastic-20',
          length,
          width: WIDE,
          count: detail.rows,
        }),
        lines,
      },
    ],
    hostEdits: [{ piece: seat.host.piece, lines: host }],
    joins,
    hardware: [{ id: 'elastic-20', count: detail.rows, length: detail.rows * length.value }],
    operations: [
      {
        id: `${own}/set`,
        phase: 'pockets',
        needs: [],
        uses: [piece, seat.host.piece],
        seams: joins.map((join) => join.id),
        text: say`Mark the elastic of ${id}, lay it on its lines and stitch it down at every mark, back and forth: ${detail.loops.length} loops, the elastic a little shorter than the way over the things. Try each before the next.`,
      },
    ],
  });
}

const relaxedOf = ({ loops }: LoopRow): number => loops.reduce((total, { relaxed }) => total + relaxed.value, 0);

/** The loops are as far apart as marked on the host; the elastic gives over each thing. */
function readBack(_cut: CutPieces, { id, seat, detail }: Placed, { rules }: HolderInputs): Clearance[] {
  const from = { kind: 'document', path: `holders/${id}` } as const;
  const room = given('high', seat.height.value, from);
  return detail.loops.flatMap(({ thing: { line, name, across, along }, pitch }) => {
    const about = { holder: id, line, name };
    return [
      clearanceOf({
        ...about,
        direction: 'across',
        required: sum('thing and elastic', [across, times(2, ELASTIC)]),
        available: pitch,
        ease: rules.length('loop.pitch').value,
      }),
      clearanceOf({ ...about, direction: 'deep', required: along, available: room, ease: 0 }),
    ];
  });
}

/** Loops of elastic side by side, one for each thing. */
export const loopRow: HolderKind<LoopRow> = {
  title: 'Loops',
  params: {},
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
