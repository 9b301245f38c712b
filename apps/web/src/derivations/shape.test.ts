import { describe, expect, test } from '@jest/globals';
import {
  leastLength,
  newDesign,
  sizeAt,
  standardShelves,
  withOwn,
  type DesignDocument,
  type Material,
  type Solution,
} from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { additions } from './additions.ts';
import { drawnSide, sidesOf } from './drawn-side.ts';
import { limitBars } from './limit-bars.ts';
import { idOfPlacing, offerBox, offersFor, placingOf } from './placing.ts';
import { solvedOf } from './solution.ts';
import { laidOn } from './stack-drop.ts';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;
const solve = (design: DesignDocument): Solution => {
  const solved = solvedOf(design);
  if (!solved.ok) throw new Error(solved.message);
  return solved.solution;
};
const bifold = demo('permit-bifold');

describe('places for what is in hand', () => {
  const sides = sidesOf(bifold, solve(bifold), standardShelves);
  const inside = sides.find(({ id }) => id === 'inside')!;
  test('what is dragged is told by an id and back', () => {
    for (const placing of [
      { kind: 'line', line: 'c1' },
      { kind: 'holder', holder: 'A' },
    ] as const)
      expect(placingOf(idOfPlacing(placing))).toEqual(placing);
    expect(placingOf('swatch/denim')).toBeUndefined();
  });
  test('every offer lies on some side of the drawing, but the way out', () => {
    const offered = demoDesigns.flatMap((design) => {
      const all = sidesOf(design, solve(design), standardShelves);
      return design.contents
        .flatMap(({ id }) => offersFor(design, { kind: 'line', line: id }))
        .map((offer) => ({ offer, boxes: all.flatMap((board) => offerBox(offer, board) ?? []) }));
    });
    for (const { offer, boxes } of offered) {
      expect([offer.id, boxes.length > 0]).toEqual([offer.id, offer.side !== 'out']);
      for (const { x0, x1, y0, y1 } of boxes) expect(Math.min(x1 - x0, y1 - y0)).toBeGreaterThan(0);
    }
  });
  test('beside a holder is a strip of it at that side, into it the middle', () => {
    const a = inside.holders.find(({ id }) => id === 'A')!;
    const offer = (side: 'left' | 'into') => ({
      ...offersFor(bifold, { kind: 'line', line: 'c1' })[0]!,
      holder: 'A',
      side,
    });
    const [left, into] = [offerBox(offer('left'), inside)!, offerBox(offer('into'), inside)!];
    expect(left.x0).toBe(a.x0);
    expect(left.x1).toBe(into.x0);
    expect(into.y1).toBeLessThan(a.y1);
  });
  test('a holder goes beside others, or out with all that is in it', () => {
    const offers = offersFor(bifold, { kind: 'holder', holder: 'A' });
    expect(offers.map(({ side }) => side)).toEqual(expect.arrayContaining(['left', 'right', 'top', 'bottom', 'out']));
    const out = offers.find(({ side }) => side === 'out')!;
    expect(out.edit.apply(bifold).holders.map(({ id }) => id)).not.toContain('A');
  });
  test('of nothing there are none', () => {
    expect(offersFor(bifold, undefined)).toEqual([]);
    expect(offersFor(bifold, { kind: 'line', line: 'gone' })).toEqual([]);
  });
});

