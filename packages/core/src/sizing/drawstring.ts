import { byRule, given, sum, times, type Derived, type Rule } from '../derived/derived.ts';

export const cordKinds = ['flat', 'round'] as const;
export type CordKind = (typeof cordKinds)[number];

const flatRule: Rule = { id: 'drawstring', formula: 'cord width + 3', source: 'common practice' };
const roundRule: Rule = {
  id: 'drawstring',
  formula: 'π/2 × cord + 1.5',
  source: 'geometry: half the girth of the cord, and ease (common practice)',
};
const channelOf: Record<CordKind, (cord: number) => number> = {
  flat: (cord) => cord + 3,
  round: (cord) => (Math.PI / 2) * cord + 1.5,
};

export interface Drawstring {
  /** Of the finished mouth, flat, mm. */
  mouthWidth: Derived;
  cordKind: CordKind;
  /** Width of a flat cord, diameter of a round one, mm. */
  cordWidth: Derived;
  topstitch: Derived;
  /** Of each cord, out of the mouth, mm. */
  tail: Derived;
  cords: Derived;
}
export interface DrawstringResult {
  /** Between the stitch lines; also the opening left in the side seam. */
  channel: Derived;
  /** Of a casing that is sewn on. */
  casingHeight: Derived;
  cordLength: Derived;
  cordTotal: Derived;
}

/** A casing and the cords that close a mouth; two cords leave at opposite sides. All mm. */
export function drawstring({ mouthWidth, cordKind, cordWidth, topstitch, tail, cords }: Drawstring): DrawstringResult {
  const channel = byRule(cordKind === 'flat' ? flatRule : roundRule, 'channel', channelOf[cordKind](cordWidth.value), [
    cordWidth,
  ]);
  const cordLength = sum('each cord', [times(2, mouthWidth), times(2, tail)]);
  return {
    channel,
    casingHeight: sum('casing height', [channel, times(2, topstitch)]),
    cordLength,
    cordTotal: sum('all cords', [times(cords.value, cordLength)]),
  };
}

/** Elastic round a girth, relaxed: cut shorter by a share. */
export const elasticRule: Rule = { id: 'elastic-band', formula: 'girth × (1 - stretch)', source: 'common practice' };

/** An elastic band that holds something of a girth. mm */
export function elasticBand(girth: Derived, stretch: Derived, overlap: Derived): Derived {
  const relaxed = byRule(elasticRule, 'round it, relaxed', girth.value * (1 - stretch.value), [girth, stretch]);
  return sum('elastic, cut length', [relaxed, overlap]);
}

const snapRule: Rule = {
  id: 'snap-row',
  formula: '1 + the width between the outer snaps / 145, rounded up',
  source: 'common practice',
};
const zero = given('nothing between', 0, { kind: 'standard', path: 'snaps' });

/** A row of snaps along a mouth: how many, and how far apart.
 * @returns a count, and mm from middle to middle (0 of a single snap) */
export function snapRow(width: Derived, inset: Derived): { count: Derived; spacing: Derived } {
  const between = sum('between the outer snaps', [width, times(-2, inset)]);
  const count = byRule(
    snapRule,
    'snaps',
    between.value <= 0 ? 1 : 1 + Math.ceil(between.value / 145 - 1e-9),
    [between],
    'count',
  );
  if (count.value < 2) return { count, spacing: zero };
  const evenly: Rule = { ...snapRule, formula: 'the width between the outer snaps / (snaps - 1)' };
  return { count, spacing: byRule(evenly, 'snap to snap', between.value / (count.value - 1), [between, count]) };
}
