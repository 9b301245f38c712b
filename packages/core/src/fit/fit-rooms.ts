import { nothing } from '../derived/constants.ts';
import { minus, readFromCut, sum, times, type Derived } from '../derived/derived.ts';
import { clearanceOf } from '../pieces/clearance.ts';
import type { Opening, Ring, Room } from '../pieces/room.ts';
import { fitBox } from './box.ts';
import { fitBoxed } from './boxed.ts';
import { fitCase } from './case.ts';
import type { FittedClearance, Reading } from './clearance.ts';
import { fitCompartment } from './compartment.ts';
import { CutParts } from './cut-parts.ts';
import { fitFan } from './fan.ts';
import { fitFaced } from './faced.ts';
import type { Fitting } from './fitting.ts';
import { fitFlatBack } from './flat-back.ts';
import { overRootOf } from './laps.ts';
import { layered } from './layered.ts';
import type { Load, RingCloth } from './load.ts';
import { lyingOn } from './lying-on.ts';
import { facedBy, hanging, takenOn } from './on-walls.ts';
import { pilesIn, thingsIn } from './piles.ts';
import { fitRound } from './round.ts';
import { standingOf } from './standing.ts';
import { ALL } from './packed.ts';
import { clothOver, NOTHING, pileOf, type Thing } from './things.ts';
import { isBag, loadTogether } from './together.ts';
import { fitTube } from './tube.ts';
import { fitWrapped } from './wrapped.ts';
import { fitZippedTube } from './zipped-tube.ts';

/** What every thing clears in the room that it stands in, read from cut pieces and things alone: no rule that makes a size has a part
 * in it.
 * @param parts of the same design, if somebody else measures them too */
export function fitRooms(fitting: Fitting, parts = new CutParts(fitting)): FittedClearance[] {
  const pressed = clearancesOf(fitting, parts);
  const resting = asTheyCome(fitting);
  if (!resting) return pressed;
  const least = new Map<string, Derived>();
  const keyOf = ({ room, line, direction }: FittedClearance) => `${room} ${line} ${direction}`;
  for (const each of clearancesOf(resting, parts)) {
    const before = least.get(keyOf(each));
    if (!before || each.clearance.value < before.value) least.set(keyOf(each), each.clearance);
  }
  return pressed.map((each): FittedClearance => {
    const atRest = least.get(keyOf(each));
    return atRest && atRest.value < each.clearance.value ? { ...each, atRest } : each;
  });
}

/** The same with things that give as they come, but for those that are packed, loose among others; nothing where all are like that. */
function asTheyCome({ rooms, ...fitting }: Fitting): Fitting | undefined {
  const packed = new Set(rooms.flatMap(({ stands, holds }) => (stands && 'packed' in stands ? holds : [])));
  const soft = (line: string): boolean => !packed.has(line) && (fitting.contents(line)?.item.compressible ?? 0) > 0;
  if (!rooms.some(({ holds }) => holds.some(soft))) return undefined;
  const contents = (line: string) => {
    const held = fitting.contents(line);
    return held && soft(line) ? { ...held, resting: true as const } : held;
  };
  return { ...fitting, rooms, contents };
}

/** With things as thick as they are pressed. */
function clearancesOf(fitting: Fitting, parts: CutParts): FittedClearance[] {
  const byId = new Map(fitting.rooms.map((room) => [room.id, room]));
  const drop = Math.max(0, ...fitting.shuts.map((each) => parts.drop(each)));
  const [held] = fitting.shuts;
  const taken = held && drop > 0 ? [minus(readFromCut('taken by what closes it', drop, held.piece))] : [];
  const together = readTogether(fitting, { held: held !== undefined, taken }, parts);
  return fitting.rooms.flatMap((room) => {
    const own = thingsIn(room, fitting);
    if (!own) return [];
    const { underClosure = false, shut = false, ease = NO_EASE, opening } = room;
    const opens = opening ?? (underClosure ? fitting.opens[0] : undefined);
    const load: Load = {
      ...own,
      ...withThoseBehind(room, own.things, byId, fitting, parts),
      shut: shut || (underClosure && held !== undefined),
      taken: underClosure ? taken : [],
      ...(opens && { opening: openingOf(opens, parts, fitting) }),
      shows: opens ? showsOf(opens, parts) : [],
      ...overRoot(room, fitting, parts),
      onWalls: onWalls(room, fitting, parts),
      beneath: room.hangs ? [] : lyingOn(fitting, parts),
      aroundZipper: room.rings.some(({ walls }) => walls.some(({ beyond }) => beyond)),
      ease,
    };
    return told(room, load, readingsOf(room, load, parts, together(room)), openOver(room, load, fitting));
  });
}

