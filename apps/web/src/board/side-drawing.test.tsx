/** @jest-environment jsdom */
import { describe, expect, test } from '@jest/globals';
import { render } from '@testing-library/react';
import { boardsOf, solveDesign, standardShelves, type BoardStrap, type DesignDocument } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { tintsOf } from '../derivations/tints.ts';
import { allShown, type Shown } from './drawing-kit.ts';
import type { Frame } from './frame.ts';
import { SideDrawing, StrapShape } from './side-drawing.tsx';

const carrier = demoDesigns.find(({ id }) => id === 'slate-carrier')!;
/** One px for each mm. */
const frame: Frame = { scale: 1, x: (mm) => mm, y: (mm) => -mm };

function frontOf(design: DesignDocument, show: Partial<Shown> = {}) {
  const [board] = boardsOf(design, solveDesign(design, standardShelves));
  const { container } = render(
    <svg>
      <SideDrawing board={board!} frame={frame} tints={tintsOf(design)} show={{ ...allShown, ...show }} />
    </svg>,
  );
  const behind = [...container.querySelectorAll('[data-part="sticking-out"] rect')];
  return { board: board!, container, behind };
}

describe('a side whose upper corners are cut off', () => {
  test('shows the corners of what stands in it, under the cloth', () => {
    const { board, behind, container } = frontOf(carrier);
    expect(behind).toHaveLength(1);
    const [x, width] = ['x', 'width'].map((name) => Number(behind[0]!.getAttribute(name))) as [number, number];
    // in the middle, as wide as the slate
    expect(width).toBeCloseTo(215, 6);
    expect(x + width / 2).toBeCloseTo(board.width / 2, 6);
    // drawn before the cloth that covers all but the corners
    const cloth = container.querySelector('path[stroke-linejoin="round"]')!;
    expect(behind[0]!.compareDocumentPosition(cloth) & Node.DOCUMENT_POSITION_FOLLOWING).toBeTruthy();
  });
  test('lets its holders show within the outline and above the mouth only', () => {
    const { container, board } = frontOf(carrier);
    const clip = container.querySelector('clipPath')!;
    expect(clip.querySelector('path')!.getAttribute('d')!.split('L')).toHaveLength(6);
    const above = clip.querySelector('rect')!;
    const bottom = Number(above.getAttribute('y')) + Number(above.getAttribute('height'));
    expect(bottom).toBeCloseTo(-board.height - 1.5, 6);
  });
  test('not where things are not shown, nor behind a side with square corners', () => {
    expect(frontOf(carrier, { things: false }).behind).toEqual([]);
    const whole = { ...carrier, body: { ...carrier.body, params: { ...carrier.body.params, corners: 'whole' } } };
    expect(frontOf(whole).behind).toEqual([]);
  });
});

describe('a pocket whose mouth looks to a side', () => {
  const organizer = demoDesigns.find(({ id }) => id === 'landing-organizer')!;
  const turned = (mouth: string): DesignDocument => ({
    ...organizer,
    holders: organizer.holders.map((holder) =>
      holder.id === 'A' ? { ...holder, params: { ...holder.params, mouth } } : holder,
    ),
  });
  /** The topstitching of fronts, as it is drawn. */
  const stitches = (container: HTMLElement) =>
    [...container.querySelectorAll('path[stroke-dasharray="6 4"]')].map((path) => path.getAttribute('d')!);

  test.each(['left', 'right'])('%s: is topstitched along that side', (mouth) => {
    const { container, board } = frontOf(turned(mouth));
    const own = board.holders.find(({ id }) => id === 'A')!;
    const [front] = own.layers.flatMap((layer) => (layer.kind === 'front' ? [layer.front] : []));
    const upright = stitches(container).filter((d) => /v[\d.]+$/.test(d));
    expect(upright).toHaveLength(1);
    const x = Number(/^M([\d.]+)/.exec(upright[0]!)![1]);
    expect(x).toBeCloseTo(mouth === 'right' ? front!.x1 - 4 : front!.x0 + 4, 6);
  });
  test('what stands out of it is named beside the front, on the thing', () => {
    const { container, board } = frontOf(turned('right'));
    const thing = board.holders
      .find(({ id }) => id === 'A')!
      .layers.flatMap((layer) => (layer.kind === 'thing' ? [layer.thing] : []))[0]!;
    expect(thing.hidden).toBe(false);
    const place = [...container.querySelectorAll('text')].find((text) => text.textContent === 'A')!;
    const x = Number(place.getAttribute('x'));
    const [front] = board.holders
      .find(({ id }) => id === 'A')!
      .layers.flatMap((layer) => (layer.kind === 'front' ? [layer.front] : []));
    expect(x).toBeGreaterThan(front!.x1);
    expect(x).toBeLessThan(thing.x1);
  });
  test('one whose mouth looks up is topstitched along its top', () => {
    const { container } = frontOf(organizer);
    expect(stitches(container).every((d) => /h[\d.]+$/.test(d))).toBe(true);
  });
});

