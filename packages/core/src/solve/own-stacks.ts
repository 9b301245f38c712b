import type { ClosureInputs } from '../closures/closure-kind.ts';
import { largest, smallest, type Derived } from '../derived/derived.ts';
import { roles, type DesignDocument, type Role } from '../document/design-document.ts';
import type { StackReach, StackThickness } from '../holders/holder-kind.ts';
import type { Piece } from '../pieces/piece.ts';
import type { Shelves } from '../shelves/shelves.ts';
import { stackOf, type Stack } from '../stacks/reach.ts';
import { wallLayers } from './resolve.ts';

/** The layers of each role. */
interface Stacks {
  stacks: StackThickness;
  reach: StackReach;
}
/** The same as one part of a design has them, and as its own pieces are cut. */
export interface PartStacks extends Stacks {
  cutStacks: StackThickness;
}
/** By part: `body`, `closure`, `holders/A`, `parts/p1`. A part that is not there has them as the body. */
export type StacksByPart = ReadonlyMap<string, PartStacks>;

/** What everything of a design is sized from. */
export type Inputs = Omit<ClosureInputs, 'id'> & {
  /** Layers of parts whose pieces have their own; default all have those of their role. */
  byPart?: StacksByPart;
};

/** What a part is sized from: with the layers that it has itself. */
export function forPart<Inputs extends { byPart?: StacksByPart }>(inputs: Inputs, part: string): Inputs {
  const own = inputs.byPart?.get(part);
  return own ? { ...inputs, ...own } : inputs;
}

/** Whether the maker has given a piece its own layers. */
export const hasOwnLayers = ({ pieces = [] }: Pick<DesignDocument, 'pieces'>): boolean =>
  pieces.some(({ layers }) => layers !== undefined);

/** The part of a design that a piece belongs to. */
const partOf = (piece: string): string =>
  piece
    .split('/')
    .slice(0, /^(holders|parts)\//.test(piece) ? 2 : 1)
    .join('/');

/** The layers that sizes are reckoned with where pieces have their own. Of pieces of one role in one part the thickest counts: a
 * rule asks for the cloth of a role, not of a piece, and what holds must not come out too small. The fitting takes each piece as it
 * is.
 * @param pieces of the design, whatever their sizes
 * @param standard the layers of the roles, as the body leaves them
 * @param whole the same of pieces that have them all the same, such as the lining of a flap */
export function ownStacks(
  { pieces: own = [] }: Pick<DesignDocument, 'pieces'>,
  pieces: readonly Piece[],
  standard: Stacks,
  whole: Stacks,
  shelves: Shelves,
): StacksByPart {
  const layersOf = new Map(own.flatMap(({ id, layers }) => (layers ? [[id, layers] as const] : [])));
  const sewn = pieces.filter(({ layerOf, byRuler }) => layerOf === undefined && !byRuler);
  const stacksIn = (part: string, role: Role, usual = standard): Stack[] =>
    sewn
      .filter((piece) => piece.role === role && partOf(piece.id) === part)
      .map(({ id, name }) => {
        const layers = layersOf.get(id);
        return layers ? stackOf(role, wallLayers(layers, shelves).there, name) : atRole(usual, role);
      });
  // a part is sewn onto the body: what it has no cloth of its own for is that of the body, and what it has lies on that
  const ofBody = new Map(roles.map((role) => [role, stacksIn('body', role)]));
  const thickestOf = (part: string): PartStacks => {
    const there = (usual: typeof standard) => (role: Role) => [
      ...ofBody.get(role)!,
      ...(part === 'body' ? [] : stacksIn(part, role, usual)),
    ];
    return { ...thickestByRole(standard, there(standard)), cutStacks: thickestByRole(whole, there(whole)).stacks };
  };
  const parts = new Set(['body', ...sewn.map(({ id }) => partOf(id))]);
  return new Map([...parts].map((part) => [part, thickestOf(part)]));
}

/** @param there the layers of all pieces that count, by role; none where there is no piece */
function thickestByRole(standard: Stacks, there: (role: Role) => Stack[]): Stacks {
  const stacks = { ...standard.stacks };
  const reach = { ...standard.reach };
  for (const role of roles) {
    const all = there(role);
    if (all.length === 0) continue;
    const of = (key: keyof Stack) => all.map((stack) => stack[key]);
    stacks[role] = thickest(`${role}, all layers of its thickest piece`, of('stack'));
    reach[role] = thickest(`${role}, to its outermost layer`, of('inner'));
    if (role === 'pocket')
      reach.onPocket = thickest('pocket, from its right side to its outermost layer', of('outside'));
    if (role === 'mesh') reach.meshStretch = smallest('stretches across by', of('stretch'));
    if (role === 'exterior')
      reach.outside = thickest('shell, from its right side to its outermost layer', of('outside'));
  }
  return { stacks, reach };
}

const atRole = ({ stacks, reach }: Stacks, role: Role): Stack => ({
  stack: stacks[role],
  inner: reach[role],
  outside: role === 'pocket' ? reach.onPocket : reach.outside,
  stretch: reach.meshStretch,
});

const thickest = (label: string, all: readonly Derived[]): Derived => {
  const different = all.filter((one, index) => all.findIndex(({ value }) => value === one.value) === index);
  return different.length === 1 ? different[0]! : largest(label, different);
};