/** What of a room in a flap goes over the edge of the piece when that is closed. */
function overRoot({ rings }: Room, fitting: Fitting, parts: CutParts): Pick<Load, 'overRoot'> {
  const inner = rings[0]?.walls[0]?.piece;
  const lap = fitting.laps.find(({ layers }) => inner !== undefined && layers.includes(inner));
  return lap ? { overRoot: overRootOf(lap, fitting, parts) } : {};
}

/** What shows of a zipper between the walls, once for each of its tapes if those are folded from one. mm */
function showsOf(opens: Opening, parts: CutParts): Derived[] {
  if (!opens.shows) return [];
  const own = parts.between('zipper that shows', opens, ...opens.shows);
  return opens.folded ? [own, own] : [own];
}

/** What things clear with all that lies in the same bag, by room. */
function readTogether(
  fitting: Fitting,
  { held, taken }: { held: boolean } & Pick<Load, 'taken'>,
  parts: CutParts,
): (room: Room) => readonly Reading[] {
  const ease = fitting.rooms.find(({ underClosure, hangs }) => underClosure && !hangs)?.ease ?? NO_EASE;
  const all = loadTogether(fitting, { shut: held, taken, beneath: lyingOn(fitting, parts), ease }, parts);
  const readings = all ? readingsOf({ rings: fitting.inside! }, all, parts) : [];
  return (room) => (all?.rooms.includes(room) ? readings : []);
}

/** A room that nothing closes over. */
interface OpenRoom {
  /** Its mouth is meant to hold what stands in it. */
  grips: boolean;
  contents: Fitting['contents'];
}

const openOver = (
  { grips = false, underClosure = false }: Room,
  { shut, opening }: Load,
  { laps, contents }: Fitting,
): OpenRoom | undefined => (shut || opening || (underClosure && laps.length > 0) ? undefined : { grips, contents });

/** What lies between the things of a room and its back, with them: things in pockets behind, and the cloth of those pockets. */
function withThoseBehind(
  { behind: ids = [] }: Room,
  things: readonly Thing[],
  rooms: ReadonlyMap<string, Room>,
  fitting: Fitting,
  parts: CutParts,
): Partial<Pick<Load, 'piles'>> {
  const behind = ids.flatMap((id) => {
    const room = rooms.get(id);
    const others = room ? (thingsIn(room, fitting)?.things ?? []) : [];
    const [wall] = room?.rings[0]?.walls ?? [];
    return others.length > 0 && wall ? [...others, clothOver(others, parts.cloth(wall).thick)] : others;
  });
  return behind.length > 0 ? { piles: [pileOf([...behind, ...things])] } : {};
}

/** What is sewn onto the walls of an inside in which nothing else lies, and what there is room for. */
export function fitInside(fitting: Fitting, parts: CutParts): Reading[] {
  const { inside: rings, rooms } = fitting;
  const inner = rings?.[0]?.walls[0]?.piece;
  // what lies in it is measured with what its walls take, and what hangs in a bag in its own room
  if (!rings || rings.some(isBag) || rooms.some((room) => room.rings[0]?.walls[0]?.piece === inner)) return [];
  const room: Room = { id: 'body/inside', holds: [], rings };
  const own = [pileOf([NOTHING])];
  return readingsOf(
    room,
    {
      things: [NOTHING],
      own,
      piles: own,
      shut: true,
      taken: [],
      shows: [],
      onWalls: onWalls(room, fitting, parts),
      beneath: [],
      ease: NO_EASE,
    },
    parts,
  );
}

/** What other rooms take of a room with walls all round. */
function onWalls({ rings, id, hangs }: Room, fitting: Fitting, parts: CutParts): Derived[] {
  if (hangs || !rings.some(({ walls, floor }) => walls.length > 2 || floor)) return [];
  const others = fitting.rooms.filter((other) => other.id !== id);
  const pilesOf = (room: Room) => pilesIn(room, fitting);
  const faced = [...new Set(rings.flatMap(facedBy))].filter(parts.isLining);
  return [
    ...faced.flatMap((piece) => takenOn(piece, others, pilesOf, parts) ?? []),
    ...hanging(others, pilesOf, parts),
  ];
}

