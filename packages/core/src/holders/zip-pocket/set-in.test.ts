import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import type { Params } from '../../document/design-document.ts';

const tube = demoDesigns.find(({ id }) => id === 'double-tube')!;
/** The double-ended case with the pocket on its front of a kind. */
const front = (kind: string, params: Params = {}, pins: Record<string, number> = {}) =>
  solveDesign({
    ...tube,
    pins,
    holders: tube.holders.map((holder) => (holder.id === 'C' ? { ...holder, kind, params } : holder)),
  });

describe('a set-in pocket', () => {
  const [open, zipped] = [front('set-in-pocket'), front('zip-pocket', { style: 'window' })];
  const holderOf = ({ holders }: typeof open) => holders.find(({ id }) => id === 'C')!;

  test('is a window and a bag, as large as with a zipper, but without one', () => {
    const cut = ({ pieces }: typeof open) =>
      pieces
        .filter(({ id }) => id.startsWith('holders/C'))
        .map(({ id, cutWidth, cutHeight }) => [id, cutWidth.value, cutHeight.value]);
    expect(cut(open)).toEqual(cut(zipped).filter(([id]) => id !== 'holders/C/zipper'));
    // docs/worked/double-tube.md: half round a card 86.36, and 3 of ease
    expect(holderOf(open).sizes.opening!.value).toBeCloseTo(89.5, 6);
    const listed = ({ hardware }: typeof open) => hardware.reduce((sum, { length = 0 }) => sum + length, 0);
    expect(listed(zipped) - listed(open)).toBeCloseTo(89.5 + 2 * 20, 6);
  });

  test('all four sides of the window are sewn to the same place of the face, which is slit between them', () => {
    const shell = open.pieces.find(({ lines }) => lines.some(({ id }) => id === 'C-slit'))!;
    const bag = open.pieces.find(({ id }) => id === 'holders/C/bag')!;
    const long = (piece: typeof shell, id: string) => {
      const { from, to } = piece.lines.find((line) => line.id === id)!;
      return Math.hypot(to[0] - from[0], to[1] - from[1]);
    };
    for (const side of ['bottom', 'right', 'top', 'left'])
      expect(long(bag, `window-${side}`)).toBeCloseTo(long(shell, `C-window-${side}`), 9);
    expect(long(shell, 'C-slit')).toBeCloseTo(89.5 - 10, 6);
  });

  test('what does not go through its window is told', () => {
    const tight = front('set-in-pocket', {}, { 'holders/C/opening': 80 });
    const through = holderOf(tight).clearances.find(({ direction }) => direction === 'through')!;
    expect(through.clearance.value).toBeCloseTo(80 - 86.36, 6);
    expect(tight.findings.some(({ severity, about }) => severity === 'stop' && about.includes('contents/c3'))).toBe(
      true,
    );
    expect(holderOf(open).clearances.every(({ clearance, ease }) => clearance.value >= ease - 1e-6)).toBe(true);
  });

  test('its steps know of no zipper', () => {
    const own = open.operations.filter(({ id }) => id.startsWith('holders/C'));
    expect(own.map(({ id }) => id)).toEqual(['holders/C/window', 'holders/C/close']);
    expect(JSON.stringify(own.map(({ text }) => text))).not.toMatch(/zipper/i);
  });
});
