import { describe, expect, test } from '@jest/globals';
import type { DesignDocument, Params } from '../../document/design-document.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { flatAccordion } from '../../testing/flat-accordion.ts';

interface Card {
  thick: number;
  long?: number;
  wide?: number;
}

/** The receipts file with a card behind a zipper in one of its walls. */
function withCard(
  face: 'front-wall' | 'back-wall',
  { thick, long = 85, wide = 54 }: Card,
  params: Params = {},
  more: Partial<DesignDocument> = {},
) {
  const { body, contents, holders, faces, ownItems } = flatAccordion;
  return solveDesign({
    ...flatAccordion,
    body: { ...body, params: { ...body.params, ...params } },
    ownItems: [
      ...ownItems,
      {
        id: 'slab',
        name: 'Slab',
        shape: 'box',
        length: long,
        width: wide,
        thickness: thick,
        rigid: true,
        source: 'yours',
      },
    ],
    contents: [...contents, { id: 'slab', item: 'slab', count: 1, perHolder: 1, orientation: 'lying' }],
    holders: [
      ...holders,
      { id: 'W', kind: 'zip-pocket', params: { style: 'window' }, contents: [{ line: 'slab', count: 1 }] },
    ],
    faces: { ...faces, [face]: { kind: 'holder', id: 'W' } },
    ...more,
  });
}

type Solved = ReturnType<typeof withCard>;
const size = ({ body }: Solved, name: string): number => body.sizes[name]!.value;
/** What a thing has to spare in a direction, mm. */
const spare = ({ holders }: Solved, line: string, way: string): number => {
  const { clearance, ease } = holders
    .flatMap(({ clearances }) => clearances)
    .find((each) => each.line === line && each.direction === way)!;
  return clearance.value - ease;
};

describe('a zipper in the wall of an accordion', () => {
  test('its things open the compartment before it by their thickness, two layers of cloth included', () => {
    const [thin, thick] = [withCard('front-wall', { thick: 1 }), withCard('front-wall', { thick: 9 })];
    expect(size(thick, 'leg1') - size(thin, 'leg1')).toBeCloseTo(4, 6);
    // 4.8 and 1 of things, two layers of 0.47; lining 0.08 and half of its taper: half of it, and 1
    expect(size(thin, 'leg1')).toBeCloseTo((4.8 + 1 + 2 * 0.47 + 0.08 + 0.5) / 2 + 1, 2);
    expect(size(thick, 'leg3')).toBeCloseTo(size(thin, 'leg3'), 6);
    const behind = withCard('back-wall', { thick: 9 });
    expect(size(behind, 'leg3')).toBeCloseTo((2.4 + 9 + 2 * 0.47 + 0.08 + 0.5) / 2 + 1, 2);
    expect(thick.closedThickness.value - thin.closedThickness.value).toBeCloseTo(8, 6);
  });

  test.each(['flat', 'fan'])('the fitting takes it from the compartment (%s)', (foot) => {
    // the same body, and only what is in its wall is thicker
    const pins = { 'body/gusset': 86, 'body/width': 200, 'body/height': 170 };
    const way = foot === 'flat' ? 'thick' : 'deep';
    const [thin, thick] = [2, 10].map((by) => withCard('front-wall', { thick: by }, { foot }, { pins }));
    const lost = (line: string) => spare(thin!, line, way) - spare(thick!, line, way);
    // round the foot of a fan half of its thickness goes along each wall; of a flat gusset both ends share what is left, 8 less
    expect(lost('c1')).toBeCloseTo(4, 4);
    if (foot === 'flat') expect(lost('c3')).toBeCloseTo(4, 4);
  });

  test('a body that is pinned too small for it is told', () => {
    const pinned = withCard('back-wall', { thick: 12 }, {}, { pins: { 'body/gusset': 45.5 } });
    const told = pinned.findings.filter(({ code }) => code === 'clearance.tooTight' || code === 'clearance.blocked');
    expect(told.length).toBeGreaterThan(0);
    expect(spare(pinned, 'c3', 'thick')).toBeLessThan(0);
  });

  test('what is wider than the booklets makes it wider: 8 clear of the sides, 2 of stitching, 8 beside the opening', () => {
    const wide = withCard('front-wall', { thick: 1, long: 190 });
    // the opening passes 190 + 1 + 3; the lining is 1 narrower
    const asked = 194 + 2 * 8 + 2 * 2 + 1 + 2 * 8;
    expect(size(wide, 'width')).toBeGreaterThanOrEqual(asked);
    expect(size(wide, 'width')).toBeLessThan(asked + 1);
    const front = wide.pieces.find(({ id }) => id === 'body/lining-front')!;
    const lines = front.lines.filter(({ id }) => id.startsWith('W-window'));
    expect(lines.length).toBeGreaterThan(3);
    const xs = lines.flatMap(({ from, to }) => [from[0], to[0]]);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(194, 6);
  });

  test('the window is sewn before the lining is, and the pocket lies above the base', () => {
    const solved = withCard('front-wall', { thick: 1 });
    const order = solved.operations.map(({ id }) => id);
    expect(order.indexOf('holders/W/window')).toBeLessThan(order.indexOf('body/lining'));
    const front = solved.pieces.find(({ id }) => id === 'body/lining-front')!;
    const fold = front.folds.find(({ id }) => id === 'base')!;
    const low = front.lines.find(({ id }) => id === 'W-window-bottom')!;
    expect(low.from[1]).toBeGreaterThan(fold.from[1]);
  });
});