const NO_EASE = { across: nothing, deep: nothing };

function openingOf({ piece, seam, side, ends }: Opening, parts: CutParts, { inset }: Fitting): Derived {
  const whole = parts.along('zipper, as sewn', piece, { seam, side });
  return ends ? sum('opening', [whole, times(-2, inset(ends))]) : whole;
}

/** One at a time they must go through what opens. */
const passing = ({ things, opening }: Load): Reading[] =>
  opening
    ? [...new Map(things.map((thing) => [thing.key, thing])).values()].map(({ key, one }) => ({
        direction: 'through',
        required: one,
        available: opening,
        ease: nothing,
        lines: [key],
      }))
    : [];

function readingsOf(
  { rings }: Pick<Room, 'rings'>,
  load: Load,
  parts: CutParts,
  together: readonly Reading[] = [],
): Reading[] {
  const own = layered(rings, parts).flatMap(({ ring, cloth }) => fitRing(ring, cloth, load, parts));
  const all = [...own, ...together];
  // of the layers that bound a room the tightest decides
  const kinds = new Map<string, Reading>();
  for (const reading of all) {
    const key = `${reading.direction} ${reading.lines?.join() ?? ''}`;
    const before = kinds.get(key);
    if (!before || left(reading) < left(before) - 1e-9) kinds.set(key, reading);
  }
  return kinds.size === 0 ? [] : [...kinds.values(), ...passing(load)];
}

const left = ({ required, available }: Reading): number => available.value - required.value;

type FitForm = (ring: Ring, cloth: RingCloth, load: Load, parts: CutParts) => Reading[];

/** On a base; parted by stitching, each of its rooms is a tube above the base too. */
const fitBoxedRoom: FitForm = (ring, cloth, load, parts) => {
  const boxed = fitBoxed(ring, cloth, load, parts);
  if (!ring.boxed || ring.boxed.length > 1) return boxed;
  return [...boxed, ...fitTube(ring, cloth, load, parts).filter(({ direction }) => direction === 'across')];
};

/** How a ring is measured, by the form of its walls: the first that it is. */
const forms: readonly [is: (ring: Ring, load: Load) => boolean, FitForm][] = [
  // what goes round the outside
  [({ wraps = false }) => wraps, fitWrapped],
  // two faces with a zipper round their free edge
  [({ walls }) => walls.some(({ roundEnd }) => roundEnd), fitFaced],
  // walls round a zipper
  [(_, { aroundZipper = false }) => aroundZipper, fitZippedTube],
  // a round one with its floor, and the halves of a case
  [({ walls, floor }) => floor !== undefined && walls.length === 1, fitRound],
  [({ walls, floor }) => floor !== undefined && walls.length < 3, fitCase],
  // pleats that fan out, pleats, and walls all round
  [({ fans = false }) => fans, fitFan],
  [({ walls }) => walls.length > 2 && walls.some(({ pleated }) => pleated), fitCompartment],
  [({ walls }) => walls.length > 2, fitBox],
  // a strap or a front on a back that stays flat
  [({ walls }) => walls.some(({ flat }) => flat), fitFlatBack],
  // a boxed bag
  [({ walls, corners = [] }) => walls.length > 1 && corners.length > 0, fitBoxedRoom],
];

/** A front and a back that both give, if it is nothing else. */
const formOf = (ring: Ring, load: Load): FitForm => forms.find(([is]) => is(ring, load))?.[1] ?? fitTube;

const fitRing: FitForm = (ring, cloth, load, parts) => formOf(ring, load)(ring, cloth, load, parts);

/** @param open how things stand in such a room is told too */
function told({ id }: Room, load: Load, readings: readonly Reading[], open?: OpenRoom): FittedClearance[] {
  const [, holder = id] = id.split('/');
  const seen = new Set<string>();
  return load.things.flatMap((thing) => {
    const { line, name, key } = thing;
    // several of one line in one room have one verdict
    if (seen.has(key)) return [];
    seen.add(key);
    const own = readings.filter(({ lines }) => !lines || lines.includes(key) || lines.includes(ALL));
    return own.map((reading) => {
      const { direction, required, available, ease } = reading;
      const clearance = clearanceOf({ holder, line, name, direction, required, available, ease: ease.value });
      const held = direction === 'deep' ? open?.contents(line) : undefined;
      const standing = open && held && standingOf(thing, reading, open.grips ? own : [], held);
      return { ...clearance, room: id, ...(standing && { standing }) };
    });
  });
}
