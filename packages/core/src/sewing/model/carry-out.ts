import type { OperationDraft } from '../../pieces/contribution.ts';
import { turningGapOf, type Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import { gapOf } from './effects.ts';
import { effectsOf } from './effects-of.ts';
import type { Effects, Fact } from './facts.ts';
import { tableOf } from './table.ts';

/** An action that cannot be done where it stands. */
export interface Trouble {
  /** Id of its operation, and its place in it. */
  operation: string;
  action: number;
  /** What is not done yet, or holds no more. */
  why: 'notYet' | 'tooLate' | 'never';
  fact: Fact;
}

/** What lies ready on the table, and what is done to it. */
export interface Work {
  pieces: readonly Piece[];
  seams: readonly Seam[];
  /** In the order in which they are done. */
  operations: readonly Pick<OperationDraft, 'id' | 'actions'>[];
}

/** Carries the steps out, one action after the other.
 * @returns what cannot be done; nothing where the work comes out */
export function carryOut({ pieces, seams, operations }: Work): Trouble[] {
  const table = tableOf(pieces, seams, operations);
  const all = operations.flatMap(({ id, actions }) =>
    actions.map((action, index) => ({ operation: id, action: index, ...effectsOf(action, table) })),
  );
  const writers = countsOf(all.map(({ writes }) => writes));
  const done = new Set<Fact>();
  const ended = new Set<Fact>();
  const troubles = all.flatMap(({ operation, action, ...effects }): Trouble[] => {
    const found = [...missing(effects, done, writers), ...tooLate(effects, ended)];
    for (const fact of effects.writes) done.add(fact);
    for (const fact of effects.ends) ended.add(fact);
    return found.map((each) => ({ operation, action, ...each }));
  });
  return [...troubles, ...atTheEnd({ pieces, seams, operations }, done, ended)];
}

type Found = Pick<Trouble, 'why' | 'fact'>;

/** In how many actions each fact is. */
function countsOf(lists: readonly (readonly Fact[])[]): Map<Fact, number> {
  const counts = new Map<Fact, number>();
  for (const fact of lists.flatMap((list) => [...new Set(list)])) counts.set(fact, (counts.get(fact) ?? 0) + 1);
  return counts;
}

/** What is asked for and not done yet. What nothing else does need not be done, if it is not what all work asks for. */
function missing({ reads, writes }: Effects, done: ReadonlySet<Fact>, writers: ReadonlyMap<Fact, number>): Found[] {
  const own = new Set(writes);
  return [...new Set(reads)].flatMap((fact): Found[] => {
    const elsewhere = (writers.get(fact) ?? 0) - (own.has(fact) ? 1 : 0);
    if (done.has(fact) || (elsewhere === 0 && !isNeeded(fact, done))) return [];
    return [{ why: elsewhere > 0 ? 'notYet' : 'never', fact }];
  });
}

const tooLate = ({ wants }: Effects, ended: ReadonlySet<Fact>): Found[] =>
  [...new Set(wants)].flatMap((fact): Found[] => (ended.has(fact) ? [{ why: 'tooLate', fact }] : []));

/** What is read must be done by something: a piece that nobody cuts, a layer that nothing holds; and what was
 * sewn with right sides inside is turned. */
const isNeeded = (fact: Fact, done: ReadonlySet<Fact>): boolean =>
  /^(cut|marked|held|passed|nested):|^folded:.*\/pleats$/.test(fact) ||
  (fact.startsWith('turned:') && done.has(`faced:${fact.slice('turned:'.length)}`));

/** Folds that a piece is not itself without: a doubled front, the end of a strap. */
const lastingFolds = new Set(['mouth', 'tip']);

/** Each piece cut, each seam sewn, each fastener set, each gap closed, the work right side out. */
function atTheEnd({ pieces, seams, operations }: Work, done: ReadonlySet<Fact>, ended: ReadonlySet<Fact>): Trouble[] {
  const last = { operation: operations.at(-1)?.id ?? '', action: -1, why: 'never' as const };
  const wanted: Fact[] = [
    ...pieces.map(({ id }): Fact => `cut:${id}`),
    ...seams.flatMap(({ id, kind }): Fact[] => (kind === 'sewn' || kind === 'stitchedOn' ? [`sewn:${id}`] : [])),
    ...pieces.flatMap(({ id, marks }) =>
      marks.flatMap((mark): Fact[] => (mark.hardware ? [`set:${id}/${mark.id}`] : [])),
    ),
    ...pieces.flatMap(({ id, folds }) =>
      folds.flatMap((fold): Fact[] => (lastingFolds.has(fold.id) ? [`folded:${id}/${fold.id}`] : [])),
    ),
    ...(insideOut(operations) ? (['out:body'] as const) : []),
  ];
  const open = new Set(pieces.flatMap((piece) => (turningGapOf(piece) ? [gapOf(piece.id)] : [])));
  return [...wanted.filter((fact) => !done.has(fact)), ...[...open].filter((gap) => !ended.has(gap))].map((fact) => ({
    ...last,
    fact,
  }));
}

/** Some of the body is sewn with right sides together by machine, all round or into a bag. */
const insideOut = (operations: Work['operations']): boolean =>
  operations.some(
    ({ id, actions }) =>
      id.startsWith('body/') &&
      actions.some(({ verb, ...how }) => verb === 'sew' && !('facing' in how) && !('besideTeeth' in how)),
  );
