import { describe, expect, test } from '@jest/globals';
import type { DesignDocument, Params } from '../../document/design-document.ts';
import { wordingText } from '../../errors/wording.ts';
import { boundsOf } from '../../geometry/outline.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { thing, trial } from '../../testing/trial.ts';

const IN = 25.4;
/** Five tools in a roll of one layer. */
function rollOf(layers: string, spare: string, more: Partial<DesignDocument> = {}): DesignDocument {
  const design = trial({
    body: 'roll',
    params: { layers },
    face: 'pocket',
    kind: 'channel-row',
    holderParams: { spare } satisfies Params,
    item: thing(180, 40, 12),
    count: 5,
  });
  const plain = [{ material: 'linen', coverage: 'full' as const }];
  return {
    ...design,
    stacks: { exterior: plain, lining: plain, pocket: plain },
    rules: { 'topstitch.inset': 0 },
    ...more,
  };
}
const channels = (design: DesignDocument) =>
  Object.entries(solveDesign(design).holders[0]!.sizes)
    .filter(([key]) => key.startsWith('channel'))
    .map(([, { value }]) => value / IN);

describe('a ready-hemmed cloth of 20 1/2 x 20 in', () => {
  const given = { 'body/openWidth': 20.5 * IN };
  const four = Object.fromEntries([1, 2, 3, 4].map((index) => [`holders/A/channel${index}`, 4 * IN]));
  const design = rollOf('ready', 'last', { pins: { ...given, ...four } });

  // common practice: one measure for all, and the last takes what is left
  test('is divided into 4, 4, 4, 4 and 4 1/2 in', () => {
    expect(channels(design)).toEqual([4, 4, 4, 4, 4.5].map((inches) => expect.closeTo(inches, 9)));
    const { pieces, holders } = solveDesign(design);
    const [cloth] = pieces;
    // drawn from outside: the first channel lies at its right
    const lines = cloth!.lines.filter(({ id }) => id.endsWith('-front')).map(({ from }) => from[0] / IN);
    expect(lines).toEqual([16.5, 12.5, 8.5, 4.5].map((inches) => expect.closeTo(inches, 9)));
    expect(holders[0]!.things.map(({ x, width }) => (x + width / 2) / IN)).toEqual(
      [2, 6, 10, 14, 18.25].map((inches) => expect.closeTo(inches, 9)),
    );
  });
  test('is one piece, as wide as it is, and nothing is turned in or lined', () => {
    const { pieces, seams, operations, findings } = solveDesign(design);
    expect(pieces.map(({ name, role }) => [name, role])).toEqual([['Cloth', 'exterior']]);
    expect(boundsOf(pieces[0]!.cut).width / IN).toBeCloseTo(20.5, 9);
    expect(new Set(Object.values(pieces[0]!.allowance))).toEqual(new Set([0]));
    expect(seams.every(({ walks }) => walks)).toBe(true);
    expect(operations.some(({ id }) => id === 'body/turn')).toBe(false);
    expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });
  test('or all channels share what is left; those that are pinned keep to it', () => {
    const free = channels(rollOf('ready', 'end'));
    const left = 20.5 - free.reduce((sum, width) => sum + width, 0);
    const shared = channels(rollOf('ready', 'all', { pins: given }));
    expect(shared).toEqual(free.map((width) => expect.closeTo(width + left / 5, 9)));
    const [first, second] = channels(rollOf('ready', 'all', { pins: { ...given, 'holders/A/channel1': 4 * IN } }));
    expect(first).toBeCloseTo(4, 9);
    expect(second).toBeCloseTo(free[1]! + (20.5 - 4 - 4 * free[1]!) / 4, 9);
  });
  test('left bare at its end, channels stay as their things ask', () =>
    expect(channels(rollOf('ready', 'end', { pins: given }))).toEqual(channels(rollOf('ready', 'end'))));
  test('too narrow for its tools it says so', () => {
    const { findings } = solveDesign(rollOf('ready', 'last', { pins: { 'body/openWidth': 100 } }));
    expect(findings.map(({ code }) => code)).toContain('clearance.tooTight');
  });
});

describe('one layer', () => {
  test('hemmed has its hem all round, and says how', () => {
    const { pieces, operations } = solveDesign(rollOf('hemmed', 'end', { rules: { 'mouth.hem': 12 } }));
    expect(new Set(Object.values(pieces[0]!.allowance))).toEqual(new Set([12]));
    const hem = operations.find(({ id }) => id === 'body/edges')!;
    expect(wordingText(hem.text, String)).toContain('6 in, and again');
    expect(hem.number).toBeLessThan(operations.find(({ id }) => id === 'body/pocket')!.number);
  });
  test('is smaller than a lined one: a channel goes round its thing without the lining', () => {
    const [single, lined] = ['hemmed', 'lined'].map((layers) => solveDesign(rollOf(layers, 'end')));
    expect(single!.finished.openWidth!.value).toBeLessThan(lined!.finished.openWidth!.value);
    expect(single!.closedThickness.value).toBeLessThan(lined!.closedThickness.value);
  });
});
