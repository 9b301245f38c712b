import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { circle, length, n, tautMidline, tautOver } from '../testing/measures.ts';
import { channels, channelPolicies } from './channels.ts';
import { drawstring, elasticBand, snapRow } from './drawstring.ts';
import { flatBackPocket } from './flat-back-pocket.ts';
import { jacket } from './jacket.ts';
import { loop } from './loop.ts';
import { roll, turnsOf, windUp } from './roll.ts';
import { strap } from './strap.ts';

describe('flat-back-pocket', () => {
  const pocket = (width: number, thickness: number, span: number, front: number) =>
    flatBackPocket({ width: n(width), thickness: n(thickness), backSpan: n(span), frontThickness: n(front) });

  test('a 60 x 12 thing, span 72, front 0.5: 86.941, fullness 14.941', () => {
    const { frontLength, fullness } = pocket(60, 12, 72, 0.5);
    expect(frontLength.value).toBeCloseTo(86.941, 3);
    expect(fullness.value).toBeCloseTo(14.941, 3);
  });
  test('is the taut line over the rounded upper edges, sampled', () => {
    fc.assert(
      fc.property(length(10, 120), length(0.5, 60), length(0, 40), length(0.1, 4), (width, thickness, more, front) => {
        const span = width + front + more;
        const up = thickness - front / 2;
        const edges = [...circle(-width / 2, up, front / 2, 4000), ...circle(width / 2, up, front / 2, 4000)];
        expect(pocket(width, thickness, span, front).frontLength.value).toBeCloseTo(tautOver(span / 2, edges), 3);
      }),
      { numRuns: 40 },
    );
  });
  test('nothing in it, and the front is as long as the back', () =>
    expect(pocket(60, 0, 72, 0.5).fullness.value).toBeCloseTo(0, 10));
  test('a span in which the line would enter the thing is refused', () => {
    expect(() => pocket(60, 12, 60.4, 0.5)).toThrow(
      expect.objectContaining({ code: 'size.spanTooNarrow', about: 'backSpan' }),
    );
    expect(() => pocket(60, 12, 60.5, 0.5)).not.toThrow();
  });
});

describe('loop', () => {
  const over = (diameter: number, halfSpan: number, strapThickness: number) =>
    loop({ diameter: n(diameter), halfSpan: n(halfSpan), strapThickness: n(strapThickness), takeUp: n(0.1) });

  test('16 across, stitched 10 to each side, strap 1: 41.982, elastic a tenth shorter', () => {
    expect(over(16, 10, 1).pathLength.value).toBeCloseTo(41.982, 3);
    expect(over(16, 10, 1).relaxedLength.value).toBeCloseTo(0.9 * 41.982, 3);
  });
  // belt length over one pulley, walked on a sampled hull
  test('is the taut path over the round thing, sampled', () => {
    fc.assert(
      fc.property(length(4, 60), length(0, 40), length(0.2, 3), (diameter, more, strapThickness) => {
        const [r, h] = [(diameter + strapThickness) / 2, (diameter - strapThickness) / 2];
        const a = r + more;
        expect(over(diameter, a, strapThickness).pathLength.value).toBeCloseTo(tautOver(a, circle(0, h, r)), 3);
      }),
      { numRuns: 40 },
    );
  });
  test('stitching under the thing is refused', () =>
    expect(() => over(30, 2, 1)).toThrow(expect.objectContaining({ about: 'halfSpan' })));
});

describe('channels', () => {
  const share = (
    minimums: number[],
    usable: number,
    policy: (typeof channelPolicies)[number],
    roundTo = 0.5,
    taker = 0,
  ) => channels({ minimums: minimums.map((mm) => n(mm)), usable: n(usable), policy, roundTo, taker });

  test('by hand: 20.2, 30 and 15 in 80, in steps of half a millimetre', () => {
    expect(share([20.2, 30, 15], 80, 'last')).toMatchObject({ widths: [20.5, 30, 29.5], leftover: { value: 14.5 } });
    expect(share([20.2, 30, 15], 80, 'equal').widths).toEqual([25, 34.5, 20.5]);
    expect(share([20.2, 30, 15], 80, 'named', 0.5, 1).widths).toEqual([20.5, 44.5, 15]);
    expect(share([20, 30, 10], 90, 'proportional', 1).widths).toEqual([30, 45, 15]);
  });
  test('all the width is given out, and none falls below its least', () => {
    const anyCase = fc.record({
      minimums: fc.array(length(0, 80), { minLength: 1, maxLength: 12 }),
      more: length(0, 200),
      policy: fc.constantFrom(...channelPolicies),
      roundTo: fc.constantFrom(0, 0.5, 1, 25.4 / 16),
    });
    fc.assert(
      fc.property(anyCase, ({ minimums, more, policy, roundTo }) => {
        const usable = minimums.reduce((sum, mm) => sum + mm + roundTo, 0) + more;
        const { widths } = share(minimums, usable, policy, roundTo);
        expect(widths.reduce((sum, mm) => sum + mm, 0)).toBeCloseTo(usable, 7);
        widths.forEach((width, index) => expect(width).toBeGreaterThanOrEqual(minimums[index]! - 1e-6));
      }),
    );
  });
  test('too little says how much is missing, and which is the largest', () => {
    expect(() => share([20, 45, 30], 80, 'last')).toThrow('15 more than there is; the largest (45) is number 2');
    expect(() => share([20], 80, 'named', 1, 3)).toThrow(expect.objectContaining({ about: 'taker' }));
  });
});

