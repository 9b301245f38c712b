import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { demoDesigns } from '../demo/index.ts';
import { solveDesign } from '../solve/solve-design.ts';

// What was worked out by hand in docs/worked/verdicts.md.
const page = readFileSync(new URL('../../../../docs/worked/verdicts.md', import.meta.url), 'utf8');
const rows = page
  .split('\n')
  .filter((line) => line.startsWith('| ') && !line.startsWith('| design'))
  .map((line) =>
    line
      .split('|')
      .slice(1, -1)
      .map((cell) => cell.trim()),
  )
  .filter(([design]) => !design!.startsWith('-'));

test('many of them are worked out', () => expect(rows.length).toBeGreaterThan(20));

test.each(rows)('%s: %s %s needs %s of %s, %s is left', (id, line, direction, needs, has, left) => {
  const { holders } = solveDesign(demoDesigns.find((design) => design.id === id)!);
  const readings = holders
    .flatMap(({ clearances }) => clearances)
    .filter((each) => each.line === line && each.direction === direction)
    .map(({ required, available, clearance }) => [required, available, clearance].map(({ value }) => value));
  const worked = [needs, has, left].map(Number);
  // by hand to a hundredth; arcs are measured as chords
  const near = (reading: number[]) => reading.every((value, index) => Math.abs(value - worked[index]!) < 0.05);
  expect({ worked, found: readings.some(near) || readings }).toEqual({ worked, found: true });
});
