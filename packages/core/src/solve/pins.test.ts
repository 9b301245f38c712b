import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { demoDesigns } from '../demo/index.ts';
import { setLimit, setPin } from '../document/edits/settings.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { wordingText } from '../errors/wording.ts';
import { anyWallet, length, runs } from '../testing/any-design.ts';
import { anyJacket, anyRoll, anyRound, anySleeve } from '../testing/any-soft.ts';
import { describeSolution } from './describe.ts';
import { solveDesign } from './solve-design.ts';

const [bifold] = demoDesigns as [DesignDocument, ...DesignDocument[]];
const demo = (id: string) => demoDesigns.find((design) => design.id === id)!;
const told = (design: DesignDocument) =>
  solveDesign(design).findings.map(({ code, severity, text }) => [
    code,
    severity,
    wordingText(text, (mm) => `${mm.toFixed(1)} mm`),
  ]);

describe('pins', () => {
  test('a leaf pinned wider is that wide, and the slots in it stay', () => {
    const pinned = solveDesign(setPin('body/leafWidth', 'Leaf width', 105).apply(bifold));
    expect(pinned.body.sizes.leafWidth!.value).toBe(105);
    expect(pinned.body.readBack.leafWidth).toBeCloseTo(105, 9);
    expect(pinned.finished.openWidth!.value).toBe(208 + 2 * 8);
    expect(pinned.holders.find(({ id }) => id === 'A')!.sizes.slotWidth!.value).toBe(92);
    expect(pinned.findings).toEqual([]);
  });
  test('a slot pinned wider widens its panel and the leaf', () => {
    const pinned = solveDesign({ ...bifold, pins: { 'holders/A/slotWidth': 95 } });
    expect(pinned.body.sizes.leafWidth!.value).toBe(100);
    expect(pinned.holders.find(({ id }) => id === 'B')!.sizes.slotWidth!.value).toBe(92);
  });
  test('a sleeve pinned higher gives its thing more room', () => {
    const sleeve = demo('caliper-sleeve');
    const deep = (design: DesignDocument) =>
      solveDesign(design).holders[0]!.clearances.find(({ direction }) => direction === 'deep')!.clearance.value;
    const pinned = { ...sleeve, pins: { 'body/height': 320 } };
    expect(deep(pinned) - deep(sleeve)).toBeCloseTo(320 - 289, 9);
  });
  test('one that is too small is told with what is missing, and everything still goes in', () => {
    const design = { ...bifold, pins: { 'body/leafWidth': 90 } };
    expect(told(design)).toEqual([
      [
        'pin.tooSmall',
        'stop',
        expect.stringContaining('pinned at 90.0 mm, but must be 97.0 mm to hold everything: 7.0 mm are missing'),
      ],
    ]);
    expect(solveDesign(design).body.sizes.leafWidth!.value).toBe(97);
  });
  test('one of a size that is not there is told', () => {
    expect(told({ ...bifold, pins: { 'body/handle': 90, __proto__: 1 } as Record<string, number> })).toEqual([
      ['pin.unknown', 'watch', expect.stringContaining('body/handle')],
    ]);
  });
  test.each(demoDesigns.map((design) => [design.name, design] as const))(
    '%s: whatever is offered to be pinned can be pinned larger, and what is made still walks',
    (_, design) => {
      const { pinnable } = solveDesign(design);
      expect(pinnable.length).toBeGreaterThan(0);
      for (const { path, label, least } of pinnable) {
        const pinned = solveDesign(setPin(path, label, least + 7).apply(design));
        const codes = pinned.findings.map(({ code }) => code);
        expect([path, codes.filter((code) => code.startsWith('pin.'))]).toEqual([path, []]);
        expect([path, pinned.seams.every(({ walks }) => walks)]).toEqual([path, true]);
        expect(JSON.stringify(describeSolution(pinned, 'mm'))).toContain(String(least + 7));
      }
    },
  );
  test('a limit may be set on whatever is offered, and is told when it is passed', () => {
    for (const design of demoDesigns)
      for (const [path, { label, value }] of Object.entries(solveDesign(design).limitable)) {
        const codes = (most: number) =>
          solveDesign(setLimit(path, label, most).apply(design)).findings.filter(({ code }) =>
            code.startsWith('limit.'),
          );
        expect([path, codes(value + 1).length, codes(value * 0.9).map(({ code }) => code)]).toEqual([
          path,
          0,
          ['limit.exceeded'],
        ]);
      }
  });
  test('letting it go leads back', () => {
    const pinned = setPin('body/height', 'Height', 120).apply(bifold);
    const free = setPin('body/height', 'Height', undefined).apply(pinned);
    expect(solveDesign(free).finished.height!.value).toBe(94);
    expect(free.pins).toEqual({});
  });

  const families = { foldover: anyWallet, sleeve: anySleeve, roll: anyRoll, round: anyRound, jacket: anyJacket };
  const paths = [
    'body/leafWidth',
    'body/spine',
    'body/height',
    'body/flatWidth',
    'body/diameter',
    'body/width',
    'holders/A/slotWidth',
    'holders/A/room1',
    'holders/B/slotWidth',
    'holders/A/channel1',
    'holders/A/pocketDepth',
    'moon/height',
  ];
  const anyPins = fc.dictionary(fc.constantFrom(...paths), fc.oneof(length(0.01, 400), length(0.01, 5000)));
  test.each(Object.entries(families))(
    '%s: whatever is pinned, it solves, its seams walk, and everything goes in',
    (_, any) => {
      fc.assert(
        fc.property(any, anyPins, (design, pins) => {
          const { seams, holders, finished, findings } = solveDesign({ ...design, pins });
          expect(seams.every(({ walks }) => walks)).toBe(true);
          for (const { value } of Object.values(finished)) expect(Number.isFinite(value)).toBe(true);
          const tight = findings.filter(({ code }) => code === 'clearance.tooTight').flatMap(({ about }) => about);
          for (const { clearance, line } of holders.flatMap((holder) => holder.clearances))
            if (clearance.value < -1e-3) expect(tight).toContain(`contents/${line}`);
          const known = new Set(
            findings
              .filter(({ code }) => code === 'pin.unknown' || code === 'pin.tooSmall')
              .map(({ numbers }) => numbers.pinned),
          );
          if ('moon/height' in pins) expect(known).toContain(pins['moon/height']);
        }),
        { numRuns: runs(300) },
      );
    },
  );
});

describe('limits', () => {
  test('a wallet thicker than its limit is told, with what makes it so', () => {
    const design = setLimit('thickness/full', 'Closed thickness', 9).apply(bifold);
    expect(told(design)).toEqual([
      [
        'limit.exceeded',
        'stop',
        '“closed and full” is 10.7 mm, 1.7 mm more than your limit of 9.0 mm. Most of it is left, loaded (3.5 mm).',
      ],
    ]);
    expect(told(setLimit('thickness/full', 'Closed thickness', 11).apply(bifold))).toEqual([]);
  });
  test('on a finished size, and on one that is not there', () => {
    const codes = told({
      ...bifold,
      limits: { 'finished/openWidth': 200, 'finished/height': 94, 'finished/volume': 3 },
    }).map(([code]) => code);
    expect(codes).toEqual(['limit.exceeded', 'limit.unknown']);
  });
});
