import type { DesignDocument, PlacedThing, Solution, SolvedHolder } from '@zindle/core';

/** A rectangle on the board: the body lying open, lining up. mm from its lower left corner, y upwards. */
export interface Box {
  x0: number;
  x1: number;
  y0: number;
  y1: number;
}
export interface BoardThing extends Box {
  line: string;
  name: string;
  radius: number;
  /** The pocket that it stands in, such as `A1`. */
  place: string;
}
/** A front of cloth with its mouth at the top. */
export interface BoardFront extends Box {
  id: string;
}
export interface BoardHolder extends Box {
  id: string;
  title: string;
  face: string;
  /** Things and fronts in the order in which they lie on each other. */
  layers: ({ kind: 'thing'; thing: BoardThing } | { kind: 'front'; front: BoardFront })[];
  /** Names of things that lie wholly behind their front. */
  hidden: string[];
  /** The size that is dimensioned when it is selected. */
  across: { path: string; x0: number; x1: number } | undefined;
}

export interface BoardView {
  width: number;
  height: number;
  /** Where the cloth goes round the fold. */
  fold: { x0: number; x1: number };
  topstitch: number;
  holders: BoardHolder[];
  /** A tab that stands out from the right edge, in the middle of its height. */
  tab: { length: number; width: number; snapAt: number } | undefined;
}

/** What the board shows of a solved design, from the inside. */
export function boardView(document: DesignDocument, solution: Solution): BoardView {
  const { body, finished } = solution;
  const leaf = body.sizes.leafWidth?.value ?? 0;
  const width = finished.openWidth?.value ?? 0;
  const order = ['inside', 'left', 'right'];
  const holders = [...solution.holders].sort((a, b) => order.indexOf(a.face) - order.indexOf(b.face));
  const inset = document.rules['topstitch.inset'];
  return {
    width,
    height: finished.height?.value ?? 0,
    fold: { x0: leaf, x1: width - leaf },
    topstitch: typeof inset === 'number' ? inset : 2,
    holders: holders.map((holder) => boardHolder(holder, solution)),
    tab: tabOf(solution),
  };
}

/** What stands out less than this above its front cannot carry its name, mm. */
const NAME_NEEDS = 3;

function boardHolder(holder: SolvedHolder, { body }: Solution): BoardHolder {
  const { dx, stretch } = body.faces.find(({ id }) => id === holder.face)!.board;
  const x = (at: number) => dx + at * stretch;
  const { seat, mouths, things } = holder;
  const fronts = mouths.map(({ id, x0, x1, y, bottom }): BoardFront => ({
    id,
    x0: x(x0),
    x1: x(x1),
    y0: bottom,
    y1: y,
  }));
  const placed = things.map((thing, index) => boardThing(thing, x, mouths[index]?.id ?? holder.id));
  const interleaved = fronts.length === placed.length;
  const layers: BoardHolder['layers'] = interleaved
    ? placed.flatMap((thing, index) => [
        { kind: 'thing' as const, thing },
        { kind: 'front' as const, front: fronts[index]! },
      ])
    : [
        ...placed.map((thing) => ({ kind: 'thing' as const, thing })),
        ...fronts.map((front) => ({ kind: 'front' as const, front })),
      ];
  const frontOf = (index: number) => fronts[interleaved ? index : 0];
  const hidden = placed.filter(({ y1 }, index) => y1 < (frontOf(index)?.y1 ?? 0) + NAME_NEEDS).map(({ name }) => name);
  const [x0, x1] = [x(seat.x), x(seat.x + seat.width.value)];
  return {
    id: holder.id,
    title: holder.title,
    face: holder.face,
    x0,
    x1,
    y0: seat.y,
    y1: seat.y + seat.height.value,
    layers,
    hidden,
    across: acrossOf(holder, (x0 + x1) / 2),
  };
}

/** Things keep their size where the cloth under them is stretched round the fold. */
function boardThing(
  { line, name, x: left, y, width, height, radius }: PlacedThing,
  x: (at: number) => number,
  place: string,
): BoardThing {
  const middle = x(left + width / 2);
  return { line, name, radius, place, x0: middle - width / 2, x1: middle + width / 2, y0: y, y1: y + height };
}

function acrossOf({ id, sizes }: SolvedHolder, middle: number): BoardHolder['across'] {
  const key = ['slotWidth', 'noteWidth'].find((name) => name in sizes);
  if (!key) return undefined;
  const half = sizes[key]!.value / 2;
  return { path: `holders/${id}/${key}`, x0: middle - half, x1: middle + half };
}

function tabOf({ closure, pieces }: Solution): BoardView['tab'] {
  const { tabLength, tabWidth } = closure.sizes;
  const cap = pieces.flatMap(({ marks }) => marks).find(({ kind }) => kind === 'snapCap');
  if (!tabLength || !tabWidth || !cap) return undefined;
  return { length: tabLength.value, width: tabWidth.value, snapAt: cap.at[1] };
}
