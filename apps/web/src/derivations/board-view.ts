import { type DesignDocument, type PlacedThing, type Role, type Solution, type SolvedHolder } from '@zindle/core';
import { ruleSetting } from './inspected.ts';

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
  cloth: Role;
}
export interface BoardHolder extends Box {
  /** Lines on which front and back are stitched together, mm. */
  stitching: { from: [number, number]; to: [number, number] }[];
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

/** A size with its line on the board: mm, and on which side of the drawing it stands. */
export interface BoardSize {
  path: string;
  from: number;
  to: number;
  /** `near` and `far` below the drawing, or at its right. */
  side: 'near' | 'far' | 'right';
  quiet?: boolean;
}

export interface BoardView {
  title: string;
  width: number;
  height: number;
  /** What the drawing is laid on: the layer that is seen. */
  ground: Role;
  /** Where the cloth goes round a fold. */
  folds: { x0: number; x1: number }[];
  topstitch: number;
  holders: BoardHolder[];
  /** A tab that stands out from the right edge, in the middle of its height. */
  tab: { length: number; width: number; snapAt: number } | undefined;
  /** Places of snaps on the front. */
  snaps: { x: number; y: number }[];
  sizes: BoardSize[];
  note: { text: string; path: string } | undefined;
}

/** What the board shows of a solved design; nothing of a family that has no board yet. */
export function boardView(document: DesignDocument, solution: Solution): BoardView | undefined {
  return views[document.body.kind]?.(document, solution);
}

const views: Record<string, (document: DesignDocument, solution: Solution) => BoardView> = {
  foldover: bifoldView,
  sleeve: sleeveView,
  roll: rollView,
  folio: folioView,
};

const topstitchOf = (document: DesignDocument): number => Number(ruleSetting(document, 'topstitch.inset'));

/** The inside of a wallet lying open. */
function bifoldView(document: DesignDocument, solution: Solution): BoardView {
  const { body, finished } = solution;
  const leaf = body.sizes.leafWidth?.value ?? 0;
  const width = finished.openWidth?.value ?? 0;
  const height = finished.height?.value ?? 0;
  const order = ['inside', 'left', 'right'];
  // what is on the outside does not show here
  const holders = solution.holders
    .filter(({ face }) => order.includes(face))
    .sort((a, b) => order.indexOf(a.face) - order.indexOf(b.face));
  return {
    title: 'Inside, lying open',
    width,
    height,
    ground: 'lining',
    folds: [{ x0: leaf, x1: width - leaf }],
    topstitch: topstitchOf(document),
    holders: holders.map((holder) => boardHolder(holder, solution, 'pocket')),
    tab: tabOf(solution),
    snaps: [],
    sizes: [
      { path: 'body/leafWidth', from: 0, to: leaf, side: 'near' },
      { path: 'body/acrossFold', from: leaf, to: width - leaf, side: 'near', quiet: true },
      { path: 'body/leafWidth', from: width - leaf, to: width, side: 'near' },
      { path: 'finished/openWidth', from: 0, to: width, side: 'far' },
      { path: 'finished/height', from: 0, to: height, side: 'right' },
    ],
    note: { text: 'The shell is cut longer than this, to go round the fold, by', path: 'body/shellExtra' },
  };
}

/** The inside of a folio lying open, its leaves from the left. */
function folioView(document: DesignDocument, solution: Solution): BoardView {
  const { body, finished } = solution;
  const size = (name: string) => body.sizes[name]?.value ?? 0;
  const [width, height] = [finished.openWidth?.value ?? 0, finished.height?.value ?? 0];
  const leaves = Object.keys(body.sizes).filter((name) => /^leaf\d/.test(name));
  let at = 0;
  const spans = leaves.map((leaf, index) => {
    const from = at;
    const to = from + size(leaf);
    at = to + size(`spine${index + 1}`);
    return { leaf, from, to, next: at };
  });
  return {
    title: 'Inside, lying open',
    width,
    height,
    ground: 'lining',
    folds: spans.slice(0, -1).map(({ to, next }) => ({ x0: to, x1: next })),
    topstitch: topstitchOf(document),
    holders: solution.holders.map((holder) => boardHolder(holder, solution, 'pocket')),
    tab: undefined,
    snaps: [],
    sizes: [
      ...spans.map(({ leaf, from, to }): BoardSize => ({ path: `body/${leaf}`, from, to, side: 'near' })),
      { path: 'finished/openWidth', from: 0, to: width, side: 'far' },
      { path: 'finished/height', from: 0, to: height, side: 'right' },
    ],
    note: { text: 'The shell is cut longer than this at each fold by', path: 'body/shellExtra' },
  };
}

/** The front of a sleeve lying flat, its mouth at the top. */
function sleeveView(document: DesignDocument, solution: Solution): BoardView {
  const { body, finished } = solution;
  const width = body.sizes.flatWidth?.value ?? 0;
  const height = finished.height?.value ?? 0;
  const panel = body.sizes.panelHeight?.value ?? height;
  const boxed = panel > height;
  // the board begins at the base; on a folded piece the front is the upper half
  const piece = body.faces.find(({ id }) => id === 'front')?.host.piece;
  const below = (piece === 'body/shell' ? panel : 0) + panel - height;
  return {
    title: boxed ? 'Front, lying flat above its base' : 'Front, lying flat',
    width,
    height,
    ground: 'exterior',
    folds: [],
    topstitch: topstitchOf(document),
    holders: solution.holders.map((holder) =>
      holder.face === 'front'
        ? boardHolder(holder, solution, 'pocket', -below)
        : boardHolder(holder, solution, 'exterior'),
    ),
    tab: undefined,
    snaps: snapsOn(piece, below, solution),
    sizes: [
      { path: 'body/flatWidth', from: 0, to: width, side: 'near' },
      { path: 'finished/height', from: 0, to: height, side: 'right' },
    ],
    note: boxed ? { text: 'Opened, it stands on a base as deep as', path: 'finished/depth' } : undefined,
  };
}

/** Snap halves on the front, as far as they lie on the board. */
function snapsOn(piece: string | undefined, below: number, { pieces }: Solution): BoardView['snaps'] {
  const marks = pieces.find(({ id }) => id === piece)?.marks ?? [];
  return marks
    .filter(({ kind, at }) => kind !== 'placement' && at[1] >= below)
    .map(({ at }) => ({ x: at[0], y: at[1] - below }));
}

/** The inside of a roll lying open, its pocket folded up. */
function rollView(document: DesignDocument, solution: Solution): BoardView {
  const width = solution.finished.openWidth?.value ?? 0;
  const height = solution.finished.height?.value ?? 0;
  return {
    title: 'Inside, lying open, its inside end at the left',
    width,
    height,
    ground: 'lining',
    folds: [],
    topstitch: topstitchOf(document),
    holders: solution.holders.map((holder) => boardHolder(holder, solution, 'exterior')),
    tab: undefined,
    snaps: [],
    sizes: [
      { path: 'finished/openWidth', from: 0, to: width, side: 'near' },
      { path: 'finished/height', from: 0, to: height, side: 'right' },
    ],
    note: { text: 'Rolled up and full it is thick by', path: 'thickness/full' },
  };
}

/** What stands out less than this above its front cannot carry its name, mm. */
const NAME_NEEDS = 3;

/** @param dy from the host to the board, mm */
function boardHolder(holder: SolvedHolder, { body }: Solution, cloth: Role, dy = 0): BoardHolder {
  const { dx, stretch } = body.faces.find(({ id }) => id === holder.face)!.board;
  const x = (at: number) => dx + at * stretch;
  const { seat, mouths, things } = holder;
  const fronts = mouths.map(({ id, x0, x1, y, bottom }): BoardFront => ({
    id,
    cloth,
    x0: x(x0),
    x1: x(x1),
    y0: bottom + dy,
    y1: y + dy,
  }));
  const placed = things.map((thing, index) => boardThing({ ...thing, y: thing.y + dy }, x, placeOf(holder, index)));
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
    y0: seat.y + dy,
    y1: seat.y + dy + seat.height.value,
    layers,
    stitching: holder.stitching.map(({ from, to }) => ({
      from: [x(from[0]), from[1] + dy],
      to: [x(to[0]), to[1] + dy],
    })),
    hidden,
    across: acrossOf(holder, (x0 + x1) / 2),
  };
}

