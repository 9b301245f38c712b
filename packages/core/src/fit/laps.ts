import { nothing } from '../derived/constants.ts';
import {
  byRule,
  halfOf,
  largest,
  minus,
  readFromCut,
  sum,
  times,
  type Addend,
  type Derived,
  type Rule,
} from '../derived/derived.ts';
import type { Lap } from '../pieces/lap.ts';
import type { Ring, Room } from '../pieces/room.ts';
import type { CutParts } from './cut-parts.ts';
import type { Fitting } from './fitting.ts';
import { lyingOn } from './lying-on.ts';
import { sewnOnto } from './on-walls.ts';
import { pilesIn } from './piles.ts';
import { layered } from './layered.ts';
import { farthest } from './load.ts';
import type { Pile } from './things.ts';
import { belowMouth, rowsIn, thickUpTo, upright } from './together.ts';
import { turned } from './tube.ts';

/** Where the fastener of what goes over the edge comes to lie, and where its mate lies: below the edge of the front, mm. */
export interface FittedLap {
  lap: Lap;
  full: Derived;
  empty: Derived;
  mate: Derived;
}

/** What is told of a closure once it is laid over: how much further it reaches when the piece is empty. mm
 * @param id of the closure or part */
export function driftOf(id: string, laps: readonly FittedLap[]): Record<'drift', Derived> | undefined {
  const own = laps.find(({ lap }) => lap.id === id);
  return own && { drift: sum('drift', [own.empty, minus(own.full)]) };
}

const overRule: Rule = {
  id: 'fitting',
  formula: '(thickness at the edge + its own) × 1, or × π/2 if it is round',
  source: 'geometry: cloth going over the edge of the closed piece',
};
const FACTOR = { square: 1, rounded: Math.PI / 2 } as const;

/** Where the fastener of everything that goes over an edge comes to lie, read from the pieces. */
export function fitLaps(fitting: Fitting, parts: CutParts): FittedLap[] {
  return fitting.laps.flatMap((lap): FittedLap[] => {
    const { id, behind, layers, piece, double, cap, base, tip, mate: to } = lap;
    const long = parts.fromMark(`${lap.name}, from where it is sewn on to its fastener`, piece, cap, base);
    const below = parts.fromMark('from the edge to the mate', to.piece, to.mark, to.edge);
    const mate = below && fromEnd(lap, below, fitting, parts);
    if (!long || !mate) return [];
    const end = parts.fromMark('from its fastener to its end', piece, cap, tip);
    const up = behind ? [minus(parts.between('below the edge', behind, behind.line, behind.edge))] : [];
    const own = parts.cloth({ piece, layers, ...(double && { double }) }).thick;
    const beneath = beneathLap(lap, mate.value + (end?.value ?? 0), fitting, parts);
    const over = (thick: Derived) => overEdgeOf(lap, thick, own);
    const lies = (state: 'full' | 'empty', thick: Derived, proud: Derived) =>
      sum(`fastener of ${id} below the edge, ${state}`, [long, ...up, times(-2, proud), minus(over(thick))]);
    return [
      { lap, mate, full: lies('full', beneath.full, beneath.proud), empty: lies('empty', beneath.empty, nothing) },
    ];
  });
}

const overEdgeOf = ({ over }: Lap, beneath: Derived, own: Derived): Derived =>
  byRule(overRule, 'over the edge', FACTOR[over] * (beneath.value + own.value), [beneath, own]);

/** How much of what goes over an edge lies over that, from where it is sewn on to where it lies flat on the front: full. mm */
export function overRootOf(lap: Lap, fitting: Fitting, parts: CutParts): Derived {
  const own = parts.cloth({ piece: lap.piece, layers: lap.layers }).thick;
  return overEdgeOf(lap, beneathLap(lap, 0, fitting, parts).full, own);
}

interface Beneath {
  full: Derived;
  empty: Derived;
  /** How far things stand out above the edge. */
  proud: Derived;
}

/** How thick it is at the edge: both walls, what keeps them apart there, and what is sewn onto the front as far as the lap goes down.
 * What does not lean together is as thick there as it is at all. */
