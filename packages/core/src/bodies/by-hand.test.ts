import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial, type Trial } from '../testing/trial.ts';

const demo = (id: string) => solveDesign(demoDesigns.find((design) => design.id === id)!);

describe('the least sizes (common practice), where nothing asks for more', () => {
  const tiny = thing(6, 4, 2);
  test.each<[string, Partial<Trial>, Record<string, number>]>([
    ['sleeve', { face: 'inside', kind: 'cavity' }, { width: 60, height: 60 }],
    ['round', { face: 'inside', kind: 'round-room' }, { height: 40 }],
    ['accordion', { face: 'room-1', kind: 'file-room' }, { width: 80 }],
  ])('%s', (body, more, sizes) => {
    const { finished } = solveDesign(trial({ body, face: 'inside', kind: 'cavity', item: tiny, ...more }));
    expect(Object.fromEntries(Object.keys(sizes).map((name) => [name, finished[name]!.value]))).toEqual(sizes);
  });
  test('a round base is as wide as its least thing, with its clearance and the cloth', () => {
    const { body, stacks } = solveDesign(trial({ body: 'round', face: 'inside', kind: 'round-room', item: tiny }));
    const { exterior, lining } = stacks;
    const asked = 40 + 2 * 4 + 2 * lining.value + exterior.value;
    expect(body.sizes.diameter!.value).toBe(Math.ceil(asked * 2 - 1e-9) / 2);
  });
});

test('a jacket is cut through at half of what lies beside the spine, without its flap', () => {
  const { section } = demo('tide-jacket');
  // 408 flat, spine 2.4, flaps of 95: (408 - 2.4) / 2 - 95
  expect(section.width).toBeCloseTo((408 - 2.4) / 2 - 95, 9);
});

test('the binding of a cut corner goes along both its layers, and laps by 20', () => {
  const { pieces, seams } = demo('slate-carrier');
  const binding = pieces.find(({ name }) => name === 'Binding of a cut corner')!;
  expect(binding.cutWidth.value).toBeCloseTo(2 * 45 * Math.SQRT2 + 20, 9);
  const runs = seams.filter(({ a }) => a.piece === binding.id).flatMap(({ a }) => a.parts);
  const from = Math.min(...runs.map((part) => part.from ?? Infinity));
  // as much of the lap at either end
  expect(from).toBeCloseTo(10, 9);
});

test('what hangs in a framed organizer, and what is sewn on, is cut through between its layers', () => {
  const { section, body, stacks } = demo('field-organizer');
  const pocket = section.layers.filter(({ label }) => /loop|elastic|vial/i.test(label));
  const lowest = Math.min(...pocket.map(({ z0 }) => z0));
  expect(lowest).toBeGreaterThan(body.sizes.depth!.value - stacks.lining.value);
  // docs/worked/field-organizer.md, section 4: front to back
  expect(Math.max(...section.layers.map(({ z1 }) => z1))).toBeCloseTo(130.8, 9);
});

test('a folio is cut through with what lies in each of its leaves', () => {
  const { section, holders } = demo('survey-folio');
  const seen = new Set(section.layers.flatMap(({ of }) => ('line' in of ? [of.line] : [])));
  const held = new Set(holders.flatMap(({ things }) => things.map(({ line }) => line)));
  expect(holders.map(({ face }) => face).sort()).toEqual(['leaf-1', 'leaf-2', 'leaf-3']);
  expect(seen).toEqual(held);
});

test('of what is cut from a length as many are listed as are cut', () => {
  const { pieces, hardware } = demo('slate-carrier');
  const binding = pieces.find(({ name }) => name === 'Binding of a cut corner')!;
  expect([binding.count, hardware.find(({ id }) => id === binding.materials[0])!.count]).toEqual([2, 2]);
});

test('a gusset of thin cloth goes round a corner of 12, and not of less', () => {
  const codes = (radius: number) => {
    const design = demoDesigns.find(({ id }) => id === 'field-organizer')!;
    const thin = [{ material: 'cotton-lawn', coverage: 'full' as const }];
    const { stacks, body } = design;
    return solveDesign({
      ...design,
      stacks: { ...stacks, exterior: thin, lining: thin },
      body: { ...body, params: { ...body.params, radius } },
    }).findings.map(({ code }) => code);
  };
  expect(codes(12)).not.toContain('gusset.tightCorner');
  expect(codes(11.5)).toContain('gusset.tightCorner');
});
