/** @jest-environment jsdom */
import { expect, test } from '@jest/globals';
import { addContents, newDesign, parseLine, solveDesign, type DesignDocument } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { act, screen } from '@testing-library/react';
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

/** A thing of a design as it is shown beside its solution. */
function shown(document: DesignDocument, line: string) {
  const solved = { ok: true as const, solution: solveDesign(document) };
  showIn(
    document,
    <ThingInspector document={document} line={document.contents.find(({ id }) => id === line)!} solved={solved} />,
  );
  return screen.getByRole('region', { name: 'What follows' });
}
const doubleTube = demoDesigns.find(({ id }) => id === 'double-tube')!;

test('a thing that gives is told pressed, and what ease is left as it comes', () => {
  expect(shown(doubleTube, 'c1')).toHaveTextContent(
    /A: pressed it asks for [\d.]+ between the stitches and gets [\d.]+ mm; as it comes [\d.]+ of ease are left\./,
  );
});

test('in a narrower room it goes in pressed, and takes more as it comes', () => {
  const item = {
    ...doubleTube.ownItems[0],
    id: 'towel',
    name: 'Towel',
    shape: 'soft' as const,
    source: 'yours' as const,
  };
  const pocket: DesignDocument = {
    ...newDesign({ id: 'x', name: 'X', body: 'foldover' }),
    ownItems: [{ ...item, length: 100, width: 60, thickness: 20, compressible: 0.5 }],
    contents: [{ id: 'c1', item: 'towel', count: 1, perHolder: 1, orientation: 'upright' }],
    holders: [{ id: 'A', kind: 'slip-pocket', params: {}, contents: [{ line: 'c1', count: 1 }] }],
    faces: { left: { kind: 'holder', id: 'A' } },
  };
  const [holder] = solveDesign(pocket).holders;
  const { available, atRest } = holder!.clearances.find(({ direction }) => direction === 'across')!;
  // so narrow that a millimetre is missing as it comes
  const narrow = { ...pocket, pins: { 'holders/A/clearWidth': available.value - atRest!.value - 1 } };
  expect(solveDesign(narrow).findings.map(({ code }) => code)).not.toContain('clearance.tooTight');
  expect(shown(narrow, 'c1')).toHaveTextContent(/as it comes it takes 1\.0 more\./);
});

test('what does not give is told once', () => {
  expect(shown(doubleTube, 'c2')).toHaveTextContent(
    /B: it asks for [\d.]+ between the stitches and gets .*so [\d.]+ of ease/,
  );
});

test('a thing stands six ways, each chosen by its name, with its reason', async () => {
  const user = userEvent.setup();
  const store = showIn(holding('logger 132x74x31'), <InHand />);
  const ways = screen.getByRole('radiogroup', { name: 'It goes in' });
  const all = [...ways.querySelectorAll('[role="radio"]')];
  expect(all.map(({ textContent }) => textContent)).toEqual([
    'lying',
    'upright',
    'flat, across',
    'flat, inwards',
    'upright, edge first',
    'lying, edge first',
  ]);
  for (const way of all) expect(way.getAttribute('title')).toMatch(/\.$/);
  await user.click(screen.getByRole('radio', { name: 'flat, inwards' }));
  expect(store.getState().document.contents[0]!.orientation).toBe('flat-inwards');
  // and by keyboard to the one beside it
  await user.keyboard('{ArrowRight}');
  expect(store.getState().document.contents[0]!.orientation).toBe('edge');
  // one step each to undo
  act(() => store.getState().undo());
  expect(store.getState().document.contents[0]!.orientation).toBe('flat-inwards');
});
