import { kindOf } from '../document/kind-of.ts';
import type { BodyInputs, FaceSpec, Hosts, SizedFace } from '../bodies/body-kind.ts';
import {
  holdersIn,
  type Arrangement,
  type DesignDocument,
  type HolderEntry,
  type Role,
} from '../document/design-document.ts';
import { board, boardFace, type BoardPlan } from '../bodies/board-plan.ts';
import { arrange, sharedRooms, type Room } from '../faces/arrange.ts';
import { sum } from '../derived/derived.ts';
import { measureFace, type MeasuredHolders } from '../faces/measure.ts';
import type { FittedClearance } from '../fit/clearance.ts';
import type {
  HolderInputs,
  HolderKind,
  MeasuredHolder,
  PlacedHolder,
  RoomFront,
  StackReach,
} from '../holders/holder-kind.ts';
import type { PlacedFace, SewnOnFaces } from '../holders/own-faces.ts';
import type { Seat, Side } from '../holders/seat.ts';
import { sewnPocketOf, type SewnPocket } from '../holders/sewn-pocket.ts';
import type { Contribution } from '../pieces/contribution.ts';
import { faceOfHolder } from '../kinds/faces-of.ts';
import type { Kinds } from '../kinds/kind-set.ts';
import { remembered, type SolveMemo } from './memo.ts';
import { forPart, type Inputs } from './own-stacks.ts';
import type { Resolved } from './resolve.ts';
import type { SolvedHolder } from './solution.ts';

/** Measures every holder that has something to hold; empty and unknown ones, and those that cannot sit where they are, are
 * left out (see checkPlaces). */
export function measureHolders(
  document: DesignDocument,
  specs: readonly FaceSpec[],
  held: Resolved['held'],
  inputs: Inputs,
  kinds: Kinds,
  memo?: SolveMemo,
): MeasuredHolders {
  const measured = new Map<string, MeasuredHolder>();
  const fronts = roomFronts(document, specs, (id) => (held.get(id)?.length ?? 0) > 0, kinds);
  for (const { id, kind, params } of carriedFirst(document, specs)) {
    const contents = held.get(id) ?? [];
    const family = kindOf(kinds.holders, kind);
    if (!family || contents.length === 0 || misplaced(id, family, document, specs)) continue;
    const on = liesOn(id, document, specs, held, fronts, kinds);
    const sewnOn = sewnOnFaces(id, document, specs, measured);
    const before = fronts.get(id);
    const isFront = isFrontIn(fronts, id);
    const measure = (watched: BodyInputs, host = watched) =>
      family.measure(params, contents, {
        ...watched,
        id,
        ...(on && { host: host.reach[on.cloth] }),
        ...(sewnOn && { sewnOn }),
        ...(before && { front: frontFor(before, inputs) }),
        ...(isFront && { isFront }),
      });
    // without a memo nobody asks again, and layers of their own, or what is sewn on or lies before it, are asked for anew: nothing is
    // watched
    const afresh = !memo || inputs.byPart !== undefined || sewnOn !== undefined || before !== undefined || isFront;
    measured.set(
      id,
      afresh
        ? measure(forPart(inputs, `holders/${id}`), forPart(inputs, on?.part ?? 'body'))
        : remembered(memo, { id, kind, params, contents, on: on?.cloth }, inputs, (it) => measure(it)),
    );
  }
  return measured;
}

/** Holders on the faces of others before those that carry them. */
function carriedFirst({ holders, faces }: DesignDocument, specs: readonly FaceSpec[]): readonly HolderEntry[] {
  const carried = new Set(specs.flatMap(({ id, of }) => (of && faces[id] ? holdersIn(faces[id]) : [])));
  if (carried.size === 0) return holders;
  return [...holders.filter(({ id }) => carried.has(id)), ...holders.filter(({ id }) => !carried.has(id))];
}

/** What is sewn onto the faces of a holder, by the ids that it gives them; nothing where nothing is. */
function sewnOnFaces(
  holder: string,
  { faces }: DesignDocument,
  specs: readonly FaceSpec[],
  measured: MeasuredHolders,
): SewnOnFaces | undefined {
  const own = specs.flatMap(({ id, of }) => {
    const face = of?.holder === holder ? measureFace(id, faces[id], measured) : undefined;
    return face?.occupied ? [[of!.face, face] as const] : [];
  });
  return own.length > 0 ? Object.fromEntries(own) : undefined;
}

/** What a holder is sewn onto that is not the inside of its body: the outside, or the panel of another holder; and the part that it
 * belongs to. */
