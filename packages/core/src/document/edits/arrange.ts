import type {
  ArrangementGroup,
  ContentsLine,
  DesignDocument,
  HolderEntry,
  Params,
  SharePolicy,
} from '../design-document.ts';
import type { Kinds } from '../../kinds/kind-set.ts';
import { limits } from '../limits.ts';
import type { Edit } from './edit.ts';
import {
  faceOf,
  facesWith,
  freeLetter,
  groupOf,
  holderKind,
  mayGo,
  seated,
  seatFor,
  withGroup,
  withHolders,
  type Spot,
} from './seats.ts';
import { takeOut } from './place.ts';
import { begun } from './usual.ts';

/** Where things may be put: into a holder, or into a new one of a kind. */
export type Place = { into: string } | ({ kind: string } & Spot);

/** Puts all things of a line at a place; they leave where they were. What cannot be is left as it is. */
export function putThings({ id, count }: Pick<ContentsLine, 'id' | 'count'>, name: string, place: Place): Edit {
  return {
    name: `Put ${name} ${'into' in place ? `into ${place.into}` : 'into a place of its own'}`,
    apply(document, kinds) {
      const held = { line: id, count };
      if ('into' in place) {
        if (!document.holders.some((holder) => holder.id === place.into)) return document;
        const left = takeOut(document, id, { but: place.into, kinds });
        // what is sewn onto a holder goes with it
        if (!left.holders.some((holder) => holder.id === place.into)) return document;
        const holders = left.holders.map((holder) =>
          holder.id === place.into ? { ...holder, contents: withHeld(holder.contents, held) } : holder,
        );
        return { ...left, holders };
      }
      const left = takeOut(document, id, { kinds });
      const { kind, ...wished } = place;
      // the neighbour may have gone with what it held
      const gone = wished.beside && !left.holders.some((holder) => holder.id === wished.beside!.holder);
      const spot = gone ? { face: wished.face } : wished;
      if (!mayGo(left, kind, spot, kinds) || left.holders.length >= limits.lines) return document;
      const letter = freeLetter(left);
      const holder: HolderEntry = { id: letter, kind, params: begun(kinds, 'holders', kind), contents: [held] };
      return { ...left, holders: [...left.holders, holder], faces: seated(left.faces, letter, spot) };
    },
  };
}

/** Held things with a line at the end, or where it was. */
function withHeld(contents: HolderEntry['contents'], held: HolderEntry['contents'][number]): HolderEntry['contents'] {
  const at = contents.findIndex(({ line }) => line === held.line);
  return at < 0 ? [...contents, held] : contents.with(at, held);
}

/** Takes things of a line out of their holders; they stay on the list, without a home. */
export const leaveOut = (line: string, name: string): Edit => ({
  name: `Take ${name} out`,
  apply: (document, kinds) => takeOut(document, line, { kinds }),
});

/** Takes a holder away, with what is sewn onto it; what they held is without a home. */
export const removeHolder = (id: string, title: string): Edit => ({
  name: `Take ${title} ${id} away`,
  apply: (document, kinds) => ({
    ...withHolders(
      document,
      document.holders.filter((holder) => holder.id !== id),
      kinds,
    ),
    ...withoutPins(document, id),
  }),
});

function withoutPins({ pins }: DesignDocument, holder: string): Pick<DesignDocument, 'pins'> {
  if (!pins) return {};
  return { pins: Object.fromEntries(Object.entries(pins).filter(([path]) => !path.startsWith(`holders/${holder}/`))) };
}

/** Moves a holder with all that is in it; where it cannot go it stays. */
export const moveHolder = (id: string, title: string, spot: Spot): Edit => ({
  name: `Move ${title} ${id}`,
  apply(document, kinds) {
    const holder = document.holders.find((each) => each.id === id);
    if (!holder || spot.beside?.holder === id) return document;
    const left = { ...document, faces: facesWith(document.faces, (other) => other !== id) };
    if (!mayGo(left, holder.kind, spot, kinds)) return document;
    return { ...left, faces: seated(left.faces, id, spot) };
  },
});

