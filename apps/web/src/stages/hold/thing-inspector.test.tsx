/** @jest-environment jsdom */
import { expect, test } from '@jest/globals';
import { addContents, newDesign, parseLine, solveDesign, type DesignDocument } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useDesign } from '../../store/design-context.ts';
import { showIn } from '../../testing/page.tsx';
import { ThingInspector } from './thing-inspector.tsx';

/** A design with one thing, as it is typed. */
function holding(text: string): DesignDocument {
  const read = parseLine(text, { unit: 'mm', items: [], makeId: () => 'own-c1' });
  if (!read.ok) throw new Error(read.message);
  const line = { id: 'c1', item: 'own-c1', count: 1, perHolder: 1, orientation: 'lying' as const };
  return addContents(line, read.item, true, []).apply(newDesign({ id: 'x', name: 'X' }));
}

function InHand() {
  const document = useDesign((state) => state.document);
  return (
    <ThingInspector document={document} line={document.contents[0]!} solved={{ ok: false, message: 'not needed' }} />
  );
}

const sides = (document: DesignDocument) => {
  const { length, width, thickness } = document.ownItems[0]!;
  return [length, width, thickness];
};

test('a side typed larger than the other keeps its name, and the other stays as it is', async () => {
  const user = userEvent.setup();
  const store = showIn(holding('testa 125x88x5'), <InHand />);
  const width = screen.getByLabelText('Width');
  await user.clear(width);
  await user.type(width, '130');
  expect(sides(store.getState().document)).toEqual([125, 88, 5]);
  await user.tab();
  expect(sides(store.getState().document)).toEqual([125, 130, 5]);
  const length = screen.getByLabelText('Length');
  await user.clear(length);
  await user.type(length, '130{Enter}');
  expect(sides(store.getState().document)).toEqual([130, 130, 5]);
  expect(width).toHaveValue('130.0');
});

test('the sides stand as they were typed, the shorter one first too', () => {
  const store = showIn(holding('map 80x140x2'), <InHand />);
  expect(sides(store.getState().document)).toEqual([80, 140, 2]);
  expect(screen.getByLabelText('Length')).toHaveValue('80.0');
});

test('a refused side stays in its field and changes nothing', async () => {
  const user = userEvent.setup();
  const store = showIn(holding('testa 125x88x5'), <InHand />);
  const before = store.getState().document;
  const length = screen.getByLabelText('Length');
  await user.clear(length);
  await user.type(length, '12 13');
  await user.tab();
  expect(length).toHaveValue('12 13');
  expect(length).toBeInvalid();
  expect(store.getState().document).toBe(before);
});

function Followed() {
  const document = useDesign((state) => state.document);
  return (
    <ThingInspector
      document={document}
      line={document.contents.find(({ id }) => id === 'c1')!}
      solved={{ ok: true, solution: solveDesign(document) }}
    />
  );
}

test('what follows says how far it stands out of an open mouth', () => {
  const logger = demoDesigns.find(({ id }) => id === 'logger-pocket')!;
  showIn(logger, <Followed />);
  // docs/worked/logger-pocket.md: 140, half of 11 and the cloth, of 129.5
  expect(screen.getByText(/16\.6.* of it stand out above the mouth/)).toBeVisible();
});
