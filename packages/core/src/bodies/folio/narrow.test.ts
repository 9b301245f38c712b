import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import type { DesignDocument, Params } from '../../document/design-document.ts';
import { facesOf } from '../../document/edits/seats.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import type { Solution } from '../../solve/solution.ts';

const survey = demoDesigns.find(({ id }) => id === 'survey-folio')!;
// its first leaf is left free
const free: DesignDocument = {
  ...survey,
  holders: survey.holders.filter(({ id }) => !JSON.stringify(survey.faces['leaf-1'] ?? '').includes(`"${id}"`)),
  faces: Object.fromEntries(Object.entries(survey.faces).filter(([face]) => face !== 'leaf-1')),
};
const narrow = (params: Params = {}, more: Partial<DesignDocument> = {}): DesignDocument => ({
  ...free,
  ...more,
  body: { kind: 'folio', params: { ...free.body.params, cover: 'narrow', ...params } },
});

/** Folded by hand: the left leaf over the second, the third onto it, as places from the fold between the first two. */
function folded({ pieces, body }: Solution) {
  const mark = (piece: string, id: string) =>
    pieces.find((each) => each.id === piece)!.marks.find((each) => each.id === id)!;
  const [cap, mate] = [mark('body/lining', 'closure-inner'), mark('body/shell', 'closure-outer')];
  const of = (name: string) => body.sizes[name]!.value;
  const beyond = ['leaf3', 'leaf4'].reduce((sum, name) => sum + (body.sizes[name]?.value ?? 0), 0);
  const spines = body.sizes.spine3 ? of('spine3') + of('shellExtra') : 0;
  // of the shell, drawn right side up, the last leaf is on the left; closed, the third leaf's fold lies at the far end of the second
  return { cap: of('leaf1') - cap.at[0], mate: of('leaf2') - (beyond + spines - mate.at[0]) };
}

describe('a narrow flap of a folio', () => {
  test('is as wide as it is asked, and its body no wider than without it', () => {
    const { body, finished } = solveDesign(narrow());
    expect(body.sizes.leaf1!.value).toBe(50);
    expect(finished.closedWidth!.value).toBe(body.sizes.leaf2!.value);
    const whole = solveDesign({ ...free, body: survey.body });
    expect(body.sizes.leaf2!.value).toBeLessThanOrEqual(whole.body.sizes.leaf2!.value);
    expect(finished.openWidth!.value).toBeLessThan(whole.finished.openWidth!.value);
  });
  test.each([{}, { flap: 70 }, { leaves: '4' }, { leaves: '4', flap: 40 }])(
    'its magnet lies on its mate: %j',
    (params) => {
      const solution = solveDesign(narrow(params as Params, { closure: { kind: 'magnets', params: {} } }));
      const { cap, mate } = folded(solution);
      expect(cap).toBeCloseTo(mate, 6);
      expect(solution.findings.filter(({ code }) => code.startsWith('closure.'))).toEqual([]);
      // and on the leaf that was folded in, not beside it
      const { leaf2, leaf3 } = solution.body.sizes;
      expect(mate).toBeGreaterThan(leaf2!.value - leaf3!.value);
    },
  );
  test('reaches past the edge of what was folded in, however narrow it is asked', () => {
    const { leaf1, leaf2, leaf3 } = solveDesign(narrow({ flap: 30 })).body.sizes;
    expect(leaf1!.value - (leaf2!.value - leaf3!.value)).toBeGreaterThanOrEqual(30);
  });
  test('nothing lies on it', () => {
    expect(facesOf(narrow()).map(({ id }) => id)).not.toContain('leaf-1');
    expect(facesOf({ ...narrow(), body: survey.body }).map(({ id }) => id)).toContain('leaf-1');
  });
  test('is pinned by itself, and the second leaf too', () => {
    const { pinnable } = solveDesign(narrow());
    expect(pinnable.map(({ path }) => path)).toEqual(expect.arrayContaining(['body/leaf1', 'body/leaf2']));
    const pinned = solveDesign(narrow({}, { pins: { 'body/leaf1': 64 } }));
    expect(pinned.body.sizes.leaf1!.value).toBe(64);
  });
});
