import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { given } from '../derived/derived.ts';
import { line, rectangle, type Outline } from '../geometry/outline.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { letterPieces } from './alike.ts';
import { alikePieces, countOf, namesOf } from './chart.ts';
import { liesOn } from './lies-on.ts';
import type { Piece } from './piece.ts';
import { edgePart, faceLine, wholeEdge, type Seam } from './seam.ts';
import { callPieces } from './call-pieces.ts';
import { walkSeams } from './walk-seams.ts';

const mm = (value: number) => given('size', value, { kind: 'input', path: 'test' });

function piece(id: string, stitch: Outline, more: Partial<Piece> = {}): Piece {
  const xs = stitch.map(({ from }) => from[0]);
  const ys = stitch.map(({ from }) => from[1]);
  return {
    id,
    letter: '',
    name: id,
    role: 'exterior',
    materials: ['canvas-10oz'],
    layers: [],
    count: 1,
    stitch,
    allowance: Object.fromEntries(stitch.map((edge) => [edge.id, 6])),
    cut: stitch,
    cutWidth: mm(Math.max(...xs) - Math.min(...xs)),
    cutHeight: mm(Math.max(...ys) - Math.min(...ys)),
    grain: 'along',
    printUp: 'top',
    liesOn: [],
    topArrow: false,
    folds: [],
    bends: [],
    notches: [],
    marks: [],
    lines: [],
    gaps: [],
    ...more,
  };
}
const sewn = (id: string, a: Seam['a'], b: Seam['b'], more: Partial<Seam> = {}): Seam => ({
  id,
  kind: 'sewn',
  a,
  b,
  ...more,
});
function notched(drafts: Piece[], seams: Seam[]) {
  const made = callPieces(drafts, seams, []);
  expect(walkSeams(made, seams).every(({ walks }) => walks)).toBe(true);
  const told = (at: number) =>
    made[at]!.notches.map(({ edge, at: along, name, meets = [] }) => [edge, along, name, meets.join(' ')]);
  return { made, told };
}

describe('notches from seams', () => {
  const shell = piece('shell', rectangle(200, 100));

  test('a tab caught inside an edge: its two ends on the edge, its corners named', () => {
    const tab = piece('tab', rectangle(40, 60));
    const { told } = notched(
      [shell, tab],
      [sewn('tab', wholeEdge('tab', 'bottom'), edgePart('shell', 'right', 30, 70))],
    );
    expect(told(0)).toEqual([
      ['right', 30, 'A1', 'B1'],
      ['right', 70, 'A2', 'B2'],
    ]);
    expect(told(1)).toEqual([
      ['bottom', 0, 'B1', 'A1'],
      ['bottom', 40, 'B2', 'A2'],
    ]);
  });
  test('walked the other way round, the other end is met', () => {
    const tab = piece('tab', rectangle(40, 60));
    const { told } = notched(
      [shell, tab],
      [sewn('tab', wholeEdge('tab', 'bottom', true), edgePart('shell', 'right', 30, 70))],
    );
    expect(told(0).map(([, , name, meets]) => [name, meets])).toEqual([
      ['A1', 'B2'],
      ['A2', 'B1'],
    ]);
  });
  test('a seam from corner to corner needs none, unless its middles are matched', () => {
    const other = piece('other', rectangle(200, 50));
    const [a, b] = [wholeEdge('shell', 'bottom'), wholeEdge('other', 'top', true)];
    expect(notched([shell, other], [sewn('plain', a, b)]).told(0)).toEqual([]);
    const { told } = notched([shell, other], [sewn('middles', a, b, { centre: true })]);
    expect([told(0), told(1)]).toEqual([[['bottom', 100, 'A1', 'B1']], [['top', 100, 'B1', 'A1']]]);
  });
  test('where the edge opposite has two pieces, their meeting is marked on the long one', () => {
    const halves = [piece('left', rectangle(120, 50)), piece('right', rectangle(80, 50))];
    const { told } = notched(
      [shell, ...halves],
      [
        sewn('one', edgePart('shell', 'bottom', 0, 120), wholeEdge('left', 'top', true)),
        sewn('two', edgePart('shell', 'bottom', 120, 200), wholeEdge('right', 'top', true)),
      ],
    );
    // one place, one name, though two seams ask for it; the corners need none
    expect(told(0).map(([, at, name, meets]) => [at, name, meets])).toEqual([
      [120, 'A1', 'B1'],
      [120, 'A1', 'C1'],
    ]);
  });
  test('what stands out at one end of an eased seam is left out', () => {
    const long = piece('long', rectangle(230, 50));
    const ease = { by: mm(30), at: 'end' as const };
    const { told } = notched(
      [long, shell],
      [sewn('out', wholeEdge('long', 'bottom'), wholeEdge('shell', 'bottom', true), { ease })],
    );
    expect(told(0)).toContainEqual(['bottom', 200, expect.any(String), expect.any(String)]);
  });
  test('a line on a face is seen, and has no notch', () => {
    const host = piece('host', rectangle(200, 100), {
      lines: [{ id: 'place', from: [50, 50], to: [90, 50], label: '' }],
    });
    const pocket = piece('pocket', rectangle(40, 30));
    const { told } = notched([host, pocket], [sewn('set', wholeEdge('pocket', 'bottom'), faceLine('host', 'place'))]);
    expect([told(0), told(1)]).toEqual([[], []]);
  });
  test('in the demo designs no seam begins or ends unmarked, and most notches say what they meet', () => {
    const notches = demoDesigns.flatMap((design) => solveDesign(design).pieces.flatMap((each) => each.notches));
    for (const { name } of notches) expect(name).toMatch(/^[A-Z]+\d+$/);
    const met = notches.filter(({ meets = [] }) => meets.length > 0);
    expect(met.length / notches.length).toBeGreaterThan(0.9);
  });
});

