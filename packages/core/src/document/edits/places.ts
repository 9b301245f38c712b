import { holdersIn, type DesignDocument } from '../design-document.ts';
import type { FaceSpec } from '../../bodies/body-kind.ts';
import type { HolderKind } from '../../holders/holder-kind.ts';
import type { Side } from '../../holders/seat.ts';
import { builtInKinds } from '../../kinds/kinds.ts';
import type { Kinds } from '../../kinds/kind-set.ts';
import type { Item } from '../../shelves/items/item.ts';
import type { Place } from './arrange.ts';
import { holdersFor } from './place.ts';
import { begun } from './usual.ts';
import { faceOf, facesOf, faceTitle, holderKind, isTaken, mayGo, sharedSeats, type Spot } from './seats.ts';

/** A place that a thing may be put to. */
export interface Candidate {
  /** Tells it from the others of one question. */
  id: string;
  place: Place;
  face: string;
  /** What the holder is or would be, and where: “Slip pocket”, “left leaf”. */
  title: string;
  where: string;
  /** How well it suits, 0 to 1, and the reason. */
  score: number;
  why: string;
}

const sides: readonly Side[] = ['left', 'right', 'top', 'bottom'];
/** The words before a neighbour's name. */
export const sideWords: Readonly<Record<Side, string>> = {
  left: 'left of',
  right: 'right of',
  top: 'above',
  bottom: 'below',
};

/** Everywhere that a thing may be put: into each holder that can hold it, onto each empty face, and beside what lies on the
 * others. The best first.
 * @param line of contents that it belongs to; the holder that has it to itself is no place to go to */
export function placesFor(
  document: DesignDocument,
  item: Item,
  line: string,
  kinds: Kinds = builtInKinds,
): Candidate[] {
  return [...intoHolders(document, item, line, kinds), ...ontoFaces(document, item, line, kinds)].sort(
    (a, b) => b.score - a.score,
  );
}

function intoHolders(document: DesignDocument, item: Item, line: string, kinds: Kinds): Candidate[] {
  const faces = facesOf(document, kinds);
  return document.holders.flatMap(({ id, kind, contents }): Candidate[] => {
    const face = faceOf(document, id);
    const family = holderKind(kind, kinds);
    // what is spread over several holders may be gathered in one of them
    const here = contents.find((entry) => entry.line === line)?.count ?? 0;
    const all = document.contents.find((each) => each.id === line)?.count ?? 0;
    if (!family || face === undefined || (here > 0 && here >= all)) return [];
    const { score, why } = family.suits(item);
    if (score <= 0 || leavesEmpty(document, faces.find((each) => each.id === face)?.of, line)) return [];
    return [
      {
        id: `into-${id}`,
        place: { into: id },
        face,
        title: `${family.title} ${id}`,
        where: faceTitle(document, face, kinds),
        score,
        why,
      },
    ];
  });
}

function ontoFaces(document: DesignDocument, item: Item, line: string, kinds: Kinds): Candidate[] {
  const offered = holdersFor(document, kinds);
  return facesOf(document, kinds).flatMap(({ id: face, title, seat, of }): Candidate[] => {
    if (leavesEmpty(document, of, line)) return [];
    const fitting = offered
      .filter(([, kind]) => kind.seats.includes(seat))
      .filter(([id, kind]) => !of || !kind.behind?.(begun(kinds, 'holders', id)))
      .map(([id, kind]): Option => ({ id, kind, ...kind.suits(item) }))
      .filter(({ score }) => score > 0)
      .sort((a, b) => b.score - a.score);
    const option = ({ id, kind, score, why }: Option, spot: Spot): Candidate => ({
      id: `${id}-${face}${spot.beside ? `-${spot.beside.side}-${spot.beside.holder}` : ''}`,
      place: { kind: id, ...spot },
      face,
      title: kind.title,
      where: spot.beside ? `${sideWords[spot.beside.side]} ${spot.beside.holder}` : title,
      score,
      why,
    });
    const there = document.faces[face];
    if (!there) return isTaken(document, face, kinds) ? [] : fitting.map((each) => option(each, { face }));
    const [best] = fitting;
    if (!best || !sharedSeats.includes(seat)) return [];
    const neighbours = holdersIn(there).filter((id) => !alone(document, id, line));
    return neighbours.flatMap((holder) =>
      sides
        .map((side): Spot => ({ face, beside: { holder, side } }))
        .filter((spot) => mayGo(document, best.id, spot, kinds))
        .map((spot) => option(best, spot)),
    );
  });
}

interface Option {
  id: string;
  kind: HolderKind;
  score: number;
  why: string;
}

/** Whether a holder holds that line only: it goes when the line leaves. */
const alone = ({ holders }: DesignDocument, id: string, line: string): boolean =>
  holders.find((holder) => holder.id === id)?.contents.every((entry) => entry.line === line) ?? false;

/** Whether a face is that of a holder which goes when a line leaves it, and its faces with it. */
const leavesEmpty = (document: DesignDocument, of: FaceSpec['of'], line: string): boolean =>
  of !== undefined && alone(document, of.holder, line);

/** A spot that a holder may be moved to. */
export interface SpotCandidate {
  id: string;
  spot: Spot;
  face: string;
  where: string;
}

/** Everywhere that a holder may be moved to, with all that is in it. */
export function spotsFor(document: DesignDocument, holder: string, kinds: Kinds = builtInKinds): SpotCandidate[] {
  const entry = document.holders.find(({ id }) => id === holder);
  if (!entry) return [];
  const { kind, params } = entry;
  return facesOf(document, kinds).flatMap(({ id: face, title, seat, of }): SpotCandidate[] => {
    if (of && holderKind(kind, kinds)?.behind?.(params)) return [];
    const there = document.faces[face];
    const others = there ? holdersIn(there).filter((id) => id !== holder) : [];
    if (others.length === 0) {
      const spot = { face };
      const free = !there && mayGo(document, kind, spot, kinds);
      return free ? [{ id: face, spot, face, where: title }] : [];
    }
    if (!sharedSeats.includes(seat)) return [];
    return others.flatMap((other) =>
      sides
        .map((side): Spot => ({ face, beside: { holder: other, side } }))
        .filter((spot) => mayGo(document, kind, spot, kinds))
        .map((spot) => ({
          id: `${face}-${spot.beside!.side}-${other}`,
          spot,
          face,
          where: `${sideWords[spot.beside!.side]} ${other}`,
        })),
    );
  });
}
