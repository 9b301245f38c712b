import { describe, expect, test } from '@jest/globals';
import { tautOver } from '../../testing/measures.ts';
import { openBounds } from '../../testing/room-witness.ts';
import { thing, trial } from '../../testing/trial.ts';
import { pointAlong } from '../../geometry/outline.ts';
import { stretchOf } from '../../pieces/stretch.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import type { Solution } from '../../solve/solution.ts';
import type { DesignDocument, Params } from '../../document/design-document.ts';

// a strongbox of sandwiches, in no demo: 150 long, 90 wide, 34 high
const box = (holderParams: Params, more: Partial<DesignDocument> = {}): Solution =>
  solveDesign({
    ...trial({
      body: 'shell',
      face: 'base',
      kind: 'hold-straps',
      holderParams,
      item: thing(150, 90, 34),
      closure: 'zip-top',
    }),
    ...more,
  });
const pieceOf = ({ pieces }: Solution, id: string) => pieces.find((piece) => piece.id === id)!;
const lineAt = (solution: Solution, id: string, line: string): number =>
  pieceOf(solution, id).lines.find((each) => each.id === line)!.from[0];

describe('straps of two halves that meet over the thing', () => {
  const solution = box({ opens: 'middle', ends: 'edge' });

  test('are as long together as one strap would be, and lap by what holds them', () => {
    const span = solution.holders[0]!.sizes.strapSpan!.value;
    const base = pieceOf(solution, 'body/lining-base');
    const width = Math.max(...base.stitch.flatMap(({ from, to }) => [from[0], to[0]]));
    expect(span).toBeCloseTo(width, 9);
    // over a box: up beside it, across its top, and down; the elastic of 1.1 runs half of that outside
    const r = 0.55;
    const taut = tautOver(span / 2, [
      [-45, 34 + r],
      [45, 34 + r],
    ]);
    const [soft, rough] = ['holders/A/strap', 'holders/A/strap-over'];
    const free =
      lineAt(solution, soft!, 'middle') -
      lineAt(solution, soft!, 'end-1') +
      lineAt(solution, rough!, 'end-2') -
      lineAt(solution, rough!, 'middle');
    // a tenth is taken up; corners are rounded by half of the elastic, and lengths to half a millimetre each
    expect(Math.abs(free - 0.9 * taut)).toBeLessThan(2.5);
    for (const id of [soft!, rough!]) {
      const { cutWidth, count } = pieceOf(solution, id);
      expect(count).toBe(2);
      const beyond = Math.min(lineAt(solution, id, 'middle'), cutWidth.value - lineAt(solution, id, 'middle'));
      // half of a hook-and-loop of 20, and 6 turned under
      expect(beyond).toBeCloseTo(16, 9);
    }
    expect(solution.hardware.find(({ id }) => id === 'hook-loop-20')).toMatchObject({ count: 2 });
    expect(solution.hardware.find(({ id }) => id === 'elastic-20')!.length).toBeCloseTo(
      2 * (pieceOf(solution, soft!).cutWidth.value + pieceOf(solution, rough!).cutWidth.value),
      9,
    );
  });

  test('are caught in the seam of the panel, where its edge is straight', () => {
    const ends = solution.seams.filter(({ id }) => id.startsWith('holders/A#A-strap'));
    expect(ends).toHaveLength(4);
    for (const { kind, within, b } of ends) {
      expect(kind).toBe('caught');
      const seam = solution.seams.find(({ id }) => id === within)!;
      const [part] = b.parts;
      const piece = pieceOf(solution, b.piece);
      const { edge, from, to } = stretchOf(piece, part!)!;
      expect(edge.kind).toBe('line');
      // the same edge lies in that seam, where the middle of the strap is
      const run = [seam.a, seam.b].find((each) => each.piece === b.piece)!;
      const held = run.parts.map((each) => stretchOf(piece, each)!).filter((each) => each.edge.id === edge.id);
      const middle = (from + to) / 2;
      expect(held.some((each) => each.from <= middle && each.to >= middle)).toBe(true);
      // both straps level: as high on the left as on the right
      expect(pointAlong(edge, from)[1]).toBeGreaterThan(0);
    }
    const heights = ends.map(({ b }) => {
      const { edge, from, to } = stretchOf(pieceOf(solution, b.piece), b.parts[0]!)!;
      return pointAlong(edge, (from + to) / 2)[1];
    });
    expect(heights[0]).toBeCloseTo(heights[1]!, 9);
    expect(heights[2]).toBeCloseTo(heights[3]!, 9);
  });

  test('run from one edge of the panel to the other, the thing in the middle', () => {
    const [{ bands, things, seat }] = solution.holders as [Solution['holders'][0]];
    for (const { from, to } of bands!) {
      expect(Math.min(from[0], to[0])).toBeCloseTo(0, 9);
      expect(Math.max(from[0], to[0])).toBeCloseTo(seat.host.width, 9);
    }
    const [{ x, width }] = things as [(typeof things)[0]];
    expect(x + width / 2).toBeCloseTo(seat.host.width / 2, 9);
  });

  test('of a long thing they go up and down, and so lies the thing', () => {
    const up = box({ way: 'upright', opens: 'middle', ends: 'edge' });
    const [{ bands, things, seat, clearances }] = up.holders as [Solution['holders'][0]];
    for (const { from, to } of bands!) {
      expect(Math.min(from[1], to[1])).toBeCloseTo(0, 9);
      expect(Math.max(from[1], to[1])).toBeCloseTo(seat.host.height, 9);
    }
    const [{ y, height }] = things as [(typeof things)[0]];
    expect(y + height / 2).toBeCloseTo(seat.host.height / 2, 9);
    expect(clearances.every(({ clearance }) => clearance.value > 0)).toBe(true);
  });

  test('close over what they hold; without what fastens them they do not', () => {
    const room = solution.rooms.find(({ id }) => id === 'holders/A/1')!;
    expect(openBounds(solution, room)).toEqual([]);
    const open = { ...solution, seams: solution.seams.filter(({ kind }) => kind !== 'fastened') };
    expect(openBounds(open, room)).toContain('holders/A/1: holders/A/strap does not go on with holders/A/strap-over');
  });
});