function liesOn(
  id: string,
  document: DesignDocument,
  specs: readonly FaceSpec[],
  held: Resolved['held'],
  fronts: RoomFronts,
  kinds: Kinds,
): { cloth: keyof StackReach; part: string } | undefined {
  const face = specs.find((each) => seatedOn(id, each, document));
  if (face?.outside) return { cloth: 'outside', part: 'body' };
  if (face?.of) return { cloth: 'onPocket', part: `holders/${face.of.holder}` };
  const there = (each: string) => (held.get(each)?.length ?? 0) > 0 && !fronts.has(each);
  const [panel] = (face?.upon ?? []).flatMap((under) => panelOn(under, document, there, kinds) ?? []);
  // what is sewn onto a panel lies on its right side
  return panel && { cloth: panel.cloth === 'pocket' ? 'onPocket' : panel.cloth, part: `holders/${panel.id}` };
}

/** The first holder of a face whose panel others may be sewn onto, and the role of its cloth.
 * @param there whether a holder is made */
function panelOn(
  face: string,
  document: DesignDocument,
  there: (id: string) => boolean,
  kinds: Kinds,
): { id: string; cloth: Role } | undefined {
  const arrangement = document.faces[face];
  return (arrangement ? holdersIn(arrangement) : []).filter(there).flatMap((id) => {
    const kind = document.holders.find((each) => each.id === id)?.kind;
    const cloth = kind === undefined ? undefined : kindOf(kinds.holders, kind)?.panel;
    return cloth ? [{ id, cloth }] : [];
  })[0];
}

/** Whether a holder lies on a face that has no seat for it. */
const misplaced = (id: string, { seats }: HolderKind, document: DesignDocument, specs: readonly FaceSpec[]): boolean =>
  specs.some((face) => !seats.includes(face.seat) && seatedOn(id, face, document));

const seatedOn = (id: string, face: FaceSpec, { faces }: DesignDocument): boolean =>
  face.id in faces && holdersIn(faces[face.id]!).includes(id);

/** The panel of a face's first holder: others may be sewn onto it. */
export function hostsOf(
  document: DesignDocument,
  specs: readonly FaceSpec[],
  measured: MeasuredHolders,
  kinds: Kinds,
): Hosts {
  const fronts = roomFronts(document, specs, (id) => measured.has(id), kinds);
  return Object.fromEntries(
    Object.keys(document.faces).map((face) => {
      const host = panelOn(face, document, (id) => measured.has(id) && !fronts.has(id), kinds);
      return [face, host && `holders/${host.id}/panel`];
    }),
  );
}

/** Rooms without a front of their own, and what is that. */
type RoomFronts = ReadonlyMap<string, { by: string; front: RoomFront }>;

/** @param there whether a holder is made */
function roomFronts(
  document: DesignDocument,
  specs: readonly FaceSpec[],
  there: (id: string) => boolean,
  kinds: Kinds,
): RoomFronts {
  const fronts = new Map<string, { by: string; front: RoomFront }>();
  for (const { id, kind, params } of document.holders) {
    if (!there(id) || !kindOf(kinds.holders, kind)?.takesFront?.(params)) continue;
    const behind = specs.find((each) => seatedOn(id, each, document));
    const before = specs.find(({ upon }) => behind && upon?.[0] === behind.id);
    const lying = before && document.faces[before.id];
    const by = lying?.kind === 'holder' && there(lying.id) && document.holders.find((each) => each.id === lying.id);
    const front = by && kindOf(kinds.holders, by.kind)?.roomFront?.(by.id, by.params);
    if (front) fronts.set(id, { by: by.id, front });
  }
  return fronts;
}

const isFrontIn = (fronts: RoomFronts, id: string): boolean =>
  fronts.size > 0 && [...fronts.values()].some(({ by }) => by === id);

/** The same with how far it is to the outermost of its layers, which are its own. */
function frontFor({ by, front }: { by: string; front: RoomFront }, inputs: Inputs): HolderInputs['front'] {
  const { stacks, reach } = forPart(inputs, `holders/${by}`);
  return { ...front, reach: sum('front, to its outermost layer', [stacks.lining, reach.pocket]) };
}

/** A placed holder with what it brings, and what it is once the fitting has said what its things clear. */
export interface PlacedPart {
  contribution: Contribution;
  /** Faces of its own, and the sides of them as the maker looks at them. */
  faces: SizedFace[];
  boards: BoardPlan[];
  /** What it is to what closes it; nothing if it is no pocket on a face. */
  pocket(): SewnPocket | undefined;
  withClearances(fitted: readonly FittedClearance[]): SolvedHolder;
}

/** Gives every holder its seat on its face. Those on faces of others come first: they are sewn on while those are flat.
 * @param unpinned holders that a pin made smaller, as they would be without it */
