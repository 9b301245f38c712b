import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import type { DesignDocument, Params } from '../../document/design-document.ts';
import { placesFor } from '../../document/edits/places.ts';
import { placeForMe } from '../../document/edits/place.ts';
import { facesOf } from '../../document/edits/seats.ts';
import { pointAlong, type Outline } from '../../geometry/outline.ts';
import type { Point } from '../../geometry/perimeter.ts';
import type { EdgeRun } from '../../pieces/seam.ts';
import { standardItems } from '../../shelves/items/standard-items.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { verdictOn } from '../../fit/verdicts.ts';
import type { Solution } from '../../solve/solution.ts';

const organizer = demoDesigns.find(({ id }) => id === 'landing-organizer')!;
const closed = (params: Params, more: Partial<DesignDocument> = {}): DesignDocument => ({
  ...organizer,
  ...more,
  closure: { kind: 'flap-pouch', params },
});

/** Where a run is after so many millimetres, by stepping along the edges of its piece. */
function walked(stitch: Outline, { parts }: EdgeRun, by: number): Point {
  let left = by;
  for (const part of parts) {
    if (!('edge' in part)) throw new Error('no edge');
    const edge = stitch.find(({ id }) => id === part.edge)!;
    const length =
      edge.kind === 'line'
        ? Math.hypot(edge.to[0] - edge.from[0], edge.to[1] - edge.from[1])
        : Math.abs(edge.sweep) * Math.hypot(edge.from[0] - edge.centre[0], edge.from[1] - edge.centre[1]);
    const [from, to] = [part.from ?? 0, part.to ?? length];
    if (left <= to - from + 1e-9) return pointAlong(edge, part.reversed ? to - left : from + left);
    left -= to - from;
  }
  throw new Error(`${by} is beyond the run`);
}

/** Across the zipper, from the place of the front that a place of its tape is sewn to, to that of the back: as both faces lie on each
 * other, the back mirrored. mm */
function astray({ pieces, seams }: Solution, slipped = 0): number {
  const stitch = (id: string) => pieces.find((piece) => piece.id === id)!.stitch;
  const seam = (id: string) => seams.find((each) => each.id === id)!;
  const [front, back] = [seam('closure/zipper#front'), seam('closure/zipper#back')];
  const [tape] = [stitch('closure/zipper')];
  const width = Math.max(...stitch('closure/flap').map(({ from: [x] }) => x));
  const [start, whole] = [front.a.parts[0]!, Math.max(...tape.map(({ from: [x] }) => x))];
  const length = start.to! - start.from!;
  return Math.max(
    ...Array.from({ length: 101 }, (_, index) => (index / 100) * length).map((by) => {
      const x = start.from! + by;
      const upper = back.a.parts[0]!;
      // the other edge of the tape runs back
      const there = whole - x - upper.from!;
      const [fx, fy] = walked(stitch('closure/flap'), front.b, by);
      const [bx, by_] = walked(stitch('closure/flap-back'), back.b, Math.min(length, Math.max(0, there + slipped)));
      return Math.hypot(fx - (width - bx), fy - by_);
    }),
  );
}

describe('a flap of two faces', () => {
  test.each([6, 30, 50, 80])('folded by hand with corners of %s, its faces lie on each other all round', (corner) => {
    const solution = solveDesign(closed({ corner }));
    expect(astray(solution)).toBeLessThan(1e-6);
    // the check notices a tape that slipped by a millimetre
    expect(astray(solution, 1)).toBeGreaterThan(0.6);
  });

  test('each lining goes round its own face as that does', () => {
    const { pieces } = solveDesign(organizer);
    const area = (id: string) => pieces.find((piece) => piece.id === id)!.stitch;
    expect(area('closure/flap-front-lining')).toEqual(area('closure/flap'));
    expect(area('closure/flap-back-lining')).toEqual(area('closure/flap-back'));
  });

  const verdicts = (design: DesignDocument) =>
    solveDesign(design)
      .holders.find(({ id }) => id === 'C')!
      .clearances.map((each) => [each.direction, verdictOn(each)]);
  test('holds what it was made for, and says so when a pin takes it', () => {
    const worst = (length: number) => verdicts({ ...organizer, pins: { 'closure/flapLength': length } });
    // 7.84 to spare of 141, and 5 of them are ease
    expect(verdicts(organizer).every(([, verdict]) => verdict === 'goesIn')).toBe(true);
    expect(worst(137)).toContainEqual(['deep', 'lessThanEase']);
    expect(worst(132)).toContainEqual(['deep', 'doesNotGoIn']);
  });

  test('round corners ask for more length, by what a corner of the thing leaves of them', () => {
    const length = (corner: number) => solveDesign(closed({ corner })).closure.sizes.flapLength!.value;
    // 19.448 beside it: corners of 19 take nothing
    expect(length(19)).toBe(length(6));
    expect(length(50) - length(19)).toBeCloseTo(10.42, 0);
  });

  test('asks the body for an edge and a leaf that it can lie on', () => {
    const large = {
      id: 'big',
      name: 'Board',
      shape: 'box' as const,
      length: 200,
      width: 170,
      thickness: 6,
      rigid: true,
      source: 'yours' as const,
    };
    const design = closed(
      { corner: 20 },
      {
        ownItems: [...organizer.ownItems, large],
        contents: organizer.contents.map((line) => (line.id === 'c4' ? { ...line, item: 'big' } : line)),
      },
    );
    const solution = solveDesign(design);
    expect(verdicts(design).every(([, verdict]) => verdict === 'goesIn')).toBe(true);
    // across 200 and 6 round, less the zipper
    expect(solution.finished.height!.value).toBeGreaterThan(200 + 6 - 13);
    expect(solution.body.sizes.leafWidth!.value).toBeGreaterThan(170 + 6 - 6.5);
  });

  test('two fasteners lie beside each other, one where corners leave no room', () => {
    const caps = (params: Params) =>
      solveDesign(closed(params))
        .pieces.find(({ id }) => id === 'closure/flap-back')!
        .marks.map(({ at: [x] }) => x);
    expect(caps({ corner: 20 })).toEqual([161 / 4, (3 * 161) / 4]);
    expect(caps({ corner: 20, fastened: 'one' })).toEqual([161 / 2]);
    // in corners of half its width both keep a radius from the curve
    const [left] = caps({ corner: 80, end: 12 });
    expect(80.5 - left!).toBeLessThan(161 / 4);
  });

  test('its face is there as long as it closes the piece, and is filled when the maker asks', () => {
    expect(facesOf(organizer).map(({ id }) => id)).toContain('flap');
    const plain = { ...organizer, closure: { kind: 'flap', params: {} } };
    expect(facesOf(plain).map(({ id }) => id)).not.toContain('flap');
    const told = solveDesign(plain).findings.filter(({ code }) => code === 'holder.noSeat');
    expect(told.map(({ about }) => about)).toEqual([['holders/C']]);
    const empty = { ...organizer, holders: [], faces: {} };
    expect(placeForMe(empty, standardItems).faces).not.toHaveProperty('flap');
    const passport = standardItems.find(({ id }) => id === 'passport')!;
    expect(
      placesFor(empty, passport, 'c4')
        .map(({ place }) => JSON.stringify(place))
        .join(),
    ).toContain('"flap"');
  });

  test('the piece is so much thicker, and what goes over its edge is not', () => {
    const { closedThickness, body } = solveDesign(organizer);
    const faces = 4 * 0.82 - 4 * 0.82 + 1.96;
    expect(closedThickness.value - body.beneath.full.value).toBeCloseTo(faces + 5, 6);
  });
});
