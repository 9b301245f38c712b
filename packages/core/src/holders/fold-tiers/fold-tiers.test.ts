import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import type { DesignDocument } from '../../document/design-document.ts';
import type { Point } from '../../geometry/perimeter.ts';
import type { Piece } from '../../pieces/piece.ts';
import { placeForMe } from '../../document/edits/place.ts';
import { placesFor } from '../../document/edits/places.ts';
import { mayGo } from '../../document/edits/seats.ts';
import { standardItems } from '../../shelves/items/standard-items.ts';
import { solveDesign } from '../../solve/solve-design.ts';

const ferry = demoDesigns.find(({ id }) => id === 'ferry-pocket')!;
/** Without what is on its front, so that the panel alone asks for its leaves. */
const bare: DesignDocument = {
  ...ferry,
  contents: ferry.contents.filter(({ id }) => id !== 'c3'),
  holders: ferry.holders.filter(({ kind }) => kind === 'fold-tiers'),
  faces: { across: ferry.faces.across! },
};
const solved = solveDesign(bare);
const pieceOf = (id: string, of = solved): Piece => of.pieces.find((piece) => piece.id === id)!;
const strip = pieceOf('holders/A/strip');
const lining = pieceOf('body/lining');
const xOf = (piece: Piece, id: string): number => piece.lines.find((line) => line.id === id)!.from[0];

/** A flat strip folded leg by leg along its folds: where each fold and both ends come to lie, from the bottom of the panel up. */
function folded({ stitch, folds }: Piece): number[] {
  const all = Math.max(...stitch.flatMap(({ from, to }): Point[] => [from, to]).map(([, y]) => y));
  const places = [0, ...folds.map(({ from }) => from[1]).sort((a, b) => a - b), all];
  let [at, way] = [0, 1];
  return places.map((place, index) => {
    if (index > 0) {
      at += way * (place - places[index - 1]!);
      way = -way;
    }
    return at;
  });
}

