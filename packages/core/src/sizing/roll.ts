import { byRule, product, sum, times, type Derived, type Rule } from '../derived/derived.ts';

const SOURCE = 'geometry: area of the winding (Archimedean spiral)';
const turnsRule: Rule = {
  id: 'roll',
  formula: 'turns k so that length = k × core perimeter + π × thickness × k²',
  source: SOURCE,
};
const acrossRule: Rule = { id: 'roll', formula: 'core diameter + thickness for every half turn begun', source: SOURCE };

export interface Roll {
  length: Derived;
  /** Of the loaded roll, mm. */
  thickness: Derived;
  /** A round core, or a flat one. */
  core: { diameter: Derived } | { width: Derived; thickness: Derived };
  /** Turns of the tie, and what its bow takes, mm. */
  wraps: Derived;
  bow: Derived;
}

/** Outside of a roll: of a round core its mean diameter and what a box must take, of a flat core width and thickness. */
export interface RollResult {
  turns: Derived;
  diameter?: Derived;
  largestAcross?: Derived;
  outsideWidth?: Derived;
  outsideThickness?: Derived;
  tieLength: Derived;
}

/** How many turns a strip of a thickness makes round a core.
 * @param perimeter of the core, mm */
export function turnsOf(length: number, thickness: number, perimeter: number): number {
  if (length <= 0) return 0;
  const a = Math.PI * thickness;
  if (a === 0) return perimeter > 0 ? length / perimeter : 0;
  return (Math.sqrt(perimeter * perimeter + 4 * a * length) - perimeter) / (2 * a);
}

/** A roll of even thickness. */
export function roll({ length, thickness, core, wraps, bow }: Roll): RollResult {
  const isRound = 'diameter' in core;
  const inputs = isRound ? [length, thickness, core.diameter] : [length, thickness, core.width, core.thickness];
  const perimeter = isRound ? Math.PI * core.diameter.value : 2 * (core.width.value + core.thickness.value);
  const turns = byRule(turnsRule, 'turns', turnsOf(length.value, thickness.value, perimeter), inputs, 'turns');
  const grown = byRule(
    { ...turnsRule, formula: '2 × turns × thickness' },
    'wound on, both sides',
    2 * turns.value * thickness.value,
    [turns, thickness],
  );
  const around = perimeter + Math.PI * grown.value;
  const girth = byRule({ ...turnsRule, formula: 'core perimeter + π × wound on' }, 'girth of the roll', around, [
    ...inputs.slice(2),
    grown,
  ]);
  const tieLength = sum('tie', [product('round the roll', [wraps, girth]), bow]);
  if (!isRound)
    return {
      turns,
      outsideWidth: sum('outside width', [core.width, grown]),
      outsideThickness: sum('outside thickness', [core.thickness, grown]),
      tieLength,
    };
  const across = core.diameter.value + thickness.value * Math.ceil(2 * turns.value - 1e-9);
  return {
    turns,
    diameter: sum('outside diameter', [core.diameter, times(1, grown)]),
    largestAcross: byRule(acrossRule, 'largest across', across, [core.diameter, thickness, turns]),
    tieLength,
  };
}

/** A stretch of a roll that is as thick all along, mm; in winding order, from the inside end. */
export interface RollSection {
  length: number;
  thickness: number;
}

/** How far a strip of varying thickness builds up round a convex core, and how often it goes round.
 * @param perimeter of the core, mm
 * @returns `height` it stands out on every side, mm (equal-area mean), and turns */
export function windUp(sections: readonly RollSection[], perimeter: number): { height: number; turns: number } {
  const standing = (area: number) =>
    (Math.sqrt(perimeter * perimeter + 4 * Math.PI * area) - perimeter) / (2 * Math.PI);
  let [area, turns] = [0, 0];
  for (const { length, thickness } of sections) {
    const before = standing(area);
    area += length * thickness;
    const after = standing(area);
    // within a section the perimeter grows by 2π × thickness for each turn
    const mean = perimeter + Math.PI * (before + after);
    turns += thickness > 0 ? (after - before) / thickness : mean > 0 ? length / mean : 0;
  }
  return { height: standing(area), turns };
}
