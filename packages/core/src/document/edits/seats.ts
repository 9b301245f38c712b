import { facesOfDesign, facesOfHolders, type Faced } from '../../kinds/faces-of.ts';
import type { BodyKind, FaceSpec } from '../../bodies/body-kind.ts';
import { builtInKinds } from '../../kinds/kinds.ts';
import type { Kinds } from '../../kinds/kind-set.ts';
import type { HolderKind } from '../../holders/holder-kind.ts';
import type { SeatKind, Side } from '../../holders/seat.ts';
import {
  holdersIn,
  type Arrangement,
  type ArrangementGroup,
  type DesignDocument,
  type HolderEntry,
} from '../design-document.ts';
import { kindOf } from '../kind-of.ts';
import { limits } from '../limits.ts';

/** Faces that holders share in rows and columns; every other room holds one. */
export const sharedSeats: readonly SeatKind[] = ['leaf', 'wall'];

/** Between holders that come to lie side by side, mm. */
export const GAP = 6;

/** Where a holder may go: onto an empty face, or beside a holder that lies there. */
export interface Spot {
  face: string;
  beside?: { holder: string; side: Side };
}

/** A family of bodies by its id; nothing if there is none. */
export const bodyKind = (id: string, kinds: Kinds = builtInKinds): BodyKind | undefined => kindOf(kinds.bodies, id);

/** The faces of a design: those of its body, and of what closes it. */
export const facesOf = (document: Faced, kinds: Kinds = builtInKinds): FaceSpec[] => facesOfDesign(document, kinds);

/** What a face of a design is called; its id if there is none. */
export const faceTitle = (document: Faced, face: string, kinds: Kinds = builtInKinds): string =>
  facesOf(document, kinds).find(({ id }) => id === face)?.title ?? face;

/** The face that a holder lies on; nothing if it lies on none. */
export const faceOf = ({ faces }: Pick<DesignDocument, 'faces'>, holder: string): string | undefined =>
  Object.keys(faces).find((face) => holdersIn(faces[face]!).includes(holder));

/** A family of holders by its id; nothing if there is none. */
export const holderKind = (id: string, kinds: Kinds = builtInKinds): HolderKind | undefined =>
  kindOf(kinds.holders, id);

/** The seat that a face has for a kind of holder; nothing if it has none. */
export function seatFor(
  document: Faced,
  kind: string,
  face: string,
  kinds: Kinds = builtInKinds,
): SeatKind | undefined {
  const seat = facesOf(document, kinds).find(({ id }) => id === face)?.seat;
  return seat && holderKind(kind, kinds)?.seats.includes(seat) ? seat : undefined;
}

/** Whether a kind of holder may go to a spot. */
export function mayGo(
  document: DesignDocument,
  kind: string,
  { face, beside }: Spot,
  kinds: Kinds = builtInKinds,
): boolean {
  const seat = seatFor(document, kind, face, kinds);
  if (!seat) return false;
  const there = face in document.faces ? document.faces[face] : undefined;
  if (!beside || !there) return !beside && !there && !isTaken(document, face, kinds);
  if (!sharedSeats.includes(seat) || !holdersIn(there).includes(beside.holder)) return false;
  return depthOf(inserted(there, '', beside)) <= limits.nested;
}

/** Whether something lies already where a face is, on another one: both cannot hold something. */
export function isTaken(document: DesignDocument, face: string, kinds: Kinds = builtInKinds): boolean {
  const all = facesOf(document, kinds);
  const holds = (id: string): boolean => document.faces[id] !== undefined;
  const own = all.find(({ id }) => id === face)?.instead ?? [];
  return own.some(holds) || all.some(({ id, instead = [] }) => instead.includes(face) && holds(id));
}

const depthOf = (arrangement: Arrangement): number =>
  arrangement.kind === 'holder' ? 0 : 1 + Math.max(...arrangement.children.map(depthOf));

