import { describe, expect, test } from '@jest/globals';
import { builtInKinds } from '../../kinds/kinds.ts';
import type { Kinds, Usual } from '../../kinds/kind-set.ts';
import { standardItems } from '../../shelves/items/standard-items.ts';
import { thing, trial } from '../../testing/trial.ts';
import { putThings } from './arrange.ts';
import { changeForm } from './form.ts';
import { newDesign } from './new-design.ts';
import { addPart } from './parts.ts';
import { setClosure } from './settings.ts';
import { usualProblem, usualWords, withUsual } from './usual.ts';

const kindsWith = (usual: Usual): Kinds => ({ ...builtInKinds, usual });

describe('what a maker usually chooses', () => {
  const kinds = kindsWith({
    'bodies/sleeve': { bottom: 'seam', turn: 'bottom' },
    'bodies/foldover': { making: 'no such thing' },
    'closures/strap-over': { material: 'webbing', fastener: 'snap' },
    'holders/slip-pocket': { wide: 'face' },
    'parts/handles': { at: 'seam' },
  });

  test('is what a new design begins with', () => {
    expect(newDesign({ id: 'a', name: 'A', body: 'sleeve', kinds }).body.params).toEqual({ bottom: 'seam', turn: 'bottom' }); // prettier-ignore
    // what this version does not know is left out, and without a say the standard holds
    expect(newDesign({ id: 'a', name: 'A', body: 'foldover', kinds }).body.params).toEqual({});
    expect(newDesign({ id: 'a', name: 'A', body: 'sleeve' }).body.params).toEqual({});
  });

  test('is what a closure, a part and a holder begin with', () => {
    const design = newDesign({ id: 'a', name: 'A', body: 'sleeve', kinds });
    expect(setClosure('strap-over', 'Strap').apply(design, kinds).closure.params).toEqual({ material: 'webbing', fastener: 'snap' }); // prettier-ignore
    expect(addPart('handles', 'Handles').apply(design, kinds).parts![0]!.params).toEqual({ at: 'seam' });
    const held = trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(90, 60, 4) });
    const put = putThings({ id: 'c1', count: 1 }, 'it', { kind: 'slip-pocket', face: 'front' }).apply(held, kinds);
    expect(put.holders.at(-1)).toMatchObject({ kind: 'slip-pocket', params: { wide: 'face' } });
  });

  test('is what another form begins with; what is there keeps its own', () => {
    const wallet = trial({ body: 'foldover', face: 'right', kind: 'slip-pocket', item: thing(90, 60, 4) });
    const { edit } = changeForm(wallet, { kind: 'sleeve' }, standardItems, kinds);
    const bag = edit.apply(wallet, kinds);
    expect(bag.body.params).toMatchObject({ bottom: 'seam', turn: 'bottom' });
    const same = changeForm(bag, { kind: 'sleeve' }, standardItems, kindsWith({ 'bodies/sleeve': { bottom: 'fold' } }));
    expect(same.edit.apply(bag).body.params).toEqual(bag.body.params);
  });

  test('gives way where it does not go with the rest', () => {
    // a folded bottom has no seam to be left open, and a drawstring leaves through two side seams
    const both = kindsWith({ 'bodies/sleeve': { bottom: 'fold', turn: 'bottom' } });
    expect(newDesign({ id: 'a', name: 'A', body: 'sleeve', kinds: both }).body.params).toEqual({ bottom: 'fold' });
    const drawn = { ...trial({ body: 'box', face: 'inside', kind: 'packed-room', item: thing(90, 60, 4) }) };
    const tied = { ...drawn, closure: { kind: 'drawstring', params: {} } };
    const side = kindsWith({ 'bodies/sleeve': { bottom: 'side' } });
    const { edit } = changeForm(tied, { kind: 'sleeve' }, standardItems, side);
    expect(edit.apply(tied)).toMatchObject({ body: { params: {} }, closure: { kind: 'drawstring' } });
  });

  test('is changed one by one, and nothing is left of what is taken away', () => {
    const one = withUsual({}, 'bodies/sleeve', 'turn', 'mouth');
    const two = withUsual(one, 'bodies/sleeve', 'bottom', 'seam');
    expect(two).toEqual({ 'bodies/sleeve': { turn: 'mouth', bottom: 'seam' } });
    expect(withUsual(two, 'bodies/sleeve', 'turn', undefined)).toEqual({ 'bodies/sleeve': { bottom: 'seam' } });
    expect(withUsual(one, 'bodies/sleeve', 'turn', undefined)).toEqual({});
    expect(one).toEqual({ 'bodies/sleeve': { turn: 'mouth' } });
  });

  test('is told in words, without what nobody knows any more', () => {
    const usual = { 'holders/slip-pocket': { wide: 'face', gone: 'x' }, 'bodies/yacht': { sail: 'white' } };
    expect(usualWords(usual, builtInKinds)).toEqual([
      {
        path: 'holders/slip-pocket',
        key: 'wide',
        family: 'Slip pocket',
        setting: 'As wide as',
        choice: 'all of its face',
      },
    ]);
  });

  test.each<[unknown, string | undefined]>([
    [{ 'bodies/sleeve': { turn: 'mouth' } }, undefined],
    [{ 'bodies/yacht': { turn: 'mouth' } }, 'bodies/yacht'],
    [{ 'bodies/constructor': {} }, 'bodies/constructor'],
    [{ 'sails/sleeve': {} }, 'sails/sleeve'],
    [{ sleeve: {} }, 'sleeve'],
    [{ 'bodies/sleeve/x': {} }, 'bodies/sleeve/x'],
    [{ 'bodies/sleeve': 'mouth' }, 'bodies/sleeve'],
    [{ 'bodies/sleeve': null }, 'bodies/sleeve'],
    [{ 'bodies/sleeve': { turn: 'inside out' } }, 'bodies/sleeve.turn'],
    [{ 'bodies/sleeve': { toString: 'x' } }, 'bodies/sleeve.toString'],
    [{ 'closures/strap-over': { overlap: 40 } }, 'closures/strap-over.overlap'],
  ])('read from elsewhere: %j', (usual, path) => {
    expect(usualProblem(usual as Usual, builtInKinds)?.path).toBe(path);
  });
});
