import { half } from '../../derived/constants.ts';
import { given, product, rounded, sum, times, type Derived } from '../../derived/derived.ts';
import type { Finding } from '../../errors/finding.ts';
import { say } from '../../errors/wording.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import type { PieceDraft, StitchLine } from '../../pieces/piece.ts';
import { linesOf, onePile, strapRing } from '../../pieces/room.ts';
import { idsOf, faceLine, type Seam } from '../../pieces/seam.ts';
import { strip } from '../../pieces/strip.ts';
import { seamAllowance } from '../../shelves/rules/common-rules.ts';
import { hardwareOf } from '../../shelves/hardware/hardware.ts';
import type { HolderInputs, PlacedHolder } from '../holder-kind.ts';
import { hostPart } from '../seat.ts';
import { sidesOf, straps } from './ends.ts';
import type { HoldStraps } from './params.ts';

const HELD = 'hook-loop-20';

export type PlacedStraps = PlacedHolder<HoldStraps>;

/** Two strips of elastic, each stitched down at both ends or caught there; of one piece, or of two that are held to each other. */
export function contributeStraps(placed: PlacedStraps, inputs: HolderInputs): Contribution {
  const { id, seat, detail } = placed;
  const own = `holders/${id}`;
  const cut = cutOf(placed, inputs);
  const joins = endSeams(placed, cut);
  const halves = cut.length > 1;
  const used = cut.map(({ piece }) => piece.id);
  return contribution({
    pieces: cut.map(({ piece }) => piece),
    hostEdits: detail.within ? [] : [{ piece: seat.host.piece, lines: hostLines(placed) }],
    joins: [...joins, ...(halves ? [meeting(own, used)] : [])],
    rooms: [
      {
        id: `${own}/1`,
        holds: linesOf(detail.load.sheaves),
        rings: [0, 2].map((first) =>
          strapRing(
            used[0]!,
            seat.host.piece,
            [joins[first]!.id, joins[first + 1]!.id],
            halves ? { other: used[1]!, line: 'middle' } : undefined,
          ),
        ),
        stands: onePile(detail.load.sheaves),
        ...(detail.way === 'upright' && { lengthwise: true }),
      },
    ],
    hardware: [
      {
        id: detail.elastic.id,
        count: 2 * cut.length,
        length: 2 * cut.reduce((all, { length }) => all + length.value, 0),
      },
      ...(halves ? [{ id: HELD, count: 2 }] : []),
    ],
    findings: notToEdge(placed),
    operations: [
      ...(halves
        ? [
            {
              id: `${own}/fasten`,
              phase: 'prepare' as const,
              needs: [],
              title: `Put the fastener on the straps of ${id}`,
              actions: [
                { verb: 'turnIn' as const, pieces: used, edges: ['free'] },
                { verb: 'hookAndLoop' as const, soft: used[0]!, rough: used[1]! },
              ],
            },
          ]
        : []),
      {
        id: `${own}/set`,
        phase: 'pockets',
        needs: halves ? [`${own}/fasten`] : [],
        title: `Set the straps of ${id}`,
        actions: [
          ...(detail.within
            ? [{ verb: 'baste' as const, seams: idsOf(joins), facing: 'wrongToRight' as const }]
            : [
                { verb: 'turnIn' as const, pieces: used, edges: ['ends'] },
                { verb: 'edgestitch' as const, seams: idsOf(joins), twice: 'weight' as const },
              ]),
          { verb: 'tryIn', holders: [id] },
        ],
      },
    ],
  });
}

interface CutStrap {
  piece: PieceDraft;
  length: Derived;
  /** The line at its outer ends that is stitched; the second one is on the other half, if there is one. */
  ends: readonly string[];
}

