import { sum, times, type Derived } from '../../derived/derived.ts';
import { boundsOf, lengthRound } from '../../geometry/outline.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { NumberRule } from '../../shelves/rules/house-rule.ts';
import type { Rules } from '../../shelves/rules/rules-for.ts';
import type { Action, ActionOf, Verb } from '../actions/action.ts';
import type { Lookup } from '../rows/lookup.ts';
import type { Row } from '../rows/rows-of.ts';
import * as rates from './rules.ts';

/** What the time goes by at: the cutting table, the iron, the machine, or the hands. */
export const workplaces = ['table', 'iron', 'machine', 'hand'] as const;
export type Workplace = (typeof workplaces)[number];
/** Of one piece of work, min: where each is spent. */
export type Minutes = Readonly<Record<Workplace, Derived>>;

/** So many times a rule, somewhere. */
type Share = readonly [place: Workplace, rule: NumberRule, count: number];

/** How long actions take, min, by the house rules of time.
 * @param done with the rows that each makes */
export function minutesOf(
  done: readonly { action: Action; rows: readonly Row[] }[],
  lookup: Lookup,
  rules: Rules,
): Minutes {
  const shares = done.flatMap(({ action, rows }) => sharesOf(action, rows, lookup));
  const at = (place: Workplace): Derived => {
    const counts = new Map<NumberRule, number>();
    for (const [where, rule, count] of shares)
      if (where === place && count > 0) counts.set(rule, (counts.get(rule) ?? 0) + count);
    return sum(
      `minutes, ${place}`,
      [...counts].map(([rule, count]) => times(count, rules.number(rule))),
    );
  };
  return { table: at('table'), iron: at('iron'), machine: at('machine'), hand: at('hand') };
}

/** All of it, min. */
export const totalOf = (minutes: Minutes): number =>
  workplaces.reduce((total, place) => total + minutes[place].value, 0);

/** How long so many take, one after the other, min: each is a little quicker than the one before (Wright 1936, from memory).
 * @param first how long the first takes, min
 * @param learning share of the time that each doubling of the count leaves */
export function minutesOfBatch(first: number, count: number, learning: number): number {
  const power = Math.log2(learning);
  return Array.from({ length: count }, (_, index) => first * (index + 1) ** power).reduce(
    (total, each) => total + each,
    0,
  );
}

function sharesOf(action: Action, rows: readonly Row[], lookup: Lookup): Share[] {
  const own = byVerb[action.verb] as ((action: Action, lookup: Lookup) => Share[]) | undefined;
  return [...(own?.(action, lookup) ?? (rows.length > 0 ? [] : [once])), ...rows.flatMap(sewing)];
}

const once: Share = ['hand', rates.timeHandle, 1];
const metres = (mm: number): number => mm / 1000;

/** A row is pinned, begun and sewn; what is sewn by hand is only sewn. */
function sewing({ sort, length, begins, pinned = length }: Row): Share[] {
  if (sort === 'hand') return [['hand', rates.timeHand, metres(length)]];
  const rate = sort === 'row' ? rates.timeRow : rates.timeSeam;
  return [
    ['machine', rates.timeBegin, begins],
    ['machine', rate, metres(length)],
    ...(sort === 'row' ? [] : ([['hand', rates.timePin, metres(pinned)]] as const)),
  ];
}

/** Each of so many times under the iron. */
const pressed = (count: number): Share[] => [['iron', rates.timePress, count]];

/** Cloths that a piece is cut from one by one. */
const cuts = ({ count, materials }: Piece): number => count * materials.length;

function cut({ pieces }: ActionOf<'cut'>, { piece }: Lookup): Share[] {
  const all = pieces.map(piece);
  const printed = all.filter(({ byRuler }) => !byRuler);
  const length = printed.reduce((total, each) => total + cuts(each) * lengthRound(each.cut), 0);
  const laid = all.reduce((total, each) => total + (each.byRuler ? each.count : cuts(each)), 0);
  return [
    ['table', rates.timePiece, laid],
    ['table', rates.timeCut, metres(length)],
  ];
}

/** What is marked of a piece: on each that is cut of it. */
const marksOf = ({ count, notches, marks, lines, folds }: Piece): number =>
  count * (notches.length + marks.length + lines.length + folds.length);

const areaOf = ({ stitch, count }: Piece): number => {
  const { width, height } = boundsOf(stitch);
  return (count * width * height) / 1e6;
};

const byVerb: { [V in Verb]?: (action: ActionOf<V>, lookup: Lookup) => Share[] } = {
  measure: () => [['table', rates.timeHandle, 1]],
  cut,
  mark: ({ pieces, what }, { piece }) => [
    ['table', rates.timeMark, what ? 2 * pieces.length : pieces.reduce((total, id) => total + marksOf(piece(id)), 0)],
  ],
  fuse: ({ to, layer }, { piece }) => [
    ['iron', rates.timePress, 1],
    ['iron', rates.timeFuse, areaOf(piece(layer ?? to))],
  ],
  fold: ({ piece }, lookup) => pressed(lookup.piece(piece).count),
  turnIn: ({ pieces, edges }) => pressed(pieces.length * edges.length),
  press: () => pressed(1),
  pleat: ({ piece }, lookup) => pressed(Math.max(1, lookup.piece(piece).folds.length)),
  hem: ({ pieces, edges }, { piece }) =>
    // turned in, and again
    pressed(2 * pieces.reduce((total, id) => total + (edges === 'all' ? piece(id).stitch.length : edges.length), 0)),
  foldBand: () => pressed(3),
  trim: ({ pieces, to }, { piece }) =>
    to === 'size'
      ? [['table', rates.timeCut, pieces.reduce((total, id) => total + metres(lengthRound(piece(id).stitch)), 0)]]
      : [once],
  setHardware: ({ mark }) => [['hand', rates.timeSet, [mark].flat().length]],
  loop: ({ cross }) => (cross ? pressed(2) : [once]),
  closeGap: () => pressed(1),
};
