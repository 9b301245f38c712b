import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import type { DesignDocument, Params } from '../../document/design-document.ts';
import type { Point } from '../../geometry/perimeter.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { Solution } from '../../solve/solution.ts';
import { solveDesign } from '../../solve/solve-design.ts';

const receipts = demoDesigns.find(({ id }) => id === 'receipts-accordion')!;
const fan = (params: Params = {}, more: Partial<DesignDocument> = {}): Solution =>
  solveDesign({ ...receipts, ...more, body: { ...receipts.body, params: { ...receipts.body.params, ...params } } });
const pieceOf = ({ pieces }: Solution, id: string): Piece => pieces.find((piece) => piece.id === id)!;

/** Where the flat gusset is cut at a share of its height, from its left: both sides and every pinch. */
function cutAcross({ stitch, lines }: Piece, share: number): number[] {
  const at = ([x0]: Point, [x1]: Point) => x0 + share * (x1 - x0);
  const side = (id: string) => stitch.find((edge) => edge.id === id)!;
  const pinches = lines.filter(({ id }) => id.startsWith('pinch')).map(({ from, to }) => at(from, to));
  return [at(side('left').to, side('left').from), ...pinches, at(side('right').from, side('right').to)].sort(
    (a, b) => a - b,
  );
}

/** Widths of what is free between the pinches, and of those. */
function widths(xs: readonly number[]): { free: number[]; pinched: number[] } {
  const wide = xs.slice(1).map((x, index) => x - xs[index]!);
  return { free: wide.filter((_, index) => index % 2 === 0), pinched: wide.filter((_, index) => index % 2 === 1) };
}
const total = (all: readonly number[]) => all.reduce((sum, each) => sum + each, 0);

/** Closed, a pleat lies between two walls: it goes in from where it begins beside one, and back to where it ends beside the other.
 * @returns how far its fold lies from the side, by folding a strip step by step */
function foldOf(begins: number, ends: number, strip: number): number {
  let [way, x] = [0, begins];
  while (way + 1e-3 <= strip && x - ends <= strip - way) {
    x += 1e-3;
    way += 1e-3;
  }
  return x;
}

