import { half } from '../derived/constants.ts';
import { byRule, minus, product, sum, times, type Derived, type Rule } from '../derived/derived.ts';
import { given } from '../derived/derived.ts';

const wallsRule: Rule = {
  id: 'jacket',
  formula: 'π/4 × (front + back)',
  source: 'geometry: each flap makes a tube round a board (Steiner)',
};

export interface Jacket {
  boardWidth: Derived;
  boardHeight: Derived;
  boardThickness: Derived;
  /** Measured outside, closed, mm. */
  spine: Derived;
  wallFront: Derived;
  wallBack: Derived;
  flapFixed: Derived;
  flapLoose: Derived;
  ease: Derived;
  seam: Derived;
  /** From the finished loose end to the elastic, mm. */
  elasticFromEdge: Derived;
}

export interface JacketResult {
  cutWidth: Derived;
  cutHeight: Derived;
  /** How far the loose flap reaches under the elastic. */
  tuck: Derived;
  /** The thinnest and the thickest book that the finished jacket takes. */
  spineLeast: Derived;
  spineMost: Derived;
}

/** Common practice: a flap stays this much shorter than its board, and this much of it under the elastic, mm. */
const CLEAR = given('flap shorter than its board by', 10, {
  kind: 'standard',
  path: 'jacket/clear',
  source: 'common practice',
});
const TUCK = given('least under the elastic', 5, { kind: 'standard', path: 'jacket/tuck', source: 'common practice' });

/** A cover round a book: one flap fixed, the other held by an elastic, so that it takes a range of spines. All mm. */
export function jacket(book: Jacket): JacketResult {
  const {
    boardWidth,
    boardHeight,
    boardThickness,
    spine,
    wallFront,
    wallBack,
    flapFixed,
    flapLoose,
    ease,
    seam,
    elasticFromEdge,
  } = book;
  const walls = byRule(wallsRule, 'cloth going round the board', (Math.PI / 4) * (wallFront.value + wallBack.value), [
    wallFront,
    wallBack,
  ]);
  const flaps = [flapFixed, flapLoose];
  const needed = product('flap that just holds', [sum('elastic and tuck', [TUCK, elasticFromEdge]), half]);
  return {
    cutHeight: sum('cut height', [boardHeight, boardThickness, walls, ease, times(2, seam)]),
    cutWidth: sum('cut width', [
      times(2, boardWidth),
      spine,
      times(2, boardThickness),
      times(2, wallBack),
      ...flaps,
      ease,
      times(2, seam),
    ]),
    tuck: sum('under the elastic', [times(2, flapLoose), minus(elasticFromEdge)]),
    // a thicker book takes its spine from the loose flap, millimetre for millimetre
    spineLeast: sum('thinnest spine', [spine, flapLoose, CLEAR, minus(boardWidth)]),
    spineMost: sum('thickest spine', [spine, flapLoose, minus(needed)]),
  };
}
