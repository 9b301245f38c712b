import { describe, expect, test } from '@jest/globals';
import type { DesignDocument } from '../document/design-document.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial } from '../testing/trial.ts';

// canvas 0.62 with interfacing 0.20 outside, lawn 0.16 inside: to the middle of the canvas 0.16 + 0.20 + 0.31, 0.67 on each side;
// pouches and dividers of quilting cotton 0.27
const WALLS = 2 * 0.67;

interface Pinned {
  thick?: number;
  pins?: DesignDocument['pins'];
  params?: Record<string, string>;
}

/** A box of 200 x 100 x 40 in a bag, and behind it one of 120 x 80 x 35 in a pouch. */
function besidePouch({ pins, params = { form: 'boxed' }, thick = 40 }: Pinned): DesignDocument {
  const bag = trial({
    body: 'sleeve',
    params,
    face: 'inside',
    kind: 'cavity',
    item: thing(200, 100, thick),
    closure: 'zip-top',
  });
  return {
    ...bag,
    contents: [...bag.contents, { id: 'c2', item: 'two', count: 1, perHolder: 1, orientation: 'upright' }],
    ownItems: [...bag.ownItems!, { ...thing(120, 80, 35), id: 'two' }],
    holders: [...bag.holders, { id: 'D', kind: 'divider-pouch', params: {}, contents: [{ line: 'c2', count: 1 }] }],
    faces: { ...bag.faces, divider: { kind: 'holder', id: 'D' } },
    ...(pins && { pins }),
  };
}

/** Three boxes of 120 x 80 x 35, two of them side by side behind a divider, one between that and the other divider. */
function parted({ pins }: Pinned): DesignDocument {
  const item = thing(120, 80, 35);
  const bag = trial({
    body: 'sleeve',
    params: { form: 'boxed' },
    face: 'inside',
    kind: 'loose-dividers',
    item,
    closure: 'zip-top',
  });
  const lines = ['c1', 'c2', 'c3'];
  return {
    ...bag,
    contents: lines.map((id) => ({ ...bag.contents[0]!, id })),
    holders: [{ ...bag.holders[0]!, contents: lines.map((line) => ({ line, count: 1 })) }],
    ...(pins && { pins }),
  };
}

function clears(design: DesignDocument, direction: string) {
  const { holders, findings } = solveDesign(design);
  const all = holders
    .flatMap(({ clearances }) => clearances)
    .filter((each) => each.direction === direction && each.line === 'c1');
  return {
    needs: Math.max(...all.map(({ required }) => required.value)),
    left: Math.min(...all.map(({ clearance }) => clearance.value)),
    stops: findings.filter(({ code, severity }) => severity === 'stop' && code === 'clearance.tooTight').length,
  };
}

describe('what lies in one bag, one behind the other', () => {
  test('a thing and a full pouch stand together on the base', () => {
    const { needs, left, stops } = clears(besidePouch({}), 'thick');
    expect(needs).toBeCloseTo(40 + 35 + 2 * 0.27 + WALLS, 6);
    expect([left >= 3, stops]).toEqual([true, 0]);
  });

  test('a base that is deep enough for each alone is too narrow for both', () => {
    const { left, stops } = clears(besidePouch({ pins: { 'body/base': 60 } }), 'thick');
    expect(left).toBeCloseTo(60 - (40 + 35 + 2 * 0.27 + WALLS), 6);
    expect(stops).toBeGreaterThan(0);
  });

  test('and a flat bag that each goes into alone', () => {
    const flat = { form: 'flat' };
    const { needs, left } = clears(besidePouch({ params: flat }), 'across');
    // the lining is narrower than the shell, and lies nearer
    expect(needs).toBeCloseTo(100 + 40 + 35 + 2 * 0.27 + Math.PI * 0.08, 6);
    expect(left).toBeGreaterThanOrEqual(3);
    const narrow = clears(besidePouch({ params: flat, pins: { 'body/flatWidth': 150 } }), 'across');
    expect(narrow.stops).toBeGreaterThan(0);
    // without the pouch it goes in
    const alone = {
      ...besidePouch({ params: flat, pins: { 'body/flatWidth': 150 } }),
      faces: { inside: { kind: 'holder', id: 'A' } },
    };
    expect(clears(alone as DesignDocument, 'across').left).toBeGreaterThan(0);
  });

  test('a divider lies between rows, and all of them stand on one base', () => {
    const { needs } = clears(parted({}), 'thick');
    // each divider is double
    expect(needs).toBeCloseTo(2 * 35 + 2 * 2 * 0.27 + WALLS, 6);
    expect(clears(parted({ pins: { 'body/base': 36 } }), 'thick').left).toBeCloseTo(36 - needs, 6);
  });

  test('walls that do not even reach over it leave no room at all', () => {
    const { left } = clears(besidePouch({ thick: 140, pins: { 'body/height': 90, 'body/base': 40 } }), 'deep');
    expect(left).toBeCloseTo(-200, 6);
  });
});
