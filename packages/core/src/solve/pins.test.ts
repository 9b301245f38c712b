import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { demoDesigns } from '../demo/index.ts';
import { setLimit, setPin } from '../document/edits/settings.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { wordingText } from '../errors/wording.ts';
import { anyWallet, length, runs } from '../testing/any-design.ts';
import { anyAccordion, anyBox, anyDoubleTube, anyOrganizer, anyShell, anyZipTube } from '../testing/any-boxy.ts';
import { anyFolio, anyJacket, anyRoll, anyRound, anySleeve } from '../testing/any-soft.ts';
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
  test('a leaf pinned narrower is made so, and the fitting says what no longer goes in', () => {
    const design = { ...bifold, pins: { 'body/leafWidth': 90 } };
    const { body, holders, findings } = solveDesign(design);
    expect(body.sizes.leafWidth!.value).toBe(90);
    expect(body.readBack.leafWidth).toBeCloseTo(90, 9);
    // 7 mm less leaf leave each slot 7 mm less than 92
    const slots = holders.filter(({ face }) => face === 'left' || face === 'right');
    expect(slots.map(({ sizes }) => sizes.slotWidth!.value)).toEqual(slots.map(() => 85));
    expect(new Set(findings.map(({ code, severity }) => `${code} ${severity}`))).toEqual(
      new Set(['clearance.tooTight stop']),
    );
    const [clear] = holders.find(({ id }) => id === 'A')!.clearances;
    // 85 of a slot, and 92 before, of the same things: what they clear is 7 less
    const [before] = solveDesign(bifold).holders.find(({ id }) => id === 'A')!.clearances;
    expect(before!.clearance.value - clear!.clearance.value).toBeCloseTo(7, 9);
  });
  test('one that is so small that its pieces cannot be drawn is told with the least that can, and that one is made', () => {
    const design = { ...bifold, pins: { 'body/leafWidth': 5 } };
    const { body, findings } = solveDesign(design);
    const refused = findings.find(({ code }) => code === 'pin.tooSmall')!;
    expect(wordingText(refused.text, (mm) => `${mm} mm`)).toBe(
      `“leaf width” is pinned at 5 mm, but its pieces can be drawn only from ${refused.limit} mm: it is made so. Pin it at that or more, or let it go.`,
    );
    expect(body.sizes.leafWidth!.value).toBe(refused.limit);
    // a third of the usual least of 60 mm, and no card is less than 5
    expect(refused.limit).toBeGreaterThanOrEqual(20);
    const least = { ...bifold, pins: { 'body/leafWidth': refused.limit! } };
    expect(solveDesign(least).findings.map(({ code }) => code)).not.toContain('pin.tooSmall');
  });
  test('a roll pinned lower has a pocket as deep as its channels are stitched', () => {
    const roll = solveDesign({ ...demo('probe-roll'), pins: { 'body/height': 150 } });
    const [row] = roll.holders;
    expect(roll.body.sizes.height!.value).toBe(150);
    expect(row!.sizes.pocketDepth!.value).toBeLessThan(115.5);
    expect(roll.body.readBack.pocketDepth).toBeCloseTo(row!.sizes.pocketDepth!.value, 9);
  });
  test('where two are opposed, what is within wins: the leaf is no narrower than the slot pinned in it', () => {
    const pins = { 'body/leafWidth': 50, 'holders/A/slotWidth': 80 };
    const { body, holders, findings } = solveDesign({ ...bifold, pins });
    expect(holders.find(({ id }) => id === 'A')!.sizes.slotWidth!.value).toBe(80);
    // slot 80, stitched 2.5 beside it on both sides, and the gutter, as the leaf of 97 has beside its 92
    expect(body.sizes.leafWidth!.value).toBe(80 + 97 - 92);
    expect(findings.map(({ code }) => code)).toContain('pin.tooSmall');
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
      for (const { path, label, asks } of pinnable) {
        const pinned = solveDesign(setPin(path, label, asks + 7).apply(design));
        const codes = pinned.findings.map(({ code }) => code);
        expect([path, codes.filter((code) => code.startsWith('pin.'))]).toEqual([path, []]);
        expect([path, pinned.seams.every(({ walks }) => walks)]).toEqual([path, true]);
        expect(JSON.stringify(describeSolution(pinned, 'mm'))).toContain(String(asks + 7));
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

  const families = {
    foldover: anyWallet,
    folio: anyFolio,
    sleeve: anySleeve,
    roll: anyRoll,
    round: anyRound,
    jacket: anyJacket,
    shell: anyShell,
    box: anyBox,
    organizer: anyOrganizer,
    accordion: anyAccordion,
    'zip-tube': anyZipTube,
    'double-tube': anyDoubleTube,
  };
  /** How much of what it asks for each size is pinned at; what is left out stays free. */
  const shares = fc.array(fc.option(fc.oneof(fc.constant(0), length(0.3, 1.2), length(1, 20))), { maxLength: 12 });
  test.each(Object.entries(families))(
    '%s: whatever is pinned, all of it at once, it solves, its seams walk, and what does not go in is told',
    (_, any) => {
      fc.assert(
        fc.property(any, shares, (design, chosen) => {
          const { pinnable } = solveDesign(design);
          const pins = Object.fromEntries(
            chosen.flatMap((share, index): [string, number][] => {
              const { path, asks } = pinnable[index % pinnable.length]!;
              return share === null ? [] : [[path, Math.min(5000, Math.max(0.01, share * asks))]];
            }),
          );
          const { seams, holders, finished, findings } = solveDesign({
            ...design,
            pins: { ...pins, 'moon/height': 7 },
          });
          expect(seams.every(({ walks }) => walks)).toBe(true);
          for (const { value } of Object.values(finished)) expect(Number.isFinite(value)).toBe(true);
          const tight = findings.filter(({ code }) => code === 'clearance.tooTight').flatMap(({ about }) => about);
          for (const { clearance, line } of holders.flatMap((holder) => holder.clearances))
            if (clearance.value < -1e-3) expect(tight).toContain(`contents/${line}`);
          expect(findings.filter(({ code }) => code === 'pin.unknown').map(({ numbers }) => numbers.pinned)).toEqual([
            7,
          ]);
        }),
        { numRuns: runs(60) },
      );
    },
  );
});

test('a roll whose pockets are pinned so narrow that their things lie over each other still has a size', () => {
  const roll = JSON.parse(
    readFileSync(new URL('../testing/pinned-roll.json', import.meta.url), 'utf8'),
  ) as DesignDocument;
  const { finished, findings } = solveDesign(roll);
  for (const [name, { value }] of Object.entries(finished)) expect([name, value > 0]).toEqual([name, true]);
  expect(findings.map(({ code }) => code)).toContain('clearance.tooTight');
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
