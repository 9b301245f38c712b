import type { BodyKind } from '../../bodies/body-kind.ts';
import { builtInKinds } from '../../kinds/kinds.ts';
import type { Kinds } from '../../kinds/kind-set.ts';
import { lower, withArticle } from '../../errors/first-letter.ts';
import type { Item } from '../../shelves/items/item.ts';
import { holdersIn, type DesignDocument, type HolderEntry, type Params, type ParamValue } from '../design-document.ts';
import { kindOf } from '../kind-of.ts';
import type { Edit } from './edit.ts';
import { closureFor } from './new-design.ts';
import { placeLines } from './place.ts';
import { bodyKind, facesOf, facesWith, holderKind, seated, seatFor, sharedSeats } from './seats.ts';
import { begun, bodyBegun } from './usual.ts';

/** What came along into another form, and what could not. */
export interface FormChange {
  edit: Edit;
  /** Holders that lie on a face of the new form. */
  kept: string[];
  /** Sentences for the maker, one for each thing that could not come along. */
  notes: string[];
}

/** Changes the family of a design, or a choice within it. Contents stay; holders that find a seat go there, on a face of the
 * same name first; what was in the others is placed anew. Closure and parts stay where the new form can have them.
 * @param params settings of the new form; default the standard ones, and those of the design if it stays in its family
 * @param items what is on the shelf */
export function changeForm(
  document: DesignDocument,
  { kind, params: given }: { kind: string; params?: Params },
  items: readonly Item[],
  kinds: Kinds = builtInKinds,
): FormChange {
  const family = bodyKind(kind, kinds);
  const title = withArticle(family?.title.toLowerCase() ?? kind);
  if (!family) return { edit: { name: `Make it ${title}`, apply: (same) => same }, kept: [], notes: [] };
  const closes = keepsClosure(document, kind, family);
  const closing = closureFor(kind, kinds);
  const closure = closes ? document.closure : { kind: closing, params: begun(kinds, 'closures', closing) };
  const params = given ?? paramsIn(document, kind, closure.kind, kinds);
  const parts = document.parts?.filter((part) => family.parts?.includes(part.kind));
  const moved = { ...document, body: { kind, params } };
  const reseated = reseat(moved, kinds);
  const homeless = document.holders.filter(({ id }) => !reseated.holders.some((holder) => holder.id === id));
  const next = placeLines(
    {
      ...reseated,
      closure,
      ...(parts && { parts }),
      ...(document.pins && { pins: pinsFor(document, reseated) }),
    },
    homeless.flatMap(({ contents }) => contents.map(({ line }) => line)),
    items,
    kinds,
  );
  return {
    edit: { name: `Make it ${title}`, apply: () => next },
    kept: reseated.holders.map(({ id }) => id),
    notes: [
      ...homeless.map((holder) => noteOf(holder, title, next, kinds)),
      ...(closes || document.closure.kind === 'none'
        ? []
        : ['Its closure is not made for this form and was left away.']),
      ...(document.parts ?? [])
        .filter((part) => !parts?.includes(part))
        .map((part) => `${kindOf(kinds.parts, part.kind)?.title ?? part.kind}: not made for ${title}, and left away.`),
    ],
  };
}

/** A choice within a family, with what lies on faces that are not there any more placed anew. */
export const chooseVariant = (title: string, key: string, value: ParamValue, items: readonly Item[]): Edit => ({
  name: `Change ${lower(title)}`,
  apply(document, kinds) {
    const { kind, params } = document.body;
    return changeForm(document, { kind, params: { ...params, [key]: value } }, items, kinds).edit.apply(document);
  },
});

function noteOf({ id, kind, contents }: HolderEntry, form: string, next: DesignDocument, kinds: Kinds): string {
  const what = `${holderKind(kind, kinds)?.title ?? kind} ${id}`;
  const placed = contents.every(({ line }) =>
    next.holders.some((each) => each.contents.some((held) => held.line === line)),
  );
  return placed
    ? `${what} has no seat in ${form}: what it held was placed anew.`
    : `${what} has no seat in ${form}, and not all that it held found another place.`;
}

