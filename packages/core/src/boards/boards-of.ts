import type { BoardPlan } from '../bodies/board-plan.ts';
import type { Role } from '../document/design-document.ts';
import { boundsOf } from '../geometry/outline.ts';
import { kindOf } from '../document/kind-of.ts';
import { facesOfDesign, type Faced } from '../kinds/faces-of.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import type { Kinds } from '../kinds/kind-set.ts';
import type { Lap } from '../pieces/lap.ts';
import type { Piece } from '../pieces/piece.ts';
import type { Solution } from '../solve/solution.ts';
import type { Board, BoardGrip, Box, BoardRoom, BoardStrap, BoardTab } from './board.ts';
import { boardHolder } from './board-holder.ts';

/** Every side of a solved design with what is on it, in the order in which the maker looks at them.
 * @param topstitch how far from the edges the edges are stitched, mm; default 0, not at all */
export function boardsOf(
  document: Faced,
  solution: Solution,
  { topstitch = 0, kinds = builtInKinds }: { topstitch?: number; kinds?: Kinds } = {},
): Board[] {
  const specs = facesOfDesign(document, kinds);
  return solution.boards.map((plan): Board => {
    const { tab, ...rest } = plan;
    return {
      ...rest,
      topstitch,
      rooms: plan.faces.flatMap(({ id, dx, dy, stretch }): BoardRoom[] => {
        const sized = solution.body.faces.find((face) => face.id === id);
        const spec = specs.find((face) => face.id === id);
        if (!sized || !spec) return [];
        const { x, y, width, height } = sized.room;
        return [
          {
            face: id,
            title: spec.title,
            seat: spec.seat,
            ...within(plan, {
              x0: dx + x * stretch,
              x1: dx + (x + width.value) * stretch,
              y0: y + dy,
              y1: y + dy + height.value,
            }),
          },
        ];
      }),
      holders: plan.faces.flatMap((face) =>
        solution.holders
          .filter((holder) => holder.face === face.id)
          .map((holder) => boardHolder(holder, face, kindOf(kinds.holders, holder.kind)?.shown))
          .map((holder) => ({ ...holder, ...within(plan, holder) })),
      ),
      tab: tab && tabOf(tab, solution),
      grips: tab === 'top' ? gripsOn(plan, solution) : [],
      straps: strapsOn(plan, solution),
      snaps: snapsOn(plan, solution),
    };
  });
}

/** Handles over a mouth: each end as far from the middle as the other. */
function gripsOn({ width }: BoardPlan, { parts }: Solution): BoardGrip[] {
  return parts.flatMap(({ id, sizes: { spread, drop, handleWidth } }): BoardGrip[] => {
    if (!spread || !drop || !handleWidth) return [];
    const [x0, x1] = [(width - spread.value) / 2, (width + spread.value) / 2];
    return [{ part: id, x0, x1, drop: drop.value, wide: handleWidth.value }];
  });
}

/** Straps caught in a side of what is seen: each from there over the pocket that its mate is set on. */
function strapsOn({ faces, top, width }: BoardPlan, { laps, parts, pieces, holders }: Solution): BoardStrap[] {
  return laps.flatMap((lap): BoardStrap[] => {
    const { id, piece, end, mate } = lap;
    const part = parts.find((each) => `parts/${each.id}` === id);
    const pocket = holders.find((holder) => `holders/${holder.id}/front` === mate.piece);
    const face = faces.find((each) => each.id === pocket?.face);
    const strap = pieces.find((each) => each.id === piece);
    if (!part || !pocket || end?.piece !== top?.piece || !face || !strap) return [];
    const { mateLoaded, strapWidth } = part.sizes;
    const { towards, x0, x1, y, bottom } = pocket.mouths[0]!;
    const left = towards === 'left';
    const snap = left ? x0 + mateLoaded!.value : x1 - mateLoaded!.value;
    const beyond = beyondCap(strap, lap) * (left ? 1 : -1);
    const onto = (across: number) => face.dx + across * face.stretch;
    return [
      {
        part: part.id,
        ...{ from: left ? 0 : width, snap: onto(snap), to: onto(snap + beyond), y: face.dy + (y + bottom) / 2 },
        wide: strapWidth!.value,
        ...(!strap.byRuler && { cloth: 'exterior' as const }),
      },
    ];
  });
}

/** From the fastener of a strap to its end, mm: to the fold where that is folded back. */
function beyondCap({ marks, folds, stitch }: Piece, { cap, tip }: Lap): number {
  const [x, y] = marks.find(({ id }) => id === cap)!.at;
  const fold = 'fold' in tip && folds.find(({ id }) => id === tip.fold);
  return fold ? fold.from[0] - x : boundsOf(stitch).height - y;
}

/** A room may be wider than its board where things are packed with space beside them: as far as it is on the board. */
const within = ({ width, height }: BoardPlan, { x0, x1, y0, y1 }: Box): Box => ({
  x0: Math.max(0, x0),
  x1: Math.min(width, x1),
  y0: Math.max(0, y0),
  y1: Math.min(height, y1),
});

/** Snap halves marked on the piece that lies on top or on the pockets on it, as far as they lie on the board. */
function snapsOn({ top, width, height }: BoardPlan, { pieces, laps }: Solution): Board['snaps'] {
  const marks = pieces.find(({ id }) => id === top?.piece)?.marks ?? [];
  const onPockets = laps.flatMap((lap) => lap.onPockets ?? []).filter(({ piece }) => piece === top?.piece);
  return [...marks.filter(({ kind }) => kind !== 'placement'), ...onPockets]
    .map(({ at: [x, y] }) => ({ x: x + top!.dx, y: y + top!.dy }))
    .filter(({ x, y }) => x >= 0 && x <= width && y >= 0 && y <= height);
}

/** What closes a folded piece and stands out from its edge, with the cloth that it shows inside: the lining of a flap is of one piece,
 * whatever the flap is made of. */
const TABS: Readonly<Record<string, Role>> = {
  'closure/tab': 'lining',
  'closure/flap-lining': 'lining',
  'closure/flap-back': 'exterior',
  'closure/strap': 'lining',
};

function tabOf(edge: BoardTab['edge'], { pieces, closure }: Solution): BoardTab | undefined {
  const piece = pieces.find(({ id }) => Object.hasOwn(TABS, id));
  if (!piece) return undefined;
  const { width, height } = boundsOf(piece.stitch);
  const caps = piece.marks.filter(({ kind }) => kind === 'snapCap');
  const [cap] = caps;
  const within = closure.sizes.strapDown?.value ?? 0;
  const snapAt = cap && cap.at[1] - within;
  return {
    edge,
    length: height - within,
    width,
    within,
    outline: piece.stitch,
    snapAt,
    snaps: caps.map(({ at: [x] }) => x),
    inside: TABS[piece.id]!,
  };
}
