import { half } from '../derived/constants.ts';
import { largest, product, sum, times, type Derived } from '../derived/derived.ts';

export interface Accordion {
  /** Loaded thickness of each compartment, mm. */
  compartments: Derived[];
  margin: Derived;
  /** Taken by the pinch at each divider's edge on either side, mm; 0 where dividers are only joined at the fold. */
  bite: Derived;
  dividerThickness: Derived;
  seam: Derived;
  /** Of the body between its side seams, mm. */
  innerWidth: Derived;
}
export interface AccordionResult {
  legs: Derived[];
  gussetCutWidth: Derived;
  itemClearWidth: Derived;
}

/** Pleated side gussets of a file with dividers. All mm. */
export function accordion({
  compartments,
  margin,
  bite,
  dividerThickness,
  seam,
  innerWidth,
}: Accordion): AccordionResult {
  const legs = compartments.map((thickness, index) =>
    sum(`leg ${index + 1}`, [product('half its load', [thickness, half]), margin]),
  );
  const dividers = Math.max(0, compartments.length - 1);
  const pinch = sum('cloth round a divider', [times(2, bite), dividerThickness]);
  return {
    legs,
    gussetCutWidth: sum('gusset, cut width', [
      ...legs.map((leg) => times(2, leg)),
      times(dividers, pinch),
      times(2, seam),
    ]),
    itemClearWidth: sum('clear between the pleats', [innerWidth, times(-2, largest('the deepest pleat', legs))]),
  };
}