/** A form keeps its settings; another one begins with what fits the contents, and with what is usually chosen. */
const paramsIn = ({ body, contents }: DesignDocument, kind: string, closure: string, kinds: Kinds): Params =>
  kind === body.kind ? body.params : bodyBegun(kinds, kind, closure, bodyKind(kind, kinds)?.startsWith?.(contents));

/** A closure stays where the new form can have it; what was open stays so, unless the new form always closes. */
function keepsClosure({ body, closure }: DesignDocument, kind: string, { closures, closesWith }: BodyKind): boolean {
  const opened = closure.kind === 'none' && kind !== body.kind && closesWith !== undefined;
  return closures.includes(closure.kind) && !opened;
}

/** Whether things share a room while another is empty. */
function crowded(document: DesignDocument, kinds: Kinds): boolean {
  // walls may stay bare
  const rooms = facesOf(document, kinds).filter(({ seat }) => !sharedSeats.includes(seat)).length;
  return rooms > document.holders.length && document.holders.some(({ contents }) => contents.length > 1);
}

/** Every holder on a face of the body: whole arrangements where they may stay, each by itself otherwise; others go. Of a form that
 * spreads what it holds, none stays where there is more room than that. */
function reseat(document: DesignDocument, kinds: Kinds): DesignDocument {
  if (bodyKind(document.body.kind, kinds)?.spreads && crowded(document, kinds))
    return { ...document, holders: [], faces: {} };
  const all = facesOf(document, kinds);
  const specs = all.filter(({ of }) => !of);
  const unasked = specs.filter(({ thickest }) => thickest !== 0);
  const own = new Map(document.holders.map(({ id, kind }) => [id, kind]));
  const suits = (face: string, ids: string[]) => {
    const seats = ids.map((id) => seatFor(document, own.get(id) ?? '', face, kinds));
    return seats.every((seat) => seat && (ids.length === 1 || sharedSeats.includes(seat)));
  };
  // what is sewn onto another holder goes where that goes, or lies on the body again
  const carriedOn = (face: string): boolean => {
    const carrier = all.find(({ id }) => id === face)?.of?.holder;
    return carrier === undefined || specs.some(({ id }) => seatFor(document, own.get(carrier) ?? '', id, kinds));
  };
  const stayed = Object.entries(document.faces).filter(
    ([face, arrangement]) => suits(face, holdersIn(arrangement)) && carriedOn(face),
  );
  let faces = Object.fromEntries(stayed);
  const rest = Object.entries(document.faces).filter(([face]) => !(face in faces));
  for (const [, arrangement] of rest) {
    const free = unasked.find(({ id }) => !(id in faces) && suits(id, holdersIn(arrangement)));
    if (free) faces = { ...faces, [free.id]: arrangement };
  }
  const lying = () => new Set(Object.values(faces).flatMap(holdersIn));
  for (const { id } of document.holders.filter((holder) => !lying().has(holder.id))) {
    const free = unasked.find((spec) => !(spec.id in faces) && suits(spec.id, [id]));
    const shared = free ? undefined : specs.find((spec) => spec.shares && spec.id in faces && suits(spec.id, [id]));
    const last = shared && holdersIn(faces[shared.id]!).at(-1);
    if (free) faces = seated(faces, id, { face: free.id });
    else if (last !== undefined)
      faces = seated(faces, id, { face: shared!.id, beside: { holder: last, side: 'right' } });
  }
  const stays = lying();
  return {
    ...document,
    holders: document.holders.filter(({ id }) => stays.has(id)),
    faces: facesWith(faces, (id) => stays.has(id)),
  };
}

/** Pins of holders that stay, and those of the body if it is still the same family. */
function pinsFor({ pins = {}, body }: DesignDocument, next: DesignDocument): Record<string, number> {
  const stays = new Set(next.holders.map(({ id }) => id));
  return Object.fromEntries(
    Object.entries(pins).filter(([path]) => {
      const [kind, id = ''] = path.split('/');
      return kind === 'holders' ? stays.has(id) : body.kind === next.body.kind;
    }),
  );
}
