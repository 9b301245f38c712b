import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { polygonArea } from '../../geometry/outline.ts';
import { outlineOf, type OutlineFile } from './outline-file.ts';
import { readDxfOutline } from './read-dxf-outline.ts';
import { readSvgOutline } from './read-svg-outline.ts';

const svg = (inside: string, size = 'width="100mm" height="50mm" viewBox="0 0 100 50"') =>
  `<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" ${size}>${inside}</svg>`;
const ofSvg = (text: string, options = {}) => outlineOf(readSvgOutline(text), options);
const ofDxf = (text: string, options = {}) => outlineOf(readDxfOutline(text), options);
const sizes = (file: OutlineFile) => (file.ok ? [file.length, file.width] : file.code);
const message = (file: OutlineFile) => (file.ok ? 'fine' : file.message);
/** Chords lie within their curve, by a fiftieth of a millimetre at most and as much again where points were left out. */
const isAreaOf = (file: OutlineFile, exact: number, round: number) => {
  expect(area(file)).toBeLessThanOrEqual(exact + 0.05 * round);
  expect(area(file)).toBeGreaterThanOrEqual(exact - 0.05 * round);
};
const area = (file: OutlineFile) => (file.ok ? Math.abs(polygonArea(file.outline)) : NaN);

describe('an outline from an SVG', () => {
  test('in millimetres by width and viewBox', () => {
    expect(sizes(ofSvg(svg('<rect x="5" y="5" width="60" height="20"/>')))).toEqual([60, 20]);
    const twice = 'width="200mm" height="100mm" viewBox="0 0 100 50"';
    expect(sizes(ofSvg(svg('<rect x="5" y="5" width="60" height="20"/>', twice)))).toEqual([120, 40]);
  });
  test('a px is 1/96 in (CSS Values and Units)', () => {
    const size = 'width="960px" height="96px" viewBox="0 0 960 96"';
    expect(sizes(ofSvg(svg('<rect width="96" height="48"/>', size)))).toEqual([25.4, 12.7]);
  });
  test('a circle by its arcs has the area of a circle', () => {
    const circle = ofSvg(svg('<circle cx="40" cy="25" r="20"/>'));
    isAreaOf(circle, Math.PI * 400, Math.PI * 40);
  });
  test('curves of every kind: a quadratic one over its chord holds two thirds of their box', () => {
    // area under a parabola (Archimedes): 2/3 of base times height; height is half of the control point's
    expect(area(ofSvg(svg('<path d="M0 40Q30 0 60 40Z"/>')))).toBeCloseTo((2 / 3) * 60 * 20, 0);
    // the same curve raised to a cubic
    const cubic = '<path d="M0 40C20 13.3333333 40 13.3333333 60 40Z"/>';
    expect(area(ofSvg(svg(cubic)))).toBeCloseTo((2 / 3) * 60 * 20, 0);
  });
  test('groups that are moved, turned and scaled', () => {
    const inner =
      '<g transform="translate(10 5)"><g transform="rotate(30) scale(2)"><rect width="20" height="8"/></g></g>';
    expect(sizes(ofSvg(svg(inner)))).toEqual([40, 16]);
  });
  test('the largest of several lines, and what was left out is told', () => {
    const file = ofSvg(
      svg('<rect width="10" height="10"/><rect width="50" height="30"/><path d="M0 0L5 5"/><text>A</text>'),
    );
    expect(sizes(file)).toEqual([50, 30]);
    expect(file.ok && file.notes).toEqual(['Open lines were left out.', 'The largest of 2 closed lines was taken.']);
  });

  const hostile: [string, string, RegExp][] = [
    ['a script', '<script>alert(1)</script><rect width="9" height="9"/>', /carries a script/],
    ['a script in an attribute', '<rect width="9" height="9" onload="alert(1)"/>', /carries a script/],
    ['a picture from elsewhere', '<image href="http://elsewhere.example/a.png"/>', /<image>/],
    ['a link', '<rect width="9" height="9" xlink:href="http://elsewhere.example"/>', /outside itself/],
    ['a fill from elsewhere', '<rect width="9" height="9" fill="url(http://elsewhere.example#a)"/>', /outside itself/],
    ['a style from elsewhere', '<style>@import "http://elsewhere.example"</style>', /outside itself/],
    ['foreign content', '<foreignObject><p>hi</p></foreignObject>', /<foreignobject>/],
  ];
  test.each(hostile)('%s is refused', (_, inside, reason) => {
    const file = ofSvg(svg(inside));
    expect(sizes(file)).toBe('outline.unsafe');
    expect(message(file)).toMatch(reason);
    expect(message(file)).toContain('plain SVG');
  });
  test('entities are refused before anything is read', () => {
    const bomb = `<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]>${svg('<rect width="9" height="9"/>')}`;
    expect(sizes(ofSvg(bomb))).toBe('outline.unsafe');
  });
  test('what is far too much is refused at once: nesting, points, corners', () => {
    const many = (count: number, at: (i: number) => string) => Array.from({ length: count }, (_, i) => at(i)).join(' ');
    const polygon = (points: string) => svg(`<polygon points="${points}"/>`);
    expect(sizes(ofSvg(svg('<g>'.repeat(5000) + '</g>'.repeat(5000))))).toBe('outline.unreadable');
    expect(message(ofSvg(svg('<rect width="1" height="1"/>'.repeat(9000))))).toContain('too large');
    for (const points of [50_000, 500_000])
      expect(message(ofSvg(polygon(many(points, (i) => `${i % 9},${i % 7}`))))).toContain('too large');
    const teeth = many(4000, (i) => `${(i % 2) * 80},${(i * 7919) % 50}`);
    expect(sizes(ofSvg(polygon(teeth)))).toBe('outline.corners');
    // many points on a smooth line are only thinned out
    const round = many(15_000, (i) => `${40 + 20 * Math.cos(i / 2387.33)},${25 + 20 * Math.sin(i / 2387.33)}`);
    const thinned = ofSvg(polygon(round));
    expect(sizes(thinned)).toEqual([expect.closeTo(40, 1), expect.closeTo(40, 1)]);
    expect(thinned.ok && thinned.outline.length).toBeLessThan(1000);
  });
  test('whatever it is given, it answers', () => {
    const tag = fc.constantFrom('g', 'path', 'rect', 'circle', 'polygon', 'svg', 'style', 'use');
    const key = fc.constantFrom('d', 'points', 'width', 'transform', 'viewBox', 'href', 'cx', 'r', 'rx');
    const value = fc.oneof(fc.string(), fc.constantFrom('M0 0L9 9Z', '0,0 9,0 9,9', 'rotate(9', 'NaN', '1e999', '-4'));
    const element = fc.tuple(tag, fc.dictionary(key, value, { maxKeys: 4 })).map(([name, attributes]) => {
      const written = Object.entries(attributes).map(([k, v]) => `${k}="${v.replace(/[<>&"]/g, '')}"`);
      return `<${name} ${written.join(' ')}/>`;
    });
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.array(element, { maxLength: 6 }).map((all) => svg(all.join(''))),
        ),
        (text) => {
          expect(typeof ofSvg(text).ok).toBe('boolean');
          expect(typeof ofDxf(text).ok).toBe('boolean');
        },
      ),
      { numRuns: 400 },
    );
  });
  test('without units it asks, and takes the answer', () => {
    const text = svg('<rect width="60" height="20"/>', 'viewBox="0 0 100 50"');
    expect(sizes(ofSvg(text))).toBe('outline.noUnits');
    expect(sizes(ofSvg(svg('<rect width="60" height="20"/>', 'width="100" height="50"')))).toBe('outline.noUnits');
    expect(sizes(ofSvg(text, { mmPerUnit: 2 }))).toEqual([120, 40]);
  });
  test('an outline that crosses itself, one that is too large, none at all, and what is no SVG', () => {
    expect(sizes(ofSvg(svg('<path d="M0 0L40 40L40 0L0 40Z"/>')))).toBe('outline.crosses');
    // crosses itself with equal halves: both ways of counting cover the same ground
    expect(sizes(ofSvg(svg('<polygon points="0,0 40,20 40,0 0,20"/>')))).toBe('outline.crosses');
    expect(sizes(ofSvg(svg('<rect width="3000" height="40"/>')))).toBe('outline.size');
    expect(sizes(ofSvg(svg('<path d="M0 0L5 5"/>')))).toBe('outline.nothing');
    expect(sizes(ofSvg('hello'))).toBe('outline.unreadable');
    expect(sizes(ofSvg('<svg><rect></svg>'))).toBe('outline.unreadable');
    expect(sizes(ofSvg(svg('<path d="M0 0 L nonsense"/>')))).toBe('outline.unreadable');
  });
});