function beneathLap(lap: Lap, down: number, fitting: Fitting, parts: CutParts): Beneath {
  const { rings, mate, end } = lap;
  if (end) return beneathEnd(end, lap, fitting, parts);
  if (!rings) return { ...fitting.closed, proud: nothing };
  const walls = layered(rings, parts).flatMap(({ cloth }) => cloth.walls);
  const reach = farthest(walls);
  const at = [
    ...standing(rings.at(-1)!, fitting, reach, parts),
    ...fitting.rooms.filter(({ hangs }) => hangs).flatMap((room) => hanging(room, fitting, rings, parts)),
  ];
  const onto = onFront(mate, down, fitting, parts);
  const layers = walls.map(({ thick }) => thick);
  return {
    full: sum('at the mouth, full', [
      ...layers,
      largest('apart at the mouth', [nothing, ...at.map(({ gap }) => gap)]),
      ...onto.full,
    ]),
    empty: sum('at the mouth, empty', [...layers, ...onto.empty]),
    proud: largest('out of the mouth', [nothing, ...at.map(({ proud }) => proud)]),
  };
}

/** The pocket whose front is a piece. */
const pocketWith = (front: string, { rooms }: Fitting): Room | undefined =>
  rooms.find(({ rings: [ring] }) => ring?.walls[0]?.piece === front);

/** A mate on a pocket lies so much further from the edge or the end of the front as the mouth of that does. */
function fromEnd({ end, mate }: Lap, below: Derived, fitting: Fitting, parts: CutParts): Derived {
  const edge = (mate.on ?? end)?.edge;
  const back = edge && pocketWith(mate.piece, fitting)?.rings[0]!.walls[1];
  if (!back) return below;
  const sides = [back.left, back.right].map((line) => parts.below(back, line, edge));
  return sum('from the edge of the front to the mate', [
    readFromCut('to the mouth of the pocket', Math.min(...sides), back.piece),
    below,
  ]);
}

/** What lies beneath a strap that is caught in a sewn end. */
function beneathEnd({ layers }: NonNullable<Lap['end']>, { mate }: Lap, fitting: Fitting, parts: CutParts): Beneath {
  const wall = parts.cloth({ piece: layers[0]!, layers }).thick;
  const room = pocketWith(mate.piece, fitting);
  const front = room ? [parts.cloth(room.rings[0]!.walls[0]!).thick] : [];
  const things = room ? pilesIn(room, fitting).map(({ thick }) => thick) : [];
  return {
    full: sum('at the end, full', [wall, ...front, ...(things.length > 0 ? [largest('in the pocket', things)] : [])]),
    empty: sum('at the end, empty', [wall, ...front]),
    proud: nothing,
  };
}

const gapRule: Rule = {
  id: 'fitting',
  formula: 'thickness - 2 × cloth above it',
  source: 'geometry: front and back lean together above a thing',
};

interface OverEdge {
  /** What keeps front and back apart at the mouth. */
  gap: Derived;
  proud: Derived;
}

const overEdge = (thick: Derived, above: Derived): OverEdge => ({
  gap: byRule(gapRule, 'apart at the mouth', Math.max(0, thick.value - 2 * Math.max(0, above.value)), [thick, above]),
  proud: byRule(gapRule, 'out of the mouth', Math.max(0, -above.value), [above]),
});

/** Things that stand on the bottom of the bag, between its walls. */
const standing = (ring: Ring, fitting: Fitting, reach: Derived, parts: CutParts): OverEdge[] =>
  stackedIn(
    ring,
    rowsIn(fitting).map(({ piles }) => piles),
    { above: lyingOn(fitting, parts).map(minus), reach },
    parts,
  );

interface Around {
  /** Cloth above the ring, and less than nothing what lies on its base, mm. */
  above: readonly Addend[];
  /** Of what is shut at its top, so that nothing stands out of it: cloth above that, mm. */
  lid?: Derived;
  /** To the outermost layer of its walls, mm. */
  reach: Derived;
  /** What its own cloth adds to the things, mm. */
  cloth?: readonly Derived[];
}

/** At the top of each thing in a ring: all that reaches up to it and lies before or behind it.
 * @param between by the walls that they stand between, what lies in the ring */
