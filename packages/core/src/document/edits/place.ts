import { kindOf } from '../kind-of.ts';
import type { FaceSpec } from '../../bodies/body-kind.ts';
import { bodyKinds, type BodyKinds } from '../../bodies/body-kinds.ts';
import type { HolderKind } from '../../holders/holder-kind.ts';
import { holderKinds, type HolderKinds } from '../../holders/holder-kinds.ts';
import type { Item } from '../../shelves/items/item.ts';
import {
  holdersIn,
  type Arrangement,
  type ContentsLine,
  type DesignDocument,
  type HolderEntry,
} from '../design-document.ts';

/** Below this score a thing is not put into a holder without being asked. */
const SUITS_WELL = 0.5;

/** Puts everything without a home into the holder that suits it best; slots are shared out evenly over the leaves. */
export function placeForMe(document: DesignDocument, items: readonly Item[]): DesignDocument {
  const all = [...items, ...document.ownItems];
  return document.contents.reduce((design, line) => {
    const item = all.find(({ id }) => id === line.item);
    const kind = item && bestKind(item, document);
    if (!kind) return design;
    let placed = design;
    for (let left = line.count - heldOf(design, line.id); left > 0; left -= line.perHolder)
      placed = addTo(placed, kind, line, Math.min(left, line.perHolder));
    return placed;
  }, document);
}

function heldOf({ holders }: DesignDocument, line: string): number {
  const entries = holders.flatMap(({ contents }) => contents.filter((entry) => entry.line === line));
  return entries.reduce((total, { count }) => total + count, 0);
}

/** The faces of the design's body. */
function facesOf({ body }: DesignDocument): FaceSpec[] {
  const bodies: BodyKinds = bodyKinds;
  return kindOf(bodies, body.kind)?.faces(body.params) ?? [];
}

/** The holders that have a seat in a design's body, by id. */
export function holdersFor(document: DesignDocument): [string, HolderKind][] {
  const seats = facesOf(document).map(({ seat }) => seat);
  const kinds: HolderKinds = holderKinds;
  return Object.entries(kinds).filter(([, kind]) => kind.seats.some((seat) => seats.includes(seat)));
}

function bestKind(item: Item, document: DesignDocument): string | undefined {
  const scored = holdersFor(document).map(([id, kind]) => ({ id, score: kind.suits(item).score }));
  const [best] = scored.sort((a, b) => b.score - a.score);
  return best && best.score >= SUITS_WELL ? best.id : undefined;
}

function addTo(document: DesignDocument, kind: string, line: ContentsLine, count: number): DesignDocument {
  const kinds: HolderKinds = holderKinds;
  const seats = facesOf(document).filter(({ seat }) => kinds[kind]!.seats.includes(seat));
  const places = seats.map(({ id: face }) => {
    const on = face in document.faces ? holdersIn(document.faces[face]!) : [];
    const holder = document.holders.find(({ id, kind: other }) => on.includes(id) && other === kind);
    return { face, holder, load: holder ? slotsIn(holder, document) : on.length > 0 ? Infinity : 0 };
  });
  const [lightest] = places.sort((a, b) => a.load - b.load);
  if (!lightest || lightest.load === Infinity) return document;
  const { face, holder } = lightest;
  if (holder)
    return {
      ...document,
      holders: document.holders.map((each) => (each === holder ? put(each, line.id, count) : each)),
    };
  const id = freeLetter(document);
  const seated: Arrangement = { kind: 'holder', id };
  return {
    ...document,
    holders: [...document.holders, { id, kind, params: {}, contents: [{ line: line.id, count }] }],
    faces: { ...document.faces, [face]: seated },
  };
}

function slotsIn({ contents }: HolderEntry, document: DesignDocument): number {
  const shared = (id: string) => document.contents.find((line) => line.id === id)?.perHolder ?? 1;
  return contents.reduce((total, { line, count }) => total + Math.ceil(count / shared(line)), 0);
}

function put(holder: HolderEntry, line: string, count: number): HolderEntry {
  const known = holder.contents.some((entry) => entry.line === line);
  const contents = known
    ? holder.contents.map((entry) => (entry.line === line ? { line, count: entry.count + count } : entry))
    : [...holder.contents, { line, count }];
  return { ...holder, contents };
}

function freeLetter({ holders }: DesignDocument): string {
  const taken = new Set(holders.map(({ id }) => id));
  for (let index = 0; ; index++) {
    const letter = String.fromCharCode(65 + (index % 26)) + (index < 26 ? '' : String(Math.floor(index / 26)));
    if (!taken.has(letter)) return letter;
  }
}

/** Takes a line out of all holders; holders left empty go, and so do their places. */
export function takeOut(document: DesignDocument, line: string): DesignDocument {
  const holders = document.holders
    .map((holder) => ({ ...holder, contents: holder.contents.filter((entry) => entry.line !== line) }))
    .filter(({ contents }) => contents.length > 0);
  const stays = new Set(holders.map(({ id }) => id));
  const faces = Object.fromEntries(
    Object.entries(document.faces).flatMap(([face, arrangement]) => {
      const kept = prune(arrangement, stays);
      return kept ? [[face, kept]] : [];
    }),
  );
  return { ...document, holders, faces };
}

function prune(arrangement: Arrangement, stays: Set<string>): Arrangement | undefined {
  if (arrangement.kind === 'holder') return stays.has(arrangement.id) ? arrangement : undefined;
  const children = arrangement.children.flatMap((child) => prune(child, stays) ?? []);
  return children.length > 0 ? { ...arrangement, children } : undefined;
}
