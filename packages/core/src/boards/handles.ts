import type { BoardPlan, BoardSize } from '../bodies/board-plan.ts';
import { changeGroup } from '../document/edits/arrange.ts';
import { groupOf } from '../document/edits/seats.ts';
import type { Edit } from '../document/edits/edit.ts';
import { setHolderParam, setPin } from '../document/edits/settings.ts';
import { holdersIn, type DesignDocument } from '../document/design-document.ts';
import { kindOf } from '../document/kind-of.ts';
import { limits } from '../document/limits.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { PlacedMouth } from '../holders/holder-kind.ts';
import { rangeOf } from '../holders/params.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import type { Kinds } from '../kinds/kind-set.ts';
import type { SolvedHolder, Solution } from '../solve/solution.ts';
import { gridStep, roundToGrid } from '../units/grid.ts';

/** A place on a board that changes a size when it is dragged. All mm. */
export interface BoardHandle {
  /** What it changes, such as `pins/body/leafWidth` or `holders/A/params/reveal`. */
  id: string;
  label: string;
  at: Point;
  /** `x`: it moves to the right and left; `y`: up and down. */
  axis: 'x' | 'y';
  /** Which way it is pulled for more. */
  towards: 1 | -1;
  /** What the size is now, and between what it may be. */
  value: number;
  least: number;
  most: number;
  /** @param value mm; set to the nearest step of the design's grid, within what it may be */
  edit(value: number): Edit;
}

/** What can be dragged of the object in hand on a board.
 * @param selection `body` for the body's own sizes, `holders/A` for those of a holder; nothing else has handles */
export function handlesOn(
  board: Pick<BoardPlan, 'width' | 'height' | 'faces' | 'sizes'>,
  selection: string,
  document: DesignDocument,
  solution: Solution,
  kinds: Kinds = builtInKinds,
): BoardHandle[] {
  const [kind, id = ''] = selection.split('/');
  if (kind === 'body') return bodyHandles(board, document, solution);
  const holder = solution.holders.find((each) => each.id === id);
  const face = board.faces.find((each) => each.id === holder?.face);
  if (kind !== 'holders' || !holder || !face) return [];
  const onto = ([x, y]: Point): Point => [face.dx + x * face.stretch, y + face.dy];
  const own = [
    ...widthHandles(holder, document, solution, kindOf(kinds.holders, holder.kind)?.shown?.clearWidth),
    ...mouthHandles(holder, document, kinds),
    ...gapHandle(holder, document, solution),
    ...shareHandle(holder, document),
  ];
  return own.map((handle) => ({
    ...handle,
    at: onto(handle.at),
  }));
}

/** The ends of the dimension lines whose size may be pinned; each size once. */
function bodyHandles(
  board: Pick<BoardPlan, 'width' | 'height' | 'sizes'>,
  document: DesignDocument,
  solution: Solution,
): BoardHandle[] {
  const taken = new Set<string>();
  return board.sizes.flatMap(({ path, pin = path, side, to }) => {
    if (taken.has(pin)) return [];
    const handle = pinHandle(pin, document, solution, handleAt(board, { side, to }), side === 'right' ? 'y' : 'x');
    if (handle) taken.add(pin);
    return handle ? [handle] : [];
  });
}

/** On the edge that moves, clear of corners; on a fold at its lower end. */
function handleAt(
  { width, height }: Pick<BoardPlan, 'width' | 'height'>,
  { side, to }: Pick<BoardSize, 'side' | 'to'>,
): Point {
  if (side === 'right') return [0.8 * width, to];
  return [to, to < width - 1e-6 ? 0 : 0.2 * height];
}