describe('a card panel across the fold', () => {
  test('its strip folds up to two pockets and comes down behind to where it began', () => {
    // from the bottom: up to the mouth of the lower pocket, 77 down, up to the upper mouth, 77 down, up to the top, down behind
    const [bottom, lower, lowerFoot, upper, upperFoot, top, back] = folded(strip) as [number, ...number[]];
    expect([bottom, back]).toEqual([0, expect.closeTo(0, 6)]);
    expect(lower! - lowerFoot!).toBeCloseTo(77, 6);
    expect(upper! - upperFoot!).toBeCloseTo(77, 6);
    expect(upper! - lower!).toBeCloseTo(12, 6);
    expect(top!).toBeCloseTo(solved.holders[0]!.seat.height.value, 6);
    // a card of 85.6 on the stitching of a pocket stays below the top edge
    expect(upperFoot! + 85.6).toBeLessThanOrEqual(top!);
  });

  test('it is sewn down where the fold of the wallet begins and ends, and each card has its leaf', () => {
    const [left, right] = [xOf(lining, 'A-middle-left'), xOf(lining, 'A-middle-right')];
    const { leafWidth, spine } = solved.body.sizes;
    expect(left).toBeCloseTo(leafWidth!.value, 6);
    expect(right - left).toBeCloseTo(spine!.value, 6);
    // the same on the strip: its middle lies on the middle of the fold
    const wide = Math.max(...strip.stitch.map(({ to: [x] }) => x));
    expect(xOf(strip, 'middle-left') + xOf(strip, 'middle-right')).toBeCloseTo(wide, 6);
    for (const { x, width } of solved.holders[0]!.things) expect(x + width <= left || x >= right).toBe(true);
  });

  test('a card goes in between tab and stitching: round it and its pleat, by points of a taut line', () => {
    // the second row: cards before cards and a pleat, 0.76 each and 2 x 0.16; the front runs 0.24 outside, the strip behind 0.08
    const round = 53.98 + (2 * 0.76 + 0.32) + (Math.PI / 2) * (0.24 + 0.08);
    const clear = xOf(strip, 'middle-left') - 8;
    const { clearance } = solved.holders[0]!.clearances.find(
      ({ room, direction }) => room === 'holders/A/2-1' && direction === 'across',
    )!;
    expect(clearance.value).toBeCloseTo(clear - round, 6);
    expect(clearance.value).toBeGreaterThanOrEqual(3);
    expect(clearance.value).toBeLessThan(3.5);
  });

  test('tabs cover both ends, all pleats of them, and its ends stay clear of the edges', () => {
    const high = solved.holders[0]!.seat.height.value;
    for (const end of ['left', 'right']) {
      const tab = pieceOf(`holders/A/tab-${end}`);
      // 8 on both sides of an end, 6 turned in all round
      expect(tab.cutWidth.value).toBeCloseTo(2 * 8 + 2 * 6, 6);
      expect(tab.cutHeight.value).toBeCloseTo(high + 2 * 6, 6);
      const [front, back] = [`holders/A#${end}`, `holders/A#${end}-back`].map((id) =>
        solved.seams.find((seam) => seam.id === id)!,
      );
      expect([front!.walks, back!.walks]).toEqual([true, true]);
    }
    const { seat } = solved.holders[0]!;
    const edge = Math.max(...lining.stitch.map(({ to: [x] }) => x));
    expect(seat.x).toBeGreaterThanOrEqual(9.5 + 2 + 2 - 1e-6);
    expect(edge - seat.x - seat.width.value).toBeCloseTo(seat.x, 6);
  });

  test('on wider leaves it stays as it is, beside the fold', () => {
    const wide = solveDesign({ ...bare, pins: { 'body/leafWidth': 120 } });
    const of = ({ holders: [holder] }: typeof wide) => holder!;
    expect(of(wide).seat.width.value).toBeCloseTo(of(solved).seat.width.value, 6);
    expect(of(wide).clearances.map(({ clearance }) => clearance.value)).toEqual(
      of(solved).clearances.map(({ clearance }) => expect.closeTo(clearance.value, 6)),
    );
  });

  test('where something lies on a leaf already, one of both is asked to go', () => {
    const both = solveDesign({
      ...bare,
      contents: [...bare.contents, { id: 'n', item: 'note-20-folded', count: 1, perHolder: 1, orientation: 'lying' }],
      holders: [...bare.holders, { id: 'B', kind: 'slip-pocket', params: {}, contents: [{ line: 'n', count: 1 }] }],
      faces: { ...bare.faces, right: { kind: 'holder', id: 'B' } },
    });
    const told = both.findings.filter(({ code }) => code === 'holder.inTheWay');
    expect(told.map(({ severity, about }) => [severity, about])).toEqual([['stop', ['holders/A']]]);
    expect(solved.findings.map(({ code }) => code)).not.toContain('holder.inTheWay');
  });

  test('no leaf is offered while it lies there, and it is not offered while something lies on a leaf', () => {
    const card = standardItems.find(({ id }) => id === 'id1-card')!;
    const offered = (design: DesignDocument) =>
      new Set(placesFor(design, card, 'c1').flatMap(({ place, face }) => ('into' in place ? [] : [face])));
    expect([...offered(bare)]).toEqual(['front']);
    const empty: DesignDocument = { ...bare, holders: [], faces: {} };
    expect([...offered(empty)]).toEqual(expect.arrayContaining(['left', 'right', 'across', 'front']));
    const [leaf] = ['left'].map((face): DesignDocument => ({
      ...empty,
      holders: [{ id: 'A', kind: 'card-tiers', params: {}, contents: [{ line: 'c2', count: 1 }] }],
      faces: { [face]: { kind: 'holder', id: 'A' } },
    }));
    expect([...offered(leaf!)]).toEqual(expect.arrayContaining(['left', 'right']));
    expect(offered(leaf!).has('across')).toBe(false);
    expect(mayGo(leaf!, 'fold-tiers', { face: 'across' })).toBe(false);
    expect(mayGo(empty, 'fold-tiers', { face: 'across' })).toBe(true);
    // what is placed by itself goes onto the leaves, or into what is there
    const placed = placeForMe(empty, standardItems);
    expect(Object.keys(placed.faces)).not.toContain('across');
    const more = placeForMe(
      { ...bare, contents: [...bare.contents, { ...bare.contents[0]!, id: 'c9' }] },
      standardItems,
    );
    expect(Object.keys(more.faces).filter((face) => face === 'left' || face === 'right')).toEqual([]);
  });

  test('its bottom is closed after it is set, which is before the zipper', () => {
    const order = solved.operations.map(({ id }) => id);
    const at = (id: string) => order.indexOf(id);
    expect(at('holders/A/ends')).toBeLessThan(at('holders/A/set'));
    expect(at('holders/A/set')).toBeLessThan(at('holders/A/bottom'));
    expect(at('holders/A/bottom')).toBeLessThan(at('closure/tape'));
  });
});
