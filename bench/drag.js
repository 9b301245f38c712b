import { withPage } from './page.js';

const MOVES = 60;

/** Script time for each pointer event while a handle of the largest demo design is dragged, as the browser counts it, without
 * what the same moves cost while nothing is held (hovering, and the measuring itself). ms
 * @returns nothing without Chromium or a built application */
export const handleDrag = (design = 'field-organizer', handle = 'width') =>
  withPage(`/d/${design}/shape`, async (tab) => {
    const slider = tab.getByRole('slider', { name: handle, exact: true }).first();
    await slider.waitFor();
    const { x, y, width, height } = await slider.boundingBox();
    const at = [x + width / 2, y + height / 2];
    const scriptTime = await scriptClock(tab);
    async function moves() {
      const times = [];
      for (let move = 1; move <= MOVES; move++) {
        // there and back, a new size every time
        const by = 40 * Math.sin((move / MOVES) * Math.PI) + (move % 2);
        const before = await scriptTime();
        await tab.mouse.move(at[0] + by, at[1]);
        await tab.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
        times.push((await scriptTime()) - before);
      }
      return times.sort((a, b) => a - b);
    }
    await tab.mouse.move(...at);
    const idle = (await moves())[MOVES / 2];
    await tab.mouse.move(...at);
    await tab.mouse.down();
    const times = await moves();
    await tab.mouse.up();
    const share = (part) => Math.max(0, times[Math.floor(part * MOVES)] - idle);
    return { median: share(0.5), p95: share(0.95) };
  });

/** All script that the page has run so far, ms. */
async function scriptClock(tab) {
  const cdp = await tab.context().newCDPSession(tab);
  await cdp.send('Performance.enable');
  return async () => {
    const { metrics } = await cdp.send('Performance.getMetrics');
    return metrics.find(({ name }) => name === 'ScriptDuration').value * 1000;
  };
}
