import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { quickSums } from './quick-sums.ts';
import { runQuickSum } from './run-quick-sum.ts';

const run = (id: string, inputs: Record<string, unknown>) => runQuickSum(quickSums[id]!, inputs);
const results = (id: string, inputs: Record<string, unknown>) => {
  const answer = run(id, inputs);
  if (!answer.ok) throw new Error(JSON.stringify(answer.fields));
  return answer;
};
const fields = (id: string, inputs: Record<string, unknown>): string[] => {
  const answer = run(id, inputs);
  return answer.ok ? [] : answer.fields.map(({ path }) => path);
};

describe('the worked values', () => {
  test('tube-width', () => {
    const { results: values } = results('tube-width', {
      shape: 'rect',
      width: 100,
      thickness: 4,
      wallFront: 0.5,
      wallBack: 0.5,
      ease: 3,
    });
    expect(values.flatWidth).toBeCloseTo(107.785, 3);
  });
  test('card-panel', () => {
    const { results: values } = results('card-panel', {
      cutWidth: 104,
      seamLeft: 6,
      seamRight: 6,
      topstitchLeft: 2,
      topstitchRight: 2,
      itemWidth: 85.6,
      itemThickness: 0.76,
      wallFront: 0.5,
      wallBack: 0.5,
    });
    expect(values).toEqual({
      clearWidth: 88,
      requiredWidth: expect.closeTo(87.145, 3),
      clearance: expect.closeTo(0.855, 3),
    });
  });
  test('pleated-strip', () => {
    const { results: values } = results('pleated-strip', {
      topToFirstMouth: 20,
      depths: [44, 44, 44],
      reveal: 12,
      lastMouthToBottom: 50,
      foldLoss: 0,
    });
    expect(values).toEqual({
      stripLength: 358,
      finishedHeight: 94,
      foldAt: [64, 108, 164, 208, 264, 308],
      foldKind: ['valley', 'mountain', 'valley', 'mountain', 'valley', 'mountain'],
    });
  });
  test('fold-over', () => {
    const inputs = { leafA: 5, leafB: 7, innerThickness: 1.2, outerThickness: 1.8, school: 'rounded' };
    expect(results('fold-over', inputs).results).toEqual({
      spine: expect.closeTo(20.735, 3),
      outerExtra: expect.closeTo(4.712, 3),
    });
  });
});

describe('the other worked values', () => {
  test.each<[string, Record<string, unknown>, Record<string, number>]>([
    [
      'flat-back-pocket',
      { width: 60, thickness: 12, backSpan: 72, frontThickness: 0.5 },
      { frontLength: 86.941, fullness: 14.941 },
    ],
    ['loop', { diameter: 16, halfSpan: 10, strapThickness: 1 }, { pathLength: 41.982 }],
    ['roll', { length: 520, thickness: 9, coreDiameter: 18 }, { turns: 3.4035, diameter: 79.264 }],
    [
      'jacket',
      {
        boardWidth: 105,
        boardHeight: 148,
        boardThickness: 3,
        spine: 14,
        wallFront: 0.5,
        wallBack: 0.5,
        ease: 0,
        seam: 0,
      },
      { cutHeight: 151.785 },
    ],
    [
      'boxed-corner-cut',
      { width: 120, depth: 60, height: 180 },
      { cutWidth: 200, cutHeight: 230, notchWidth: 30, notchHeight: 30 },
    ],
    [
      'boxed-corner',
      { cutWidth: 200, cutHeight: 230, notchWidth: 30, notchHeight: 30 },
      { depthFromSide: 60, mismatch: 0, faceWidth: 120, height: 180 },
    ],
    [
      'zip-tube',
      { panelLength: 200, panelWidth: 180, zipSeam: 6, zipExposed: 18, endSeam: 8, boxing: 60 },
      { length: 104, width: 43, height: 60 },
    ],
    [
      'zip-tube-cut',
      { length: 104, width: 43, zipSeam: 6, zipExposed: 18, endSeam: 8, boxing: 60 },
      { panelLength: 200, panelWidth: 180 },
    ],
    ['gusset-run', { length: 180, width: 60, cornerRadius: 20, offset: 2 }, { stitchLine: 458.23 }],
    [
      'flap',
      { loadedDepth: 40, emptyDepth: 25, overlap: 70, fastenerInset: 15, school: 'rounded' },
      { flapLength: 132.832, mateEmpty: 78.562, drift: 23.562 },
    ],
    [
      'drawstring',
      { mouthWidth: 180, cordKind: 'flat', cordWidth: 12, topstitch: 3, tail: 150, cords: 2 },
      { channel: 15, casingHeight: 21, cordLength: 660, cordTotal: 1320 },
    ],
    ['strap', { drop: 250, spread: 160, grip: 0, embed: 30 }, { cutLength: 584.976 }],
  ])('%s', (id, inputs, expected) => {
    const { results: values, why } = results(id, inputs);
    for (const [name, value] of Object.entries(expected)) {
      expect(values[name]).toBeCloseTo(value, 3);
      expect(why.map((row) => row.id)).toContain(name);
    }
  });
  test('channels, by hand', () => {
    expect(results('channels', { minimums: [20.2, 30, 15], usable: 80 }).results).toEqual({
      widths: [20.5, 30, 29.5],
      leftover: 14.5,
    });
  });
  test('a roll wants one core, round or flat', () => {
    expect(fields('roll', { length: 500, thickness: 9 })).toEqual(['inputs.coreDiameter']);
    expect(fields('roll', { length: 500, thickness: 9, coreWidth: 20 })).toEqual(['inputs.coreThickness']);
    expect(fields('roll', { length: 500, thickness: 9, coreDiameter: 20, coreWidth: 20 })).toEqual([
      'inputs.coreDiameter',
    ]);
  });
});