/** Clear widths: of the one room, or of each channel at its stitch line; and how deep a folded pocket is. */
function widthHandles(
  holder: SolvedHolder,
  document: DesignDocument,
  solution: Solution,
  clearWidth = '',
): BoardHandle[] {
  const own = `holders/${holder.id}/`;
  const series = (key: string) => key.replace(/\d+$/, '');
  const widths = solution.pinnable.filter(({ path }) => series(path) === `${own}${series(clearWidth)}`);
  const { seat, stitching, mouths } = holder;
  if (mouths[0]?.towards) return widthsAside(holder, mouths[0].towards, (at) => widths.flatMap(({ path }) => pinHandle(path, document, solution, at, 'y') ?? [])); // prettier-ignore
  const [left, right] = [seat.x, seat.x + seat.width.value];
  // well below the mouths, which have handles of their own
  const middle: Point = [(left + right) / 2, seat.y + seat.height.value / 4];
  const depth = mouths[0] && pinHandle(`${own}pocketDepth`, document, solution, [middle[0], mouths[0].y], 'y');
  const handles = widths.flatMap(({ path }) => pinHandle(path, document, solution, middle, 'x') ?? []);
  // several lie side by side, each up to its stitch line
  const lines = [...stitching.map(({ to }) => to[0]).filter((x) => x > left + 1e-6 && x < right - 1e-6), right];
  const placed = handles.map((handle, index): BoardHandle => {
    const [x, y] = handle.at;
    return { ...handle, at: [handles.length > 1 ? lines[index]! : x + handle.value / 2, y] };
  });
  return [...placed, ...(depth ? [depth] : [])];
}

/** The same of a holder whose mouth looks to a side: its widths lie above each other, and grow upwards. With its mouth to the left its
 * first room is the lowest, to the right the highest.
 * @param pinned the handles, all at one place */
function widthsAside(
  { seat, stitching }: SolvedHolder,
  way: 'left' | 'right',
  pinned: (at: Point) => BoardHandle[],
): BoardHandle[] {
  const [low, high] = [seat.y, seat.y + seat.height.value];
  // well away from the mouths
  const x = seat.x + seat.width.value * (way === 'left' ? 0.75 : 0.25);
  const handles = pinned([x, (low + high) / 2]);
  const between = stitching.map(({ to }) => to[1]).filter((y) => y > low + 1e-6 && y < high - 1e-6);
  const tops = [...between, high].sort((a, b) => (way === 'left' ? a - b : b - a));
  return handles.map((handle, index) => ({
    ...handle,
    at: [x, handles.length > 1 ? tops[index]! : handle.at[1] + handle.value / 2],
  }));
}

function pinHandle(
  path: string,
  { pins = {}, grid }: DesignDocument,
  { pinnable }: Solution,
  at: Point,
  axis: BoardHandle['axis'],
): BoardHandle | undefined {
  const size = pinnable.find((each) => each.path === path);
  if (!size) return undefined;
  const { label, asks, least = limits.size.least } = size;
  const most = limits.pinned.most;
  return {
    id: `pins/${path}`,
    label,
    at,
    axis,
    towards: 1,
    value: Math.max(least, pins[path] ?? asks),
    least,
    most,
    // where it asks to be it is not pinned any more
    edit: (value) => {
      const wished = stepWithin(value, { least, most, grid });
      return setPin(path, label, Math.abs(wished - asks) <= 1e-9 ? undefined : wished);
    },
  };
}

/** Where a mouth is pulled, and which way for more. */
const pulledAt = (
  { x0, x1, y, bottom, towards }: PlacedMouth,
  more: 1 | -1,
): Pick<BoardHandle, 'at' | 'axis' | 'towards'> =>
  towards
    ? { at: [x1, (y + bottom) / 2], axis: 'x', towards: more }
    : { at: [(x0 + x1) / 2, y], axis: 'y', towards: more };

