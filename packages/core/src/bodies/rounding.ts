import { nothing } from '../derived/constants.ts';
import { given, product, rounded, roundedAmount, sum, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { choiceParam, chosen, lengthParam } from '../holders/params.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';
import type { BodyInputs } from './body-kind.ts';

const leafCorner = lengthRule(
  'leaf.corner',
  'leaves',
  'Radius of the corners',
  20,
  6,
  60,
  'A zipper round the edge wants three times its half width.',
);

/** The choice of corners that are square or rounded. */
export const roundingParams = {
  corners: {
    kind: 'choice',
    title: 'Corners',
    standard: 'square',
    choices: [
      { id: 'square', title: 'square', why: 'Holders go into the seams; notes fit behind them.' },
      { id: 'rounded', title: 'rounded', why: 'A zipper can run round them; holders stand clear of the edge.' },
    ],
  },
  radius: {
    kind: 'length',
    title: 'Radius of the corners',
    rule: leafCorner,
    when: (params) => chosen(params, 'corners', 'square') === 'rounded',
  },
} as const satisfies Record<string, ParamSpec>;

/** How a piece is rounded. mm */
export interface Rounding {
  /** Of its corners; 0 for square ones. */
  radius: Derived;
  /** What holders keep clear of rounded edges; 0 for square ones. */
  margin: Derived;
}

const OUTSIDE = given(
  'corner of a square inside a round one',
  1 - Math.SQRT1_2,
  { kind: 'standard', path: 'corner' },
  'ratio',
);
const CLEAR = given('clear of the seam', 2, { kind: 'standard', path: 'corner/clear', source: 'common practice' });

export const areSquare = (params: Params): boolean =>
  choiceParam(params, 'corners', roundingParams.corners) === 'square';

export function roundingOf(params: Params, { rules, grid }: BodyInputs): Rounding {
  if (areSquare(params)) return { radius: nothing, margin: nothing };
  const radius = roundedAmount(lengthParam(params, 'radius', roundingParams.radius, rules, 'body'), grid);
  const inside = product('square corner inside the round one', [radius, OUTSIDE]);
  return { radius, margin: rounded(sum('clear of the rounded edge', [inside, CLEAR]), grid, 'up') };
}
