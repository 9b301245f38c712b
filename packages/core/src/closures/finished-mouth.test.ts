import { describe, expect, test } from '@jest/globals';
import { solveDesign } from '../solve/solve-design.ts';
import { carryOut } from '../sewing/model/carry-out.ts';
import { interpret } from '../testing/bench/bench.ts';
import { thing, trial } from '../testing/trial.ts';
import type { Action } from '../sewing/actions/action.ts';

const made = (closure: string, layers: string, closing = {}) =>
  solveDesign(
    trial({
      face: 'inside',
      kind: 'cavity',
      item: thing(120, 80, 20),
      body: 'sleeve',
      params: { layers },
      closure,
      closing,
    }),
  );
const hems = ({ operations }: ReturnType<typeof made>) =>
  operations.flatMap(({ id, actions }) =>
    (actions as readonly Action[]).flatMap((each) => (each.verb === 'hem' ? [id] : [])),
  );

describe('the mouth of a single layer is finished once', () => {
  test.each([
    ['tie', 'snap-row', {}, ['body/topstitch']],
    ['zipper', 'zip-top', {}, []],
    ['a cord in the hem', 'drawstring', { casing: 'hem' }, ['closure/casing']],
    ['a casing between layers that are not there', 'drawstring', { casing: 'side-gap' }, ['closure/casing']],
    ['a casing sewn on', 'drawstring', { casing: 'applied' }, ['body/topstitch']],
  ])('%s', (_, closure, closing, wanted) => {
    const solution = made(closure, 'single', closing);
    expect(hems(solution)).toEqual(wanted);
    expect([carryOut(solution), interpret(solution)]).toEqual([[], []]);
  });

  test('raw edges beside a zipper are zigzagged and held down', () => {
    const { operations } = made('zip-top', 'single');
    const set = operations.find(({ id }) => id === 'closure/set')!;
    expect(set.actions.map(({ verb }) => verb)).toEqual(['sew', 'zigzag', 'press', 'topstitch', 'moveSlider']);
    const lined = made('zip-top', 'lined');
    expect(lined.operations.flatMap(({ actions }) => actions).some(({ verb }) => verb === 'zigzag')).toBe(false);
  });
});

test.each([
  ['single', undefined],
  ['lined', 'closure.casingBetween'],
])('a cord in the hem of a sleeve that is %s', (layers, code) => {
  const solution = made('drawstring', layers, { casing: 'hem' });
  const told = solution.findings.filter((finding) => finding.code.startsWith('closure.casing'));
  expect(told.map((finding) => finding.code)).toEqual(code ? [code] : []);
  expect([carryOut(solution), interpret(solution)]).toEqual([[], []]);
});