/** The pocket of a thing: its mouth, or its number among the channels. */
const placeOf = ({ id, kind, mouths }: SolvedHolder, index: number): string =>
  kind === 'channel-row' ? `${id}${index + 1}` : (mouths[index]?.id ?? id);

/** Things keep their size where the cloth under them is stretched round the fold. */
function boardThing(
  { line, name, x: left, y, width, height, radius }: PlacedThing,
  x: (at: number) => number,
  place: string,
): BoardThing {
  const middle = x(left + width / 2);
  return { line, name, radius, place, x0: middle - width / 2, x1: middle + width / 2, y0: y, y1: y + height };
}

function acrossOf({ id, sizes, seat }: SolvedHolder, middle: number): BoardHolder['across'] {
  const key = ['slotWidth', 'noteWidth', 'clearWidth', 'room1', 'channel1'].find((name) => name in sizes);
  if (!key) return undefined;
  const half = sizes[key]!.value / 2;
  // the first of several rooms begins at the left
  if (key === 'channel1' || 'room2' in sizes)
    return { path: `holders/${id}/${key}`, x0: seat.x, x1: seat.x + 2 * half };
  return { path: `holders/${id}/${key}`, x0: middle - half, x1: middle + half };
}

function tabOf({ closure, pieces }: Solution): BoardView['tab'] {
  const { tabLength, tabWidth } = closure.sizes;
  const cap = pieces.flatMap(({ marks }) => marks).find(({ kind }) => kind === 'snapCap');
  if (!tabLength || !tabWidth || !cap) return undefined;
  return { length: tabLength.value, width: tabWidth.value, snapAt: cap.at[1] };
}
