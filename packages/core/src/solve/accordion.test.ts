import { describe, expect, test } from '@jest/globals';
import { flatAccordion } from '../testing/flat-accordion.ts';
import type { DesignDocument, Params } from '../document/design-document.ts';
import { distance, edgeLength } from '../geometry/outline.ts';
import type { Piece } from '../pieces/piece.ts';
import type { Solution } from './solution.ts';
import { solveDesign } from './solve-design.ts';

const demo = flatAccordion;
const made = (params: Params, more: Partial<DesignDocument> = {}): Solution =>
  solveDesign({ ...demo, ...more, body: { kind: 'accordion', params: { ...demo.body.params, ...params } } });
const pieceOf = ({ pieces }: Solution, id: string): Piece => pieces.find((piece) => piece.id === id)!;
const lineOf = (piece: Piece, id: string) => piece.lines.find((line) => line.id === id)!;
const number = (sizes: Solution['body']['sizes'], name: string) => sizes[name]!.value;

/** Walks across the flat gusset at one height, from the front: legs down to the pleat and up again, round each pinch.
 * @returns the depth of the wallet at that height when it is open: what is not in a pinch, and the dividers themselves */
function openDepth(gusset: Piece, share: number, dividers: number, thickness: number): number {
  const at = (id: string) => {
    const { from, to } = lineOf(gusset, id);
    return from[0] + share * (to[0] - from[0]);
  };
  let [depth, last] = [0, 0];
  for (let index = 1; index <= dividers; index++) {
    depth += at(`pinch-${index}-before`) - last;
    last = at(`pinch-${index}-behind`);
  }
  const width = gusset.stitch.find(({ id }) => id === 'top')!;
  return depth + edgeLength(width) - last + dividers * thickness;
}

describe('an accordion', () => {
  test('its gusset, walked across at the bottom, is as deep as the base it is sewn to', () => {
    const solution = made({});
    const gusset = pieceOf(solution, 'body/shell-gusset-right');
    expect(openDepth(gusset, 0, 2, 0.94)).toBeCloseTo(number(solution.body.sizes, 'base'), 9);
  });

  test('at the top it is narrower by what the wider bites take', () => {
    const gusset = pieceOf(made({}), 'body/shell-gusset-right');
    // common practice: 6 at the top, 3 at the bottom, on both sides of two dividers
    expect(openDepth(gusset, 0, 2, 0.94) - openDepth(gusset, 1, 2, 0.94)).toBeCloseTo(2 * 2 * 3, 9);
  });

  test('each compartment opens at the top as far as its load and its margin ask', () => {
    const gusset = pieceOf(made({}), 'body/shell-gusset-right');
    const top = (id: string) => lineOf(gusset, id).to[0];
    const widths = [top('pinch-1-before'), top('pinch-2-before') - top('pinch-1-behind'), 45.5 - top('pinch-2-behind')];
    // docs/worked/receipts-accordion.md: twice a leg, and at both ends half of what rounding to 45.5 added
    expect(widths.map((width) => Number(width.toFixed(6)))).toEqual([7.38 + 0.12, 6, 6 + 0.12]);
  });

  test.each(['2', '3', '4', '5'])(
    'of %s compartments has a divider between any two, caught in the bottom seam',
    (compartments) => {
      const solution = made({ compartments });
      const dividers = solution.pieces.filter(({ id }) => /divider-\d$/.test(id));
      expect(dividers).toHaveLength(Number(compartments) - 1);
      const caught = solution.seams.filter(({ within }) => within === 'body/lining/bottom');
      expect(caught).toHaveLength(Number(compartments) - 1);
    },
  );

  test('a divider bends along the base: from the bottom seam to its place, then up as high as the gusset', () => {
    const solution = made({ compartments: '5' });
    const gusset = pieceOf(solution, 'body/lining-gusset-right');
    const base = number(solution.body.sizes, 'base');
    for (let index = 1; index <= 4; index++) {
      const piece = pieceOf(solution, `body/divider-${index}`);
      const line = lineOf(gusset, `divider-${index}`);
      const side = edgeLength(piece.stitch.find(({ id }) => id === 'right')!);
      expect(side).toBeCloseTo(distance(line.from, line.to), 9);
      // on the base it lies where the gusset's lower end, pinched, brings it: 3 on each side of every divider before it
      const onBase = line.from[0] - 3 * (2 * index - 1);
      const low = piece.stitch.find(({ id }) => id === 'right-low');
      expect(low ? edgeLength(low) : 0).toBeCloseTo(Math.abs(onBase - base / 2), 1);
    }
  });

  test('joined at its folds the gusset is as wide as the base: nothing is pinched', () => {
    const { body } = made({ school: 'joined' });
    expect(number(body.sizes, 'gusset')).toBe(number(body.sizes, 'base'));
    expect(number(body.sizes, 'gusset')).toBeLessThan(number(made({}).body.sizes, 'gusset'));
  });

  test('thicker contents open their own compartment only', () => {
    const thick = made(
      {},
      {
        contents: demo.contents.map((line) => (line.id === 'c1' ? { ...line, count: 6, perHolder: 6 } : line)),
        holders: demo.holders.map((each) =>
          each.id === 'A' ? { ...each, contents: [{ line: 'c1', count: 6 }] } : each,
        ),
      },
    );
    const legs = (solution: Solution) => ['leg1', 'leg2', 'leg3'].map((leg) => number(solution.body.sizes, leg));
    const [before, after] = [legs(made({})), legs(thick)];
    expect(after[0]! - before[0]!).toBeCloseTo((4 * 2.4) / 2, 9);
    expect(after.slice(1)).toEqual(before.slice(1));
  });

  test('plain dividers have no zipper; zipped ones have one each, with its slider', () => {
    const zippers = (dividers: string) => made({ dividers }).pieces.filter(({ id }) => id.endsWith('-zipper'));
    expect(zippers('plain')).toHaveLength(0);
    expect(zippers('zipped')).toHaveLength(2);
    expect(made({ dividers: 'zipped' }).hardware.filter(({ id }) => id === 'slider-3')).toHaveLength(2);
  });
});

