import { byRule, sum, times, type Derived, type Rule } from '../derived/derived.ts';

const circle: Rule = { id: 'round-base', formula: 'π × finished diameter', source: 'geometry: circumference' };
const upTo: Rule = {
  id: 'round-base',
  formula: 'up to the next step of the ruler',
  source: 'common practice: walls cut by ruler',
};

export interface RoundBase {
  itemDiameter: Derived;
  /** On each side, mm. */
  clearance: Derived;
  wall: Derived;
  seam: Derived;
  /** Step of a wall that is cut by ruler, mm; 0 for none. */
  roundTo: Derived;
}
export interface RoundBaseResult {
  finishedDiameter: Derived;
  baseCutDiameter: Derived;
  wallSeamLength: Derived;
  wallCutLength: Derived;
  wallCutRounded: Derived;
}

/** A round base and the wall that is sewn to it. All mm, at the wall's middle. */
export function roundBase({ itemDiameter, clearance, wall, seam, roundTo }: RoundBase): RoundBaseResult {
  const finishedDiameter = sum('finished diameter', [itemDiameter, times(2, clearance), wall]);
  const wallSeamLength = byRule(circle, 'wall, along the base seam', Math.PI * finishedDiameter.value, [
    finishedDiameter,
  ]);
  const wallCutLength = sum('wall, cut length', [wallSeamLength, times(2, seam)]);
  const step = roundTo.value;
  const stepped = step > 0 ? Math.ceil(wallCutLength.value / step - 1e-9) * step : wallCutLength.value;
  return {
    finishedDiameter,
    baseCutDiameter: sum('base, cut diameter', [finishedDiameter, times(2, seam)]),
    wallSeamLength,
    wallCutLength,
    wallCutRounded: byRule(upTo, 'wall, cut by ruler', stepped, [wallCutLength, roundTo]),
  };
}
