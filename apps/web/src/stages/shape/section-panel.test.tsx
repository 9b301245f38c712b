/** @jest-environment jsdom */
import { describe, expect, test } from '@jest/globals';
import { render } from '@testing-library/react';
import { solveDesign, standardShelves, type DesignDocument } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { SectionDrawing } from './section-panel.tsx';

const organizer = demoDesigns.find(({ id }) => id === 'landing-organizer')!;

function sectionOf(design: DesignDocument) {
  const { section } = solveDesign(design, standardShelves);
  const { container } = render(<SectionDrawing section={section} document={design} width={500} height={120} />);
  const bars = [...container.querySelectorAll('rect')].map((rect) => ({
    label: rect.querySelector('title')!.textContent!,
    top: Number(rect.getAttribute('y')),
    bottom: Number(rect.getAttribute('y')) + Number(rect.getAttribute('height')),
    left: Number(rect.getAttribute('x')),
    right: Number(rect.getAttribute('x')) + Number(rect.getAttribute('width')),
  }));
  /** Upper and lower end of each half ring. */
  const rings = [...container.querySelectorAll('g[fill="none"] path')].map((path) => {
    const [, from, , to] = /^M[\d.]+ ([\d.]+)A.* ([\d.]+) ([\d.]+)$/.exec(path.getAttribute('d')!)!;
    return [Number(from), Number(to)] as [number, number];
  });
  return { section, bars, rings };
}

describe('the section of a wallet with a flap that holds things', () => {
  const { section, bars, rings } = sectionOf(organizer);
  test('shows the flap on top: both faces, their linings, and the passport between them', () => {
    const passport = bars.find(({ label }) => label === 'Passport')!;
    const notebook = bars.find(({ label }) => label === 'Waterproof notebook')!;
    expect(passport.bottom).toBeLessThan(notebook.top);
    const above = bars.filter(({ bottom }) => bottom <= passport.top + 0.7);
    const below = bars.filter(({ top, bottom }) => top >= passport.bottom - 0.7 && bottom <= notebook.top + 0.7);
    expect(above.map(({ label }) => label).sort()).toEqual(['exterior', 'lining']);
    // a face of the flap, and the front leaf beneath it
    expect(below.filter(({ label }) => label === 'exterior')).toHaveLength(2);
  });
  test('the fold goes round what is folded, and not round the flap', () => {
    const notebook = bars.find(({ label }) => label === 'Waterproof notebook')!;
    const passport = bars.find(({ label }) => label === 'Passport')!;
    expect(rings.length).toBeGreaterThan(0);
    for (const [top, bottom] of rings) {
      expect(top).toBeGreaterThan(passport.bottom);
      expect(top).toBeLessThan(notebook.top);
      expect(bottom).toBeGreaterThan(notebook.bottom);
    }
  });
  test('is as thick as it is told: the flap and what lies in it too', () => {
    const high = Math.max(...section.layers.map(({ z1 }) => z1));
    expect(high).toBeCloseTo(section.total.value, 6);
    const plain = sectionOf({ ...organizer, closure: { kind: 'flap', params: {} } });
    expect(section.total.value - plain.section.total.value).toBeCloseTo(1.96 + 5, 6);
    // without it the fold goes round everything
    const tops = Math.min(...plain.bars.map(({ top }) => top));
    expect(Math.min(...plain.rings.map(([top]) => top))).toBeLessThan(tops + 2);
  });
});