/** Each strap in one piece, or its two halves: they lap in the middle by what holds them. */
function cutOf({ id, detail }: PlacedStraps, { rules, grid, hardware }: HolderInputs): CutStrap[] {
  const seam = rules.length(seamAllowance);
  const { relaxed, elastic } = detail;
  const shared = { cutFrom: elastic.id, width: elastic.wide, count: 2 };
  const line = (name: string, at: number): StitchLine => ({
    id: name,
    from: [at, 0],
    to: [at, elastic.wide.value],
    label: name === 'middle' ? 'middle' : '',
  });
  if (detail.opens === 'whole') {
    const length = rounded(sum('elastic, cut length', [relaxed, times(2, seam)]), grid, 'up');
    const lines = [line('end-1', seam.value), line('end-2', length.value - seam.value)];
    const piece = strip({ ...shared, id: `holders/${id}/strap`, name: `Elastic straps ${id}`, length });
    return [{ piece: { ...piece, lines }, length, ends: ['end-1', 'end-2'] }];
  }
  const holds = hardwareOf(HELD, hardware);
  const lap = given(holds.name, holds.diameter, { kind: 'hardware', path: `hardware/${HELD}` });
  const length = rounded(
    sum('half strap, cut length', [
      product('half of the elastic', [relaxed, half]),
      product('half of the lap', [lap, half]),
      times(2, seam),
    ]),
    grid,
    'up',
  );
  const middle = length.value - seam.value - lap.value / 2;
  const note = 'The free end is turned under.';
  const halfOf = (name: string, title: string, end: number, at: number, edge: string): CutStrap => ({
    piece: {
      ...strip({ ...shared, id: `holders/${id}/${name}`, name: `${title} ${id}`, length, note }),
      lines: [line(edge, end), line('middle', at)],
    },
    length,
    ends: [edge],
  });
  return [
    halfOf('strap', 'Half straps, soft side', seam.value, middle, 'end-1'),
    halfOf('strap-over', 'Half straps, rough side', length.value - seam.value, length.value - middle, 'end-2'),
  ];
}

const meeting = (own: string, [soft, rough]: readonly string[]): Seam => ({
  id: `${own}#middle`,
  kind: 'fastened',
  a: faceLine(soft!, 'middle'),
  b: faceLine(rough!, 'middle'),
});

const lineId = (id: string, strap: number, end: number): string => `${id}-strap-${strap + 1}-${end + 1}`;

/** Across both ends of each strap, on what it lies on. */
const hostLines = ({ id, seat, detail }: PlacedStraps): StitchLine[] =>
  straps(detail, seat).flatMap(([from, to], strap) => {
    const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
    const reach = Math.hypot(dx, dy);
    const [nx, ny] = [(-dy / reach) * (detail.elastic.wide.value / 2), (dx / reach) * (detail.elastic.wide.value / 2)];
    return [from, to].map(([x, y], end): StitchLine => ({
      id: lineId(id, strap, end),
      from: [x - nx, y - ny],
      to: [x + nx, y + ny],
      label: strap === 0 && end === 0 ? `straps of ${id}` : '',
    }));
  });

/** Both ends of each strap, in its order. */
function endSeams({ id, seat, detail }: PlacedStraps, cut: readonly CutStrap[]): Seam[] {
  const { host } = seat;
  const of = cut.flatMap(({ piece, ends }) => ends.map((end) => faceLine(piece.id, end)));
  return straps(detail, seat).flatMap(([place], strap) =>
    [0, 1].map((end): Seam => {
      const line = lineId(id, strap, end);
      const shared = { id: `holders/${id}#${line}`, a: of[end]! };
      const within = detail.within?.[strap]?.[end];
      if (within === undefined) return { ...shared, kind: 'stitchedOn', b: faceLine(host.piece, line) };
      const reach = detail.elastic.wide.value / 2;
      const at = place[detail.way === 'upright' ? 0 : 1];
      const part = hostPart(host, sidesOf(detail.way)[end]!, at - reach, at + reach);
      return { ...shared, kind: 'caught', within, b: { piece: host.piece, parts: [part] } };
    }),
  );
}

/** Ends that were to lie in the edge, and cannot. */
const notToEdge = ({ id, detail }: PlacedStraps): Finding[] =>
  detail.ends === 'stitched' || detail.within
    ? []
    : [
        {
          code: 'straps.notToEdge',
          severity: 'watch',
          about: [`holders/${id}`],
          numbers: {},
          text: say`The straps of ${id} cannot run from edge to edge: something lies beside them, a corner is in the way, or the panel has no seam there. Their ends are stitched down beside the thing instead. Put ${id} alone on a panel of a case, or choose that here.`,
        },
      ];
