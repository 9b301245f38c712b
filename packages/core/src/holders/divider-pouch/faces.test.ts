import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import type { DesignDocument, Params } from '../../document/design-document.ts';
import { changeForm } from '../../document/edits/form.ts';
import { putThings, removeHolder } from '../../document/edits/arrange.ts';
import { placeForMe, takeOut } from '../../document/edits/place.ts';
import { placesFor, spotsFor } from '../../document/edits/places.ts';
import { facesOf, mayGo } from '../../document/edits/seats.ts';
import { wordingText } from '../../errors/wording.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { solveMemo } from '../../solve/memo.ts';
import { standardShelves } from '../../shelves/shelves.ts';
import { builtInKinds } from '../../kinds/kinds.ts';

const organizer = demoDesigns.find(({ id }) => id === 'field-organizer')!;

/** The organizer with one more thing, in a holder on a face. */
function carrying(face: string, kind: string, item: string, params: Params = {}, of = organizer): DesignDocument {
  const id = `P${of.holders.length}`;
  return {
    ...of,
    contents: [...of.contents, { id, item, count: 1, perHolder: 1, orientation: 'upright' }],
    holders: [...of.holders, { id, kind, params, contents: [{ line: id, count: 1 }] }],
    faces: { ...of.faces, [face]: { kind: 'holder', id } },
  };
}
const solve = (design: DesignDocument) => solveDesign(design);
const bare = solve(organizer);
const notebook = carrying('B-front', 'slip-pocket', 'notebook');
const one = solve(notebook);
/** With nothing on its back. */
const bareBack: DesignDocument = {
  ...organizer,
  faces: Object.fromEntries(Object.entries(organizer.faces).filter(([face]) => face !== 'back')),
};
const sizeOf = (solution: typeof bare, holder: string, size: string) =>
  solution.holders.find(({ id }) => id === holder)!.sizes[size]!.value;

