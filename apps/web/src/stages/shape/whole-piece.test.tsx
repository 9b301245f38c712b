/** @jest-environment jsdom */
import { expect, test } from '@jest/globals';
import { builtInKinds, solveDesign, type Kinds } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { act, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useDesign } from '../../store/design-context.ts';
import { KindsContext } from '../../store/kinds-context.ts';
import { showIn } from '../../testing/page.tsx';
import { Inspector } from './inspector.tsx';
import { WholePiece } from './whole-piece.tsx';

const reels = demoDesigns.find(({ id }) => id === 'reel-bag')!;
/** A family that only this page knows: a sleeve under another name. */
const kinds: Kinds = {
  ...builtInKinds,
  bodies: { ...builtInKinds.bodies, scabbard: { ...builtInKinds.bodies.sleeve!, title: 'Scabbard' } },
};

function Whole() {
  const document = useDesign((state) => state.document);
  return <WholePiece document={document} solution={solveDesign(document, undefined, kinds)} />;
}

test('the forms that are offered are those of the page, and a design becomes one of them', async () => {
  const store = showIn(
    reels,
    <KindsContext value={kinds}>
      <Whole />
    </KindsContext>,
  );
  await userEvent.click(screen.getByRole('button', { name: /^Form:/ }));
  await userEvent.click(await screen.findByRole('option', { name: /Scabbard/ }));
  expect(store.getState().document.body.kind).toBe('scabbard');
  expect(store.getState().history.past.map(({ name }) => name)).toEqual(['Make it a scabbard']);
});

function InHand() {
  const document = useDesign((state) => state.document);
  return <Inspector document={document} solution={solveDesign(document)} />;
}

test('a setting is shown where it matters: corners cut off, and by how much', async () => {
  const store = showIn({ ...reels, body: { kind: 'sleeve', params: { form: 'flat' } } }, <InHand />);
  expect(screen.queryByLabelText('Corners cut off by')).toBeNull();
  await userEvent.click(screen.getByRole('radio', { name: 'lower ones cut off' }));
  expect(screen.getByLabelText('Corners cut off by')).toBeVisible();
  await userEvent.click(screen.getByRole('radio', { name: 'boxed' }));
  expect(screen.queryByLabelText('Corners cut off by')).toBeNull();
  expect(screen.queryByRole('radio', { name: 'whole' })).toBeNull();
  expect(screen.queryByLabelText('Corner that sticks out, along each edge')).toBeNull();
  // it is only hidden: what was chosen comes back with the flat bottom
  await userEvent.click(screen.getByRole('radio', { name: 'flat' }));
  expect(store.getState().document.body.params).toMatchObject({ corners: 'cut' });
  expect(screen.getByLabelText('Corners cut off by')).toBeVisible();
  await userEvent.click(screen.getByRole('radio', { name: 'upper ones cut off' }));
  expect(screen.queryByLabelText('Corners cut off by')).toBeNull();
  expect(screen.getByLabelText('Corner that sticks out, along each edge')).toBeVisible();
});

test('pieces are cut by a ruler, or from the pattern', async () => {
  const store = showIn(reels, <Whole />);
  await userEvent.click(screen.getByRole('button', { name: 'Cut by: the pattern' }));
  await userEvent.click(await screen.findByRole('option', { name: 'ruler, 1/8 in' }));
  expect(store.getState().document.ruler).toBe('1/8in');
  await userEvent.click(screen.getByRole('button', { name: 'Cut by: ruler, 1/8 in' }));
  await userEvent.click(await screen.findByRole('option', { name: 'the pattern' }));
  expect(store.getState().document).not.toHaveProperty('ruler');
  expect(store.getState().history.past).toHaveLength(2);
});

test('what closes it is pinned where its sizes stand, and told what its rule would make of it', async () => {
  const store = showIn({ ...reels, closure: { kind: 'flap', params: {} } }, <InHand />);
  act(() => store.getState().select('closure'));
  await userEvent.click(await screen.findByRole('button', { name: 'Pin a size: Pin a size …' }));
  await userEvent.click(await screen.findByRole('option', { name: /^Flap length/ }));
  const length = await screen.findByLabelText('Flap length, pinned');
  const asked = store.getState().document.pins!['closure/flapLength']!;
  await userEvent.clear(length);
  await userEvent.type(length, String(asked - 20));
  await userEvent.tab();
  expect(store.getState().document.pins).toEqual({ 'closure/flapLength': asked - 20 });
  expect(screen.getByText(/would be .* by its rule/)).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: 'Let go: Flap length, pinned' }));
  expect(store.getState().document.pins).toEqual({});
});
