import { wordingText } from '../errors/wording.ts';
import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { Params } from '../document/design-document.ts';
import { edgeLength, pointAlong } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import { solveDesign } from '../solve/solve-design.ts';
import type { Solution } from '../solve/solution.ts';

const pocket = demoDesigns.find(({ id }) => id === 'ferry-pocket')!;
const zipped = (path: string, body: Params = {}): Solution =>
  solveDesign({
    ...pocket,
    body: { ...pocket.body, params: { ...pocket.body.params, ...body } },
    closure: { kind: 'edge-zip', params: { path } },
  });

/** The way of the tape on the flat lining, stepped from place to place. */
function stepped({ pieces, seams }: Solution, step = 0.05): { long: number; places: Point[] } {
  const { b } = seams.find(({ id }) => id === 'closure/tape#path')!;
  const { stitch } = pieces.find(({ id }) => id === b.piece)!;
  const places = b.parts.flatMap((part) => {
    if (!('edge' in part)) return [];
    const edge = stitch.find(({ id }) => id === part.edge)!;
    const [from, to] = [part.from ?? 0, part.to ?? edgeLength(edge)];
    const steps = Math.ceil((to - from) / step);
    return Array.from({ length: steps + 1 }, (_, index) => pointAlong(edge, from + (index / steps) * (to - from)));
  });
  const long = places.reduce(
    (sum, [x, y], index) => (index === 0 ? 0 : sum + Math.hypot(x - places[index - 1]![0], y - places[index - 1]![1])),
    0,
  );
  return { long, places };
}

describe.each(['round', 'upper'])('one tape, %s', (path) => {
  test.each<Params>([{ corners: 'rounded', radius: 25 }, { corners: 'rounded', radius: 12 }, { corners: 'square' }])(
    'is as long as its way, stepped along the edge: %j',
    (body) => {
      const solution = zipped(path, body);
      expect(stepped(solution).long).toBeCloseTo(solution.closure.sizes.zipPath!.value, 2);
      // and 20 at each end
      const spare = solution.closure.sizes.tapeLength!.value - solution.closure.sizes.zipPath!.value;
      expect(spare).toBeGreaterThanOrEqual(40);
      expect(spare).toBeLessThan(40.5);
    },
  );

  test('folded in half it meets itself: as far from the fold on either side', () => {
    const solution = zipped(path);
    const { places } = stepped(solution);
    const wide = solution.body.sizes.liningWidth!.value;
    places.forEach(([x, y], index) => {
      const [ox, oy] = places[places.length - 1 - index]!;
      expect(Math.hypot(x - (wide - ox), y - oy)).toBeLessThan(0.06);
    });
  });
});

describe('along the top and the outer edges', () => {
  const solution = zipped('upper');
  test('it leaves the bottom free, and the work is turned through it', () => {
    const { places } = stepped(solution);
    // never lower than where the lower corners begin
    expect(Math.min(...places.map(([, y]) => y))).toBeCloseTo(25, 6);
    const gaps = (from: Solution) => from.pieces.flatMap(({ gaps: all }) => all.map(({ edge }) => edge));
    expect(new Set(gaps(solution))).toEqual(new Set(['bottom']));
    expect(new Set(gaps(zipped('round')))).toEqual(new Set(['top']));
  });
  test('the gap lies at one place of shell and lining', () => {
    const gap = (id: string) => solution.pieces.find((piece) => piece.id === id)!;
    const [shell, lining] = [gap('body/shell'), gap('body/lining')];
    const at = ({ stitch, gaps: [first] }: typeof shell) => {
      const edge = stitch.find(({ id }) => id === first!.edge)!;
      return [first!.from, first!.to].map((by) => pointAlong(edge, by)[0]);
    };
    // face to face, the shell's left is the lining's right
    const wide = shell.cutWidth.value - 12;
    expect(
      at(shell)
        .map((x) => wide - x)
        .reverse(),
    ).toEqual(at(lining).map((x) => expect.closeTo(x + solution.body.sizes.shellExtra!.value, 6)));
  });
  test('its last step closes the bottom', () => {
    const words = (id: string) => wordingText(solution.operations.find((each) => each.id === id)!.text, String);
    expect(words('closure/tape')).not.toContain('bottom');
    expect(words('body/join')).toMatch(/Leave .* of the bottom edge open/);
  });
});