describe('what is sewn onto a divider pouch', () => {
  test('lies on its front or its back, while it holds something', () => {
    expect(facesOf(organizer).flatMap(({ of, title }) => (of ? [title] : []))).toEqual([
      'on the front of pouch B',
      'on the back of pouch B',
    ]);
    const empty = { ...organizer, holders: organizer.holders.map((each) => ({ ...each, contents: [] })) };
    expect(facesOf(empty).filter(({ of }) => of)).toEqual([]);
    expect(mayGo(organizer, 'slip-pocket', { face: 'B-front' })).toBe(true);
    expect(mayGo(organizer, 'divider-pouch', { face: 'B-front' })).toBe(false);
  });

  // by hand, from docs/worked/field-organizer.md: a notebook 148 x 105 x 14 in a slip pocket of two layers of 0.27
  test('asks for a pouch as high as it is, with the stitching and the foot below the zipper', () => {
    // 148 + 3 + 7 + pi/2 x 0.405 + 2 = 160.64 -> 161, and 10
    expect(sizeOf(one, 'B', 'high')).toBe(171);
    // on a bottom of 2 x 21.5
    expect(sizeOf(one, 'B', 'pouchPanel')).toBe(192.5);
    // 171 + 20 above + 10 below + 4, and the lining 2 less deep
    expect(one.body.sizes.height!.value).toBe(207);
  });

  test('makes the box deeper by its cloth and its things, full and empty', () => {
    // 74 + 14.54 + 14 + 2 x 0.27 + 2.27 + 5.96 = 111.31
    expect(one.finished.depth!.value - bare.finished.depth!.value).toBeCloseTo(111.5 - 97, 9);
    expect(one.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });

  test('is told by the fitting where the box is as deep as without it', () => {
    const { findings } = solve({ ...notebook, pins: { 'body/depth': 97 } });
    const told = findings.find(({ code }) => code === 'clearance.tooTight')!;
    expect(told.about).toContain('holders/A');
  });

  test('is sewn on before the zipper of the pouch', () => {
    const ids = one.operations.map(({ id }) => id);
    const on = ids.findLastIndex((id) => id.startsWith('holders/P5/'));
    expect(on).toBeGreaterThanOrEqual(0);
    expect(on).toBeLessThan(ids.indexOf('holders/B/zipper'));
  });

  test.each(['front', 'back'])('lies in its side seams where it is as wide as its %s', (face) => {
    const { seams, findings } = solve(
      carrying(`B-${face}`, 'zip-pocket', 'passport', { style: 'applied', wide: 'face' }),
    );
    const sides = seams.filter(({ id }) => /^holders\/P5#(left|right)/.test(id));
    expect(sides.length).toBeGreaterThan(1);
    for (const { kind, within, b, walks } of sides) {
      expect(kind).toBe('caught');
      expect(b.piece).toBe(`holders/B/pouch-${face}`);
      // the seam that it lies in is that of the very edge
      const [part] = b.parts;
      const edge = seams.find(({ id }) => id === within)!.a.parts[0]!;
      expect('edge' in part! && 'edge' in edge && part.edge === edge.edge).toBe(true);
      expect(walks).toBe(true);
    }
    expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });

  test.each([
    ['zip-pocket', { style: 'window' }],
    ['set-in-pocket', {}],
  ])('does not hang behind its wall: a %s', (kind, params) => {
    const { findings } = solve(carrying('B-back', kind, 'passport', params));
    const told = findings.find(({ code }) => code === 'holder.noSeat')!;
    expect(wordingText(told.text, String)).toContain('it cannot lie on the back of pouch B');
  });

  test('is offered there, but not what would hang behind it, nor what would leave the pouch empty', () => {
    const passport = standardShelves.items.find(({ id }) => id === 'passport')!;
    const offered = (line: string) =>
      placesFor(organizer, passport, line).flatMap(({ face, place }) =>
        face === 'B-front' && 'kind' in place ? [place.kind] : [],
      );
    expect(offered('elsewhere')).toContain('slip-pocket');
    expect(offered('elsewhere')).not.toContain('zip-pocket');
    const [inPouch] = organizer.holders.find(({ id }) => id === 'B')!.contents;
    expect(offered(inPouch!.line)).toEqual([]);
    const spots = (design: DesignDocument) => spotsFor(design, 'P5').map(({ face }) => face);
    expect(spots(carrying('back', 'zip-pocket', 'passport', { style: 'window' }, bareBack))).not.toContain('B-front');
    expect(spots(carrying('back', 'zip-pocket', 'passport', { style: 'applied' }, bareBack))).toContain('B-front');
  });

  test('has a board of its own, as wide and as high as the wall', () => {
    const board = one.boards.find(({ id }) => id === 'B-front')!;
    expect(board).toMatchObject({ title: 'Front of pouch B', ground: 'pocket', width: 195.04, height: 171 });
  });

  test('goes with the pouch, and lies on the body again where nothing can hang', () => {
    const same = changeForm(notebook, { kind: 'organizer', params: { outer: 'none' } }, standardShelves.items);
    expect(same.edit.apply(notebook, builtInKinds).faces['B-front']).toEqual({ kind: 'holder', id: 'P5' });
    const other = changeForm(notebook, { kind: 'foldover' }, standardShelves.items).edit.apply(notebook, builtInKinds);
    expect(Object.keys(other.faces)).not.toContain('B-front');
    expect(solve(other).findings.filter(({ code }) => code === 'holder.noSeat')).toEqual([]);
  });

  test('goes when the pouch does, taken away or left empty, and what it held is without a home', () => {
    const inPouch = notebook.holders.find(({ id }) => id === 'B')!.contents[0]!.line;
    for (const { holders, faces } of [
      removeHolder('B', 'Divider pouch').apply(notebook, builtInKinds),
      takeOut(notebook, inPouch),
    ]) {
      expect(holders.map(({ id }) => id)).toEqual(['A', 'C', 'D', 'E']);
      expect(Object.keys(faces).sort()).toEqual(['back', 'flap', 'front', 'inside']);
    }
    // nothing is put into what would go with that
    const into = putThings({ id: inPouch, count: 1 }, 'Notebook', { into: 'P5' });
    expect(into.apply(notebook, builtInKinds)).toBe(notebook);
    const item = standardShelves.items.find(({ id }) => id === 'notebook')!;
    const places = placesFor(notebook, item, inPouch).map(({ id }) => id);
    expect(places.filter((id) => id === 'into-P5' || id.includes('B-'))).toEqual([]);
  });

  test('is never put there without being asked', () => {
    const [first] = organizer.contents;
    const loose = {
      ...organizer,
      contents: [...organizer.contents, { ...first!, id: 'x', item: 'passport', count: 1 }],
    };
    expect(Object.keys(placeForMe(loose, standardShelves.items).faces)).not.toContain('B-front');
  });

  test('is measured anew whatever is remembered', () => {
    const memo = solveMemo();
    const high = (design: DesignDocument) =>
      sizeOf(solveDesign(design, standardShelves, builtInKinds, memo), 'B', 'high');
    expect(high(organizer)).toBe(116.5);
    expect(high(notebook)).toBe(171);
    expect(high(carrying('B-front', 'slip-pocket', 'passport'))).toBeLessThan(171);
    expect(high(organizer)).toBe(116.5);
  });
});