describe.each(['2', '3', '4', '5'])('a fan of %s compartments', (compartments) => {
  const solution = fan({ compartments }, compartments === '2' ? { holders: receipts.holders.slice(0, 2) } : {});
  const gussets = ['shell', 'lining'].flatMap((layer) =>
    ['left', 'right'].map((side) => pieceOf(solution, `body/${layer}-gusset-${side}`)),
  );

  test('nothing of a gusset is left at its foot: front, back and dividers meet in one seam', () => {
    for (const gusset of gussets) {
      const { free, pinched } = widths(cutAcross(gusset, 0));
      // what lies beside the outermost pinches begins at nothing
      expect(total(free)).toBeCloseTo(0, 6);
      // common practice: 3 at the foot on both sides of a divider, which is 0.94
      for (const pinch of pinched) expect(pinch).toBeCloseTo(2 * 3 + 0.94, 6);
    }
  });

  test('it opens evenly from there: half-way up each compartment is half as wide as at the mouth', () => {
    for (const gusset of gussets) {
      const [half, whole] = [0.5, 1].map((share) => widths(cutAcross(gusset, share)).free);
      half!.forEach((wide, index) => expect(wide).toBeCloseTo(whole![index]! / 2, 6));
      for (const wide of whole!) expect(wide).toBeGreaterThanOrEqual(20 - 1e-9);
    }
  });

  test('each divider is as long at its sides as its line on the gusset', () => {
    const lining = pieceOf(solution, 'body/lining-gusset-right');
    for (const { id, from, to } of lining.lines.filter((line) => line.id.startsWith('divider'))) {
      const divider = pieceOf(solution, `body/${id}`);
      const right = divider.stitch.find((edge) => edge.id === 'right')!;
      const long = ([x0, y0]: Point, [x1, y1]: Point) => Math.hypot(x1 - x0, y1 - y0);
      expect(long(right.from, right.to)).toBeCloseTo(long(from, to), 6);
      // the full fan stays inside: 10 below the mouth and less, for it leans in
      const high = Math.max(...divider.stitch.map(({ to: [, y] }) => y));
      expect(high).toBeLessThan(pieceOf(solution, 'body/lining-front').cutHeight.value - 12 - 10);
    }
  });

  test('closed, its pleats leave the things their place: folded by hand, as the fitting says', () => {
    const gusset = pieceOf(solution, 'body/lining-gusset-right');
    const { free } = widths(cutAcross(gusset, 1));
    const { width } = solution.body.sizes;
    const mouth = (piece: string) => {
      const { from, to } = pieceOf(solution, piece).stitch.find((edge) => edge.id === 'top')!;
      return Math.abs(to[0] - from[0]);
    };
    const count = Number(compartments);
    for (const holder of solution.holders.filter(({ kind }) => kind === 'file-room')) {
      const room = Number(/\d+/.exec(holder.face)![0]) - 1;
      // from the side, at the mouth: a wall is whole, a divider leans in and is pinched 6 beside its edge and half of what it is thick
      const inset = (divider: number) =>
        divider === 0 || divider === count ? 0 : (width!.value - mouth(`body/divider-${divider}`)) / 2 + 6 + 0.47;
      const fold = foldOf(inset(room), inset(room + 1), free[room]!);
      const clear = width!.value - 2 * fold;
      const told = holder.clearances.filter(({ direction }) => direction === 'across');
      for (const { clearance, line } of told) {
        const item = { c1: 148, c2: 140, c3: 148 }[line]!;
        // the lining lies on the gusset at both sides
        expect(clearance.value).toBeLessThan(clear - item - 2 * 0.08 + 0.01);
        expect(clear - item).toBeGreaterThan(3);
      }
    }
  });
});

describe('what a fan is made for', () => {
  test('goes in; a millimetre more asks a millimetre of its foot, and a narrow body is told', () => {
    const across = (pins: DesignDocument['pins']) =>
      fan({}, { pins: pins! }).holders.flatMap(({ clearances }) =>
        clearances
          .filter(({ direction }) => direction === 'across')
          .map(({ clearance, ease }) => clearance.value - ease),
      );
    expect(Math.min(...across({}))).toBeGreaterThan(-1e-6);
    // rounding left nothing of 186, and the shell behind the lining of a pleat 0.78
    expect(Math.min(...across({ 'body/width': 185 }))).toBeLessThan(0);
    const { findings } = fan({}, { pins: { 'body/width': 182 } });
    expect(findings.map(({ code }) => code)).toContain('clearance.tooTight');
  });

  test('thick things ask for a wider foot, where all of them lie on each other', () => {
    const thick = (by: number) =>
      fan(
        {},
        {
          ownItems: [
            ...receipts.ownItems,
            {
              id: 'slab',
              name: 'Slab',
              shape: 'box',
              length: 148,
              width: 105,
              thickness: by,
              rigid: true,
              source: 'yours',
            },
          ],
          contents: receipts.contents.map((line) => (line.id === 'c3' ? { ...line, item: 'slab' } : line)),
        },
      ).body.sizes.width!.value;
    expect(thick(30) - thick(25)).toBeCloseTo(5, 6);
  });

  test('is sewn in another order than a file: turned first, then both layers of the gusset are pinched', () => {
    const order = (solution: Solution) => solution.operations.map(({ id }) => id);
    const fanned = order(fan());
    expect(fanned.indexOf('body/wrap')).toBeGreaterThan(fanned.indexOf('body/turn'));
    const file = order(fan({ foot: 'flat' }));
    expect(file.indexOf('body/wrap')).toBeLessThan(file.indexOf('body/turn'));
  });
});
