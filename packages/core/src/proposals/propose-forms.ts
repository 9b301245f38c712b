import type { DesignDocument } from '../document/design-document.ts';
import { changeForm } from '../document/edits/form.ts';
import { placeForMe } from '../document/edits/place.ts';
import { bodyKind, holderKind } from '../document/edits/seats.ts';
import { itemOf } from '../document/item-of.ts';
import type { Finding } from '../errors/finding.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import type { Kinds } from '../kinds/kind-set.ts';
import type { Shelves } from '../shelves/shelves.ts';
import type { Solution } from '../solve/solution.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { clothArea } from '../trials/cloth.ts';

/** A form for the contents of a design, solved. */
export interface FormProposal {
  kind: string;
  title: string;
  about: string;
  /** The design in this form, everything placed by rules. */
  document: DesignDocument;
  solution: Solution;
  /** How many of its things have a home, of how many. */
  held: number;
  of: number;
  /** How well the holders suit what is in them, 0 to 1, over all things; what has no home counts 0. */
  suits: number;
  /** The kinds of holder that hold most, with how many things. */
  holders: { title: string; count: number }[];
  /** What stands in the way. */
  stops: Finding[];
  /** Cloth in all pieces, mm². */
  cloth: number;
  /** What could not come along from the form that the design has now. */
  notes: string[];
}

/** Every family tried with the contents of a design; see `bySuitability` for their order.
 * @param only ids of families to try; default all */
export function* proposeForms(
  document: DesignDocument,
  shelves: Shelves,
  only?: readonly string[],
  kinds: Kinds = builtInKinds,
): Generator<FormProposal> {
  for (const kind of only ?? Object.keys(kinds.bodies)) {
    const family = bodyKind(kind, kinds);
    if (!family) continue;
    const proposal = kind === document.body.kind ? { document, notes: [] } : inForm(document, kind, shelves, kinds);
    const solution = solveDesign(proposal.document, shelves, kinds);
    const of = proposal.document.contents.reduce((sum, { count }) => sum + count, 0);
    yield {
      kind,
      title: family.title,
      about: family.about,
      ...proposal,
      solution,
      held: heldIn(proposal.document),
      of,
      ...holding(proposal.document, shelves, kinds),
      stops: solution.findings.filter(({ severity }) => severity === 'stop'),
      cloth: clothArea(solution.pieces),
    };
  }
}

/** Suitability nearer than this is the same: then the one that takes less cloth comes first. */
const SAME = 0.05;

/** Sorts proposals: first what holds everything, then what has nothing in the way, then whose holders are made for such things,
 * then what takes less cloth. */
export const bySuitability = (a: FormProposal, b: FormProposal): number =>
  Number(b.held === b.of) - Number(a.held === a.of) ||
  a.stops.length - b.stops.length ||
  b.held - a.held ||
  Math.round(b.suits / SAME) - Math.round(a.suits / SAME) ||
  a.cloth - b.cloth;

/** What holds how many things, and how well. */
function holding(
  { holders, contents, ownItems }: DesignDocument,
  { items }: Shelves,
  kinds: Kinds,
): Pick<FormProposal, 'suits' | 'holders'> {
  const counts = new Map<string, number>();
  const all = contents.reduce((sum, { count }) => sum + count, 0);
  let score = 0;
  for (const { kind, contents: held } of holders) {
    const family = holderKind(kind, kinds);
    for (const { line, count } of held) {
      const wanted = contents.find(({ id }) => id === line)?.item;
      const item = itemOf({ ownItems }, wanted, items);
      if (!family || !item) continue;
      score += count * family.suits(item).score;
      counts.set(family.title, (counts.get(family.title) ?? 0) + count);
    }
  }
  const sorted = [...counts].sort(([, a], [, b]) => b - a).map(([title, count]) => ({ title, count }));
  return { suits: all === 0 ? 0 : score / all, holders: sorted };
}

function inForm(
  document: DesignDocument,
  kind: string,
  shelves: Shelves,
  kinds: Kinds,
): Pick<FormProposal, 'document' | 'notes'> {
  const { edit, notes } = changeForm(document, { kind }, shelves.items, kinds);
  // what had no home before may have one here
  return { document: placeForMe(upright(edit.apply(document, kinds), kind, kinds), shelves.items, kinds), notes };
}

/** Lines that nobody has placed yet go in as things usually do in this form. */
function upright(document: DesignDocument, kind: string, kinds: Kinds): DesignDocument {
  const placed = new Set(document.holders.flatMap(({ contents }) => contents.map(({ line }) => line)));
  const { orientation } = bodyKind(kind, kinds)!;
  const contents = document.contents.map((line) => (placed.has(line.id) ? line : { ...line, orientation }));
  return { ...document, contents };
}

function heldIn({ holders, contents }: DesignDocument): number {
  const counts = new Map(contents.map(({ id, count }) => [id, count]));
  for (const { line, count } of holders.flatMap((holder) => holder.contents))
    counts.set(line, Math.max(0, (counts.get(line) ?? 0) - count));
  const missing = [...counts.values()].reduce((sum, count) => sum + count, 0);
  return contents.reduce((sum, { count }) => sum + count, 0) - missing;
}
