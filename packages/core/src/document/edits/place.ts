import { kindOf } from '../kind-of.ts';
import type { FaceSpec } from '../../bodies/body-kind.ts';
import type { HolderKind } from '../../holders/holder-kind.ts';
import { builtInKinds } from '../../kinds/kinds.ts';
import type { Kinds } from '../../kinds/kind-set.ts';
import type { Item } from '../../shelves/items/item.ts';
import {
  holdersIn,
  type Arrangement,
  type ContentsLine,
  type DesignDocument,
  type HolderEntry,
  type Reach,
} from '../design-document.ts';
import { facesOf, freeLetter, inserted, isTaken, withHolders } from './seats.ts';
import { begun } from './usual.ts';

/** Below this score a thing is not put into a holder without being asked. */
const SUITS_WELL = 0.5;

/** Puts everything without a home into the holder that suits it best; slots are shared out evenly over the leaves. */
export function placeForMe(
  document: DesignDocument,
  items: readonly Item[],
  kinds: Kinds = builtInKinds,
): DesignDocument {
  const all = [...items, ...document.ownItems];
  const known = { items: all, kinds };
  const byReach = [...document.contents].sort((a, b) => rankOf(a) - rankOf(b));
  return byReach.reduce((design, line) => {
    const left = line.count - heldOf(design, line.id);
    const item = all.find(({ id }) => id === line.item);
    if (!item || left <= 0) return design;
    const shared = holderOfGroup(design, line, item, kinds);
    if (shared) return addToHolder(design, shared, { line, count: left }, known);
    const kind = bestKind(item, document, kinds);
    let placed = design;
    for (let more = left; kind && more > 0; more -= line.perHolder)
      placed = addTo(placed, kind, { line, item, count: Math.min(more, line.perHolder) }, known);
    return placed;
  }, document);
}

/** Finds places for some lines only, and leaves alone what else has none. */
export function placeLines(
  document: DesignDocument,
  lines: readonly string[],
  items: readonly Item[],
  kinds: Kinds = builtInKinds,
): DesignDocument {
  const asked = document.contents.filter(({ id }) => lines.includes(id));
  return { ...placeForMe({ ...document, contents: asked }, items, kinds), contents: document.contents };
}

const ranks: Record<Reach, number> = { often: 0, sometimes: 1, seldom: 2 };
const rankOf = ({ reach = 'sometimes' }: ContentsLine): number => ranks[reach];

/** Where other things of a line's group are held, if it suits this one too. */
function holderOfGroup(
  document: DesignDocument,
  line: ContentsLine,
  item: Item,
  kinds: Kinds,
): HolderEntry | undefined {
  if (line.group === undefined) return undefined;
  const mates = new Set(document.contents.filter(({ group }) => group === line.group).map(({ id }) => id));
  return document.holders.find(
    ({ kind, contents }) =>
      contents.some((entry) => entry.line !== line.id && mates.has(entry.line)) &&
      (kindOf(kinds.holders, kind)?.suits(item).score ?? 0) > 0,
  );
}

/** Some of the things of a line. */
interface Some {
  line: ContentsLine;
  count: number;
}

/** What things and families there are. */
interface Known {
  items: readonly Item[];
  kinds: Kinds;
}

const addToHolder = (document: DesignDocument, holder: HolderEntry, some: Some, known: Known) => ({
  ...document,
  holders: document.holders.map((each) => (each === holder ? put(each, some, document, known) : each)),
});

function heldOf({ holders }: DesignDocument, line: string): number {
  const entries = holders.flatMap(({ contents }) => contents.filter((entry) => entry.line === line));
  return entries.reduce((total, { count }) => total + count, 0);
}

/** The holders that have a seat in a design's body, by id. */
export function holdersFor(document: DesignDocument, kinds: Kinds = builtInKinds): [string, HolderKind][] {
  const seats = facesOf(document, kinds).map(({ seat }) => seat);
  return Object.entries(kinds.holders).filter(([, kind]) => kind.seats.some((seat) => seats.includes(seat)));
}

function bestKind(item: Item, document: DesignDocument, kinds: Kinds): string | undefined {
  const seats = facesUnasked(document, item, kinds);
  const scored = holdersFor(document, kinds)
    .filter(([, kind]) => kind.seats.some((seat) => seats.some((face) => face.seat === seat)))
    .map(([id, kind]) => ({ id, score: kind.suits(item).score }));
  const [best] = scored.sort((a, b) => b.score - a.score);
  return best && best.score >= SUITS_WELL ? best.id : undefined;
}

