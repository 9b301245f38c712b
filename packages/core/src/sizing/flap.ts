import { byRule, minus, sum, type Derived, type Rule } from '../derived/derived.ts';

const OVER_THE_EDGE = 'geometry: cloth going over the edge of the closed piece';
export const shoulderSchools = ['square', 'rounded'] as const;
export type ShoulderSchool = (typeof shoulderSchools)[number];
const shoulder: Record<ShoulderSchool, { factor: number; text: string }> = {
  square: { factor: 1, text: '' },
  rounded: { factor: Math.PI / 2, text: 'π/2 × ' },
};

export interface Flap {
  /** Depth of the closed piece outside the walls, full and empty, mm. */
  loadedDepth: Derived;
  emptyDepth: Derived;
  overlap: Derived;
  /** From the flap's edge to the middle of the fastener, mm. */
  fastenerInset: Derived;
  flapThickness: Derived;
  school: ShoulderSchool;
}

export interface FlapResult {
  flapLength: Derived;
  /** Where the fastener meets the front, below its top edge, full and empty, mm. */
  mateLoaded: Derived;
  mateEmpty: Derived;
  drift: Derived;
}

/** A flap or tab that goes over the edge of the closed piece to its front. */
export function flap({ loadedDepth, emptyDepth, overlap, fastenerInset, flapThickness, school }: Flap): FlapResult {
  const { factor, text } = shoulder[school];
  const over: Rule = { id: 'flap', formula: `${text}(loaded depth + flap thickness)`, source: OVER_THE_EDGE };
  const moves: Rule = { id: 'flap', formula: `${text}(loaded depth - empty depth)`, source: OVER_THE_EDGE };
  const round = factor * (loadedDepth.value + flapThickness.value);
  const drift = byRule(moves, 'drift', factor * (loadedDepth.value - emptyDepth.value), [loadedDepth, emptyDepth]);
  const mateLoaded = sum('fastener meets, loaded', [overlap, minus(fastenerInset)]);
  return {
    flapLength: sum('flap length', [byRule(over, 'over the edge', round, [loadedDepth, flapThickness]), overlap]),
    mateLoaded,
    mateEmpty: sum('fastener meets, empty', [mateLoaded, drift]),
    drift,
  };
}
