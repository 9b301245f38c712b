import { byRule, named, sum, type Derived, type Rule } from '../derived/derived.ts';

const NEUTRAL_LINE = "geometry: two mid-lines round the same fold (sheet bending's neutral line)";
export const foldSchools = ['rounded', 'square'] as const;
export type FoldSchool = (typeof foldSchools)[number];
const spineRules: Record<FoldSchool, Rule> = {
  rounded: { id: 'fold-over', formula: 'π/2 × (leaf + leaf + inner)', source: NEUTRAL_LINE },
  square: { id: 'fold-over', formula: 'leaf + leaf + inner', source: NEUTRAL_LINE },
};
const extraRule: Rule = { id: 'fold-over', formula: 'π × ((inner + outer) / 2 + between)', source: NEUTRAL_LINE };

export interface FoldOver {
  /** Loaded thickness of the leaves: all that lies on the inner layer, mm. */
  leafA: Derived;
  leafB: Derived;
  innerThickness: Derived;
  outerThickness: Derived;
  /** What lies between the inner and the outer layer, mm; default nothing. */
  between?: Derived;
  /** `rounded`: the inner mid-line runs round a half circle; `square`: straight across the edge. */
  school: FoldSchool;
}

/** The spine of a piece folded over its contents, and how much longer the outer layer must be than the inner. */
export function foldOver(fold: FoldOver): { spine: Derived; outerExtra: Derived } {
  const { leafA, leafB, innerThickness, school } = fold;
  const stack = sum('thickness inside the fold', [leafA, leafB, innerThickness]);
  const factor = school === 'rounded' ? Math.PI / 2 : 1;
  const spine = byRule(spineRules[school], 'spine', factor * stack.value, [leafA, leafB, innerThickness]);
  return { spine, outerExtra: turnOfCloth(fold) };
}

/** How much longer the outer of two layers is round a whole fold (turn of cloth). */
export function turnOfCloth({ innerThickness, outerThickness, between }: TurnOfCloth): Derived {
  const apart = (innerThickness.value + outerThickness.value) / 2 + (between?.value ?? 0);
  const inputs = [innerThickness, outerThickness, ...(between ? [between] : [])];
  return named('outer layer longer by', byRule(extraRule, 'turn of cloth', Math.PI * apart, inputs));
}
type TurnOfCloth = Pick<FoldOver, 'innerThickness' | 'outerThickness' | 'between'>;