/** Where a thing may be put without being asked: nothing is sewn onto another holder by itself. */
const facesUnasked = (document: DesignDocument, item: Item, kinds: Kinds): FaceSpec[] =>
  facesOf(document, kinds).filter((face) => !face.of && notTooThick(item, face) && !isTaken(document, face.id, kinds));

/** Whether a face takes so thick a thing without being asked. */
const notTooThick = ({ thickness, compressible = 0 }: Item, { thickest = Infinity }: FaceSpec): boolean =>
  thickness * (1 - compressible) <= thickest;

function addTo(
  document: DesignDocument,
  kind: string,
  { line, item, count }: Some & { item: Item },
  known: Known,
): DesignDocument {
  const { kinds } = known;
  const seats = facesUnasked(document, item, kinds).filter(({ seat }) => kinds.holders[kind]!.seats.includes(seat));
  const places = seats.map((face) => ({ face: face.id, ...placeOn(document, face, kind, kinds) }));
  const [lightest] = places.sort((a, b) => a.load - b.load);
  if (!lightest || lightest.load === Infinity) return document;
  const { face, holder, beside } = lightest;
  if (holder) return addToHolder(document, holder, { line, count }, known);
  const id = freeLetter(document);
  const seated: Arrangement = beside
    ? inserted(document.faces[face]!, id, { holder: beside, side: 'right' })
    : { kind: 'holder', id };
  return {
    ...document,
    holders: [
      ...document.holders,
      { id, kind, params: begun(kinds, 'holders', kind), contents: [{ line: line.id, count }] },
    ],
    faces: { ...document.faces, [face]: seated },
  };
}

/** Common practice: more pockets beside each other make a panel that no hand goes round. */
const MOST_BESIDE = 3;

interface Place {
  /** The holder that takes the thing too, or the one that a new one is put beside. */
  holder?: HolderEntry;
  beside?: string;
  load: number;
}

/** How a face takes a thing: in a holder of its kind, in a new one, or not at all. */
function placeOn(document: DesignDocument, { id, shares }: FaceSpec, kind: string, kinds: Kinds): Place {
  const on = document.faces[id] ? holdersIn(document.faces[id]) : [];
  const holder = document.holders.find((each) => on.includes(each.id) && each.kind === kind);
  const apart = holder && kindOf(kinds.holders, kind)?.shown?.numbered !== undefined;
  const last = on.at(-1);
  // what has no places of their own for its things would pile them
  if (shares && last !== undefined && !apart && on.length < MOST_BESIDE) return { beside: last, load: on.length };
  if (holder) return { holder, load: slotsIn(holder, document) };
  return { load: last === undefined ? 0 : Infinity };
}

function slotsIn({ contents }: HolderEntry, document: DesignDocument): number {
  const shared = (id: string) => document.contents.find((line) => line.id === id)?.perHolder ?? 1;
  return contents.reduce((total, { line, count }) => total + Math.ceil(count / shared(line)), 0);
}

/** What a holder wants first stands first, and else what is reached for more often before what is reached for less. */
function put(
  holder: HolderEntry,
  { line, count }: Some,
  document: DesignDocument,
  { items, kinds }: Known,
): HolderEntry {
  const known = holder.contents.some((entry) => entry.line === line.id);
  if (known) {
    const more = (entry: HolderEntry['contents'][number]) =>
      entry.line === line.id ? { ...entry, count: entry.count + count } : entry;
    return { ...holder, contents: holder.contents.map(more) };
  }
  const first = (each: ContentsLine) => {
    const item = items.find(({ id }) => id === each.item);
    return (item && kindOf(kinds.holders, holder.kind)?.first?.(item)) ?? 0;
  };
  const lineOf = (id: string) => document.contents.find((each) => each.id === id) ?? line;
  const later = (other: ContentsLine) => first(line) - first(other) || rankOf(other) - rankOf(line);
  const behind = holder.contents.findIndex((entry) => later(lineOf(entry.line)) > 0);
  const at = behind < 0 ? holder.contents.length : behind;
  return { ...holder, contents: holder.contents.toSpliced(at, 0, { line: line.id, count }) };
}

/** Takes a line out of all holders; holders left empty go, and so do their places and what is sewn onto them.
 * @param but a holder that is left as it is, even if it is empty */
export function takeOut(
  document: DesignDocument,
  line: string,
  { but, kinds = builtInKinds }: { but?: string; kinds?: Kinds | undefined } = {},
): DesignDocument {
  const holders = document.holders
    .map((holder) =>
      holder.id === but ? holder : { ...holder, contents: holder.contents.filter((entry) => entry.line !== line) },
    )
    .filter(({ id, contents }) => id === but || contents.length > 0);
  return withHolders(document, holders, kinds);
}
