import type { BoardFace } from '../bodies/board-plan.ts';
import type { PlacedThing } from '../holders/holder-kind.ts';
import type { SolvedHolder } from '../solve/solution.ts';
import type { BoardFront, BoardHolder, BoardThing } from './board.ts';

/** What stands out less than this above its front cannot carry its name, mm. */
const NAME_NEEDS = 3;

/** A placed holder as it is drawn: from its host onto a board. */
export function boardHolder(holder: SolvedHolder, { dx, dy, stretch, cloth, open }: BoardFace): BoardHolder {
  const x = (at: number) => dx + at * stretch;
  const { id, title, face, seat, mouths, things, stitching, bands = [] } = holder;
  const placed = things.map((thing, index) => boardThing({ ...thing, y: thing.y + dy }, x, placeOf(holder, index)));
  const fronts = open
    ? []
    : mouths.map((mouth): BoardFront => ({
        id: mouth.id,
        cloth,
        x0: x(mouth.x0),
        x1: x(mouth.x1),
        y0: mouth.bottom + dy,
        y1: mouth.y + dy,
      }));
  const layers = inOrder(placed, fronts);
  // each tier has its own front; several things behind one front share it
  const frontOf = (index: number) => fronts[fronts.length === placed.length ? index : 0];
  const hidden = placed
    .filter(({ y1 }, index) => y1 < (frontOf(index)?.y1 ?? -Infinity) + NAME_NEEDS)
    .map(({ name }) => name);
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
    layers,
    stitching: stitching.map(({ from, to }) => ({
      from: [x(from[0]), from[1] + dy],
      to: [x(to[0]), to[1] + dy],
    })),
    bands: bands.map(({ from, to, wide }) => ({ from: [x(from[0]), from[1] + dy], to: [x(to[0]), to[1] + dy], wide })),
    hidden,
    across: acrossOf(holder, x0, (x0 + x1) / 2),
  };
}

/** Each thing behind its own front, or all of them behind all fronts. */
function inOrder(things: readonly BoardThing[], fronts: readonly BoardFront[]): BoardHolder['layers'] {
  const laid = (thing: BoardThing) => ({ kind: 'thing', thing }) as const;
  const over = (front: BoardFront) => ({ kind: 'front', front }) as const;
  if (fronts.length === things.length) return things.flatMap((thing, index) => [laid(thing), over(fronts[index]!)]);
  return [...things.map(laid), ...fronts.map(over)];
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

/** The first clear width of a holder. */
const acrossKeys = ['slotWidth', 'noteWidth', 'clearWidth', 'room1', 'channel1'];

function acrossOf({ id, sizes }: SolvedHolder, left: number, middle: number): BoardHolder['across'] {
  const key = acrossKeys.find((name) => name in sizes);
  if (!key) return undefined;
  const wide = sizes[key]!.value;
  // the first of several rooms begins at the left
  const x0 = key === 'channel1' || 'room2' in sizes ? left : middle - wide / 2;
  return { path: `holders/${id}/${key}`, x0, x1: x0 + wide };
}