/** An arrangement with one more holder beside one of its own. */
export function inserted(
  arrangement: Arrangement,
  id: string,
  { holder, side }: NonNullable<Spot['beside']>,
): Arrangement {
  const kind = side === 'left' || side === 'right' ? 'row' : 'column';
  const after = side === 'right' || side === 'top' ? 1 : 0;
  const seated: Arrangement = { kind: 'holder', id };
  if (arrangement.kind === 'holder') {
    if (arrangement.id !== holder) return arrangement;
    return { kind, gap: GAP, share: 'keep', children: after ? [arrangement, seated] : [seated, arrangement] };
  }
  const at = arrangement.children.findIndex((child) => child.kind === 'holder' && child.id === holder);
  if (at >= 0 && arrangement.kind === kind)
    return { ...arrangement, children: arrangement.children.toSpliced(at + after, 0, seated) };
  return { ...arrangement, children: arrangement.children.map((child) => inserted(child, id, { holder, side })) };
}

/** An arrangement of those holders only that stay; nothing if none does. A group of one is that one. */
export function remaining(arrangement: Arrangement, stays: (id: string) => boolean): Arrangement | undefined {
  if (arrangement.kind === 'holder') return stays(arrangement.id) ? arrangement : undefined;
  const children = arrangement.children.flatMap((child) => remaining(child, stays) ?? []);
  if (
    children.length === arrangement.children.length &&
    children.every((child, index) => child === arrangement.children[index])
  )
    return arrangement;
  const [only, ...others] = children;
  return others.length > 0 ? { ...arrangement, children } : only;
}

/** All faces with those holders only that stay. */
export const facesWith = (faces: DesignDocument['faces'], stays: (id: string) => boolean): DesignDocument['faces'] =>
  Object.fromEntries(
    Object.entries(faces).flatMap(([face, arrangement]) => {
      const kept = remaining(arrangement, stays);
      return kept ? [[face, kept]] : [];
    }),
  );

/** A design with those holders only that stay, and are not sewn onto one that goes.
 * @param before the same while all of them hold something, and so have their faces */
export function withHolders(
  before: DesignDocument,
  holders: readonly HolderEntry[],
  kinds: Kinds = builtInKinds,
): DesignDocument {
  const ids = new Set(holders.map(({ id }) => id));
  const gone = facesOfHolders(
    before.holders.filter(({ id }) => !ids.has(id)),
    kinds,
  );
  const sewnOn = new Set(gone.flatMap(({ id }) => (before.faces[id] ? holdersIn(before.faces[id]) : [])));
  const stays = (id: string) => ids.has(id) && !sewnOn.has(id);
  return { ...before, holders: holders.filter(({ id }) => stays(id)), faces: facesWith(before.faces, stays) };
}

/** Seats a holder that has no seat at a spot. */
export function seated(faces: DesignDocument['faces'], id: string, { face, beside }: Spot): DesignDocument['faces'] {
  const there = faces[face];
  return { ...faces, [face]: there && beside ? inserted(there, id, beside) : { kind: 'holder', id } };
}

/** The group that a holder lies in, by the way to it from the top of its face; nothing if it lies alone. */
export function groupOf(
  arrangement: Arrangement,
  holder: string,
): { group: ArrangementGroup; way: number[] } | undefined {
  if (arrangement.kind === 'holder') return undefined;
  const own = arrangement.children.some((child) => child.kind === 'holder' && child.id === holder);
  if (own) return { group: arrangement, way: [] };
  for (const [index, child] of arrangement.children.entries()) {
    const found = groupOf(child, holder);
    if (found) return { group: found.group, way: [index, ...found.way] };
  }
  return undefined;
}

/** An arrangement with the group at the end of a way changed. */
export function withGroup(
  arrangement: Arrangement,
  [next, ...way]: readonly number[],
  change: (group: ArrangementGroup) => ArrangementGroup,
): Arrangement {
  if (arrangement.kind === 'holder') return arrangement;
  if (next === undefined) return change(arrangement);
  return {
    ...arrangement,
    children: arrangement.children.map((child, index) => (index === next ? withGroup(child, way, change) : child)),
  };
}

/** A name for a new holder that none has: A, B, ... */
export function freeLetter({ holders }: Pick<DesignDocument, 'holders'>): string {
  const taken = new Set(holders.map(({ id }) => id));
  for (let index = 0; ; index++) {
    const letter = String.fromCharCode(65 + (index % 26)) + (index < 26 ? '' : String(Math.floor(index / 26)));
    if (!taken.has(letter)) return letter;
  }
}