describe('roll', () => {
  const round = (strip: number, thickness: number, core: number) =>
    roll({ length: n(strip), thickness: n(thickness), core: { diameter: n(core) }, wraps: n(2), bow: n(300) });

  test('520 long, 9 thick, round a core of 18: 3.4035 turns, 79.264 across', () => {
    const { turns, diameter, largestAcross, tieLength } = round(520, 9, 18);
    expect(turns.value).toBeCloseTo(3.4035, 4);
    expect(diameter!.value).toBeCloseTo(79.264, 3);
    expect(largestAcross!.value).toBe(18 + 9 * 7);
    expect(tieLength.value).toBeCloseTo(2 * Math.PI * 79.264 + 300, 1);
  });
  /** Lays the strip on turn by turn, each point by the thickness already below it. */
  function steppedLength(turns: number, thickness: number, perimeter: number): number {
    const steps = 40_000;
    let total = 0;
    for (let i = 0; i < steps; i++)
      total += (perimeter + 2 * Math.PI * thickness * ((i + 0.5) / steps) * turns) * (turns / steps);
    return total;
  }
  test('laid on turn by turn it takes the length it had', () => {
    fc.assert(
      fc.property(length(20, 2000), length(0.2, 20), length(5, 200), (strip, thickness, perimeter) => {
        expect(steppedLength(turnsOf(strip, thickness, perimeter), thickness, perimeter)).toBeCloseTo(strip, 4);
      }),
      { numRuns: 30 },
    );
  });
  test('rolled, it has the area that it had flat', () => {
    fc.assert(
      fc.property(length(20, 2000), length(0.2, 20), length(5, 60), (strip, thickness, core) => {
        const { diameter } = round(strip, thickness, core);
        expect((Math.PI / 4) * (diameter!.value ** 2 - core ** 2)).toBeCloseTo(strip * thickness, 5);
      }),
    );
  });
  test('of even thickness, section by section is the same as all at once', () => {
    fc.assert(
      fc.property(
        fc.array(length(5, 200), { minLength: 1, maxLength: 8 }),
        length(0.5, 15),
        length(20, 200),
        (lengths, thickness, perimeter) => {
          const all = lengths.reduce((sum, each) => sum + each, 0);
          const { height, turns } = windUp(
            lengths.map((each) => ({ length: each, thickness })),
            perimeter,
          );
          expect(turns).toBeCloseTo(turnsOf(all, thickness, perimeter), 8);
          expect(height).toBeCloseTo(thickness * turns, 8);
        },
      ),
    );
  });
  test('of varying thickness it keeps its area, wound step by step', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(length(5, 200), length(0.5, 15)), { minLength: 1, maxLength: 8 }),
        length(20, 200),
        (parts, perimeter) => {
          const sections = parts.map(([long, thick]) => ({ length: long, thickness: thick }));
          const { height, turns } = windUp(sections, perimeter);
          // Steiner's formula for what stands round a convex core
          expect(perimeter * height + Math.PI * height * height).toBeCloseTo(
            sections.reduce((sum, { length: l, thickness: t }) => sum + l * t, 0),
            5,
          );
          let [out, stepped] = [0, 0];
          for (const { length: l, thickness: t } of sections)
            for (let step = 0; step < 4000; step++) {
              const turn = l / 4000 / (perimeter + 2 * Math.PI * out);
              out += turn * t;
              stepped += turn;
            }
          expect(stepped).toBeCloseTo(turns, 2);
        },
      ),
      { numRuns: 30 },
    );
  });
  test('a flat core grows alike on both sides', () => {
    const { turns, outsideWidth, outsideThickness, diameter } = roll({
      length: n(600),
      thickness: n(6),
      core: { width: n(100), thickness: n(4) },
      wraps: n(0),
      bow: n(0),
    });
    expect(turns.value).toBeCloseTo(turnsOf(600, 6, 208), 10);
    expect(outsideWidth!.value - 100).toBeCloseTo(outsideThickness!.value - 4, 10);
    expect(diameter).toBeUndefined();
  });
});

