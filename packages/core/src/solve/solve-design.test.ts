import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { newDesign } from '../document/edits/new-design.ts';
import { wordingText } from '../errors/wording.ts';
import { explain } from '../derived/explain.ts';
import { describeSolution } from './describe.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import { solveDesign } from './solve-design.ts';

const [bifold, junior, lens] = demoDesigns as [DesignDocument, DesignDocument, DesignDocument];
const stops = (design: DesignDocument) =>
  solveDesign(design)
    .findings.filter(({ severity }) => severity === 'stop')
    .map(({ code, about }) => `${code} ${about.join()}`);

describe('the designs that ship', () => {
  test('fit, but for the one that is meant not to', () => {
    expect(stops(bifold)).toEqual([]);
    expect(stops(junior)).toEqual([]);
    expect(stops(lens)).toEqual(['contents.notHeld contents/c5']);
  });
  test('solving twice gives the same, and leaves the document alone', () => {
    const before = JSON.stringify(bifold);
    const once = JSON.stringify(describeSolution(solveDesign(bifold), 'mm'));
    expect(JSON.stringify(describeSolution(solveDesign(structuredClone(bifold)), 'mm'))).toBe(once);
    expect(JSON.stringify(bifold)).toBe(before);
  });
  test('the pleated panels fold to the same height as the leaf has room for', () => {
    const { pieces, holders } = solveDesign(junior);
    for (const { id, seat } of holders.filter(({ kind }) => kind === 'card-tiers')) {
      const strip = pieces.find((piece) => piece.id === `holders/${id}/strip`)!;
      const at = strip.folds.map(({ from }) => from[1]);
      const depths = at.flatMap((y, index) => (index % 2 ? [Math.abs(y - at[index - 1]!)] : []));
      const takenUp = 2 * depths.reduce((total, depth) => total + depth, 0);
      // 6 at its top, 10 at its bottom; what is cut more is trimmed
      expect(strip.trim!.height.value - 16 - takenUp).toBeCloseTo(seat.height.value, 6);
    }
  });
});

describe('a changed decision', () => {
  const width = (design: DesignDocument) =>
    solveDesign(design).holders.find(({ id }) => id === 'A')!.sizes.slotWidth!.value;
  const withRules = (rules: DesignDocument['rules']): DesignDocument => ({ ...bifold, rules });

  test('1.5 mm more ease widens the slot by 1.5 mm', () =>
    expect(width(withRules({ 'ease.card.across': 4.5 })) - width(bifold)).toBeCloseTo(1.5, 9));
  test('a wider reveal makes the wallet higher by it, for each step of the tiers', () => {
    const height = (design: DesignDocument) => solveDesign(design).finished.height!.value;
    expect(height(withRules({ 'tiers.reveal': 15 })) - height(bifold)).toBeCloseTo(2 * 3, 9);
  });
  test('thicker pocket cloth goes into slot, spine and thickness', () => {
    const thick: DesignDocument = {
      ...bifold,
      stacks: { ...bifold.stacks, pocket: [{ material: 'denim', coverage: 'full' }] },
    };
    const [a, b] = [solveDesign(bifold), solveDesign(thick)];
    const more = 0.85 - 0.27;
    // five pocket fronts, two panels, and the doubled note panel on both sides
    expect(b.closedThickness.value - a.closedThickness.value).toBeCloseTo(more * (5 + 2 + 4), 9);
    expect(width(thick)).toBeGreaterThan(width(bifold));
    expect(b.body.sizes.spine!.value).toBeGreaterThan(a.body.sizes.spine!.value);
  });
  test('a rule out of its range is named, and the standard value is used', () => {
    const odd = withRules({ 'ease.card.across': 99, ...({ 'no.such': 1 } as object) });
    expect(width(odd)).toBe(width(bifold));
    const { findings } = solveDesign(odd);
    expect(findings.map(({ code, about }) => [code, about])).toEqual([
      ['rule.outOfRange', ['rules/ease.card.across']],
      ['rule.outOfRange', ['rules/no.such']],
    ]);
  });
});

describe('the probe roll, worked by hand (docs/worked/probe-roll.md)', () => {
  const roll = demoDesigns.find(({ id }) => id === 'probe-roll')!;
  const solution = solveDesign(roll);

  test('is cut as worked out', () => {
    expect(solution.pieces.map(({ name, cutWidth, cutHeight }) => [name, cutWidth.value, cutHeight.value])).toEqual([
      ['Shell', 186.5, 361.5],
      ['Lining', 186.5, 361.5],
      // twice round 169.59 and a bow of 300
      ['Tie', expect.closeTo(639.18, 2), 10],
    ]);
    expect(solution.body.sizes.pocketDepth!.value).toBe(115.5);
  });
  test('rolls up to about 73.4 x 16.4, and its tie is about 639', () => {
    expect(solution.finished.rolledThickness!.value).toBeCloseTo(16.4, 1);
    expect(solution.finished.rolledWidth!.value).toBeCloseTo(73.4, 1);
    // at its thickest a brush lies above the core and one below, at its widest a probe beyond one end and a brush beyond the other
    expect(solution.body.sizes.rolledThickest!.value).toBeCloseTo(25.92, 2);
    expect(solution.body.sizes.rolledWidest!.value).toBeCloseTo(79.92, 2);
    expect(Object.keys(solution.limitable)).toEqual(
      expect.arrayContaining(['body/rolledThickest', 'body/rolledWidest']),
    );
    expect(solution.closure.sizes.tieLength!.value).toBeGreaterThan(637);
    expect(solution.closure.sizes.tieLength!.value).toBeLessThan(642);
  });
  test('the rigid board anywhere but at the inside end is told', () => {
    const [holder] = roll.holders;
    const turned = { ...roll, holders: [{ ...holder!, contents: [...holder!.contents].reverse() }] };
    expect(solveDesign(turned).findings.map(({ code }) => code)).toContain('roll.stiffInside');
  });
  test('a tool too short for the pocket is told', () => {
    const contents = roll.contents.map((line) => (line.id === 'c3' ? { ...line, item: 'aa-cell' } : line));
    expect(solveDesign({ ...roll, contents }).findings.map(({ code }) => code)).toEqual(
      expect.arrayContaining(['channel.tipsOut']),
    );
  });
});

