/** @jest-environment jsdom */
import { beforeEach, describe, expect, test } from '@jest/globals';
import { setUnit, type DesignDocument } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { act, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { showIn } from '../../testing/page.tsx';
import { SewStage } from './sew-stage.tsx';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;
const list = () => within(screen.getByRole('complementary', { name: 'Order of work' }));
const inHand = () => screen.getByRole('region', { name: 'The step in hand' });
const boxes = () => list().getAllByRole<HTMLInputElement>('checkbox');
const done = () => boxes().filter(({ checked }) => checked).length;

/** What the server has, and whether it is there. */
let stored: Map<string, string>;
let away: boolean;
beforeEach(() => {
  localStorage.clear();
  stored = new Map();
  away = false;
  globalThis.fetch = (_, init) => {
    if (away) return Promise.reject(new TypeError('no way there'));
    const change = JSON.parse((init?.body as string | undefined) ?? '{}') as {
      done?: { action: string; hash: string }[];
      undone?: string[];
    };
    for (const { action, hash } of change.done ?? []) stored.set(action, hash);
    for (const action of change.undone ?? []) stored.delete(action);
    const ticks = [...stored].map(([action, hash]) => ({ action, hash, doneAt: '' }));
    // as much of a response as is read
    return Promise.resolve({ ok: true, status: 200, json: () => Promise.resolve({ ticks }) } as Response);
  };
});

describe('the order of work', () => {
  test('begins with what is not done yet, and goes on with Done', async () => {
    showIn(demo('reel-bag'), <SewStage />);
    expect(inHand()).toHaveTextContent('step 1 of 9');
    await userEvent.click(screen.getByRole('button', { name: 'Done' }));
    expect(inHand()).toHaveTextContent('step 2 of 9');
    expect(list().getByRole('status')).toHaveTextContent('1 of 9 done');
    await userEvent.click(screen.getByRole('button', { name: 'Back' }));
    expect(screen.getByRole('button', { name: 'Not done after all' })).toBeVisible();
  });
  test('keeps its ticks when it is opened again, and for another unit; a step that changed is not done', async () => {
    const first = showIn(demo('reel-bag'), <SewStage />);
    for (const box of boxes()) await userEvent.click(box);
    expect(done()).toBe(9);
    await waitFor(() => expect(stored.size).toBe(first.getState().document ? 22 : 0));
    act(() => first.getState().edit(setUnit('in')));
    expect(done()).toBe(9);
    document.body.replaceChildren();
    const rules = { ...demo('reel-bag').rules, 'topstitch.inset': 4 };
    showIn({ ...demo('reel-bag'), rules }, <SewStage />);
    // only the step that topstitches says another number
    expect(boxes().flatMap(({ checked }, index) => (checked ? [] : [index + 1]))).toEqual([7]);
    expect(boxes()[6]).toHaveAccessibleName('Step 7 is done; it was done before it changed');
    expect(inHand()).toHaveTextContent('Done before it changed: look at it again.');
    expect(inHand()).toHaveTextContent('step 7 of 9');
  });
  test('is walked with the arrow keys, and a step is taken in hand where it is pressed', async () => {
    showIn(demo('reel-bag'), <SewStage />);
    await userEvent.keyboard('{ArrowRight}{ArrowRight}{ArrowLeft}');
    expect(inHand()).toHaveTextContent('step 2 of 9');
    await userEvent.click(list().getByRole('button', { name: /^9/ }));
    expect(inHand()).toHaveTextContent('step 9 of 9');
    expect(screen.getByRole('button', { name: 'Skip ahead' })).toBeDisabled();
  });
  test('another design has ticks of its own', async () => {
    showIn(demo('reel-bag'), <SewStage />);
    await userEvent.click(screen.getByRole('button', { name: 'Done' }));
    document.body.replaceChildren();
    showIn(demo('probe-roll'), <SewStage />);
    expect(done()).toBe(0);
  });
});

describe('a tick belongs to an action', () => {
  const ticks = () => within(inHand()).getAllByRole<HTMLInputElement>('checkbox');
  test('a step with some of its actions done is done in part', async () => {
    showIn(demo('reel-bag'), <SewStage />);
    await userEvent.click(ticks()[0]!);
    expect(boxes()[0]).not.toBeChecked();
    for (const box of ticks().slice(1)) await userEvent.click(box);
    expect(boxes()[0]).toBeChecked();
    await userEvent.click(boxes()[0]!);
    expect(ticks().some(({ checked }) => checked)).toBe(false);
  });
  test('what the server does not take is said, kept, and sent again', async () => {
    away = true;
    showIn(demo('reel-bag'), <SewStage />);
    await userEvent.click(ticks()[0]!);
    expect(ticks()[0]).toBeChecked();
    expect(await screen.findByText(/Some ticks are not stored yet/)).toBeVisible();
    document.body.replaceChildren();
    away = false;
    showIn(demo('reel-bag'), <SewStage />);
    expect(ticks()[0]).toBeChecked();
    await waitFor(() => expect([...stored.keys()]).toEqual([expect.stringMatching(/^cut#/)]));
    await waitFor(() => expect(screen.queryByText(/not stored yet/)).toBeNull());
  });
  test('what was ticked elsewhere is there', async () => {
    showIn(demo('reel-bag'), <SewStage />);
    await userEvent.click(boxes()[0]!);
    await waitFor(() => expect(stored.size).toBeGreaterThan(1));
    document.body.replaceChildren();
    localStorage.clear();
    showIn(demo('reel-bag'), <SewStage />);
    await waitFor(() => expect(boxes()[0]).toBeChecked());
  });
  test('an action is chosen until another step is taken in hand', async () => {
    showIn(demo('reel-bag'), <SewStage />);
    await userEvent.click(list().getByRole('button', { name: /Sew the shell/ }));
    const [first] = within(inHand()).getAllByRole('button', { pressed: false });
    await userEvent.click(first!);
    expect(first).toHaveAttribute('aria-pressed', 'true');
    await userEvent.keyboard('{ArrowRight}');
    expect(within(inHand()).queryByRole('button', { pressed: true })).toBeNull();
  });
});

test('a step is called by its title and told action by action, in the unit of the design', async () => {
  showIn({ ...demo('junior-bifold'), unit: 'in' }, <SewStage />);
  await userEvent.click(list().getByRole('button', { name: /Turn it right side out/ }));
  const actions = () =>
    within(inHand())
      .getAllByRole('listitem')
      .map(({ textContent }) => textContent);
  expect(within(inHand()).getByRole('heading')).toHaveTextContent('Turn it right side out');
  expect(actions()).toEqual([
    expect.stringMatching(/^1Trim/),
    expect.stringMatching(/^2Turn .*gap in the top edge/),
    '3Press.',
  ]);
  await userEvent.click(list().getByRole('button', { name: /Topstitch all round/ }));
  expect(actions()[0]).toMatch(/, \S+ in from the edge, no further in/);
});

test('what is needed beside the cloth stands there with its lengths', () => {
  showIn(demo('probe-roll'), <SewStage />);
  const needs = within(screen.getByRole('complementary', { name: 'What you need' }));
  expect(needs.getByText('Grosgrain ribbon 10 mm').nextSibling).toHaveTextContent(/^\d+\.\d mm$/);
});