export function placeHolders(
  document: DesignDocument,
  faces: readonly SizedFace[],
  sized: Record<'measured' | 'unpinned', MeasuredHolders>,
  inputs: Inputs,
  kinds: Kinds,
): PlacedPart[] {
  const placed = placeOn(document, faces, sized, inputs, kinds);
  const carried = placed.flatMap((part) => part.faces);
  return carried.length > 0 ? [...placeHolders(document, carried, sized, inputs, kinds), ...placed] : placed;
}

function placeOn(
  document: DesignDocument,
  faces: readonly SizedFace[],
  { measured, unpinned }: Record<'measured' | 'unpinned', MeasuredHolders>,
  inputs: Inputs,
  kinds: Kinds,
): PlacedPart[] {
  return faces.flatMap((face) => {
    const arrangement: Arrangement | undefined = document.faces[face.id];
    if (!arrangement) return [];
    const rooms = arrange(arrangement, face.room, measured, `faces/${face.id}`);
    const shared = sharedRooms(arrangement, face.room, measured);
    return [...rooms].map(([id, room]) => {
      const entry = document.holders.find((holder) => holder.id === id)!;
      const family = kindOf(kinds.holders, entry.kind)!;
      const own = { ...forPart(inputs, `holders/${id}`), id };
      const seat = { ...seatOf(face, room), ...(arrangement.kind === 'holder' && { alone: true }) };
      const made = family.place(measured.get(id)!, seat, own);
      const whole = unpinned.get(id);
      const placed = whole ? asTheyAre(made, family.place(whole, seat, own)) : made;
      const contribution = family.contribute(placed, own);
      const carries = (family.placeFaces?.(placed) ?? []).map((given) => ({ given, sized: faceOn(id, given) }));
      return {
        contribution,
        faces: carries.map((each) => each.sized),
        boards: carries.map((each) => boardOn(family, id, each.given, placed)),
        pocket: () => sewnPocketOf(placed, contribution),
        withClearances: (fitted): SolvedHolder => ({
          ...placed,
          face: face.id,
          title: family.title,
          clearances: fitted.filter(({ holder }) => holder === id),
          ...(shared.has(id) && { shares: shared.get(id)! }),
        }),
      };
    });
  });
}

/** A face of a holder as holders sit on those of a body. */
const faceOn = (holder: string, { id, host, x, y, width, height, edges }: PlacedFace): SizedFace => ({
  id: faceOfHolder(holder, id),
  seat: 'wall',
  host,
  room: { x, y, width, height, towards: 'middle' },
  edges,
});

/** Its board: the piece from where the face begins up to the mouth of its holder. */
function boardOn(
  { faces }: HolderKind,
  holder: string,
  { id, x, y, width, high }: PlacedFace,
  { sizes }: PlacedHolder,
): BoardPlan {
  const own = faceOfHolder(holder, id);
  const title = faces!.find((face) => face.id === id)!.board(holder);
  return board(
    { id: own, title, ground: 'pocket' },
    { width: width.value, height: sizes[high]!.value },
    [boardFace(own, { dx: -x, dy: -y })],
    { up: { path: `holders/${holder}/${high}` } },
  );
}

/** A holder with its things as large as they are, where a pinned size makes it smaller than they ask. */
function asTheyAre(made: PlacedHolder, whole: PlacedHolder): PlacedHolder {
  const things = made.things.map((thing, index) => {
    const { width, height, radius } = whole.things[index] ?? thing;
    return { ...thing, x: thing.x + (thing.width - width) / 2, width, height, radius };
  });
  const slabs = made.slabs.map((slab, index) => ({ ...slab, thickness: (whole.slabs[index] ?? slab).thickness }));
  return { ...made, things, slabs };
}

/** Edges that lie on the edge of the face share its fate; the others are stitched on. */
function seatOf({ id, room, edges, seat, ...gives }: SizedFace, { x, y, width, height }: Room): Seat {
  const touches: Record<Side, boolean> = {
    left: near(x, room.x),
    right: near(x + width.value, room.x + room.width.value),
    bottom: near(y, room.y),
    top: near(y + height.value, room.y + room.height.value),
  };
  const fate = (side: Side) => (touches[side] ? edges[side] : ({ kind: 'stitchedOn' } as const));
  const fates = { left: fate('left'), right: fate('right'), bottom: fate('bottom'), top: fate('top') };
  // what a face of a kind gives is what a seat of that kind has
  return { ...gives, kind: seat, face: id, x, y, width, height, edges: fates } as Seat;
}

const near = (a: number, b: number): boolean => Math.abs(a - b) < 1e-6;
