import { kindOf } from '../document/kind-of.ts';
import type { BodyInputs, FaceSpec, Hosts, SizedFace } from '../bodies/body-kind.ts';
import { holdersIn, type Arrangement, type DesignDocument, type Role } from '../document/design-document.ts';
import { arrange, sharedRooms, type Room } from '../faces/arrange.ts';
import type { MeasuredHolders } from '../faces/measure.ts';
import type { FittedClearance } from '../fit/clearance.ts';
import type { HolderKind, MeasuredHolder, PlacedHolder, StackReach } from '../holders/holder-kind.ts';
import type { Seat, Side } from '../holders/seat.ts';
import { sewnPocketOf, type SewnPocket } from '../holders/sewn-pocket.ts';
import type { Contribution } from '../pieces/contribution.ts';
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
  return new Map(
    document.holders.flatMap(({ id, kind, params }): [string, MeasuredHolder][] => {
      const contents = held.get(id) ?? [];
      const family = kindOf(kinds.holders, kind);
      if (!family || contents.length === 0 || misplaced(id, family, document, specs)) return [];
      const on = liesOn(id, document, specs, held, kinds);
      const measure = (watched: BodyInputs, host = watched) =>
        family.measure(params, contents, { ...watched, id, ...(on && { host: host.reach[on.cloth] }) });
      // without a memo nobody asks again, and layers of their own are asked for anew: nothing is watched
      if (!memo || inputs.byPart)
        return [[id, measure(forPart(inputs, `holders/${id}`), forPart(inputs, on?.part ?? 'body'))]];
      return [[id, remembered(memo, { id, kind, params, contents, on: on?.cloth }, inputs, (it) => measure(it))]];
    }),
  );
}

/** What a holder is sewn onto that is not the inside of its body: the outside, or the panel of another holder; and the part that it
 * belongs to. */
function liesOn(
  id: string,
  document: DesignDocument,
  specs: readonly FaceSpec[],
  held: Resolved['held'],
  kinds: Kinds,
): { cloth: keyof StackReach; part: string } | undefined {
  const face = specs.find((each) => seatedOn(id, each, document));
  if (face?.outside) return { cloth: 'outside', part: 'body' };
  const there = (each: string) => (held.get(each)?.length ?? 0) > 0;
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
export const hostsOf = (document: DesignDocument, measured: MeasuredHolders, kinds: Kinds): Hosts =>
  Object.fromEntries(
    Object.keys(document.faces).map((face) => {
      const host = panelOn(face, document, (id) => measured.has(id), kinds);
      return [face, host && `holders/${host.id}/panel`];
    }),
  );

/** A placed holder with what it brings, and what it is once the fitting has said what its things clear. */
export interface PlacedPart {
  contribution: Contribution;
  /** What it is to what closes it; nothing if it is no pocket on a face. */
  pocket(): SewnPocket | undefined;
  withClearances(fitted: readonly FittedClearance[]): SolvedHolder;
}

/** Gives every holder its seat on its face.
 * @param unpinned holders that a pin made smaller, as they would be without it */
export function placeHolders(
  document: DesignDocument,
  faces: SizedFace[],
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
      return {
        contribution,
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