describe('a flap with two faces', () => {
  const organizer = demoDesigns.find(({ id }) => id === 'landing-organizer')!;
  const snapsIn = (container: HTMLElement) =>
    [...container.querySelectorAll('g[transform] circle, g circle')].filter(
      (circle) => circle.getAttribute('r') === '5',
    );

  test('shows its back, of the cloth of the shell, with both its fasteners', () => {
    const { container, board } = frontOf(organizer);
    expect(board.tab!.inside).toBe('exterior');
    expect(board.tab!.snaps).toHaveLength(2);
    const flap = [...container.querySelectorAll('path')].find(
      (path) =>
        path.getAttribute('fill') === tintsOf(organizer).cloth('exterior') &&
        path.getAttribute('stroke-width') === '1.3',
    );
    expect(flap).toBeDefined();
    expect(snapsIn(container)).toHaveLength(2);
  });
  test('with one fastener, one is drawn', () => {
    const one = {
      ...organizer,
      closure: { kind: 'flap-pouch', params: { ...organizer.closure.params, fastened: 'one' } },
    };
    expect(snapsIn(frontOf(one).container)).toHaveLength(1);
  });
  test('has a side of its own, with its round end and what lies in it', () => {
    const boards = boardsOf(organizer, solveDesign(organizer, standardShelves));
    const own = boards.find(({ id }) => id === 'flap')!;
    expect(own.title).toBe('In the flap');
    const { container } = render(
      <svg>
        <SideDrawing board={own} frame={frame} tints={tintsOf(organizer)} show={allShown} />
      </svg>,
    );
    expect(container.textContent).toContain('Passport');
    expect(own.outline!.filter(({ kind }) => kind === 'arc')).toHaveLength(2);
  });
});

describe('a strap over a pocket', () => {
  const strap = { part: 'p1', from: 0, snap: 110, to: 128, y: 30, wide: 24 };
  const pathOf = (given: Partial<BoardStrap>) => {
    const { container } = render(
      <svg>
        <StrapShape strap={{ ...strap, ...given }} frame={frame} tints={tintsOf(demoDesigns[0]!)} />
      </svg>,
    );
    return { d: container.querySelector('path')!.getAttribute('d')!, snap: container.querySelector('g[transform]')! };
  };
  test('of webbing ends straight, one of cloth round, within the same length', () => {
    expect(pathOf({}).d).toBe('M0 -42L128 -42V-18L0 -18');
    expect(pathOf({ cloth: 'exterior' }).d).toBe('M0 -42L116 -42A12 12 0 0 1 116 -18L0 -18');
    expect(pathOf({}).snap.getAttribute('transform')).toBe('translate(110 -30)');
  });
  test('from the right it points to the left', () => {
    expect(pathOf({ from: 175, snap: 65, to: 47, cloth: 'exterior' }).d).toBe(
      'M175 -42L59 -42A12 12 0 0 0 59 -18L175 -18',
    );
  });
});
