import { withPage } from './page.js';

/** From Enter in a field to the next painted frame that shows the new size on the board: the median, ms.
 * @returns nothing without Chromium or a built application */
export const fieldToBoard = () =>
  withPage('/d/permit-bifold/shape', async (tab) => {
    await tab.getByRole('button', { name: 'Card tiers A', exact: true }).click({ position: { x: 20, y: 60 } });
    return tab.getByRole('textbox', { name: 'Ease, card in a slot, across' }).evaluate(typeAndWatch);
  });

/** Runs in the page. */
async function typeAndWatch(field) {
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  const board = () => document.querySelector('[aria-label^="finished width, open"]').getAttribute('aria-label');
  const times = [];
  for (let run = 0; run < 40; run++) {
    const before = board();
    set.call(field, run % 2 ? '2.5' : '4.5');
    field.dispatchEvent(new Event('input', { bubbles: true }));
    await new Promise(requestAnimationFrame);
    // what is typed is taken over with Enter
    const start = performance.now();
    field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
    do await new Promise(requestAnimationFrame);
    while (board() === before);
    times.push(performance.now() - start);
    await new Promise((resolve) => setTimeout(resolve, 60));
  }
  return times.sort((a, b) => a - b)[20];
}
