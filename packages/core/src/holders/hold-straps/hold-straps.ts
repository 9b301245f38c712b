import { nothing } from '../../derived/constants.ts';
import { half } from '../../derived/constants.ts';
import { byRule, given, product, rounded, sum, times, type Derived, type Rule } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { say } from '../../errors/wording.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { linesOf, onePile } from '../../pieces/room.ts';
import type { StitchLine } from '../../pieces/piece.ts';
import { strip } from '../../pieces/strip.ts';
import { flatBackPocket } from '../../sizing/flat-back-pocket.ts';
import { loop } from '../../sizing/loop.ts';
import { loadOf, sheafSlabs, sheafThings, type PocketLoad } from '../face-pocket/pocket.ts';
import type {
  HeldContents,
  HolderInputs,
  HolderKind,
  MeasuredHolder,
  ParamSpec,
  PlacedHolder,
} from '../holder-kind.ts';
import type { Seat } from '../seat.ts';
import { hardwareThickness, hardwareWidth } from '../hardware-sizes.ts';
import { choiceParam } from '../params.ts';
import { seamAllowance } from '../../shelves/rules/common-rules.ts';
import { stripOn } from '../strip-on.ts';

const params = {
  way: {
    kind: 'choice',
    title: 'Straps',
    standard: 'parallel',
    choices: [
      { id: 'parallel', title: 'two across', why: 'The thing slides in from above.' },
      { id: 'upright', title: 'two up and down', why: 'For long things lying: the straps go round their short way.' },
      { id: 'crossed', title: 'crossed', why: 'Holds all four corners; lift one strap to take it out.' },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

const ELASTIC = 'elastic-20';
/** Two straps lie clear of each other on so many times their width. */
const CLEAR = given(
  'straps and what is between',
  2.5,
  { kind: 'standard', path: 'straps/clear', source: 'common practice' },
  'ratio',
);
/** Where the middle of each strap lies. */
const MIDDLES = [0.28, 0.72];
const BESIDE = given('stitched beside the thing by', 4, {
  kind: 'standard',
  path: 'straps/beside',
  source: 'common practice',
});
const TURNED = given('fold of an end beyond its stitching', 3, {
  kind: 'standard',
  path: 'straps/turned',
  source: 'common practice',
});
/** Common practice: elastic over a thing is cut a tenth shorter than its way. */
const takeUp = given('take-up', 0.1, { kind: 'standard', path: 'straps/takeUp', source: 'common practice' }, 'ratio');
const shorter: Rule = { id: 'elastic-band', formula: 'way over the thing × (1 - 0.1)', source: 'common practice' };
const diagonal: Rule = { id: 'hold-straps', formula: '√(across² + deep²)', source: 'geometry: diagonal' };

export type StrapWay = 'parallel' | 'upright' | 'crossed';

export interface HoldStraps {
  way: StrapWay;
  elastic: { wide: Derived; thick: Derived };
  load: PocketLoad;
  /** Of each strap, on the face and at rest, mm. */
  span: Derived;
  relaxed: Derived;
}

/** Whether the straps go round one thing where it is round: what is longer than that would not hold. */
function roundUnder(style: StrapWay, contents: readonly HeldContents[]): boolean {
  const [held] = contents;
  if (contents.length !== 1 || held!.count !== 1 || held!.item.shape !== 'cylinder') return false;
  return style === (held!.line.orientation === 'lying' ? 'upright' : 'parallel');
}

/** From stitching to stitching on the face, were the thing flat. */
function wayOver(style: StrapWay, across: Derived, deep: Derived): Derived {
  if (style === 'crossed')
    return byRule(diagonal, 'corner to corner', Math.hypot(across.value, deep.value), [across, deep]);
  return style === 'upright' ? deep : across;
}

function measure(design: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<HoldStraps> {
  const { grid, id, pin } = inputs;
  const wide = hardwareWidth('elastic, wide', ELASTIC, inputs);
  const thick = hardwareThickness('elastic, thick', ELASTIC, inputs);
  const load = loadOf(design, contents, inputs, nothing);
  const style = choiceParam(design, 'way', params.way);
  const { across, deep, thickness } = load;
  const way = wayOver(style, across, deep);
  const asked = rounded(sum('strap, stitching to stitching', [way, thick, times(2, BESIDE)]), grid, 'up');
  const span = pin(`holders/${id}/strapSpan`, asked);
  const over = roundUnder(style, contents)
    ? loop({ diameter: thickness, halfSpan: product('half of the span', [span, half]), strapThickness: thick, takeUp })
        .pathLength
    : flatBackPocket({ width: way, thickness, backSpan: span, frontThickness: thick }).frontLength;
  const relaxed = byRule(shorter, 'elastic at rest', over.value * (1 - takeUp.value), [over]);
  // their ends are turned under towards the thing; crossed ones lie askew, and take as much as they are wide
  const end = style === 'crossed' ? wide : TURNED;
  // across the straps they lie beside each other
  const both = product('both straps, clear of each other', [wide, CLEAR]);
  const room = (label: string, side: Derived, along: boolean) => {
    const thing = sum(label, [side, times(2, BESIDE), ...(along ? [times(2, end)] : [])]);
    return along || thing.value > both.value ? thing : both;
  };
  const width = room('thing and straps', across, style !== 'upright');
  const height = room('thing and room', deep, style !== 'parallel');
  const [w, h] = [width.value, height.value];
  return {
    width,
    height,
    slabs: [
      ...sheafSlabs(load.sheaves, w / 2, (h - deep.value) / 2),
      { of: { role: 'pocket' as const }, label: 'elastic', x0: 0, x1: w, y0: 0, y1: h, thickness: thick },
    ],
    stretches: { width: false, height: false },
    sizes: { strapSpan: span, strapRelaxed: relaxed },
    detail: { way: style, elastic: { wide, thick }, load, span, relaxed },
    findings: [],
  };
}

type Placed = PlacedHolder<HoldStraps>;
type Ends = [from: [number, number], to: [number, number]];

/** The middle of each strap's ends on the host. */
function straps({ way, span, load }: HoldStraps, { x, y, width, height }: Seat): Ends[] {
  const [cx, cy] = [x + width.value / 2, y + height.value / 2];
  const half = span.value / 2;
  if (way !== 'crossed')
    return MIDDLES.map((share): Ends => {
      const [atX, atY] = [x + share * width.value, y + share * height.value];
      if (way === 'upright')
        return [
          [atX, cy - half],
          [atX, cy + half],
        ];
      return [
        [cx - half, atY],
        [cx + half, atY],
      ];
    });
  // from corner to corner of the thing
  const angle = Math.atan2(load.deep.value, load.across.value);
  return [angle, Math.PI - angle].map((turn): Ends => {
    const [dx, dy] = [half * Math.cos(turn), half * Math.sin(turn)];
    return [
      [cx - dx, cy - dy],
      [cx + dx, cy + dy],
    ];
  });
}

function place({ detail, sizes, slabs }: MeasuredHolder<HoldStraps>, seat: Seat, { id }: HolderInputs): Placed {
  const { x, y, width, height } = seat;
  return {
    id,
    kind: 'hold-straps',
    seat,
    sizes,
    mouths: [],
    stitching: straps(detail, seat).map(([from, to], index) => ({
      id: `${id}-${index + 1}`,
      from,
      to,
      label: 'strap',
    })),
    bands: straps(detail, seat).map(([from, to]) => ({ from, to, wide: detail.elastic.wide.value })),
    things: sheafThings(detail.load.sheaves, x + width.value / 2, y + (height.value - detail.load.deep.value) / 2),
    slabs,
    detail,
  };
}

/** Two strips of elastic, each stitched down at both ends. */
function contribute({ id, seat, detail }: Placed, { rules, grid }: HolderInputs): Contribution {
  const own = `holders/${id}`;
  const piece = `${own}/strap`;
  const length = rounded(
    sum('elastic, cut length', [detail.relaxed, times(2, rules.length(seamAllowance))]),
    grid,
    'up',
  );
  const host = straps(detail, seat).flatMap(([from, to], strap) => {
    const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
    const reach = Math.hypot(dx, dy);
    const [nx, ny] = [(-dy / reach) * (detail.elastic.wide.value / 2), (dx / reach) * (detail.elastic.wide.value / 2)];
    return [from, to].map(([x, y], end): StitchLine => ({
      id: `${id}-strap-${strap + 1}-${end + 1}`,
      from: [x - nx, y - ny],
      to: [x + nx, y + ny],
      label: strap === 0 && end === 0 ? `straps of ${id}` : '',
    }));
  });
  const sewn = stripOn({
    id,
    piece,
    host: seat.host.piece,
    stitches: host.map((line, index) => ({
      line,
      on: { edge: index % 2 === 0 ? 'left' : 'right', from: 0, to: detail.elastic.wide.value },
    })),
  });
  return contribution({
    pieces: [
      strip({
        id: piece,
        name: `Elastic straps ${id}`,
        cutFrom: ELASTIC,
        length,
        width: detail.elastic.wide,
        count: 2,
      }),
    ],
    hostEdits: [sewn.edit],
    joins: sewn.joins,
    rooms: [
      {
        id: `${own}/1`,
        holds: linesOf(detail.load.sheaves),
        rings: [0, 2].map((first) => sewn.ring(first, first + 1)),
        stands: onePile(detail.load.sheaves),
        ...(detail.way === 'upright' && { lengthwise: true }),
      },
    ],
    hardware: [{ id: ELASTIC, count: 2, length: 2 * length.value }],
    operations: [
      {
        id: `${own}/set`,
        phase: 'pockets',
        needs: [],
        uses: [piece, seat.host.piece],
        seams: sewn.joins.map((join) => join.id),
        text: say`Stitch both ends of each elastic strap of ${id} down on their lines, turned under, twice. Try the thing: it must not lift.`,
      },
    ],
  });
}

/** Two straps of elastic over something that lies on a face. */
export const holdStraps: HolderKind<HoldStraps> = {
  title: 'Hold-down straps',
  params,
  rules: [],
  seats: ['leaf', 'wall'],
  suits: ({ thickness }) => ({ score: thickness > 12 ? 0.4 : 0.2, why: 'Holds what is thick without a pocket.' }),
  measure,
  place,
  contribute,
};