describe('what a maker can bring about is a finding', () => {
  const holder = { id: 'A', kind: 'card-tiers', params: {}, contents: [{ line: 'c1', count: 3 }] };
  const trial = (change: Partial<DesignDocument>): DesignDocument => ({
    ...newDesign({ id: 'trial', name: 'Trial' }),
    contents: [{ id: 'c1', item: 'id1-card', count: 3, perHolder: 1, orientation: 'lying' }],
    holders: [holder],
    faces: { left: { kind: 'holder', id: 'A' } },
    ...change,
  });
  const codes = (design: DesignDocument) => solveDesign(design).findings.map(({ code }) => code);

  test.each<[string, Partial<DesignDocument>, string]>([
    ['some have no home', { holders: [{ ...holder, contents: [{ line: 'c1', count: 2 }] }] }, 'contents.notHeld'],
    [
      'more placed than there are',
      { holders: [{ ...holder, contents: [{ line: 'c1', count: 4 }] }] },
      'contents.heldTwice',
    ],
    [
      'an item that is not on the shelf',
      { contents: [{ id: 'c1', item: 'gone', count: 3, perHolder: 1, orientation: 'lying' }] },
      'contents.unknownItem',
    ],
    ['a holder of a later version', { holders: [{ ...holder, kind: 'moon-pocket' }] }, 'holder.unknownKind'],
    ['a holder that lies nowhere', { faces: {} }, 'holder.noSeat'],
    ['a holder where it cannot sit', { faces: { inside: { kind: 'holder', id: 'A' } } }, 'holder.noSeat'],
    [
      'a cloth that is not on the shelf',
      { stacks: { ...trialStacks(), lining: [{ material: 'gone', coverage: 'full' }] } },
      'materials.missing',
    ],
  ])('%s', (_, change, code) => expect(codes(trial(change))).toContain(code));

  test('and says it in the maker’s unit', () => {
    const text = solveDesign({ ...junior, rules: {} }).findings.find(({ code }) => code === 'closure.drift')!.text;
    expect(wordingText(text, (mm) => `${mm.toFixed(1)} mm`)).toMatch(/^Empty, the tab reaches \d+\.\d mm further/);
  });

  test('misuse by a program is an error with a code', () => {
    expect(() => solveDesign(trial({ body: { kind: 'balloon', params: {} } }))).toThrow(
      expect.objectContaining({ code: 'body.unknownKind' }),
    );
    expect(() => solveDesign(trial({ closure: { kind: 'glue', params: {} } }))).toThrow(
      expect.objectContaining({ code: 'closure.unknownKind' }),
    );
  });

  function trialStacks() {
    return newDesign({ id: 'x', name: 'X' }).stacks;
  }
});

test('a ninth family is passed in, not wired in', () => {
  const { foldover } = builtInKinds.bodies as Record<string, (typeof builtInKinds.bodies)[string]>;
  const kinds = { ...builtInKinds, bodies: { ...builtInKinds.bodies, 'trial-body': foldover! } };
  const design = { ...bifold, body: { kind: 'trial-body', params: {} } };
  expect(solveDesign(design, undefined, kinds).finished.height!.value).toBe(94);
});

describe('every number explains itself', () => {
  const solution = solveDesign(bifold);
  const described = describeSolution(solution, 'mm');
  const byId = new Map(described.derivations.map((row) => [row.id, row]));

  test('each sum and each rounding of the table adds up', () => {
    for (const { op, value, inputs, rounding } of described.derivations) {
      if (op !== 'sum' && op !== 'rounded') continue;
      const total = inputs.reduce((so, { times, from }) => so + times * byId.get(from)!.value, 0);
      expect(total + (rounding?.residue ?? 0)).toBeCloseTo(value, 9);
    }
  });
  test('each number ends in things, cloth, house rules or standards', () => {
    for (const row of described.derivations) {
      expect(row.inputs.length > 0 || row.op === 'given' || row.value === 0).toBe(true);
      if (row.op === 'given') expect(row.origin?.path).toBeTruthy();
      if (row.op === 'rule') expect(row.source).toBeTruthy();
    }
  });
  test('the slot is the card, its thickness, the cloth and the ease, rounded up', () => {
    const slot = solution.holders.find(({ id }) => id === 'A')!.sizes.slotWidth!;
    const { lines, rounding } = explain(slot);
    // docs/worked/bifold.md: pi/2 x (0.135 + 0.135) go round
    expect(lines.map(({ value }) => value)).toEqual([85.6, expect.closeTo(2.82, 9), expect.closeTo(0.4241, 4), 3]);
    expect(rounding).toMatchObject({ grid: '0.5mm', direction: 'up' });
  });
});