describe('what is drawn of a side', () => {
  test('is plain data: it comes through a worker as it is', () => {
    for (const design of demoDesigns) {
      const solution = solve(design);
      for (const board of sidesOf(design, solution, standardShelves)) {
        const drawn = drawnSide(design, solution, board, 'body');
        expect(structuredClone(drawn)).toEqual(drawn);
        for (const [path, { mm }] of Object.entries(drawn.sizes)) expect(mm).toBe(sizeAt(solution, path)!.value);
      }
    }
  });
  test('has the handles of what is in hand', () => {
    const solution = solve(bifold);
    const [inside] = sidesOf(bifold, solution, standardShelves);
    const ids = (selection: string) => drawnSide(bifold, solution, inside!, selection).handles.map(({ id }) => id);
    expect(ids('body')).toContain('pins/body/leafWidth');
    expect(ids('holders/A')).toContain('holders/A/params/reveal');
    expect(ids('closure')).toEqual([]);
  });
  test('is stitched as far from the edge as the design, the house or the standard says', () => {
    const solution = solve(bifold);
    const topstitch = (design: DesignDocument, rules = {}) =>
      sidesOf(design, solution, { ...standardShelves, rules })[0]!.topstitch;
    const plain = { ...bifold, rules: {} };
    expect(topstitch(plain)).toBe(2);
    expect(topstitch(plain, { 'topstitch.inset': 3 })).toBe(3);
    expect(topstitch({ ...bifold, rules: { 'topstitch.inset': 4 } }, { 'topstitch.inset': 3 })).toBe(4);
  });
});

describe('limits as bars', () => {
  test('tell how much is used, and what is passed', () => {
    const design: DesignDocument = {
      ...bifold,
      limits: { 'finished/height': 90, 'thickness/full': 20, 'finished/wings': 5 },
    };
    const bars = limitBars(design, solve(design), standardShelves);
    expect(bars.map(({ id, most, over }) => [id, most, over])).toEqual([
      ['finished/height', 90, true],
      ['thickness/full', 20, false],
    ]);
  });
  test('cloth on hand is a limit of its own', () => {
    const canvas: Material = { ...standardShelves.materials.find(({ id }) => id === 'canvas-10oz')!, rollWidth: 1400 };
    const on = (onHand: number) => ({
      ...standardShelves,
      materials: standardShelves.materials.map((each) => (each.id === canvas.id ? { ...canvas, onHand } : each)),
    });
    const solution = solve(bifold);
    const used = leastLength(solution.pieces, 'canvas-10oz', 1400);
    expect(used).toBeGreaterThan(0);
    const over = (onHand: number) =>
      limitBars(bifold, solution, on(onHand)).find(({ id }) => id === 'cloth/canvas-10oz')!;
    expect(over(used + 1)).toMatchObject({ used, over: false });
    expect(over(used - 1).over).toBe(true);
  });
});

describe('what may be added to the body', () => {
  test('stands at its place, and what is there already is told', () => {
    const tote = demo('boat-tote');
    const mouth = additions(tote).find(({ place }) => place === 'mouth')!.list;
    expect(mouth.find(({ id }) => id === 'part/handles')!.there).toBe('parts/handles');
    const draw = mouth.find(({ id }) => id === 'closure/drawstring')!;
    expect(draw.there).toBeUndefined();
    expect(draw.edit.apply(tote).closure.kind).toBe('drawstring');
  });
  test('what may close it is not offered a second time as a part', () => {
    const ids = additions(newDesign({ id: 'a', name: 'A', body: 'sleeve' })).flatMap(({ list }) =>
      list.map(({ id }) => id),
    );
    expect(ids).toContain('closure/strap-over');
    expect(ids).not.toContain('part/strap-over');
  });
});

describe('a scrap of cloth on the drawing', () => {
  const materials = withOwn({ items: [], materials: [], hardware: [], machines: [], rules: {} }).materials;
  const named = (id: string) => materials.find((each) => each.id === id)!;
  const layers = [
    { material: 'canvas-10oz', coverage: 'full' as const },
    { material: 'interfacing-woven', coverage: 'trimmed' as const },
  ];
  test('becomes the outermost layer; stiffening another one inside', () => {
    expect(laidOn(layers, named('denim'))).toEqual([{ material: 'denim', coverage: 'full' }, layers[1]]);
    expect(laidOn(layers, named('fleece'))).toEqual([...layers, { material: 'fleece', coverage: 'trimmed' }]);
    expect(laidOn([...layers, ...layers, ...layers], named('fleece'))).toBeUndefined();
  });
});