test('beside another thing straps cannot run from edge to edge, and say so', () => {
  const design = trial({
    body: 'shell',
    face: 'base',
    kind: 'hold-straps',
    holderParams: { ends: 'edge' },
    item: thing(150, 90, 34),
    closure: 'zip-top',
  });
  const both = solveDesign({
    ...design,
    contents: [...design.contents, { ...design.contents[0]!, id: 'c2' }],
    holders: [...design.holders, { ...design.holders[0]!, id: 'B', contents: [{ line: 'c2', count: 1 }] }],
    faces: {
      base: {
        kind: 'row',
        gap: 5,
        share: 'keep',
        children: [
          { kind: 'holder', id: 'A' },
          { kind: 'holder', id: 'B' },
        ],
      },
    },
  });
  expect(both.findings.filter(({ code }) => code === 'straps.notToEdge').map(({ about }) => about)).toEqual([
    ['holders/A'],
    ['holders/B'],
  ]);
  expect(both.seams.filter(({ id }) => id.includes('-strap-')).map(({ kind }) => kind)).toEqual(
    Array.from({ length: 8 }, () => 'stitchedOn'),
  );
});

test('crossed straps have neither halves nor ends in the edge', () => {
  const solution = box({ way: 'crossed', opens: 'middle', ends: 'edge' });
  expect(solution.pieces.filter(({ id }) => id.startsWith('holders/A/')).map(({ id }) => id)).toEqual([
    'holders/A/strap',
  ]);
  expect(solution.findings.map(({ code }) => code)).not.toContain('straps.notToEdge');
});

test('a strap on a leaf is stitched down, whatever is chosen', () => {
  const solution = solveDesign(
    trial({
      body: 'folio',
      face: 'leaf-1',
      kind: 'hold-straps',
      holderParams: { ends: 'edge' },
      item: thing(140, 70, 11),
    }),
  );
  expect(solution.findings.map(({ code }) => code)).toContain('straps.notToEdge');
});

test.each([
  ['elastic-10', 10],
  ['elastic-40', 40],
])('straps of %s are %d wide, where they are cut and where they are sewn', (elastic, wide) => {
  const solution = box({ elastic });
  const strap = pieceOf(solution, 'holders/A/strap');
  expect(strap.cutHeight.value).toBe(wide);
  expect(strap.materials).toEqual([elastic]);
  for (const { from, to } of pieceOf(solution, 'body/lining-base').lines)
    expect(Math.hypot(to[0] - from[0], to[1] - from[1])).toBeCloseTo(wide, 9);
});