describe('jacket', () => {
  const book = (change: Partial<Record<'spine' | 'flapLoose', number>> = {}) =>
    jacket({
      boardWidth: n(105),
      boardHeight: n(148),
      boardThickness: n(3),
      spine: n(change.spine ?? 14),
      wallFront: n(0.5),
      wallBack: n(0.5),
      flapFixed: n(90),
      flapLoose: n(change.flapLoose ?? 90),
      ease: n(0),
      seam: n(0),
      elasticFromEdge: n(60),
    });

  test('a board of 148 x 3, walls 0.5 / 0.5: 151.785 high, as the taut line round it', () => {
    expect(book().cutHeight.value).toBeCloseTo(151.785, 3);
    expect(book().cutHeight.value).toBeCloseTo(
      tautMidline(
        [
          [0, 0],
          [148, 0],
          [148, 3],
          [0, 3],
        ],
        0.25,
      ) / 2,
      4,
    );
  });
  test('the width, by hand: two boards, spine, edges and walls, two flaps', () => {
    expect(book().cutWidth.value).toBeCloseTo(210 + 14 + 2 * 3.5 + 180, 10);
  });
  test('the thickest book leaves 5 under the elastic, the thinnest a flap 10 shorter than its board', () => {
    const { spineLeast, spineMost, cutWidth } = book();
    const flapFor = (spine: number) => 90 - (spine - 14);
    expect(book({ spine: spineMost.value, flapLoose: flapFor(spineMost.value) }).tuck.value).toBeCloseTo(5, 10);
    expect(flapFor(spineLeast.value)).toBeCloseTo(95, 10);
    expect(book({ spine: spineMost.value, flapLoose: flapFor(spineMost.value) }).cutWidth.value).toBeCloseTo(
      cutWidth.value,
      10,
    );
  });
});

describe('drawstring, strap, elastic, snaps', () => {
  const cord = (kind: 'flat' | 'round', width: number, cords: number) =>
    drawstring({
      mouthWidth: n(180),
      cordKind: kind,
      cordWidth: n(width),
      topstitch: n(3),
      tail: n(150),
      cords: n(cords),
    });
  test('a mouth of 180, flat cord 12, two cords: 15, 21, 660, 1320', () => {
    const { channel, casingHeight, cordLength, cordTotal } = cord('flat', 12, 2);
    expect([channel, casingHeight, cordLength, cordTotal].map(({ value }) => value)).toEqual([15, 21, 660, 1320]);
    expect(cord('flat', 12, 1).cordTotal.value).toBe(660);
  });
  test('a round cord asks for half its girth, and ease', () => {
    expect(cord('round', 6, 2).channel.value).toBeCloseTo(tautMidline(circle(0, 0, 3, 720), 0) / 2 + 1.5, 3);
  });
  test('a handle of drop 250 and spread 160, ends buried 30: 584.976', () => {
    const made = { finished: n(25), seam: n(6), turnIn: n(8), drop: n(250), spread: n(160), grip: n(0), embed: n(30) };
    expect(strap({ method: 'fourfold', ...made }).cutLength.value).toBeCloseTo(584.976, 3);
    const widths = (['fourfold', 'tube', 'turned-in', 'webbing'] as const).map(
      (method) => strap({ method, ...made }).cutWidth.value,
    );
    expect(widths).toEqual([100, 62, 66, 25]);
  });
  test('elastic is cut shorter than what it goes round', () =>
    expect(elasticBand(n(200), n(0.1), n(15)).value).toBeCloseTo(195, 10));
  test('snaps stand evenly, never further apart than 145', () => {
    fc.assert(
      fc.property(length(20, 900), length(5, 60), (width, inset) => {
        const { count, spacing } = snapRow(n(width), n(inset));
        expect(spacing.value).toBeLessThanOrEqual(145 + 1e-6);
        if (count.value > 1) expect((count.value - 1) * spacing.value + 2 * inset).toBeCloseTo(width, 7);
      }),
    );
    expect(snapRow(n(300), n(30)).count.value).toBe(3);
  });
});