const pairs = (...values: (string | number)[]) => values.map(String).join('\n');
const dxf = (entities: string, insunits?: number) =>
  [
    ...(insunits === undefined ? [] : [pairs(0, 'SECTION', 2, 'HEADER', 9, '$INSUNITS', 70, insunits, 0, 'ENDSEC')]),
    pairs(0, 'SECTION', 2, 'ENTITIES'),
    entities,
    pairs(0, 'ENDSEC', 0, 'EOF'),
    '',
  ].join('\n');
const polyline = (points: [number, number, number?][]) =>
  pairs(
    0,
    'LWPOLYLINE',
    8,
    0,
    90,
    points.length,
    70,
    1,
    ...points.flatMap(([x, y, b]) => [10, x, 20, y, ...(b ? [42, b] : [])]),
  );
const line = (x: number, y: number, u: number, v: number) => pairs(0, 'LINE', 8, 0, 10, x, 20, y, 11, u, 21, v);

describe('an outline from a DXF', () => {
  test('in millimetres, in inches, and without units', () => {
    const card = polyline([
      [0, 0],
      [3.37, 0],
      [3.37, 2.125],
      [0, 2.125],
    ]);
    expect(sizes(ofDxf(dxf(card, 4)))).toEqual([3.37, 2.13]);
    const inches = ofDxf(dxf(card, 1));
    expect(sizes(inches)).toEqual([85.6, 53.98]);
    expect(inches.ok && inches.notes).toEqual(['The drawing is in inches: one is 25.4 mm.']);
    expect(sizes(ofDxf(dxf(card)))).toBe('outline.noUnits');
    expect(sizes(ofDxf(dxf(card, 0), { mmPerUnit: 10 }))).toEqual([33.7, 21.25]);
  });
  test('a bulge of 1 is half a circle: two of them make a slot', () => {
    const slot = ofDxf(
      dxf(
        polyline([
          [0, 0],
          [40, 0, 1],
          [40, 20],
          [0, 20, 1],
        ]),
        4,
      ),
    );
    expect(sizes(slot)).toEqual([60, 20]);
    isAreaOf(slot, 800 + Math.PI * 100, 80 + Math.PI * 20);
  });
  test('lines and arcs that meet at their ends, in any order and direction', () => {
    const arc = pairs(0, 'ARC', 8, 0, 10, 30, 20, 10, 40, 10, 50, 270, 51, 90);
    const tongue = ofDxf(dxf([line(30, 20, 0, 20), line(0, 0, 30, 0), arc, line(0, 0, 0, 20)].join('\n'), 4));
    expect(sizes(tongue)).toEqual([40, 20]);
    isAreaOf(tongue, 600 + (Math.PI * 100) / 2, 80 + Math.PI * 10);
  });
  test('circles, and ellipses by their axes', () => {
    isAreaOf(ofDxf(dxf(pairs(0, 'CIRCLE', 8, 0, 10, 5, 20, 5, 40, 20), 4)), Math.PI * 400, Math.PI * 40);
    const egg = pairs(0, 'ELLIPSE', 8, 0, 10, 0, 20, 0, 11, 30, 21, 0, 40, 0.5, 41, 0, 42, 2 * Math.PI);
    expect(sizes(ofDxf(dxf(egg, 4)))).toEqual([60, 30]);
  });
  test('whatever pairs it is given, it answers', () => {
    const code = fc.constantFrom(0, 2, 8, 9, 10, 20, 11, 21, 40, 41, 42, 70, 90);
    const word = fc.constantFrom(
      'SECTION',
      'ENTITIES',
      'LINE',
      'ARC',
      'SPLINE',
      'ENDSEC',
      'EOF',
      '1',
      '-3',
      'x',
      '',
      '1e999',
    );
    fc.assert(
      fc.property(fc.array(fc.tuple(code, word), { maxLength: 30 }), (all) => {
        expect(typeof ofDxf(dxf(all.flat().join('\n'), 4)).ok).toBe('boolean');
      }),
      { numRuns: 300 },
    );
  });
  test('open lines make no outline; what is no DXF says so', () => {
    expect(sizes(ofDxf(dxf(line(0, 0, 30, 0), 4)))).toBe('outline.nothing');
    expect(sizes(ofDxf('hello'))).toBe('outline.unreadable');
    expect(sizes(ofDxf(''))).toBe('outline.unreadable');
  });
});