describe('a padded divider', () => {
  const padded = made({ dividers: 'padded' });
  const plain = made({ dividers: 'plain' });

  test('is thicker by its padding, and so is what the gusset goes round', () => {
    // a base of canvas 0.62 and stiffener 1.50 between the two layers of each of two dividers
    const more = (id: string) => {
      const at = (solution: Solution) => {
        const gusset = pieceOf(solution, 'body/shell-gusset-right');
        return lineOf(gusset, `${id}-behind`).to[0] - lineOf(gusset, `${id}-before`).to[0];
      };
      return at(padded) - at(plain);
    };
    expect([more('pinch-1'), more('pinch-2')].map((each) => Number(each.toFixed(9)))).toEqual([2.12, 2.12]);
  });

  test('has its padding above where it bends, clear of what the gusset is stitched through', () => {
    for (const index of [1, 2]) {
      const divider = pieceOf(padded, `body/divider-${index}`);
      const padding = pieceOf(padded, `body/divider-${index}-padding`);
      const edge = (id: string) => divider.stitch.find((each) => each.id === id)!;
      const low = edge('right').from[1];
      expect(padding.cutHeight.value).toBeCloseTo(edge('top').from[1] - low - 4, 9);
      // six are stitched at the top on each side, and two clear of that
      expect(padding.cutWidth.value).toBeCloseTo(edgeLength(edge('top')) - 2 * 6 - 4, 9);
      expect(padding.role).toBe('base');
    }
    expect(plain.pieces.some(({ id }) => id.endsWith('padding'))).toBe(false);
  });

  test('keeps a strip of padding however wide the bites are', () => {
    const small = made(
      { dividers: 'padded' },
      {
        contents: [],
        holders: [],
        faces: {},
        rules: { ...demo.rules, 'bite.top': 20, 'divider.taper': 15 },
      },
    );
    // of 80 the tapers take 30 and the bites 40
    expect(pieceOf(small, 'body/divider-1-padding').cutWidth.value).toBe(10);
  });
});