/** Two holders change their places, each with all that is in it, if both may be where the other was. */
export const swapHolders = (a: string, b: string): Edit => ({
  name: `Swap ${a} and ${b}`,
  apply(document, kinds) {
    const other: Record<string, string> = { [a]: b, [b]: a };
    const faces = Object.fromEntries(
      Object.entries(document.faces).map(([face, arrangement]) => [face, renamed(arrangement, other)]),
    );
    const next = { ...document, faces };
    return [a, b].every((id) => sitsWell(next, id, kinds)) ? next : document;
  },
});

function renamed(arrangement: DesignDocument['faces'][string], names: Record<string, string>): typeof arrangement {
  if (arrangement.kind === 'holder') return { kind: 'holder', id: names[arrangement.id] ?? arrangement.id };
  return { ...arrangement, children: arrangement.children.map((child) => renamed(child, names)) };
}

/** Whether a holder sits on a face that has a seat for it. */
function sitsWell(document: DesignDocument, id: string, kinds?: Kinds): boolean {
  const kind = document.holders.find((holder) => holder.id === id)?.kind;
  const face = faceOf(document, id);
  return kind !== undefined && face !== undefined && seatFor(document, kind, face, kinds) !== undefined;
}

/** Gives a holder another kind that may sit where it is: its things, its place and what both kinds know of its settings stay. */
export const changeHolderKind = (id: string, kind: string, known?: Kinds): Edit => ({
  name: `Make ${id} ${holderKind(kind, known)?.title.toLowerCase() ?? kind}`,
  apply(document, kinds) {
    const holders = document.holders.map((holder) =>
      holder.id === id ? { ...holder, kind, params: sharedParams(holder.params, kind, kinds) } : holder,
    );
    const next = { ...document, holders, ...withoutPins(document, id) };
    return sitsWell(next, id, kinds) ? next : document;
  },
});

const sharedParams = (params: Params, kind: string, kinds?: Kinds): Params =>
  Object.fromEntries(
    Object.entries(params).filter(([key, value]) => {
      const spec = holderKind(kind, kinds)?.params[key];
      return spec !== undefined && (spec.kind !== 'choice' || spec.choices.some(({ id }) => id === value));
    }),
  );

/** Moves the things of a line before or behind others in the same holder.
 * @param by so many places: -1 for one before, 1 for one behind */
export const moveWithin = (holder: string, line: string, by: number): Edit => ({
  name: `Reorder ${holder}`,
  apply: (document) => ({
    ...document,
    holders: document.holders.map((each) => {
      const at = each.contents.findIndex((entry) => entry.line === line);
      const to = at + by;
      if (each.id !== holder || at < 0 || to < 0 || to >= each.contents.length) return each;
      const moved = each.contents[at]!;
      return { ...each, contents: each.contents.toSpliced(at, 1).toSpliced(to, 0, moved) };
    }),
  }),
});

/** What may be changed of the row or column that a holder lies in. */
export type GroupChange = Partial<Pick<ArrangementGroup, 'kind' | 'gap' | 'share' | 'taker' | 'parts'>>;

/** Changes gap, direction or sharing of the group that a holder lies in. */
export const changeGroup = (holder: string, change: GroupChange): Edit => ({
  name: `Change what lies beside ${holder}`,
  apply(document) {
    const faces = Object.entries(document.faces).map(([face, arrangement]) => {
      const found = groupOf(arrangement, holder);
      if (!found) return [face, arrangement] as const;
      return [face, withGroup(arrangement, found.way, (group) => ({ ...group, ...change }))] as const;
    });
    return { ...document, faces: Object.fromEntries(faces) };
  },
});

/** Who takes the room that is left over, in a maker's words. */
export const shareTitles: Readonly<Record<SharePolicy, string>> = {
  keep: 'nobody: it stays free',
  equal: 'all the same',
  proportional: 'each by its size',
  last: 'the last one',
  named: 'one of them',
  set: 'each as set on the board',
};
