import type { BoardFace } from '../bodies/board-plan.ts';
import type { PlacedThing, ShownHolder } from '../holders/holder-kind.ts';
import type { SolvedHolder } from '../solve/solution.ts';
import type { BoardFront, BoardHolder, BoardThing, Box } from './board.ts';

/** What stands out less than this above its front cannot carry its name, mm. */
const NAME_NEEDS = 3;

/** A placed holder as it is drawn: from its host onto a board.
 * @param shown what its family tells of it */
export function boardHolder(
  holder: SolvedHolder,
  { dx, dy, stretch, cloth, open }: BoardFace,
  shown: ShownHolder = {},
): BoardHolder {
  const x = (at: number) => dx + at * stretch;
  const { id, title, face, seat, mouths, things, stitching, bands = [] } = holder;
  const fronts = mouths.map((mouth): BoardFront => ({
    id: mouth.id,
    cloth,
    x0: x(mouth.x0),
    x1: x(mouth.x1),
    y0: mouth.bottom + dy,
    y1: mouth.y + dy,
    ...(mouth.towards && { towards: mouth.towards }),
    ...(mouth.window && { window: mouth.window }),
    ...(mouth.mesh && { mesh: mouth.mesh }),
    ...(mouth.zipped && { zipped: mouth.zipped }),
  }));
  const placed = things.map((thing, index): Behind => {
    const box = boxOf({ ...thing, y: thing.y + dy }, x);
    const front = fronts.length === things.length ? fronts[index] : frontBefore(box, fronts);
    const place = shown.numbered === 'things' ? `${id}${index + 1}` : (front?.id ?? id);
    const hidden = !open && front !== undefined && standsOutOf(front, box) < NAME_NEEDS;
    const { line, name, radius } = thing;
    return { thing: { line, name, radius, place, hidden, ...box }, front };
  });
  const [x0, x1] = [x(seat.x), x(seat.x + seat.width.value)];
  return {
    id,
    title,
    face,
    backed: face === 'left' || face === 'right',
    x0,
    x1,
    y0: seat.y + dy,
    y1: seat.y + dy + seat.height.value,
    layers: inOrder(placed, open ? [] : fronts),
    stitching: stitching.map(({ from, to }) => ({
      from: [x(from[0]), from[1] + dy],
      to: [x(to[0]), to[1] + dy],
    })),
    bands: bands.map(({ from, to, wide }) => ({ from: [x(from[0]), from[1] + dy], to: [x(to[0]), to[1] + dy], wide })),
    hidden: placed.flatMap(({ thing }) => (thing.hidden ? [thing.name] : [])),
    // what is turned on its side is not as wide as its clear width
    across: mouths.some(({ towards }) => towards) ? undefined : acrossOf(holder, shown, x0, (x0 + x1) / 2),
  };
}

/** How much of a thing is seen beyond the mouth of its front, mm. */
const standsOutOf = ({ towards, x0, x1, y1 }: BoardFront, thing: Box): number =>
  towards === 'right' ? thing.x1 - x1 : towards === 'left' ? x0 - thing.x0 : thing.y1 - y1;

interface Behind {
  thing: BoardThing;
  front: BoardFront | undefined;
}

/** From the back: each front lies over the things behind it; tiers lie on each other as they do in the holder. */
function inOrder(placed: readonly Behind[], fronts: readonly BoardFront[]): BoardHolder['layers'] {
  const laid = (behind: BoardFront | undefined) =>
    placed.flatMap(({ thing, front }) => (front?.id === behind?.id ? [{ kind: 'thing', thing } as const] : []));
  if (fronts.length === 0) return placed.map(({ thing }) => ({ kind: 'thing', thing }));
  return [...laid(undefined), ...fronts.flatMap((front) => [...laid(front), { kind: 'front', front } as const])];
}

/** Of several fronts before a thing it is the one whose pocket it stands in: they end at the same bottom. */
function frontBefore(thing: Box, fronts: readonly BoardFront[]): BoardFront | undefined {
  const away = (front: BoardFront) => Math.abs(front.y0 - thing.y0);
  const [nearest] = fronts
    .filter(({ x0, x1 }) => x0 < thing.x1 && thing.x0 < x1)
    .sort((one, other) => away(one) - away(other));
  return nearest;
}

/** Things keep their size where the cloth under them is stretched round the fold. */
function boxOf({ x: left, y, width, height }: PlacedThing, x: (at: number) => number): Box {
  const middle = x(left + width / 2);
  return { x0: middle - width / 2, x1: middle + width / 2, y0: y, y1: y + height };
}

/** The first clear width of a holder: the first of several from the left, a single one in the middle. */
function acrossOf(
  { id, sizes }: SolvedHolder,
  { clearWidth }: ShownHolder,
  left: number,
  middle: number,
): BoardHolder['across'] {
  const size = clearWidth === undefined ? undefined : sizes[clearWidth];
  if (!size) return undefined;
  const several = `${clearWidth!.slice(0, -1)}2` in sizes;
  const x0 = several ? left : middle - size.value / 2;
  return { path: `holders/${id}/${clearWidth!}`, x0, x1: x0 + size.value };
}
