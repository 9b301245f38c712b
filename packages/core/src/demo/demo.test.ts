import { describe, expect, test } from '@jest/globals';
import { readDocument } from '../document/reading/read-document.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { demoDesigns } from './index.ts';

const DELIBERATE = 'permit-bifold-lens';

describe.each(demoDesigns.map((design) => ({ name: design.id, design })))('$name', ({ name, design }) => {
  const { findings, seams, holders, pieces, operations } = solveDesign(design);

  test('is a sound document', () => expect(readDocument(JSON.parse(JSON.stringify(design))).ok).toBe(true));
  test('solves without a stop, but for the one that is meant to', () => {
    const stops = findings.filter(({ severity }) => severity === 'stop').map(({ code }) => code);
    expect(stops).toEqual(name === DELIBERATE ? ['contents.notHeld'] : []);
  });
  test('its seams walk, and everything goes in', () => {
    expect(seams.filter(({ walks }) => !walks)).toEqual([]);
    for (const { clearance, ease } of holders.flatMap(({ clearances }) => clearances))
      // half a millimetre less is not told
      expect(clearance.value).toBeGreaterThan(ease - 0.5);
  });
  test('every piece is used in a step after cutting', () => {
    const used = new Set(operations.filter(({ phase }) => phase !== 'cut').flatMap(({ uses }) => uses));
    expect(pieces.map(({ id }) => id).filter((id) => !used.has(id))).toEqual([]);
  });
});