test('every answer explains itself: each result is a row, and each row names rows that exist', () => {
  const { results: values, why } = results('card-panel', { cutWidth: 104, itemWidth: 85.6 });
  const ids = why.map(({ id }) => id);
  for (const name of Object.keys(values)) expect(ids).toContain(name);
  for (const { inputs } of why) for (const { from } of inputs) expect(ids).toContain(from);
  for (const row of why) if (row.op === 'given') expect(row.origin).toBeDefined();
});

describe('inputs that cannot be used are named', () => {
  test.each([
    ['a missing one without a default', 'fold-over', { leafA: 5 }, ['inputs.leafB']],
    ['an unknown one', 'tube-width', { width: 10, length: 3 }, ['inputs.length']],
    ['words', 'tube-width', { width: 'wide' }, ['inputs.width']],
    ['not finite', 'tube-width', { width: Infinity }, ['inputs.width']],
    ['negative', 'tube-width', { width: -1 }, ['inputs.width']],
    ['far too large', 'tube-width', { width: 1e9 }, ['inputs.width']],
    [
      'several at once',
      'tube-width',
      { width: -1, ease: 'some', count: 1.5 },
      ['inputs.width', 'inputs.count', 'inputs.ease'],
    ],
    ['an unknown choice', 'fold-over', { leafA: 1, leafB: 1, school: 'loose' }, ['inputs.school']],
    [
      'an edge radius past half the thickness',
      'tube-width',
      { width: 10, thickness: 2, cornerRadius: 1.2 },
      ['inputs.cornerRadius'],
    ],
    ['no depths', 'pleated-strip', { depths: [], lastMouthToBottom: 50 }, ['inputs.depths']],
    ['a pocket deeper than its room', 'pleated-strip', { depths: [99], lastMouthToBottom: 50 }, ['inputs.depths[0]']],
    ['points that are none', 'tube-width', { shape: 'outline', points: [[0, 0], [1]] }, ['inputs.points']],
    ['empty deeper than full', 'flap', { loadedDepth: 10, emptyDepth: 20 }, ['inputs.emptyDepth']],
  ])('%s', (_, id, inputs, expected) => expect(fields(id, inputs)).toEqual(expected));

  test('whatever is sent, it answers and never throws', () => {
    const anything = fc.dictionary(
      fc.constantFrom('shape', 'width', 'points', 'depths', 'count', 'ease', 'x'),
      fc.anything(),
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...Object.keys(quickSums)),
        anything,
        (id, inputs) => typeof run(id, inputs).ok === 'boolean',
      ),
    );
  });
});

test('every input states its type, and a range or its choices', () => {
  for (const { inputs } of Object.values(quickSums))
    for (const spec of Object.values(inputs))
      if (spec.type === 'choice') expect(spec.choices).toContain(spec.standard);
      else expect(spec.least).toBeLessThan(spec.most);
});
