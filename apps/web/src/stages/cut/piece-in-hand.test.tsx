/** @jest-environment jsdom */
import { beforeEach, expect, test } from '@jest/globals';
import { solveDesign, type DesignDocument } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { act, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { useDesign } from '../../store/design-context.ts';
import type { DesignStore } from '../../store/design-store.ts';
import { showIn } from '../../testing/page.tsx';
import { PieceInHand } from './piece-in-hand.tsx';

/** The demo design without what is decided for single pieces. */
function asRuled({ pieces, ...design }: DesignDocument): DesignDocument {
  void pieces;
  return design;
}
const bifold = asRuled(demoDesigns.find(({ id }) => id === 'junior-bifold')!);

function InHand({ id }: { id: string }) {
  const document = useDesign((state) => state.document);
  const solution = solveDesign(document);
  const [edge, setEdge] = useState<string>();
  const [piece, setPiece] = useState(id);
  return (
    <PieceInHand
      key={piece}
      document={document}
      solution={solution}
      piece={solution.pieces.find((each) => each.id === piece)!}
      edge={edge}
      onEdge={(to) => setEdge(to || undefined)}
      onChoose={setPiece}
    />
  );
}
let store: DesignStore;
const show = (id: string, document: DesignDocument = bifold) => {
  store = showIn(document, <InHand id={id} />);
};
const own = () => store.getState().document.pieces ?? [];
const of = (piece: string) => own().find(({ id }) => id === piece);
async function pick(label: string, option: string | RegExp) {
  await userEvent.click(screen.getByRole('button', { name: new RegExp(`^${label}:`) }));
  await userEvent.click(await screen.findByRole('option', { name: option }));
}
async function type(label: string, text: string) {
  const field = screen.getByLabelText(label);
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
}

beforeEach(() => localStorage.clear());

test('an edge gets its own allowance with all that lies in its seam, in one step of the history', async () => {
  show('body/shell');
  await pick('Edge', /^Bottom edge/);
  await type('Allowance', '9.5');
  expect(of('body/shell')?.allowance).toEqual({ bottom: 9.5 });
  expect(own().map(({ id }) => id)).toEqual(
    expect.arrayContaining(['body/lining', 'holders/A/backing', 'holders/A/strip', 'holders/B/strip']),
  );
  act(() => store.getState().undo());
  expect(own()).toEqual([]);
});

test('or alone, and goes back to the rules', async () => {
  show('body/shell');
  await pick('Edge', /^Bottom edge/);
  await userEvent.click(screen.getByRole('radio', { name: 'this edge' }));
  await type('Allowance', '3.2');
  expect(own()).toEqual([{ id: 'body/shell', allowance: { bottom: 3.2 } }]);
  await userEvent.click(screen.getByRole('button', { name: 'Allowance by the rules again' }));
  expect(store.getState().document).toEqual(bifold);
});

test('all edges at once, also of the piece that is cut from the same pattern', async () => {
  show('holders/A/backing');
  await type('Allowance, all alike', '4');
  const four = { bottom: 4, right: 4, top: 4, left: 4 };
  expect(own()).toEqual([
    { id: 'holders/A/backing', allowance: four },
    { id: 'holders/B/backing', allowance: four },
  ]);
});

test('what cannot be an allowance stays in its field with the reason', async () => {
  show('body/shell');
  await type('Allowance, all alike', '70');
  expect(screen.getByText(/60/)).toBeVisible();
  expect(own()).toEqual([]);
});

test('a piece is cut larger at an edge, and says to what it is trimmed', async () => {
  show('holders/A/strip');
  await pick('Edge', /^Bottom edge/);
  await type('Cut larger by', '20');
  expect(of('holders/A/strip')).toEqual({ id: 'holders/A/strip', rough: { bottom: 20 } });
  const { cutHeight, trim } = solveDesign(store.getState().document).pieces.find(({ id }) => id === 'holders/A/strip')!;
  expect(cutHeight.value - trim!.height.value).toBe(20);
  expect(screen.getByText(/before its edges are sewn/)).toBeVisible();
  await type('Cut larger by', '0');
  expect(own()).toEqual([]);
});

test('a tab does without its interfacing, gets another cloth, and those of its role again', async () => {
  show('closure/tab');
  const layers = within(screen.getByRole('region', { name: 'Layers of this piece' }));
  await userEvent.click(layers.getByRole('button', { name: /^Take .*interfacing off/ }));
  expect(of('closure/tab')?.layers).toEqual([{ material: 'quilting-cotton', coverage: 'full' }]);
  await pick('Layer 1', /^Waxed canvas/);
  expect(of('closure/tab')?.layers).toEqual([{ material: 'waxed-canvas', coverage: 'full' }]);
  await userEvent.click(layers.getByRole('button', { name: 'Add a layer' }));
  expect(of('closure/tab')?.layers).toHaveLength(2);
  await userEvent.click(layers.getByRole('radio', { name: 'lower half' }));
  expect(of('closure/tab')?.layers?.[1]?.coverage).toBe('half');
  await userEvent.click(layers.getByRole('button', { name: 'Layers of shell again' }));
  expect(store.getState().document).toEqual(bifold);
});

test('an inner layer leads to the piece that it lies in', async () => {
  show('body/shell/layer-1');
  expect(screen.queryByRole('region', { name: 'Edges' })).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: /Shell$/ }));
  expect(screen.getByRole('region', { name: 'Edges' })).toBeVisible();
});
