import { byRule, minus, rounded, sum, times, type Rule } from '../../derived/derived.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { onePile, type Ring, type Room } from '../../pieces/room.ts';
import type { StitchLine } from '../../pieces/piece.ts';
import { idsOf, edgePart, faceLine, type Seam } from '../../pieces/seam.ts';
import { strip } from '../../pieces/strip.ts';
import type { HolderInputs, PlacedHolder } from '../holder-kind.ts';
import { middles, rowsAt, type LoopRow } from './row.ts';
import { seamAllowance } from '../../shelves/rules/common-rules.ts';
import { stripOn } from '../strip-on.ts';

type Placed = PlacedHolder<LoopRow>;

const betweenRule: Rule = {
  id: 'loop',
  formula: 'from the stitching of each loop to that of the next, as they are marked',
  source: 'geometry',
};

/** One strip of elastic a row, stitched down on both sides of every thing. */
export function contribute({ id, seat, detail }: Placed, { rules, grid }: HolderInputs): Contribution {
  const own = `holders/${id}`;
  const piece = `${own}/elastic`;
  const seam = rules.length(seamAllowance);
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
  const sewn = stripOn({
    id,
    piece,
    host: seat.host.piece,
    stitches: host.map((line, index) => ({ line, on: { line: lines[index % lines.length]!.id } })),
  });
  const bottoms = detail.pockets ? bottomsOf({ id, seat, detail }, piece, stitches) : [];
  const rooms = detail.loops.map(({ thing }, index): Room => ({
    id: `${own}/${index + 1}`,
    holds: [thing.line],
    stands: onePile([{ line: thing.line, count: 1 }]),
    grips: true,
    rings: Array.from({ length: detail.rows }, (_, row) => {
      const first = row * lines.length + 2 * index;
      return closedBelow(sewn.ring(first, first + 1), bottoms[index]?.join.id);
    }),
  }));
  return contribution({
    rooms,
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
    hostEdits: [sewn.edit, { piece: seat.host.piece, lines: bottoms.map(({ line }) => line) }],
    joins: [...sewn.joins, ...bottoms.map(({ join }) => join)],
    hardware: [{ id: detail.band.id, count: detail.rows, length: detail.rows * length.value }],
    operations: [
      {
        id: `${own}/set`,
        phase: 'pockets',
        needs: [],
        title: detail.pockets ? `Set the elastic pockets ${id}` : `Set the elastic loops ${id}`,
        actions: [
          { verb: 'tryIn', holders: [id], each: true },
          { verb: 'sew', seams: idsOf(sewn.joins), facing: 'wrongToRight', backAndForth: true },
          ...(detail.pockets ? [{ verb: 'edgestitch' as const, seams: bottoms.map(({ join }) => join.id) }] : []),
        ],
      },
    ],
  });
}

/** A pocket is stitched down along its lower edge too. */
const closedBelow = ({ walls }: Ring, bottom: string | undefined): Ring => ({
  walls: walls.map((wall, at) => ({
    ...wall,
    ...(bottom !== undefined && { base: { seam: bottom, side: at === 0 ? 'a' : 'b' } }),
  })),
});

/** The lower edge of each pocket: the elastic is longer there than its place, and laid in two small pleats. */
function bottomsOf({ id, seat, detail }: Pick<Placed, 'id' | 'seat' | 'detail'>, piece: string, stitches: number[]) {
  const at = middles(detail);
  return detail.loops.map(({ span, relaxed }, index): { line: StitchLine; join: Seam } => {
    const middle = seat.x + at[index]!;
    const reach = span.value / 2;
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
        ease: { by: sum('laid in pleats', [relaxed, minus(span)]), lies: 'pleats' },
      },
    };
  });
}

const relaxedOf = ({ loops }: LoopRow): number => loops.reduce((total, { relaxed }) => total + relaxed.value, 0);
