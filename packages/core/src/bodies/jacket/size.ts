import { wallReach } from '../../stacks/reach.ts';
import { nothing } from '../../derived/constants.ts';
import {
  byRule,
  given,
  largest,
  minus,
  named,
  rounded,
  smallest,
  sum,
  times,
  type Derived,
  type Rule,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import { choiceParam, lengthParam } from '../../holders/params.ts';
import { rectHalfGirth, tubeAround } from '../../sizing/tube-width.ts';
import { jacket as jacketRule } from '../../sizing/jacket.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { jacketParams } from './params.ts';
import { jacketRings } from './rings.ts';
import { jacketTuck } from './rules.ts';
import { easeBook } from '../../holders/book-cover/rules.ts';

export const SHELL = 'body/shell';
export const LINING = 'body/lining';
export const ELASTIC = 'body/elastic';

/** Driving sizes of a book jacket, along the stitch lines, on the grid. All mm. */
export interface Jacket {
  width: Derived;
  height: Derived;
  /** The stitched flap, on the left of the lining. */
  flap: Derived;
  /** The other one, loose if there is an elastic. */
  second: Derived;
  /** What the maker would have of a flap, and what its board leaves of that. */
  wished: Derived;
  most: Derived;
  /** Between the two folds beside it. */
  spine: Derived;
  /** From the finished loose end to the elastic; nothing if both flaps are fixed. */
  elastic: Derived | undefined;
  marker: boolean;
}

const LEAST = given('least side', 40, { kind: 'standard', path: 'jacket/least', source: 'common practice' });
const CLEAR = given('flap shorter than its board by', 10, {
  kind: 'standard',
  path: 'jacket/clear',
  source: 'common practice',
});

/** Sizes a jacket from its book. */
export function sizeJacket(params: Params, [cover]: MeasuredFace[], inputs: BodyInputs): SizedBody<Jacket> {
  const { rules, stacks, grid, pin, usual } = inputs;
  const book = cover!.sizes;
  const boardWidth = book.boardWidth ?? usual(LEAST);
  const boardHeight = book.boardHeight ?? usual(LEAST);
  const [board, spine] = [book.board ?? nothing, book.spine ?? nothing];
  const wall = sum('jacket, all layers', [stacks.exterior, stacks.lining]);
  const wished = lengthParam(params, 'flap', jacketParams.flap, rules, 'body');
  const most = largest('most a flap may be', [
    sum('board less what stays clear', [boardWidth, minus(CLEAR)]),
    usual(HALF_LEAST),
  ]);
  const unpinned = rounded(named('flap', smallest('flap', [wished, most])), grid, 'down');
  const flap = pin('body/flap', unpinned);
  const second = pin('body/flap2', named('second flap', unpinned));
  const loose = choiceParam(params, 'flaps', jacketParams.flaps) === 'elastic';
  const tuck = smallest('under the elastic', [
    rules.length(jacketTuck),
    sum('flap less its fold', [second, minus(FOLD)]),
  ]);
  const place = sum('elastic from the loose end', [times(2, second), minus(tuck)]);
  // it lies on the board, however far the flap is pinned
  const onBoard = sum('elastic on its board', [second, boardWidth, minus(CLEAR)]);
  const lies = place.value <= onBoard.value ? place : smallest('elastic from the loose end', [place, onBoard]);
  const elastic = loose ? rounded(lies, grid, 'nearest') : undefined;
  const solved = jacketRule({
    boardWidth,
    boardHeight,
    boardThickness: board,
    spine,
    wallFront: wall,
    wallBack: wall,
    flapFixed: flap,
    flapLoose: second,
    ease: rules.length(easeBook),
    seam: nothing,
    elasticFromEdge: elastic ?? nothing,
  });
  const round = tautRound({ boardWidth, boardHeight, board, spine, flap, second }, inputs);
  // a flap that is pinned longer than the cover must still lie on it
  const longest = Math.max(flap.value, second.value) > solved.cutWidth.value / 2 ? [flap, second] : [];
  const demands = [solved.cutWidth, round.width, ...longest.map((each) => sum('flap, on the cover', [times(2, each)]))];
  const width = pin('body/width', rounded(largest('jacket, seam to seam', demands), grid, 'up'));
  const height = pin(
    'body/height',
    rounded(largest('height, seam to seam', [solved.cutHeight, round.height]), grid, 'up'),
  );
  const marker = choiceParam(params, 'marker', jacketParams.marker) === 'ribbon';
  const detail: Jacket = { width, height, flap, second, wished, most: unpinned, spine, elastic, marker };
  const open = [width, minus(flap), minus(second)];
  return {
    finished: {
      openWidth: named('finished width, open', sum('open, flaps folded in', open)),
      height: named('finished height', height),
    },
    closedThickness: sum('closed, on its book', [spine, times(4, wall)]),
    emptyThickness: sum('folded, without a book', [times(4, wall)]),
    sizes: {
      width,
      height,
      flap,
      flap2: second,
      ...(elastic && {
        tuck: solved.tuck,
        spineLeast: largest('thinnest book it takes', [solved.spineLeast, nothing]),
        spineMost: named('thickest book it takes', solved.spineMost),
      }),
    },
    faces: [
      {
        id: 'cover',
        seat: 'book',
        host: { piece: LINING, width: width.value, height: height.value },
        room: {
          x: flap.value,
          y: 0,
          width: sum('between the flaps', open),
          height,
          towards: 'left',
        },
        edges: { left: free, right: free, bottom: free, top: free },
        rings: jacketRings({ lining: LINING, shell: SHELL, band: ELASTIC }, elastic !== undefined),
      },
    ],
    closing: { kind: 'nowhere' },
    detail,
  };
}

const turnsRule: Rule = {
  id: 'jacket',
  formula: '2π × reach',
  source: 'geometry: perimeter of a parallel convex body (Steiner)',
};

/** What a thick or layered cloth asks, of which the outermost layer goes the longest way: round a board, and round the closed book from
 * the middle of the edge of one board to that of the other. mm */
function tautRound(
  {
    boardWidth,
    boardHeight,
    board,
    spine,
    flap,
    second,
  }: Record<'boardWidth' | 'boardHeight' | 'board' | 'spine' | 'flap' | 'second', Derived>,
  inputs: BodyInputs,
): Record<'width' | 'height', Derived> {
  const reach = wallReach(inputs);
  const ease = inputs.rules.length(easeBook);
  const turns = byRule(turnsRule, 'cloth going round four edges', 2 * Math.PI * reach.value, [reach]);
  return {
    height: tubeAround(rectHalfGirth(boardHeight, board), { front: reach, back: reach }, ease),
    width: sum('round the book, flaps and ease', [times(2, boardWidth), spine, board, turns, flap, second, ease]),
  };
}

const HALF_LEAST = given('least flap', 15, { kind: 'standard', path: 'jacket/leastFlap', source: 'common practice' });
/** Common practice: the elastic lies this far beyond the fold, or the flap cannot be folded there. */
const FOLD = given('clear of the fold', 8, { kind: 'standard', path: 'jacket/fold', source: 'common practice' });
const free = { kind: 'free' } as const;
