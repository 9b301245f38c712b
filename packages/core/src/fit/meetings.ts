import { byRule, minus, readFromCut, sum, type Derived, type Rule } from '../derived/derived.ts';
import type { Between, Meeting } from '../pieces/meeting.ts';
import type { CutParts } from './cut-parts.ts';

/** Where the fastener in the leaf that folds over comes to lie, and where its mate lies: across the leaf that all are folded onto, from
 * the spine that the first one turns on, mm. */
export interface FittedMeeting {
  meeting: Meeting;
  /** With spines that stand upright, as it is drawn. */
  upright: FittedAt;
  full: FittedAt;
  empty: FittedAt;
  /** How far the mate lies from the fold of its leaf, mm. */
  fromFold: number;
  /** Whether the mate lies on the leaf that comes to lie beneath. */
  beneath: boolean;
  /** How far one lies above the other along the spine, mm. */
  aside: number;
}

interface FittedAt {
  cap: Derived;
  mate: Derived;
}

const leanRule: Rule = {
  id: 'fitting',
  formula: '√(its ends as near as it can be bowed² − from leaf to leaf²)',
  source: 'geometry: a spine that cannot be creased leans over where less lies between its leaves than it is wide',
};

/** How far a leaf shifts because its spine is wider than what lies between: nothing where the spine can be creased, for then it bulges. mm
 * @param around the tightest it can be bent, mm; 0 where it can be creased, Infinity where it stays flat */
export function leans(spine: Derived, between: Derived, around: number): Derived {
  const bowed = Number.isFinite(around) ? chord(spine.value, around) : spine.value;
  const shift = bowed > between.value ? Math.sqrt(bowed ** 2 - between.value ** 2) : 0;
  return byRule(leanRule, 'leans over by', shift, [spine, between]);
}

/** How far apart the ends of a strip are at least: bent into an arc, they meet where it is a whole circle. mm */
const chord = (long: number, around: number): number =>
  around === 0 || long >= 2 * Math.PI * around ? 0 : 2 * around * Math.sin(long / (2 * around));

/** Where fasteners of leaves that fold over each other come to lie, read from the pieces. */
export const fitMeetings = (meetings: readonly Meeting[], parts: CutParts): FittedMeeting[] =>
  meetings.flatMap((meeting): FittedMeeting[] => {
    const { cap, mate, leaves } = meeting;
    const across = (piece: string, seam: string, side: 'a' | 'b') => parts.bounds(piece, [{ seam, side }]);
    const inner = { leaf: across(cap.piece, leaves.over, 'b'), base: across(cap.piece, leaves.base, 'b') };
    const outer = { leaf: across(mate.piece, leaves.beneath, 'a'), base: across(mate.piece, leaves.base, 'a') };
    const set = { cap: parts.at(cap.piece, cap.mark), mate: parts.at(mate.piece, mate.mark) };
    // the inner layer is not longer at its spines
    const other = across(cap.piece, leaves.beneath, 'b');
    if (!inner.leaf || !inner.base || !outer.leaf || !outer.base || !other || !set.cap || !set.mate) return [];
    const around = Math.max(parts.bendsAround(cap.piece), parts.bendsAround(mate.piece));
    const spines = { over: gapOf(inner.leaf.x, inner.base.x), beneath: gapOf(inner.base.x, other.x) };
    const wide = readFromCut('leaf that all lie on', inner.base.x[1] - inner.base.x[0], cap.piece);
    const fromSpine = readFromCut('from its spine', Math.abs(set.cap[0] - near(inner.leaf.x, inner.base.x)), cap.piece);
    const fromFold = readFromCut('from its fold', Math.abs(set.mate[0] - near(outer.leaf.x, outer.base.x)), mate.piece);
    const upright = { cap: fromSpine, mate: sum('its mate', [wide, minus(fromFold)]) };
    const { thick } = parts.cloth({ piece: cap.piece });
    const at = (load: keyof Between): FittedAt => {
      const lean = (which: 'over' | 'beneath') => {
        const spine = readFromCut('spine', spines[which], cap.piece);
        return leans(spine, sum('from leaf to leaf', [meeting.between[which][load], thick]), around);
      };
      return {
        cap: sum(`fastener, ${load}`, [upright.cap, lean('over')]),
        mate: sum(`its mate, ${load}`, [upright.mate, lean('beneath')]),
      };
    };
    return [
      {
        meeting,
        upright,
        full: at('full'),
        empty: at('empty'),
        fromFold: fromFold.value,
        beneath: set.mate[0] > outer.leaf.x[0] && set.mate[0] < outer.leaf.x[1],
        aside: Math.abs(set.cap[1] - inner.leaf.y[0] - (set.mate[1] - outer.leaf.y[0])),
      },
    ];
  });

type Range = readonly [number, number];

/** Between two leaves that lie beside each other, mm. */
const gapOf = (one: Range, other: Range): number => Math.max(other[0] - one[1], one[0] - other[1]);

/** The end of a leaf that is nearer to another. */
const near = (leaf: Range, to: Range): number => (leaf[1] <= to[0] ? leaf[1] : leaf[0]);