function mouthHandles(holder: SolvedHolder, { grid }: DesignDocument, kinds: Kinds): BoardHandle[] {
  const kind = kindOf(kinds.holders, holder.kind);
  const handle = kind?.mouthHandle?.(holder);
  const mouth = handle && holder.mouths[handle.mouth];
  const spec = handle && kind?.params[handle.param];
  if (!handle || !mouth || spec?.kind !== 'length') return [];
  // what lies at the right moves away from the pointer as all that is beside it grows: it is typed
  if (mouth.towards === 'left') return [];
  const { least, most } = rangeOf(spec);
  const between = { least, most, grid };
  return [
    {
      id: `holders/${holder.id}/params/${handle.param}`,
      label: spec.title,
      ...pulledAt(mouth, handle.towards),
      value: handle.value,
      least,
      most,
      edit: (value) => setHolderParam(holder.id, spec.title, handle.param, stepWithin(value, between)),
    },
  ];
}

/** Between a holder and what lies behind it in its row or column. */
function gapHandle({ id, face }: SolvedHolder, document: DesignDocument, { holders }: Solution): BoardHandle[] {
  const arrangement = document.faces[face];
  const group = arrangement && groupOf(arrangement, id)?.group;
  const at = group?.children.findIndex((child) => child.kind === 'holder' && child.id === id) ?? -1;
  const next = group?.children[at + 1];
  const here = seatBox([id], holders);
  const there = next && seatBox(holdersIn(next), holders);
  if (!group || !here || !there) return [];
  const row = group.kind === 'row';
  const place: Point = row ? [there.x0, (here.y0 + here.y1) / 2] : [(here.x0 + here.x1) / 2, there.y0];
  const between = { ...limits.gap, grid: document.grid };
  return [
    {
      id: `gaps/${id}`,
      label: 'Gap to the next',
      at: place,
      axis: row ? 'x' : 'y',
      towards: 1,
      value: group.gap,
      ...limits.gap,
      edit: (value) => changeGroup(id, { gap: stepWithin(value, between) }),
    },
  ];
}

/** Where the room of a holder ends in its row or column: what it takes more, the next one leaves. */
function shareHandle({ id, seat, shares }: SolvedHolder, { grid }: DesignDocument): BoardHandle[] {
  if (!shares) return [];
  const { axis, index, least, sizes, end, slack } = shares;
  const next = index + 1;
  if (next >= sizes.length || slack < gridStep(grid)) return [];
  const extras = sizes.map((size, each) => size - least[each]!);
  const others = extras.reduce((total, extra, each) => total + (each === index || each === next ? 0 : extra), 0);
  const between = { least: least[index]!, most: least[index]! + slack - others, grid };
  // clear of the handle of the gap, which is in the middle
  const across = (from: number, size: number) => from + 0.75 * size;
  return [
    {
      id: `shares/${id}`,
      label: axis === 'x' ? 'Width of its place' : 'Height of its place',
      at: axis === 'x' ? [end, across(seat.y, seat.height.value)] : [across(seat.x, seat.width.value), end],
      axis,
      towards: 1,
      value: sizes[index]!,
      least: between.least,
      most: between.most,
      edit(value) {
        const taken = stepWithin(value, between) - between.least;
        const parts = extras.with(index, taken).with(next, slack - others - taken);
        return changeGroup(id, { share: 'set', parts: parts.map((part) => Math.max(0, part)) });
      },
    },
  ];
}

/** What the seats of some holders take up together, mm on their host. */
function seatBox(ids: readonly string[], holders: Solution['holders']) {
  const seats = holders.filter(({ id }) => ids.includes(id)).map(({ seat }) => seat);
  if (seats.length === 0) return undefined;
  return {
    x0: Math.min(...seats.map(({ x }) => x)),
    y0: Math.min(...seats.map(({ y }) => y)),
    x1: Math.max(...seats.map(({ x, width }) => x + width.value)),
    y1: Math.max(...seats.map(({ y, height }) => y + height.value)),
  };
}

const stepWithin = (
  value: number,
  { least, most, grid }: { least: number; most: number; grid: DesignDocument['grid'] },
): number => Math.min(most, Math.max(least, roundToGrid(value, grid, 'nearest')));