function stackedIn(
  ring: Ring,
  between: readonly (readonly Pile[])[],
  { above, lid, reach, cloth = [] }: Around,
  parts: CutParts,
): OverEdge[] {
  const boxed = (ring.corners?.length ?? 0) > 0;
  const high = upright(ring, parts);
  const things = between.flatMap((piles) => piles.flatMap((pile) => pile.things));
  return things.map((thing) => {
    const up = between.flatMap((piles) => thickUpTo(piles, ({ deep }) => deep.value >= thing.deep.value - 1e-9));
    const all = [...cloth, ...up];
    const thick = all.length === 1 ? all[0]! : sum('up to there', all);
    const below = boxed ? [reach] : [halfOf('half of its thickness', thick), turned('cloth under it', 1, reach)];
    const own = sum('cloth above it', [...above, high, minus(thing.deep), ...below.map(minus)]);
    return overEdge(thick, lid ? largest('cloth above it', [own, lid]) : own);
  });
}

/** What hangs between the walls, from where its sides are caught in theirs: its own cloth up to there and what is sewn onto that, and
 * what stands in it. */
function hanging(room: Room, fitting: Fitting, [ring]: readonly Ring[], parts: CutParts): OverEdge[] {
  const above = belowMouth(room, ring!, parts);
  if (!above) return [];
  const [pouch] = room.rings;
  const walls = pouch!.walls.map((each) => parts.cloth(each));
  const pilesOf = (each: Room) => pilesIn(each, fitting);
  const cloth = [
    ...walls.map(({ thick }) => thick),
    ...sewnOnto(pouch!.walls, fitting.rooms, pilesOf, parts).map(({ thick }) => thick),
  ];
  const around = { above: [above], lid: above, reach: farthest(walls), cloth };
  return [overEdge(sum('pouch, empty', cloth), above), ...stackedIn(pouch!, [pilesOf(room)], around, parts)];
}

/** What is sewn onto the front and reaches up to where the lap ends, full and empty. */
function onFront(
  { piece, edge }: Lap['mate'],
  down: number,
  fitting: Fitting,
  parts: CutParts,
): Record<'full' | 'empty', Derived[]> {
  const on = (host: string): Room[] =>
    fitting.rooms.filter(({ underClosure, onto, rings: [ring] }) => {
      const [front, back] = ring?.walls ?? [];
      return (
        !underClosure &&
        (onto?.piece === host || (back?.piece === host && back.rightSide === true && front?.piece !== host))
      );
    });
  const thickOf = (room: Room, full: boolean): number => {
    // behind a window hangs a bag; else the back is what it is sewn to
    const cloth = room.rings[0]!.walls.slice(0, room.onto ? 2 : 1);
    const things = full ? Math.max(0, ...pilesIn(room, fitting).map(({ thick }) => thick.value)) : 0;
    return (
      cloth.reduce((sum, wall) => sum + parts.cloth(wall).thick.value, things) +
      Math.max(0, ...on(cloth[0]!.piece).map((each) => thickOf(each, full)))
    );
  };
  // things stand out of a pocket above its mouth; a strap holds them in their middle
  const topOf = (room: Room): number => {
    const [front, back] = room.rings[0]!.walls;
    const host = room.onto ?? back!;
    const ends = [host.left, host.right].map((line) => parts.whole(host, line, edge));
    // one whose mouth looks to a side has its foot beside it: nothing of it stands out above
    const foot = room.onto ? undefined : back!.base;
    if (foot && parts.whole(host, foot, edge) < Math.min(...ends) + 1e-6) return Math.min(...ends);
    const deep = Math.max(
      0,
      ...pilesIn(room, fitting).flatMap(({ things }) => things.map((thing) => thing.deep.value)),
    );
    if (front!.base && front!.mouth)
      return Math.min(...ends) - Math.max(0, deep - parts.whole(front!, front!.base, front!.mouth));
    const middles = [host.left, host.right].map(
      (line, index) => ends[index]! + parts.along('strap', host.piece, line).value / 2,
    );
    return Math.min(...ends, (middles[0]! + middles[1]!) / 2 - deep / 2);
  };
  const up = on(piece).filter((room) => topOf(room) < down);
  const thickest = (full: boolean): Derived[] =>
    up.length > 0
      ? [byRule(ontoRule, 'sewn onto the front', Math.max(...up.map((room) => thickOf(room, full))), [])]
      : [];
  return { full: thickest(true), empty: thickest(false) };
}

const ontoRule: Rule = { id: 'fitting', formula: 'its cloth and what lies in it', source: 'geometry: layers' };
