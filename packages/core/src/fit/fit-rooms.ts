import type { HeldContents } from '../contents/held.ts';
import { nothing } from '../derived/constants.ts';
import { minus, readFromCut, sum, times, type Derived } from '../derived/derived.ts';
import type { ShutAt } from '../pieces/contribution.ts';
import type { Opening, Ring, Room, Stood } from '../pieces/room.ts';
import { fitBox } from './box.ts';
import { fitBoxed } from './boxed.ts';
import { clearanceOf, type Clearance, type Reading } from './clearance.ts';
import { CutParts, type CutDesign } from './cut-parts.ts';
import { fitFlatBack } from './flat-back.ts';
import type { Load, Within } from './load.ts';
import { fitRound } from './round.ts';
import { ALL, endways, packedOf, pileOf, thingOf, type Thing } from './things.ts';
import { fitTube } from './tube.ts';

/** What the fitting reads: cut pieces, seams, rooms by the lines that bound them, and the things. */
export interface Fitting extends CutDesign {
  rooms: readonly Room[];
  /** Where the closure holds front and back together; nothing where it does not. */
  shuts: readonly ShutAt[];
  /** What opens of the closure, if not all of the mouth does. */
  opens: readonly Opening[];
  /** A line of contents with its thing; nothing if there is none. */
  contents(line: string): HeldContents | undefined;
}

/** What every thing clears in the room that it stands in, read from cut pieces and things alone: no rule that makes a size has a part
 * in it. */
export function fitRooms(fitting: Fitting): Clearance[] {
  const parts = new CutParts(fitting);
  const byId = new Map(fitting.rooms.map((room) => [room.id, room]));
  const drop = Math.max(0, ...fitting.shuts.map((each) => parts.drop(each)));
  const [held] = fitting.shuts;
  const taken = held && drop > 0 ? [minus(readFromCut('taken by what closes it', drop, held.piece))] : [];
  return fitting.rooms.flatMap((room) => {
    const own = thingsIn(room, fitting);
    if (!own) return [];
    const { underClosure = false, shut = false, ease = NO_EASE, opening } = room;
    const opens = opening ?? (underClosure ? fitting.opens[0] : undefined);
    const behind = (room.behind ?? []).flatMap((id) => byId.get(id) ?? []);
    const others = behind.flatMap((each) => thingsIn(each, fitting)?.things ?? []);
    const load: Load = {
      ...own,
      ...(others.length > 0 && { piles: [pileOf([...others, ...own.things])] }),
      between: sum(
        'pockets between',
        behind.flatMap(({ rings }) => (rings[0]?.walls[0] ? [parts.cloth(rings[0].walls[0]).thick] : [])),
      ),
      shut: shut || (underClosure && held !== undefined),
      taken: underClosure ? taken : [],
      ...(opens && { opening: openingOf(opens, parts, fitting) }),
      ease,
    };
    return told(room, load, readingsOf(room, load, parts));
  });
}

const NO_EASE = { across: nothing, deep: nothing };

/** The things of a room as they stand in it. */
function thingsIn(
  { stands, lengthwise }: Room,
  { contents }: Fitting,
): Pick<Load, 'things' | 'own' | 'piles' | 'packed' | 'tower'> | undefined {
  if (!stands) return undefined;
  const thing = (stood: Stood): Thing[] => {
    const held = contents(stood.line);
    if (!held) return [];
    const own = thingOf(stood, held);
    return [lengthwise ? endways(own) : own];
  };
  if ('packed' in stands) {
    const packed = packedOf(stands.packed, contents);
    return { ...piled([packed.whole]), things: packed.things, packed };
  }
  if ('above' in stands) {
    const things = stands.above.flatMap(thing);
    return { ...piled(things), tower: true };
  }
  const piles = stands.beside.map((stood) => pileOf(stood.flatMap(thing)));
  return { things: piles.flatMap((pile) => pile.things), own: piles, piles };
}

const piled = (things: readonly Thing[]) => ({ things, own: [pileOf(things)], piles: [pileOf(things)] });

function openingOf({ piece, seam, side, ends }: Opening, parts: CutParts, { inset }: Fitting): Derived {
  const whole = parts.along('zipper, as sewn', piece, { seam, side });
  return ends ? sum('opening', [whole, times(-2, inset(ends))]) : whole;
}

/** One at a time they must go through what opens. */
const passing = ({ things, opening }: Load): Reading[] =>
  opening
    ? things.map(({ key, one }) => ({
        direction: 'through',
        required: one,
        available: opening,
        ease: nothing,
        lines: [key],
      }))
    : [];

function readingsOf({ rings }: Room, load: Load, parts: CutParts): Reading[] {
  let inner: Derived[] = [];
  if (!understood(rings)) return [];
  const all = rings.flatMap((ring) => {
    const before = inner;
    const within: Within = (wall) => before[wall] ?? before[0] ?? nothing;
    if (!ring.parts)
      inner = ring.walls.map((wall, index) => sum('layers within', [within(index), parts.cloth(wall).thick]));
    return fitRing(ring, load, parts, within);
  });
  // of the layers that bound a room the tightest decides
  const kinds = new Map<string, Reading>();
  for (const reading of all) {
    const key = `${reading.direction} ${reading.lines?.join() ?? ''}`;
    const before = kinds.get(key);
    if (!before || left(reading) < left(before) - 1e-9) kinds.set(key, reading);
  }
  return kinds.size === 0 ? [] : [...kinds.values(), ...passing(load)];
}

/** A wall that goes down, under and up again, the halves of a hard case, and walls on top of others are not measured yet. */
const understood = (rings: readonly Ring[]): boolean =>
  !rings.some(({ walls, floor }) => walls.some(({ beyond }) => beyond) || (floor && walls.length === 2)) &&
  (rings.every(({ walls }) => walls.length > 2) || rings.every(({ walls }) => walls.length <= 2));

const left = ({ required, available }: Reading): number => available.value - required.value;

/** By the form of its walls: a round one with its floor, walls all round, a boxed bag, a strap or a front on a back that stays flat, a
 * front and a back. */
function fitRing(ring: Ring, load: Load, parts: CutParts, within: Within): Reading[] {
  const { walls, floor, corners = [], boxed: sides } = ring;
  if (floor && walls.length === 1) return fitRound(ring, load, parts, within);
  if (walls.length > 2) return fitBox(ring, load, parts, within);
  if (walls.some(({ beyond }) => beyond)) return [];
  if (walls.some(({ flat }) => flat)) return fitFlatBack(ring, load, parts, within);
  if (walls.length < 2 || corners.length === 0) return fitTube(ring, load, parts, within);
  const boxed = fitBoxed(ring, load, parts, within);
  // parted by stitching, each of its rooms is a tube above the base
  const around = fitTube(ring, load, parts, within).filter(({ direction }) => direction === 'across');
  return sides && sides.length < 2 ? [...boxed, ...around] : boxed;
}

function told({ id }: Room, { things }: Load, readings: readonly Reading[]): Clearance[] {
  const [, holder = id] = id.split('/');
  const seen = new Set<string>();
  return things.flatMap(({ line, name, key }) => {
    // several of one line in one room have one verdict
    if (seen.has(key)) return [];
    seen.add(key);
    return readings
      .filter(({ lines }) => !lines || lines.includes(key) || lines.includes(ALL))
      .map(({ direction, required, available, ease }): Clearance => ({
        holder,
        room: id,
        line,
        name,
        direction,
        required,
        available,
        clearance: clearanceOf(required, available),
        ease: ease.value,
      }));
  });
}