describe('pieces that are cut alike', () => {
  const slanted = (mirror: boolean): Outline => {
    const at = (x: number): number => (mirror ? 100 - x : x);
    const points: [number, number][] = [
      [at(0), 0],
      [at(100), 0],
      [at(80), 50],
      [at(0), 50],
    ];
    const turned = mirror ? [...points].reverse() : points;
    return turned.map((from, index) => line(`e${index}`, from, turned[(index + 1) % 4]!));
  };
  const letters = (pieces: Piece[]) => {
    letterPieces(pieces);
    return pieces.map(({ letter, mirrored }) => `${letter}${mirrored ? ' mirrored' : ''}`);
  };
  test('share a letter, wherever they are drawn', () => {
    const moved = rectangle(80, 60).map((edge) => ({
      ...edge,
      from: [edge.from[0] + 7, edge.from[1] + 9] as [number, number],
      to: [edge.to[0] + 7, edge.to[1] + 9] as [number, number],
    }));
    expect(letters([piece('a', rectangle(80, 60)), piece('b', rectangle(80, 61)), piece('c', moved)])).toEqual([
      'A',
      'B',
      'A',
    ]);
  });
  test('share it as mirror images too, and say so; what is alike both ways is not mirrored', () => {
    expect(letters([piece('a', slanted(false)), piece('b', slanted(true)), piece('c', slanted(false))])).toEqual([
      'A',
      'A mirrored',
      'A',
    ]);
  });
  test.each([
    ['another cloth', { role: 'lining' as const }],
    ['another material', { materials: ['denim'] }],
    ['a mark', { marks: [{ id: 'm', kind: 'placement' as const, at: [10, 10] as [number, number], label: 'here' }] }],
    ['a notch', { notches: [{ id: 'n', edge: 'top', at: 12 }] }],
    ['a gap', { gaps: [{ edge: 'top', from: 10, to: 50 }] }],
    [
      'a fold',
      {
        folds: [
          {
            id: 'f',
            order: 1,
            kind: 'valley' as const,
            from: [0, 20] as [number, number],
            to: [80, 20] as [number, number],
          },
        ],
      },
    ],
    ['another grain', { grain: 'across' as const }],
    ['an allowance more', { cut: rectangle(82, 60) }],
  ])('%s makes them two', (_, more) => {
    const outline = rectangle(80, 60);
    expect(letters([piece('a', outline), piece('b', outline, more)])).toEqual(['A', 'B']);
  });
  test('are counted together, under what their names share', () => {
    const pieces = ['Card pocket A1', 'Card pocket A2', 'Card pocket B1'].map((name) =>
      piece(name, rectangle(80, 60), { name, count: name.endsWith('B1') ? 2 : 1 }),
    );
    letterPieces(pieces);
    const [alike] = alikePieces(pieces);
    expect(namesOf(alike!)).toBe('Card pocket A1, A2, B1');
    expect(countOf(alike!)).toEqual({ count: 4, mirrored: 0 });
    expect(namesOf([piece('Tab', rectangle(1, 1)), piece('Loop', rectangle(1, 1))])).toBe('Tab, loop');
  });
});

test('what lies on a piece stands in the order of the steps', () => {
  const pieces = ['host', 'pocket', 'band', 'tab'].map((id) => piece(id, rectangle(50, 50)));
  const onto = (id: string, kind: Seam['kind'] = 'stitchedOn'): Seam => ({
    ...sewn(id, wholeEdge(id, 'bottom'), wholeEdge('host', 'bottom')),
    kind,
  });
  const step = (id: string, seams: string[]) =>
    ({ id, seams, phase: 'pockets', needs: [], uses: [], title: '', actions: [] }) as const;
  const on = liesOn(
    pieces,
    [
      onto('pocket'),
      onto('band'),
      onto('tab', 'caught'),
      sewn('lining', wholeEdge('tab', 'top'), wholeEdge('band', 'top')),
    ],
    [step('one', ['band']), step('two', ['tab']), step('three', ['pocket'])].map((each) => ({
      ...each,
      seams: [...each.seams],
      needs: [],
      uses: [],
    })),
  );
  expect(on.get('host')).toEqual(['band', 'tab', 'pocket']);
  expect(on.has('band')).toBe(false);
});
