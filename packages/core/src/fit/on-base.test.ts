import { describe, expect, test } from '@jest/globals';
import type { DesignDocument } from '../document/design-document.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { fittingOf } from '../testing/fit-compared.ts';
import { thing, trial, type Trial } from '../testing/trial.ts';
import { fitRooms } from './fit-rooms.ts';

const bodies: [string, Partial<Trial>][] = [
  ['sleeve', { body: 'sleeve', params: { form: 'boxed' }, face: 'inside', kind: 'cavity' }],
  ['box', { body: 'box', face: 'inside', kind: 'packed-room' }],
  ['organizer', { body: 'organizer', face: 'inside', kind: 'packed-room', closure: 'zip-top' }],
];
/** A bag whose base is of felt 2 and covered with canvas 0.62, or one without. */
const bag = (more: Partial<Trial>, pad: boolean): DesignDocument => {
  const made = trial({
    item: thing(200, 120, 100),
    parts: pad ? [{ id: 'pad', kind: 'base-pad', params: {} }] : [],
    ...more,
  } as Trial);
  const full = (material: string) => [{ material, coverage: 'full' as const }];
  return { ...made, stacks: { ...made.stacks, base: full('felt-2'), pocket: full('canvas-10oz') } };
};
const PAD = 2 + 2 * 0.62;
const deepOf = (design: DesignDocument, without = false) => {
  const fitting = fittingOf(design, solveDesign(design), (item) => item);
  const read = fitRooms(without ? { ...fitting, onBase: [] } : fitting);
  return Math.min(...read.filter(({ direction }) => direction === 'deep').map(({ clearance }) => clearance.value));
};

describe.each(bodies)('a pad that lies loose on the base of a %s', (_, more) => {
  test('takes its thickness and both layers of its cover of the depth', () => {
    const padded = bag(more, true);
    expect(deepOf(padded, true) - deepOf(padded)).toBeCloseTo(PAD, 6);
  });
  test('makes it so much higher, and the ease stays', () => {
    const [with_, without] = [true, false].map((pad) => solveDesign(bag(more, pad)));
    const higher = (solved: typeof with_) => (solved!.body.sizes.height ?? solved!.body.sizes.panelHeight)!.value;
    expect(Math.abs(higher(with_) - higher(without) - PAD)).toBeLessThanOrEqual(0.5);
    expect(Math.abs(deepOf(bag(more, true)) - deepOf(bag(more, false)))).toBeLessThanOrEqual(0.5 + 1e-9);
    expect(with_!.findings.filter(({ code }) => code.startsWith('clearance.'))).toEqual([]);
  });
});

test('a strap over what stands on a pad reaches its mate, as without one', () => {
  const strapped = (pad: boolean) =>
    solveDesign(bag({ ...bodies[0]![1], closure: 'strap-over', holderParams: { visible: 60 } }, pad));
  const [on, off] = [strapped(true), strapped(false)];
  expect(on.findings.filter(({ code }) => code === 'closure.doesNotReach')).toEqual([]);
  expect(off.findings.filter(({ code }) => code === 'closure.doesNotReach')).toEqual([]);
});
