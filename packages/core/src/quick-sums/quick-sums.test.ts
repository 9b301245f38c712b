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
